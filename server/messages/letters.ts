import { fileUrl } from '@/contract/files';
import { footerLines, htmlLetter, paragraphs, plainLetter, type Footer } from '@/core/messages';

import type { Context } from '../context';
import type { OwnerSettings } from '../settings';
import { asMailed } from '../templates';
import { optOutUrl } from './opt-out';
import type { MessageRow } from './queries';
import type { Room } from './room';
import { linkUrl, pixelUrl } from './seen';

type Letter = Pick<MessageRow, 'id' | 'automatic' | 'words' | 'html'>;
type How = Parameters<typeof asMailed>[1];

/** The words of a letter as HTML, with its links as `linkOf` wants them. */
const bodyOf = ({ words, html }: Letter, how: How): string =>
  html ? asMailed(html, how) : paragraphs(words, how?.linkOf);

/** Where the links of a letter lead, in their order. */
export function linksOf(letter: Letter): string[] {
  const links: string[] = [];
  bodyOf(letter, { linkOf: (href) => (links.push(href), href) });
  return links;
}

/** A letter as the screens show it: its pictures from here, its links as they are. */
export const shownLetter = (ctx: Context, room: Room, letter: Letter): string =>
  htmlLetter(bodyOf(letter, { srcOf: fileUrl }), footerOf(ctx, room.settings, letter));

/**
 * The parts of an e-mail as it is sent. What goes by itself or to many has the owner's address and a way out
 * below, and where the owner wants to know whether it is opened, it says so; one that is only tried tells
 * nothing.
 */
export function lettersOf(
  ctx: Context,
  { settings }: Room,
  letter: Letter,
  { trial = false } = {},
) {
  const { id } = letter;
  const footer = footerOf(ctx, settings, letter);
  const tells = footer !== null && ctx.outsideUrl !== null && !trial;
  const how: How = tells && settings.seesClicks ? { linkOf: (_, n) => linkUrl(ctx, id, n) } : {};
  const pixel = tells && settings.seesOpens ? pixelUrl(ctx, id) : null;
  return {
    text: plainLetter(letter.words, footer),
    html: htmlLetter(bodyOf(letter, how), footer, pixel),
  };
}

function footerOf(ctx: Context, settings: OwnerSettings, letter: Letter): Footer | null {
  if (!letter.automatic) return null;
  return {
    lines: footerLines(settings),
    optOutUrl: optOutUrl(ctx, letter.id),
    privacy: ctx.outsideUrl ? privacyLine(settings) : null,
  };
}

/** What a letter tells about its reader, said to them; null where it tells nothing. */
function privacyLine({ ownerName, seesOpens, seesClicks }: OwnerSettings): string | null {
  const what = [
    seesOpens && 'when it is opened',
    seesClicks && 'when a link in it is followed',
  ].filter(Boolean);
  const whom = ownerName.split(' ')[0] || 'its writer';
  return what.length > 0 ? `This letter tells ${whom} ${what.join(', and ')}.` : null;
}
