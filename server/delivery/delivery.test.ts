import { listActions, undoAction } from '@/contract/history';
import { changeMessage, getMessage, listOutbox, listSent, moveMessage } from '@/contract/messages';
import { editPerson, getPerson } from '@/contract/people';
import { saveSettings } from '@/contract/settings';
import { parcelRequest, parcels } from '@/testing/gifts/parcels';
import { gifts } from '@/testing/gifts/subject';
import { parcelSuite } from '@/testing/gifts/suite';

import { House } from '../house';
import { SUBJECTS } from '../subjects';
import {
  channelFaults,
  CHANNELS,
  queueDeliveries,
  sendDue,
  type Channel,
  type DeliveryRequest,
  type DeliveryRow,
} from '.';
import { recordResults } from './settle';

const suite = parcelSuite();
const { add, call, ctx, due, later, refusal, sheet } = suite;

const person = (change: object = {}) =>
  add({
    givenName: 'Rosa',
    familyName: 'Lind',
    addresses: [{ line: '3 Chandler Row', city: 'Port Ellery' } as never],
    consent: { post: { answer: 'yes', on: '2026-05-04', cameFrom: 'at the fair' } },
    ...change,
  });

/** Parcels that Pen Pal sends today, or of another day. */
const queue = (personId: string, words: readonly string[], change: Partial<DeliveryRequest> = {}) =>
  ctx().db.transaction((tx) =>
    queueDeliveries(
      ctx(),
      tx,
      words.map((one, n) => ({
        ...parcelRequest(personId, `${personId}:${n}`, one),
        ...change,
      })),
    ),
  );
const words = () => parcels.taken.map((parcel) => parcel.words);
const evening = async () => {
  later(9);
  await due();
};
const rows = () => ctx().db.query<DeliveryRow>('select * from delivery order by key');
const touchesOf = async (id: string) => (await sheet(id)).touches;
const until = async (done: () => boolean | Promise<boolean>) => {
  for (let ms = 0; ms < 10_000 && !(await done()); ms += 5)
    await new Promise((next) => setTimeout(next, 5));
};

describe('a channel that a subject brings', () => {
  test('is sent, counted, listed and told like any other', async () => {
    const id = await person();
    await queue(id, ['Honey for {{ first_name }}']);
    const [next] = (await call(listOutbox)).going;
    expect(next).toMatchObject({
      kind: 'parcel',
      noun: { one: 'parcel' },
      addresses: ['3 Chandler Row, Port Ellery'],
    });
    await evening();
    expect(words()).toEqual(['Honey for Rosa']);
    expect(await touchesOf(id)).toMatchObject([{ kind: 'gift', outcome: 'sent' }]);
    expect((await call(getPerson, { params: { id } })).events.map((one) => one.words)).toContain(
      'Parcel “Honey for Rosa” of Honey sent.',
    );
    expect((await call(listSent)).messages).toHaveLength(1);
  });

  test('a no, a missing address and a missing carrier hold it, each with its remedy', async () => {
    const no = { post: { answer: 'no' as const, on: '2026-05-04', cameFrom: 'by letter' } };
    await queue(await person({ givenName: 'No', consent: no }), ['x']);
    const bare = await person({ givenName: 'Bare', addresses: [] });
    await queue(bare, ['x']);
    parcels.isSetUp = false;
    await queue(await person({ givenName: 'Late' }), ['x']);
    const waiting = (await call(listOutbox)).waiting.map(({ name, remedy, why }) => [
      name.split(' ')[0],
      remedy,
      why,
    ]);
    expect(waiting.toSorted()).toEqual([
      ['Bare', 'address', 'No address for Bare Lind.'],
      ['Late', 'carrier', 'No parcel service is set up.'],
      ['No', 'consent', expect.stringContaining('said no')],
    ]);
    parcels.isSetUp = true;
    const { version } = await sheet(bare);
    await call(editPerson, {
      params: { id: bare },
      body: { version, addresses: [{ line: '1 Quay', city: 'Port Ellery' } as never] },
    });
    await evening();
    expect(parcels.taken.map(({ addresses }) => addresses[0]).toSorted()).toEqual([
      '1 Quay, Port Ellery',
      '3 Chandler Row, Port Ellery',
    ]);
  });

  test('an address that does not exist is suppressed, with a repair on the desk', async () => {
    const id = await person();
    parcels.answer = () => ({ as: 'refused', words: 'no such street', noSuchAddress: true });
    await queue(id, ['x']);
    await evening();
    expect((await sheet(id)).planned).toMatchObject([{ kind: 'call', day: '2026-11-24' }]);
    parcels.answer = () => ({ as: 'taken', ref: 'P' });
    await queue(id, ['y'], { key: 'again' });
    expect((await call(listOutbox)).waiting.map(({ why }) => why)).toContain(
      '3 Chandler Row, Port Ellery came back: no such street',
    );
  });

  test('one that is incomplete or declared twice is told at the start, not met in silence', () => {
    const all = new House([...SUBJECTS, gifts]).of(CHANNELS);
    expect(channelFaults(all)).toEqual([]);
    const { repair: _, ...half } = all[2]!;
    expect(channelFaults([...all, { ...half, name: 'half' } as Channel, all[0]!])).toEqual([
      'The channel email is declared twice.',
      'The channel half is declared without repair.',
    ]);
  });
});

