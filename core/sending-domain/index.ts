import { need } from '@/core/need';

/** What one part of a sending domain's set-up says. */
export interface Judged {
  ok: boolean;
  /** What was found and what to do, in a sentence. */
  sentence: string;
}

const tagsOf = (record: string): Map<string, string> =>
  new Map(
    record.split(';').flatMap((part): [string, string][] => {
      const at = part.indexOf('=');
      return at > 0
        ? [[part.slice(0, at).trim().toLowerCase(), part.slice(at + 1).replace(/\s+/g, '')]]
        : [];
    }),
  );

/** The texts of a domain that are its policy on who may send (RFC 7208, section 4.5). */
const spfOf = (texts: readonly string[]) =>
  texts.filter((text) => /^v=spf1(?:\s|$)/i.test(text.trim()));

/** Whether a domain says who may send for it: in one record, which ends in a verdict on all others. */
export function judgeSpf(texts: readonly string[]): Judged {
  const [record, another] = spfOf(texts);
  if (!record)
    return {
      ok: false,
      sentence:
        'No SPF record says which servers may send for the domain. Your mail provider tells which one to publish.',
    };
  // RFC 7208, section 4.5: two records are an error, and count as none.
  if (another)
    return {
      ok: false,
      sentence: 'There are two SPF records, which count as none. Make one of them.',
    };
  // Section 5.1: “+all” lets everybody send.
  if (/\s\+?all(?:\s|$)/i.test(record.replace(/[-~?]all/gi, '')))
    return {
      ok: false,
      sentence: 'The SPF record lets everybody send. It should end in ~all or -all.',
    };
  if (!/[-~?]all\s*$|\sredirect=/i.test(record))
    return {
      ok: false,
      sentence: 'The SPF record says nothing of other servers. It should end in ~all or -all.',
    };
  return { ok: true, sentence: `SPF says who may send: ${record.trim()}` };
}

/** Whether the key that Pen Pal signs with is published (RFC 6376, section 3.6.1). */
export function judgeDkim(texts: readonly string[], publicKey: string): Judged {
  const keys = texts.map(tagsOf).filter((tags) => tags.has('p'));
  if (keys.length === 0)
    return { ok: false, sentence: 'The key that e-mails are signed with is not published yet.' };
  if (keys.some((tags) => tags.get('p') === publicKey))
    return { ok: true, sentence: 'The key that e-mails are signed with is published.' };
  const revoked = keys.some((tags) => tags.get('p') === '');
  return {
    ok: false,
    sentence: revoked
      ? 'The key is published as withdrawn: its p= is empty.'
      : 'Another key is published than the one that e-mails are signed with.',
  };
}

/** Whether a domain says what becomes of mail that is signed by nobody it knows (RFC 7489, section 6.3). */
export function judgeDmarc(texts: readonly string[]): Judged {
  const records = texts.filter((text) => /^v=DMARC1\s*(?:;|$)/i.test(text.trim()));
  const policy = records[0] && tagsOf(records[0]).get('p')?.toLowerCase();
  if (records.length > 1)
    return {
      ok: false,
      sentence: 'There are two DMARC records, which count as none. Make one of them.',
    };
  if (!policy)
    return {
      ok: false,
      sentence:
        'No DMARC record says what becomes of mail that only pretends to be yours. Begin with v=DMARC1; p=none.',
    };
  return /^(?:none|quarantine|reject)$/.test(policy)
    ? { ok: true, sentence: `DMARC is there: ${need(records[0]).trim()}` }
    : {
        ok: false,
        sentence: `DMARC asks for “${policy}”, which nobody knows. It is none, quarantine or reject.`,
      };
}

/** What is to be published at `selector._domainkey.domain`. */
export const dkimRecord = (publicKey: string): string => `v=DKIM1; k=rsa; p=${publicKey}`;
