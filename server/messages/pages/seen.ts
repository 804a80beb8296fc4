import type { Context } from '../../context';

const purpose = (what: string) => `seen:${what}`;

const signed = ({ keys }: Context, what: string): string => `${what}.${keys.sign(purpose(what))}`;

/** What a token is of; null for one that was altered or made up. */
export function whatIsSigned({ keys }: Context, token: string): string | null {
  const at = token.lastIndexOf('.');
  const what = token.slice(0, at);
  return at > 0 && keys.isSigned(purpose(what), token.slice(at + 1)) ? what : null;
}

/** Where the picture of one point is that tells that a letter is opened. */
export const pixelUrl = (ctx: Context, messageId: string): string =>
  `${ctx.outsideUrl}/seen/${signed(ctx, messageId)}.gif`;

/** Where a link of a letter leads first, so that it is known to be followed. */
export const linkUrl = (ctx: Context, messageId: string, n: number): string =>
  `${ctx.outsideUrl}/seen/to/${signed(ctx, `${messageId}.${n}`)}`;
