import { convert } from 'html-to-text';
import sanitize from 'sanitize-html';

import { need } from '@/core/need';

/** Where a kept picture stands in rich words. */
const PICTURE = /^\/api\/files\/([0-9a-f-]{36})$/;

/** What rich words may hold: nothing that runs, hides, or is fetched from elsewhere. */
const ALLOWED: sanitize.IOptions = {
  allowedTags: [
    'p', 'br', 'strong', 'b', 'em', 'i', 'u', 's', 'a', 'ul', 'ol', 'li', 'h2', 'h3', 'blockquote', 'hr', 'img',
  ], // prettier-ignore
  allowedAttributes: { a: ['href', 'data-look'], img: ['src', 'alt', 'width'] },
  allowedSchemes: ['http', 'https', 'mailto', 'tel'],
  allowProtocolRelative: false,
  exclusiveFilter: ({ tag, attribs }) => tag === 'img' && !PICTURE.test(attribs.src ?? ''),
};

/** Rich words without anything that does not belong in them, or the empty paragraph of an editor; braces stay. */
export const cleanRich = (html: string): string =>
  sanitize(html, ALLOWED)
    .replace(/(\s*<p>\s*<\/p>)+\s*$/, '')
    .trim();

/** The plain words of rich ones. */
export const plainOf = (html: string): string =>
  html === ''
    ? ''
    : convert(html, {
        wordwrap: false,
        selectors: [
          { selector: 'a', options: { hideLinkHrefIfSameAsText: true, linkBrackets: ['(', ')'] } },
          { selector: 'img', format: 'skip' },
          { selector: 'h2', options: { uppercase: false } },
          { selector: 'h3', options: { uppercase: false } },
        ],
      }).trim();

/** The kept pictures that stand in rich words, each once. */
export const picturesIn = (html: string): string[] => [
  ...new Set([...html.matchAll(/\/api\/files\/([0-9a-f-]{36})/g)].map(([, id]) => need(id))),
];

const BUTTON =
  'display:inline-block;padding:12px 22px;border-radius:4px;background:#1e2433;color:#fbf7ef;text-decoration:none';
const STYLES: Readonly<Record<string, string>> = {
  img: 'max-width:100%;height:auto;border:0',
  blockquote: 'margin:0 0 1em;padding-left:14px;border-left:3px solid #e4dccb',
  h2: 'font-size:22px;line-height:1.3;margin:24px 0 8px',
  h3: 'font-size:18px;line-height:1.3;margin:20px 0 6px',
};

/**
 * Rich words as mail programs show them: styles at the elements, pictures from where `srcOf` has them, and
 * links as `linkOf` wants them (`n` counts them from 0).
 */
export function asMailed(
  html: string,
  {
    srcOf = (id) => `cid:${id}`,
    linkOf = (href) => href,
  }: { srcOf?: (pictureId: string) => string; linkOf?: (href: string, n: number) => string } = {},
): string {
  let n = 0;
  const styled = (tagName: string, attribs: sanitize.Attributes) => ({
    tagName,
    attribs: { ...attribs, style: need(STYLES[tagName]) },
  });
  return sanitize(html, {
    ...ALLOWED,
    allowedAttributes: { '*': ['style'], a: ['href'], img: ['src', 'alt', 'width'] },
    allowedSchemes: [...(ALLOWED.allowedSchemes as string[]), 'cid'],
    exclusiveFilter: () => false,
    transformTags: {
      a: (tagName, { href = '', 'data-look': look }) => ({
        tagName,
        attribs: {
          href: /^https?:/.test(href) ? linkOf(href, n++) : href,
          style: look === 'button' ? BUTTON : 'color:#1f5f73',
        },
      }),
      img: (tagName, attribs) =>
        styled(tagName, { ...attribs, src: srcOf(PICTURE.exec(attribs.src ?? '')?.[1] ?? '') }),
      blockquote: styled,
      h2: styled,
      h3: styled,
    },
  });
}
