import { fileUrl } from '@/contract/files';
import { footerLines, htmlLetter, paragraphs, plainLetter, type Footer } from '@/core/messages';

import type { Context } from '../context';
import type { PreviewInput, SendContext } from '../delivery';
import type { OwnerSettings } from '../settings';
import { asMailed } from '../templates';
import { optOutUrl } from './pages/opt-out';
import { linkUrl, pixelUrl } from './pages/seen';

type Letter = PreviewInput;
type How = Parameters<typeof asMailed>[1];

/** The words of a letter as HTML, with its links as `linkOf` wants them. */
const bodyOf = ({ words, html }: Pick<Letter, 'words' | 'html'>, how: How): string =>
  html ? asMailed(html, how) : paragraphs(words, how?.linkOf);

/** Where the links of a letter lead, in their order. */
export function linksOf(letter: Pick<Letter, 'words' | 'html'>): string[] {
  const links: string[] = [];
  bodyOf(letter, { linkOf: (href) => (links.push(href), href) });
  return links;
}

/** A letter as the screens show it: its pictures from here, its links as they are. */
export const shownLetter = (ctx: Context, { settings }: SendContext, letter: Letter): string =>
  htmlLetter(bodyOf(letter, { srcOf: fileUrl }), footerOf(ctx, settings, letter));

/**
 * The parts of an email as it is sent. What Pen Pal sends and what goes to many has the owner's address and
 * a way out below, and says so where the owner wants to know whether it is opened; a trial reports nothing.
 */
export function lettersOf(
  ctx: Context,
  settings: OwnerSettings,
  letter: Letter,
  { trial = false } = {},
) {
  const { id } = letter;
  const footer = footerOf(ctx, settings, letter);
  const reports = footer !== null && ctx.outsideUrl !== null && !trial;
  const how: How = reports && settings.seesClicks ? { linkOf: (_, n) => linkUrl(ctx, id, n) } : {};
  const pixel = reports && settings.seesOpens ? pixelUrl(ctx, id) : null;
  return {
    text: plainLetter(letter.words, footer),
    html: htmlLetter(bodyOf(letter, how), footer, pixel),
  };
}

function footerOf(
  ctx: Context,
  settings: OwnerSettings,
  letter: Pick<Letter, 'id' | 'automatic'>,
): Footer | null {
  if (!letter.automatic) return null;
  return {
    lines: footerLines(settings),
    optOutUrl: optOutUrl(ctx, letter.id),
    privacy: ctx.outsideUrl ? privacyLine(settings) : null,
  };
}

/** What a letter reports about its reader, said to them; null where it reports nothing. */
function privacyLine({ ownerName, seesOpens, seesClicks }: OwnerSettings): string | null {
  const what = [
    seesOpens && 'when it is opened',
    seesClicks && 'when a link in it is followed',
  ].filter(Boolean);
  const whom = ownerName.split(' ')[0] || 'its writer';
  return what.length > 0 ? `This letter tells ${whom} ${what.join(', and ')}.` : null;
}
