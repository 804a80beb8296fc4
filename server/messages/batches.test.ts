import { cancelWork, getWork, listActions, undoAction } from '@/contract/history';
import { runImport } from '@/contract/imports';
import {
  getBatch,
  listBatches,
  listOutbox,
  moveBatch,
  setBatchRate,
  writeMany,
} from '@/contract/messages';
import { saveSettings } from '@/contract/settings';
import { base64 } from '@/testing/api';
import { messagesSuite } from '@/testing/messages';

const { begin, call, ctx, due, later, refusal } = messagesSuite();

const words = { kind: 'email' as const, subject: 'Tea', words: 'Tea, {{ first_name }}?' };
const once = '0190a000-0000-7000-8000-0000000000ab';

/** So many people by an import, all of whom may be written to. */
async function bring(people: number) {
  await call(saveSettings, { body: { autoNeedsYes: false } });
  const rows = Array.from({ length: people }, (_, n) => `P${n},Lind,p${n}@example.com`);
  const content = base64(['First name,Last name,E-mail', ...rows].join('\n'));
  await call(runImport, {
    body: { fileName: 'list.csv', content, mapping: null, circleId: null, tag: null },
  });
}
const toAll = (html = '') =>
  call(writeMany, { body: { who: { filter: {} }, ...words, html, once } });
const counts = async (id: string) => (await call(getBatch, { params: { id } })).counts;

test('a mailing is a batch: held, released, slowed down and cancelled by itself', async () => {
  const { arrived } = await begin();
  await bring(12);
  const { batchId, people } = await toAll();
  expect(people).toBe(12);
  const params = { id: batchId };
  expect((await call(listBatches)).batches).toMatchObject([{ id: batchId, label: 'Tea' }]);
  await call(moveBatch, { params, body: { move: 'hold' } });
  later(9);
  await due();
  expect([arrived.length, await counts(batchId)]).toEqual([0, { held: 12 }]);

  await call(setBatchRate, { params, body: { perMinute: 5 } });
  await call(moveBatch, { params, body: { move: 'release' } });
  await due();
  expect(arrived).toHaveLength(5);
  await due();
  expect(arrived).toHaveLength(5);
  later(0.02);
  await due();
  expect(arrived).toHaveLength(10);

  const cancelled = await call(moveBatch, { params, body: { move: 'cancel' } });
  expect(cancelled.sentence).toBe('2 messages cancelled');
  await call(undoAction, { params: { id: cancelled.actionId } });
  later(0.02);
  await due();
  expect([arrived.length, await counts(batchId)]).toEqual([12, { sent: 12 }]);
  // What was sent can't be taken back with the writing of it.
  const { actions } = await call(listActions, { query: { limit: 20 } });
  const writing = actions.find(({ sentence }) => sentence.includes('on the way. '))!;
  expect((await refusal(undoAction, { params: { id: writing.id } })).message).toMatch(
    /was sent already/,
  );
});

test('a mailing that is undone before anything of it goes is gone', async () => {
  const { arrived } = await begin();
  await bring(3);
  const { actionId, batchId } = await toAll();
  await call(undoAction, { params: { id: actionId } });
  later(9);
  await due();
  expect(arrived).toEqual([]);
  expect((await refusal(getBatch, { params: { id: batchId } })).code).toBe('not_found');
});

test('called off while it is written, nothing of it goes, and it can be written again', async () => {
  const { arrived } = await begin();
  await bring(400);
  later(9);
  const writing = refusal(writeMany, { body: { who: { filter: {} }, ...words, once } });
  for (let asked = 0; asked < 2_000; asked++) {
    const { work } = await call(getWork);
    if (work?.what === 'Writing e-mails' && work.done > 0) break;
  }
  // What is written so far does not go while the rest is being written.
  expect(arrived).toEqual([]);
  await call(cancelWork);
  expect((await writing).message).toMatch(/was called off/);
  await due();
  expect(arrived).toEqual([]);
  expect((await call(listOutbox)).goingTotal).toBe(0);
  expect(await ctx().db.query('select 1 from batch')).toEqual([]);
  expect((await toAll()).people).toBe(400);
}, 60_000);

test('rich words are stored once for everybody, and each reads their own', async () => {
  const { arrived } = await begin();
  await bring(5);
  later(9);
  const { batchId } = await toAll('<p>Tea, {{ first_name }}?</p>');
  await due();
  expect(await counts(batchId)).toEqual({ sent: 5 });
  expect(arrived.map(({ mail }) => /Tea, (P\d)\?/.exec(String(mail.html))?.[1]).sort()).toEqual([
    'P0',
    'P1',
    'P2',
    'P3',
    'P4',
  ]);
  expect(await ctx().db.query('select html from content')).toEqual([
    { html: expect.stringContaining('{{ first_name }}') },
  ]);
});
