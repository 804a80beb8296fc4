/** What became of handing a message over. */
export type DeliveryResult =
  /** The carrier has it; what it calls it, and those of its addresses that nobody has. */
  | { as: 'taken'; ref: string; without?: { address: string; why: string }[] }
  /** It can't have it, and may be able to take it later. */
  | { as: 'later'; words: string }
  /** It won't, however often it is asked; and whether that is because nobody has this address. */
  | { as: 'refused'; words: string; noSuchAddress: boolean }
  /** The line broke after the words had gone: it may have it, or not. */
  | { as: 'unclear'; words: string };

/** An e-mail, ready to be sent. */
export interface Email {
  /** Of the message; with the sender's domain it makes the Message-ID. */
  id: string;
  to: readonly string[];
  subject: string;
  text: string;
  html: string;
  /** What goes with it; a picture in the HTML stands there by its `cid`. */
  files: readonly EmailFile[];
  /** Where one press tells that no more is wanted (RFC 8058); null for letters between two people. */
  optOut: { url: string | null; mail: string } | null;
  /** Message-ID of what it answers. */
  inReplyTo?: string;
}

/** A file that goes with an email. */
export interface EmailFile {
  name: string;
  type: string;
  content: Buffer;
  /** Content-ID of a picture that the HTML shows. */
  cid?: string;
}

export interface Text {
  id: string;
  to: string;
  words: string;
}

/** Something that was reported of a message, or came in. */
export type FromGateway =
  | {
      key: string;
      as: 'delivered' | 'failed';
      id: string;
      at: string;
      words: string;
      noSuchNumber: boolean;
    }
  | { key: string; as: 'received'; from: string; words: string; at: string };
