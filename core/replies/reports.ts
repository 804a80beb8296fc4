/** What a report says of one recipient (RFC 3464, section 2.3). */
export interface RecipientReport {
  /** The address that was written to. */
  address: string;
  action: 'failed' | 'delayed' | 'delivered' | 'relayed' | 'expanded';
  /** "5.1.1" (RFC 3463); empty where the report has none. */
  status: string;
  /** What the other server said, word for word. */
  diagnostic: string;
}

/** The fields of one group, by their names in lower case; folded lines are joined (RFC 5322, 2.2.3). */
function fieldsIn(group: string): Map<string, string> {
  const fields = new Map<string, string>();
  for (const line of group.replace(/\r?\n[ \t]+/g, ' ').split(/\r?\n/)) {
    const colon = line.indexOf(':');
    if (colon > 0)
      fields.set(line.slice(0, colon).trim().toLowerCase(), line.slice(colon + 1).trim());
  }
  return fields;
}

/** "rfc822; rosa@example.com" and "smtp; 550 5.1.1 …": what stands behind the type. */
const value = (text = ''): string =>
  text
    .replace(/^[\w-]+\s*;\s*/, '')
    .replace(/^<|>$/g, '')
    .trim();

const ACTIONS = ['failed', 'delayed', 'delivered', 'relayed', 'expanded'] as const;

/** Reads the machine's part of a delivery report (message/delivery-status); none where it is not one. */
export function readDeliveryStatus(text: string): RecipientReport[] {
  return text
    .split(/\r?\n[ \t]*\r?\n/)
    .map(fieldsIn)
    .flatMap((fields) => {
      const action = ACTIONS.find((one) => one === value(fields.get('action')).toLowerCase());
      const address = value(fields.get('original-recipient') ?? fields.get('final-recipient'));
      if (!action || !address) return [];
      return {
        address,
        action,
        status: /\b[245]\.\d{1,3}\.\d{1,3}\b/.exec(fields.get('status') ?? '')?.[0] ?? '',
        diagnostic: value(fields.get('diagnostic-code')),
      };
    });
}

export type Bounce = 'hard' | 'soft';

/**
 * Whether a refusal is for good: that there is no such mailbox, or it is closed (RFC 3463: classes of
 * subject 1, and 2.1). Everything else may be otherwise tomorrow, or with another message: a full
 * mailbox, a filter, a server that is away.
 */
export function bounceOf(status: string, diagnostic = ''): Bounce {
  const [group, subject, detail] = status.split('.').map(Number);
  if (group === 5 && (subject === 1 || (subject === 2 && detail === 1))) return 'hard';
  const unsaid = group === 5 && subject === 0;
  const noSuch =
    /no such (?:user|mailbox|recipient)|user unknown|does ?n.t exist|unknown (?:user|recipient)/i;
  return (unsaid || status === '') && noSuch.test(diagnostic) ? 'hard' : 'soft';
}

/** What a reader's provider reports of them (RFC 5965): that they called a message unwanted, and which. */
export interface FeedbackReport {
  type: string;
  /** Whom the message had gone to; empty where that was taken out. */
  address: string;
}

/** Reads the machine's part of a feedback report (message/feedback-report); null where it is not one. */
export function readFeedbackReport(text: string): FeedbackReport | null {
  const fields = fieldsIn(text);
  const type = fields.get('feedback-type')?.toLowerCase();
  return type ? { type, address: value(fields.get('original-rcpt-to')) } : null;
}
