/** The headers of a message by their names in lower case. */
export type Headers = ReadonlyMap<string, string>;

/**
 * Whether nobody wrote it: an answer of a machine, a notice, a list (RFC 3834: Auto-Submitted; the others
 * are common practice, no source). What a machine sends is no touch, and is never answered.
 */
export function isAutomatic(headers: Headers, from: string, subject: string): boolean {
  const said = headers.get('auto-submitted')?.split(';')[0]?.trim().toLowerCase();
  if (said !== undefined && said !== '' && said !== 'no') return true;
  if (/^(?:bulk|junk|list|auto_reply)$/i.test(headers.get('precedence')?.trim() ?? '')) return true;
  if (headers.has('list-id') || headers.has('x-autoreply') || headers.has('x-autorespond'))
    return true;
  // RFC 3834, section 2: from nobody, or from a machine's mailbox.
  if (
    from === '' ||
    /^(?:mailer-daemon|postmaster|no-?reply|do-?not-?reply|bounces?)\b/i.test(from)
  )
    return true;
  return /^(?:out of (?:the )?office|automatic reply|auto(?:matic)?[- ]?(?:reply|response)|abwesenheits|automatische antwort|r[ée]ponse automatique|respuesta autom[áa]tica|risposta automatica)/i.test(
    subject.trim(),
  );
}

// The words that carriers of texts want to be heeded (47 CFR 64.1200 (a)(10) names the first ones, from
// memory; the rest is common practice, no source).
const STOP =
  /^(?:stop|stop\s?all|quit|end|revoke|opt\s?out|cancel|unsubscribe|arr[eê]t|stopp|baja|alto)$/;
/** What an e-mail says that wants no more of them; “cancel” and “end” answer other questions there. */
const NO_MORE_MAIL =
  /^(?:unsubscribe|stop|remove me|opt\s?out|abmelden|d[ée]sinscription|darme de baja|cancellami|afmelden)$/;
const START = /^(?:start|unstop|subscribe|resume)$/;

const bare = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\s]/gu, '')
    .replace(/\s+/g, ' ')
    .trim();

/** Whether an e-mail, by its subject or all that it says, asks for no more. */
export const wantsNoMoreMail = (...texts: readonly string[]): boolean =>
  texts.some((text) => NO_MORE_MAIL.test(bare(text)));

/** What a text that somebody sent asks for by its one word: to be left in peace, or written to again. */
export function wishIn(text: string): 'stop' | 'start' | null {
  const word = bare(text);
  if (STOP.test(word)) return 'stop';
  return START.test(word) ? 'start' : null;
}

/** The line, or two, that say who wrote what is quoted below; and those that begin a forwarded message. */
const QUOTED =
  /^[ \t]*(?:on|am|le|el|il|op|em)\b[^\n]{4,160}(?:\n(?![ \t]*>)[^\n]{0,120})?\b(?:wrote|schrieb|a écrit|escribió|ha scritto|schreef|escreveu)\b[^\n:]{0,80}:\s*$|^[ \t]*-{2,}[ \t]*(?:original message|urspr[üu]ngliche nachricht|message d.origine|mensaje original)|^[ \t]*_{10,}[ \t]*$/im;

/**
 * What somebody wrote in an answer, without what they answered to: lines that are quoted, and everything
 * from the line on that says who wrote it (common practice, no source).
 */
export function answerIn(text: string): string {
  const lines = text.replace(/\r\n?/g, '\n');
  const end = QUOTED.exec(lines)?.index ?? lines.length;
  return lines
    .slice(0, end)
    .replace(/^[ \t]*>.*\n?/gm, '')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
}
