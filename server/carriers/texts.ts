import { z } from 'zod';

import type { TextsSetup } from '@/contract/carriers';

import type { FromGateway, DeliveryResult, Text } from './result';

const WITHIN_MS = 15_000;

const Taken = z.object({ id: z.string().min(1).max(200) });
const Refused = z.object({ error: z.string().max(500), code: z.string().max(60).optional() });
const Events = z.object({
  next: z.string().max(500),
  events: z
    .array(
      z.object({
        id: z.string().min(1).max(200),
        type: z.enum(['delivered', 'failed', 'received']),
        at: z.iso.datetime({ offset: true }),
        /** Our own id of the message that was delivered or failed. */
        message: z.string().max(200).optional(),
        from: z.string().max(60).optional(),
        text: z.string().max(10_000).optional(),
        code: z.string().max(60).optional(),
        reason: z.string().max(500).optional(),
      }),
    )
    .max(1000),
});

/** Codes by which a gateway says that there is no such number. */
const NO_SUCH = /^(?:no_such_number|invalid_number|landline)$/;

/**
 * A gateway that takes texts over HTTP; docs/carriers.md has the whole. Each carries our id as its
 * Idempotency-Key, so one that is sent again is taken once.
 */
export class TextsCarrier {
  constructor(
    private readonly setup: TextsSetup,
    private readonly key: string,
  ) {}

  async send({ id, to, words }: Text): Promise<DeliveryResult> {
    const body = JSON.stringify({ id, from: this.setup.from, to, text: words });
    const answer = await this.ask('POST', '/messages', {
      body,
      headers: { 'idempotency-key': id },
    });
    if (typeof answer === 'string') return { as: 'later', words: answer };
    const { status, json } = answer;
    const taken = Taken.safeParse(json);
    if (status < 300 && taken.success) return { as: 'taken', ref: taken.data.id };
    const refused = Refused.safeParse(json);
    const said = refused.success ? refused.data.error : `it answered ${status}`;
    const sentence = `The text gateway said: ${said}`;
    if (status === 422 || status === 400)
      return {
        as: 'refused',
        words: sentence,
        noSuchAddress: NO_SUCH.test((refused.success && refused.data.code) || ''),
      };
    return { as: 'later', words: sentence };
  }

  /** What has been reported and come in behind a place in its list; null where it can't be asked. */
  async since(place: string): Promise<{ next: string; events: FromGateway[] } | null> {
    const answer = await this.ask('GET', `/events?after=${encodeURIComponent(place)}`);
    if (typeof answer === 'string' || answer.status !== 200) return null;
    const read = Events.safeParse(answer.json);
    if (!read.success) return null;
    return {
      next: read.data.next,
      events: read.data.events.flatMap(
        ({ id: key, type, at, message, from, text, code, reason }): FromGateway[] => {
          if (type === 'received')
            return from && text !== undefined ? [{ key, as: type, from, words: text, at }] : [];
          if (!message) return [];
          const noSuchNumber = NO_SUCH.test(code ?? '');
          return [{ key, as: type, id: message, at, words: reason ?? '', noSuchNumber }];
        },
      ),
    };
  }

  async fault(): Promise<string | null> {
    const answer = await this.ask('GET', '/events?after=');
    if (typeof answer === 'string') return answer;
    if (answer.status === 401) return 'The text gateway does not take the key.';
    return Events.safeParse(answer.json).success
      ? null
      : `What answers there (${answer.status}) is no text gateway.`;
  }

  private async ask(
    method: string,
    path: string,
    more: { body?: string; headers?: Record<string, string> } = {},
  ): Promise<{ status: number; json: unknown } | string> {
    try {
      const response = await fetch(this.setup.url.replace(/\/+$/, '') + path, {
        method,
        headers: {
          authorization: `Bearer ${this.key}`,
          'content-type': 'application/json',
          ...more.headers,
        },
        ...(more.body ? { body: more.body } : {}),
        redirect: 'error',
        signal: AbortSignal.timeout(WITHIN_MS),
      });
      return { status: response.status, json: await response.json().catch(() => null) };
    } catch (error) {
      return (error as Error).name === 'TimeoutError'
        ? 'The text gateway did not answer in time.'
        : 'Nothing answers at the text gateway’s address.';
    }
  }
}
