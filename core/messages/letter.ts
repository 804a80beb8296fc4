/** What stands below a message that goes to many, or by itself. */
export interface Footer {
  /** Who writes, and from where: name, firm, postal address; each on its line. */
  lines: readonly string[];
  /** Where one can say that no more is wanted; null where that is said by answering. */
  optOutUrl: string | null;
  /** What the letter tells about its reader, said to them. */
  privacy?: string | null;
}

/** Who writes, for the foot of a letter: name and firm, then the postal address. */
export const footerLines = (owner: {
  ownerName: string;
  ownerCompany: string;
  ownerAddress: string;
}): string[] =>
  [
    [owner.ownerName, owner.ownerCompany].filter(Boolean).join(', '),
    ...owner.ownerAddress.split('\n'),
  ].filter(Boolean);

/** A text as it stands in HTML. */
export const escapeHtml = (text: string): string =>
  text.replace(/[&<>"']/g, (char) => `&#${char.codePointAt(0)};`);

const LINK = /\bhttps?:\/\/[^\s<>"]+[^\s<>".,;:!?)]/g;

/** Words as HTML: paragraphs where a line is empty, breaks where one ends, addresses of pages as links. */
export function paragraphs(
  words: string,
  linkOf: (href: string, n: number) => string = (href) => href,
): string {
  let n = 0;
  const linked = (line: string): string => {
    let [out, at] = ['', 0];
    for (const match of line.matchAll(LINK)) {
      const href = escapeHtml(linkOf(match[0], n++));
      out += `${escapeHtml(line.slice(at, match.index))}<a href="${href}">${escapeHtml(match[0])}</a>`;
      at = match.index + match[0].length;
    }
    return out + escapeHtml(line.slice(at));
  };
  return words
    .trim()
    .split(/\n[ \t]*\n\s*/)
    .map((part) => `<p>${part.split('\n').map(linked).join('<br>')}</p>`)
    .join('\n');
}

const NO_MORE = 'No more e-mail, please';

/** The plain part of an e-mail. */
export function plainLetter(words: string, footer: Footer | null): string {
  if (!footer) return words.trim();
  const stop = footer.optOutUrl
    ? `${NO_MORE}: ${footer.optOutUrl}`
    : `${NO_MORE}? Answer with “unsubscribe” in the subject.`;
  const told = footer.privacy ? [footer.privacy] : [];
  return [words.trim(), '', '-- ', ...footer.lines, ...told, stop].join('\n');
}

/**
 * The HTML part: one narrow column that reads well everywhere, with its style at the elements; `pixel` is
 * the address of a picture of one point, which tells that it is opened.
 */
export function htmlLetter(
  body: string,
  footer: Footer | null,
  pixel: string | null = null,
): string {
  const seen = pixel
    ? `<img src="${escapeHtml(pixel)}" alt="" width="1" height="1" style="border:0">`
    : '';
  const below = footer
    ? `<hr style="border:0;border-top:1px solid #e4dccb;margin:28px 0 12px"><p style="font:13px/1.5 Arial,sans-serif;color:#5b6172;margin:0">${[
        ...[...footer.lines, ...(footer.privacy ? [footer.privacy] : [])].map(escapeHtml),
        footer.optOutUrl
          ? `<a href="${escapeHtml(footer.optOutUrl)}" style="color:#5b6172">${NO_MORE}</a>`
          : `${NO_MORE}? Answer with “unsubscribe” in the subject.`,
      ].join('<br>')}</p>`
    : '';
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"></head><body style="margin:0;background:#ffffff"><div style="max-width:34em;margin:0 auto;padding:24px 16px;font:17px/1.6 Georgia,serif;color:#1e2433">${body}${below}${seen}</div></body></html>`;
}
