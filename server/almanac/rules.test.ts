import {
  addRule,
  datesOfPerson,
  listRules,
  orderRules,
  removeRule,
  saveRule,
  tryRule,
} from '@/contract/greetings';
import { undoAction } from '@/contract/history';
import { addTemplate, removeTemplate } from '@/contract/templates';
import { saveView } from '@/contract/views';
import { newId } from '@/server/db';
import { greetingsSuite } from '@/testing/greetings';

const { add, call, greetings, refusal, rule } = greetingsSuite();

test('the first rule that fits greets: by circle, by view, by round years, in their order', async () => {
  const { id: viewId } = await call(saveView, {
    body: { name: 'Gardeners', filter: { tags: ['garden'] }, sort: 'name' },
  });
  await add('Ana', { birthday: '1976-12-03' });
  await add('Bo', { birthday: '1977-12-04' });
  await add('Cy', { birthday: '12-05', tags: ['garden'] });
  const round = await rule({ occasion: 'birthday', kind: 'card', years: 'round' });
  const view = await rule({ occasion: 'birthday', kind: 'visit', viewId });
  const all = await rule({ occasion: 'birthday', kind: 'text' });
  const kinds = async () =>
    (await greetings('2026-11-23', '2026-12-31')).greetings.map(({ name, kind }) => [name, kind]);
  // Nobody has an address, so what needs one goes a quicker way.
  expect(await kinds()).toEqual([
    ['Ana', 'text'],
    ['Bo', 'text'],
    ['Cy', 'text'],
  ]);
  const { rules } = await call(listRules);
  expect(rules.map(({ id, year }) => [id, year.greetings])).toEqual([
    [round, 1],
    [view, 1],
    [all, 1],
  ]);
  await call(orderRules, { body: { ids: [all, round, view] } });
  expect((await call(listRules)).rules.map(({ year }) => year.greetings)).toEqual([3, 0, 0]);
});

test('a rule is tried before it is kept, changed, switched off and on, and deleted', async () => {
  await add('Ana', { birthday: '1976-12-03', email: 'ana@example.com' });
  await add('Nora', {
    consent: { call: { answer: 'no', on: '2026-01-01', cameFrom: '' } },
    birthday: '12-04',
  });
  const draft = { occasion: 'birthday', kind: 'call' as const, words: 'Happy {{ years }}' };
  const trial = await call(tryRule, { body: draft });
  expect(trial).toMatchObject({
    year: { greetings: 1, days: 1, minutes: 10, costMinor: 0 },
    leftOut: [{ name: 'Nora', why: 'said_no' }],
    first: [{ name: 'Ana', what: 'turns 50', words: 'Happy 50' }],
    today: 0,
  });
  expect((await greetings()).total).toBe(0);
  const id = await rule(draft);
  const [kept] = (await call(listRules)).rules;
  const save = (change: object, version: number) =>
    call(saveRule, { params: { id }, body: { ...kept!, ...change, version } });
  await save({ active: false }, 1);
  expect((await greetings()).total).toBe(0);
  expect(await refusal(saveRule, { params: { id }, body: { ...kept!, version: 1 } })).toMatchObject(
    {
      code: 'conflict',
    },
  );
  await save({ kind: 'email', words: 'Dear Ana' }, 2);
  expect((await greetings()).greetings).toMatchObject([{ kind: 'email' }, { kind: 'text' }]);
  const { actionId } = await call(removeRule, { params: { id } });
  expect((await greetings()).total).toBe(0);
  await call(undoAction, { params: { id: actionId } });
  expect((await greetings()).total).toBeGreaterThan(0);
});

test('what was before a rule was made is none of its business', async () => {
  await add('Ana', { birthday: '11-21' });
  await rule({ occasion: 'birthday', kind: 'call' });
  expect((await greetings('2026-11-01', '2026-12-31')).greetings).toEqual([]);
});

test('a year that can’t be true is none, and a template that greets can’t be deleted', async () => {
  const ana = await add('Ana', { birthday: '1850-12-03' });
  await rule({ occasion: 'birthday', kind: 'call' });
  expect((await greetings()).greetings).toMatchObject([{ what: 'birthday' }]);
  expect((await call(datesOfPerson, { params: { id: ana } })).dates).toMatchObject([
    { doubt: 'The year 1850 can’t be right, so none is counted from it.' },
  ]);
  const wordings = [{ id: newId(), subject: '', words: 'Happy day', html: '' }];
  const { id } = await call(addTemplate, {
    body: { kind: 'call', name: 'Day', wordings, files: [] },
  });
  await rule({ occasion: 'wedding', kind: 'call', templateId: id });
  expect(await refusal(removeTemplate, { params: { id } })).toMatchObject({ code: 'conflict' });
  expect(
    (await refusal(addRule, { body: { occasion: 'wedding', kind: 'card', templateId: id } }))
      .message,
  ).toBe('The template is for another kind than a card.');
});

test('a rule for a view is tried before it is kept, with whoever is in the view', async () => {
  const { id: viewId } = await call(saveView, {
    body: { name: 'Gardeners', filter: { tags: ['garden'] }, sort: 'name' },
  });
  await add('Ana', { birthday: '12-03', tags: ['garden'] });
  await add('Bo', { birthday: '12-04' });
  const draft = { occasion: 'birthday', kind: 'call' as const, viewId };
  expect((await call(tryRule, { body: draft })).first).toMatchObject([{ name: 'Ana' }]);
  expect((await refusal(tryRule, { body: { ...draft, viewId: newId() } })).message).toBe(
    'This view is not there any more.',
  );
});

test('a trial tells whom that rule leaves out, not whom another one does', async () => {
  const saidNo = { answer: 'no' as const, on: '2026-01-01', cameFrom: '' };
  const consent = { call: saidNo, text: saidNo, email: saidNo, post: saidNo };
  await add('Nora', { birthday: '12-04', dates: [{ name: 'Wedding', on: '12-10' }], consent });
  await rule({ occasion: 'birthday', kind: 'call' });
  const trial = await call(tryRule, { body: { occasion: 'wedding', kind: 'call' } });
  expect(trial.leftOut.map(({ name, on }) => [name, on])).toEqual([['Nora', '2026-12-10']]);
  expect((await greetings()).leftOut.map(({ on }) => on)).toEqual(['2026-12-04']);
});

test('a rule that would greet everybody today says so before it is kept', async () => {
  for (const name of ['Ana', 'Bo', 'Cy']) await add(name, { birthday: '11-23' });
  const trial = await call(tryRule, { body: { occasion: 'birthday', kind: 'call' } });
  expect(trial).toMatchObject({ today: 3, year: { greetings: 3, most: { on: '2026-11-23' } } });
});