describe('what goes is what its row says', () => {
  // More than are claimed together.
  const MANY = 150;
  const many = Array.from({ length: MANY }, (_, n) => `Parcel ${n}`);

  test('edited, held or cancelled while others are being sent, it goes so or not at all', async () => {
    const id = await person();
    await queue(id, many);
    let open = () => {};
    parcels.gate = new Promise<void>((done) => (open = done));
    later(9);
    const sending = sendDue(ctx());
    await until(async () => (await rows()).some(({ state }) => state === 'sending'));
    const ready = (await rows()).filter(({ state }) => state === 'ready');
    const claimed = (await rows()).filter(({ state }) => state === 'sending');
    expect(ready.length).toBeGreaterThanOrEqual(3);
    const [edited, held, cancelled] = ready as [DeliveryRow, DeliveryRow, DeliveryRow];
    const body = { subject: '', words: 'New words', html: '' };
    await call(changeMessage, {
      params: { id: edited.id },
      body: { ...body, version: edited.version },
    });
    await call(moveMessage, { params: { id: held.id }, body: { move: 'hold' } });
    await call(moveMessage, { params: { id: cancelled.id }, body: { move: 'cancel' } });
    const late = await refusal(changeMessage, {
      params: { id: claimed[0]!.id },
      body: { ...body, version: claimed[0]!.version },
    });
    expect(late.message).toBe('It was sent already.');
    open();
    await sending;
    const gone = (await rows()).filter(({ state }) => state === 'sent');
    expect(words().toSorted()).toEqual(gone.map((row) => row.words).toSorted());
    expect(words()).toContain('New words');
    expect(words()).not.toContain(edited.words);
    expect(words()).not.toContain(held.words);
    expect(words()).not.toContain(cancelled.words);
    expect(gone).toHaveLength(MANY - 2);
  });

  test('a no that comes while others are being sent is heeded', async () => {
    const id = await person();
    await queue(id, many);
    let open = () => {};
    parcels.gate = new Promise<void>((done) => (open = done));
    later(9);
    const sending = sendDue(ctx());
    await until(async () => (await rows()).some(({ state }) => state === 'sending'));
    const claimed = (await rows()).filter(({ state }) => state === 'sending').length;
    const { version } = await sheet(id);
    const no = { answer: 'no' as const, on: '2026-11-23', cameFrom: 'on the phone' };
    await call(editPerson, { params: { id }, body: { version, consent: { post: no } } });
    open();
    await sending;
    expect(words()).toHaveLength(claimed);
    expect((await rows()).filter(({ remedy }) => remedy === 'consent')).toHaveLength(
      MANY - claimed,
    );
  });

  test('three that send at once send each once, and each is one touch', async () => {
    const id = await person();
    await queue(id, many);
    later(9);
    await Promise.all([sendDue(ctx()), sendDue(ctx()), sendDue(ctx())]);
    expect(words().toSorted()).toEqual(many.toSorted());
    expect((await ctx().db.query('select 1 from touch')).length).toBe(MANY);
  });

  test('recorded twice, a result changes nothing the second time', async () => {
    const id = await person();
    await queue(id, ['x']);
    await ctx().db.query(`update delivery set state = 'sending', version = 2`);
    const [delivery] = (await rows()) as [DeliveryRow];
    const handed = [{ delivery, result: { as: 'taken' as const, ref: 'P' } }];
    await Promise.all([recordResults(ctx(), handed), recordResults(ctx(), handed)]);
    await recordResults(ctx(), handed);
    expect(await touchesOf(id)).toHaveLength(1);
  });

  test('when Pen Pal stops, what is under way is recorded and the rest is given back', async () => {
    await queue(await person(), many);
    let open = () => {};
    parcels.gate = new Promise<void>((done) => (open = done));
    later(9);
    const sending = sendDue(ctx());
    await until(async () => (await rows()).some(({ state }) => state === 'sending'));
    void ctx().background.stop();
    open();
    await sending;
    const states = (await rows()).map(({ state }) => state);
    expect(states.filter((state) => state === 'sent').length).toBe(words().length);
    expect(states.filter((state) => state === 'sending')).toEqual([]);
    expect(states.filter((state) => state === 'ready').length).toBe(MANY - words().length);
    expect(words().length).toBeGreaterThan(0);
  });
});

