import { createCadence } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { listSent, listOutbox, writeMessage } from '@/contract/messages';
import { saveSettings } from '@/contract/settings';
import type { Subject } from '@/server/house';
import { findTask, runDue } from '@/server/tasks';
import type { MailStandIn, Rules } from '@/standins';

import { startTestApi, type TestApi } from './api';
import { beat } from './cadences';
import { withMail } from './carriers';
import { sphereOf } from './sphere';

export const YES = { email: { answer: 'yes' as const, on: '2026-05-04', cameFrom: 'at the fair' } };
export const NO = { email: { ...YES.email, answer: 'no' as const } };

/** A server of its own for each test, at half past eight in the morning, and shorthands for messages. */
export function messagesSuite({ subjects }: { subjects?: readonly Subject[] } = {}) {
  let api: TestApi;
  let mail: MailStandIn | null;
  let shift: number;
  beforeEach(async () => {
    [mail, shift] = [null, 0];
    const start = Date.parse('2026-11-23T16:30:00Z');
    const began = performance.now();
    api = await startTestApi({
      now: () => start + shift + Math.floor(performance.now() - began),
      ...(subjects ? { subjects } : {}),
    });
  });
  afterEach(async () => {
    await mail?.close();
    await api.close();
  });
  const call: TestApi['call'] = (endpoint, input) => api.call(endpoint, input);
  const refusal: TestApi['refusal'] = (endpoint, input) => api.refusal(endpoint, input);
  /** What was mended is sent beside whoever mended it: until that is over. */
  const sent = async () => {
    while ((await findTask(api.ctx.db, 'outbox'))?.state === 'running')
      await new Promise((done) => setTimeout(done, 10));
  };
  const due = async (again = false) => {
    await sent();
    await runDue(api.ctx, { again });
    await sent();
  };
  const later = (hours: number) => (shift += hours * 3_600_000);
  const { add, sheet } = sphereOf(() => api);
  return {
    api: () => api,
    ctx: () => api.ctx,
    owner: (ownerName: string) => call(saveSettings, { body: { ownerName } }),
    base: () => api.url,
    call,
    refusal,
    add,
    sheet,
    later,
    /** Does what is due, once. */
    due,
    /** A mail server that does what its rules say. */
    begin: async (rules: Rules = {}) => (mail = await withMail(api, rules)),
    rosa: (change: object = {}) =>
      add({
        givenName: 'Rosa',
        familyName: 'Lind',
        email: 'rosa@example.com',
        consent: YES,
        ...change,
      }),
    /** Puts people on a cadence whose one beat goes out by itself today. */
    sendAutomatically: async (
      ids: readonly string[],
      words = 'How is the garden, {{ first_name }}?',
    ) => {
      const { id } = await call(createCadence, {
        body: {
          name: 'By itself',
          rounds: 1,
          gapDays: 0,
          beats: [beat(0, 'email', words, { way: 'auto' })],
        },
      });
      await call(enrol, {
        body: { cadenceId: id, who: { ids: [...ids] }, startOn: '2026-11-23', leaveOut: [] },
      });
      await due(true);
    },
    /** So late that what goes today has gone. */
    evening: async () => {
      later(9);
      await due();
    },
    write: (personId: string, change: object = {}) =>
      call(writeMessage, {
        body: {
          personId,
          kind: 'email',
          subject: '',
          words: 'Tea on Friday, {{ first_name }}?',
          ...change,
        },
      }),
    waitingWhy: async () =>
      (await call(listOutbox)).waiting.map(({ name, why }) => `${name}: ${why}`).sort(),
    fates: async () => (await call(listSent)).messages.map(({ outcome }) => outcome),
  };
}
