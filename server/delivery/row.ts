import type { Message } from '@/contract/messages';
import type { MergeValues } from '@/core/templates';

export type State = Message['state'];
export type Remedy = Message['remedy'];

/** Words as they go out. */
export interface Content {
  subject: string;
  words: string;
  /** Rich words; empty for plain ones. */
  html: string;
}

/** A row of `delivery`: one piece to one recipient. */
export interface DeliveryRow {
  id: string;
  /** What it is, such as a beat in a round: the same thing exists once. */
  key: string;
  batch_id: string | null;
  person_id: string;
  channel: string;
  addresses: string[];
  subject: string;
  words: string;
  /** Its rich words, which many may share; null for plain ones. */
  content_id: string | null;
  /** What fills the fields of its rich words; null where they are filled in already. */
  merge_values: MergeValues | null;
  /** Kept files that go with it. */
  files: string[];
  template_id: string | null;
  wording_id: string | null;
  state: State;
  why: string;
  remedy: Remedy;
  /** The name of what it belongs to; empty for what the owner wrote. */
  cadence: string;
  beat_id: string | null;
  item_key: string;
  automatic: boolean;
  planned_on: string;
  /** What its occasion says: the merge fields that are not the person's. */
  occasion: MergeValues;
  /** The last day on which it makes sense; it goes on its day, worked or not. Null for some grace. */
  good_until: string | null;
  made_at: string;
  /** When it was meant to go, whatever was tried since. */
  due_at: string;
  send_at: string | null;
  at_once: boolean;
  attempts: number;
  sent_at: string | null;
  carrier_ref: string;
  touch_id: string | null;
  outcome: Message['outcome'];
  version: number;
}

/** A delivery to be written; its rich words are stored once for all that share them. */
export type NewDelivery = Omit<
  DeliveryRow,
  | 'at_once'
  | 'attempts'
  | 'sent_at'
  | 'carrier_ref'
  | 'touch_id'
  | 'outcome'
  | 'version'
  | 'content_id'
> & { html: string };
