import type { Context } from '../../context';

const purpose = (messageId: string) => `opt-out:${messageId}`;

/** What stands in an opt-out link: the message, and that the link is ours. */
export const optOutToken = ({ keys }: Context, messageId: string): string =>
  `${messageId}.${keys.sign(purpose(messageId))}`;

/** The message that a token is of; null for one that was altered or made up. */
export function messageOfToken({ keys }: Context, token: string): string | null {
  const dot = token.indexOf('.');
  const [id, signature] = [token.slice(0, dot), token.slice(dot + 1)];
  return dot > 0 && keys.isSigned(purpose(id), signature) ? id : null;
}

/** Where its reader can say that no more is wanted; null where nobody outside can reach Pen Pal. */
export const optOutUrl = (ctx: Context, messageId: string): string | null =>
  ctx.outsideUrl && `${ctx.outsideUrl}/o/${optOutToken(ctx, messageId)}`;

/** The ways out of an e-mail that goes by itself: one press (RFC 8058), or an e-mail to the sender. */
export const optOutMail = (ctx: Context, messageId: string, fromAddress: string) => ({
  url: optOutUrl(ctx, messageId),
  mail: `${fromAddress}?subject=${encodeURIComponent(`unsubscribe ${optOutToken(ctx, messageId)}`)}`,
});