describe('a machine that was asleep', () => {
  test.each([
    ['six days', 6, {}],
    ['thirty-three days', 33, {}],
    ['404 days', 404, {}],
    ['thirty days, of a birthday', 30, { goodUntil: '2026-11-23' }],
    ['thirty days, by hand', 30, { automatic: false }],
  ])('%s: it comes back to the owner, who sends it anyway or drops it', async (_, days, change) => {
    const id = await person();
    await queue(id, ['one', 'two'], change);
    later(days * 24);
    await due();
    expect(words()).toEqual([]);
    const { waiting } = await call(listOutbox);
    expect(waiting.map(({ remedy }) => remedy)).toEqual(['late', 'late']);
    const [first, second] = await rows();
    await call(moveMessage, { params: { id: first!.id }, body: { move: 'release' } });
    await call(moveMessage, { params: { id: second!.id }, body: { move: 'cancel' } });
    await due();
    expect(words()).toEqual(['one']);
  });

  test('what was written days after its own day is late as well', async () => {
    await queue(await person(), ['x'], { on: '2026-11-17' });
    await evening();
    expect(words()).toEqual([]);
    expect((await call(listOutbox)).waiting.map(({ why }) => why)).toEqual([
      expect.stringMatching(/^It was due .* was not sent in time\.$/),
    ]);
  });

  test('what the owner held for weeks goes when it is released', async () => {
    await queue(await person(), ['x']);
    const [row] = await rows();
    const move = (what: 'hold' | 'release') =>
      call(moveMessage, { params: { id: row!.id }, body: { move: what } });
    await move('hold');
    later(21 * 24);
    await due();
    await move('release');
    await due();
    expect(words()).toEqual(['x']);
  });
});

test('without any working day it is held, and goes once there is one', async () => {
  await call(saveSettings, { body: { workingDays: [] } });
  await queue(await person(), ['x']);
  expect((await call(listOutbox)).waiting).toMatchObject([{ remedy: 'days' }]);
  await call(saveSettings, { body: { workingDays: [1, 2, 3, 4, 5] } });
  await evening();
  expect(words()).toEqual(['x']);
});

describe('what the owner does is in the history', () => {
  const undo = (actionId: string) => call(undoAction, { params: { id: actionId } });

  test('held, and the hold undone: it goes', async () => {
    await queue(await person(), ['x']);
    const [row] = await rows();
    const params = { id: row!.id };
    const { actionId } = await call(moveMessage, { params, body: { move: 'hold' } });
    const { actions } = await call(listActions, { query: { limit: 1 } });
    expect(actions).toMatchObject([{ sentence: 'The parcel to Rosa Lind is held back' }]);
    await undo(actionId);
    await evening();
    expect(words()).toEqual(['x']);
  });

  test('new words undone are the old ones; sent, they can’t be undone any more', async () => {
    await queue(await person(), ['old']);
    const change = async (text: string) => {
      const [row] = await rows();
      const body = { subject: '', words: text, html: '', version: row!.version };
      return (await call(changeMessage, { params: { id: row!.id }, body })).actionId;
    };
    await undo(await change('new'));
    const actionId = await change('newer');
    await evening();
    expect(words()).toEqual(['newer']);
    expect((await refusal(undoAction, { params: { id: actionId } })).code).toBe('conflict');
    const [row] = await rows();
    expect((await call(getMessage, { params: { id: row!.id } })).words).toBe('newer');
  });
});
