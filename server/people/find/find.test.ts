import { listGap, listGaps, passOver, passTag, suggestTags, takeTags } from '@/contract/gaps';
import { previewImport, runImport } from '@/contract/imports';
import { addEntry, readLists, removeEntry } from '@/contract/lists';
import { changeMany } from '@/contract/many';
import { countPeople, listPeople } from '@/contract/people';
import { undoAction } from '@/contract/history';
import { changeView, listViews, orderViews, removeView, saveView } from '@/contract/views';
import type { Condition, Group } from '@/core/people';
import { base64, startTestApi, type TestApi } from '@/testing/api';
import { exportFile } from '@/testing/export';
import { sphereOf } from '@/testing/sphere';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());
const { add, sheet, note } = sphereOf(() => api);

const names = async (rules: Group) => {
  const query = { rules: JSON.stringify(rules), sort: 'name' as const, limit: 500 };
  return (await api.call(listPeople, { query })).rows.map(({ name }) => name);
};
const line = (
  field: string,
  test: Condition['test'],
  ...values: (string | number)[]
): Condition => ({
  field,
  test,
  values,
});
const all = (...of: Group['of']): Group => ({ match: 'all', of });

let fieldId: string;
beforeAll(async () => {
  fieldId = (
    await api.call(addEntry, {
      params: { list: 'field' },
      body: { name: 'Loan', type: 'money' },
    })
  ).id;
  const home = { line: '1 Kelp Lane', city: 'Port Ellery', postalCode: '00012' };
  const ana = await add({
    givenName: 'Ana',
    familyName: 'Åberg',
    company: 'Net & Loft',
    birthday: '12-24',
    tags: ['garden', 'boat'],
    roles: ['Past client'],
    circleId: '0190a000-0000-7000-8000-000000000001',
    addresses: [{ ...home, lat: 38, lon: -150 }],
    consent: { call: { answer: 'yes', on: '2026-01-01' } },
    own: { [fieldId]: 100_000 },
  });
  await add({
    givenName: 'Bo',
    familyName: 'Marsh',
    birthday: '1980-01-05',
    tags: ['boat'],
    addresses: [{ ...home, line: '9 Kelp Lane', lat: 38.05, lon: -150 }],
    consent: { call: { answer: 'no', on: '2026-01-01' } },
    own: { [fieldId]: 900_000 },
    referredBy: ana,
  });
  await add({
    givenName: 'Catherine',
    familyName: 'Zell',
    phone: '(201) 555-0123',
    favourite: true,
  });
  await note(ana, 'Looking for a café by the quay');
});

describe('filters', () => {
  test.each<[string, Group, string[]]>([
    ['text contains', all(line('company', 'contains', 'loft')), ['Ana Åberg']],
    ['accents fold', all(line('familyName', 'is', 'aberg')), ['Ana Åberg']],
    ['letter ranges', all(line('familyName', 'letters', 'a', 'm')), ['Ana Åberg', 'Bo Marsh']],
    [
      'several letters',
      all(line('familyName', 'letters', 'Ma', 'Zz')),
      ['Bo Marsh', 'Catherine Zell'],
    ],
    ['notes', all(line('note', 'contains', 'cafe')), ['Ana Åberg']],
    ['without notes', all(line('note', 'empty')), ['Bo Marsh', 'Catherine Zell']],
    ['any of tags', all(line('tag', 'anyOf', 'GARDEN')), ['Ana Åberg']],
    ['all of tags', all(line('tag', 'allOf', 'garden', 'boat')), ['Ana Åberg']],
    ['none of tags', all(line('tag', 'noneOf', 'garden')), ['Bo Marsh', 'Catherine Zell']],
    ['no tags', all(line('tag', 'empty')), ['Catherine Zell']],
    ['a circle', all(line('circle', 'anyOf', 'Inner')), ['Ana Åberg']],
    ['warmth', all(line('warmth', 'filled')), ['Ana Åberg']],
    ['birthday next month', all(line('birthday', 'month', 'next')), ['Ana Åberg']],
    [
      'birthday over the end of the year',
      all(line('birthday', 'inNext', 60)),
      ['Ana Åberg', 'Bo Marsh'],
    ],
    ['added today', all(line('added', 'inLast', 0)), ['Ana Åberg', 'Bo Marsh', 'Catherine Zell']],
    [
      'never touched',
      all(line('lastTouch', 'notInLast', 90)),
      ['Ana Åberg', 'Bo Marsh', 'Catherine Zell'],
    ],
    ['phone digits', all(line('phone', 'contains', '5550123')), ['Catherine Zell']],
    ['said yes', all(line('consentCall', 'yes')), ['Ana Åberg']],
    ['said no', all(line('consentCall', 'no')), ['Bo Marsh']],
    ['not asked', all(line('consentCall', 'notAsked')), ['Catherine Zell']],
    ['at hand', all(line('favourite', 'yes')), ['Catherine Zell']],
    ['an own field', all(line('own:FIELD', 'atLeast', 500_000)), ['Bo Marsh']],
    ['an own field between', all(line('own:FIELD', 'between', 1, 100_000)), ['Ana Åberg']],
    ['an own field unknown', all(line('own:FIELD', 'empty')), ['Catherine Zell']],
    ['referrals', all(line('referred', 'atLeast', 1)), ['Ana Åberg']],
    // One twentieth of a degree of latitude is 5.56 km.
    ['distance', all(line('distance', 'within', 5, 38, -150)), ['Ana Åberg']],
    ['distance', all(line('distance', 'within', 6, 38, -150)), ['Ana Åberg', 'Bo Marsh']],
    [
      'nested',
      {
        match: 'any',
        of: [
          all(line('tag', 'anyOf', 'boat'), {
            match: 'none',
            of: [line('tag', 'anyOf', 'garden')],
          }),
          line('familyName', 'starts', 'z'),
        ],
      },
      ['Bo Marsh', 'Catherine Zell'],
    ],
  ])('%s', async (_, rules, expected) => {
    const text = JSON.stringify(rules).replaceAll('FIELD', fieldId);
    expect(await names(JSON.parse(text) as Group)).toEqual(expected);
  });

  test.each([
    [
      all(line('shoe', 'is', 'x')),
      'There is no field “shoe” to filter by any more. Take that line out.',
    ],
    [all(line('tag', 'atLeast', 3)), "“Tags” can't be asked about with “at least”."],
    [all(line('name', 'contains')), '“Name contains” still needs what to compare with.'],
    [all(line('added', 'inLast', 'soon')), '“Added in the last” still needs what to compare with.'],
  ])('%j is refused with a sentence', async (rules, message) => {
    expect(await api.refusal(countPeople, { body: { filter: { rules } } })).toMatchObject({
      code: 'invalid',
      message,
    });
  });

  test('what looks like SQL is only text', async () => {
    expect(await names(all(line('name', 'contains', "'; drop table person; --")))).toEqual([]);
    expect(await names(all(line("own:FIELD') or true --", 'is', 'x'))).catch(() => 'refused')).toBe(
      'refused',
    );
  });
});

describe('search', () => {
  test.each([
    ['Marhs', ['Bo Marsh']],
    ['kathryn', ['Catherine Zell']],
    ['zell catherine', ['Catherine Zell']],
    ['aberg ana', ['Ana Åberg']],
    ['(201) 555-0123', ['Catherine Zell']],
    ['cafee', ['Ana Åberg']],
    ['qqqqqq', []],
  ])('%s', async (text, found) => {
    const { rows } = await api.call(listPeople, { query: { text } });
    expect(rows.map(({ name }) => name)).toEqual(found);
  });

  test('what is only near says so', async () => {
    expect(await api.call(listPeople, { query: { text: 'Marhs' } })).toMatchObject({ near: true });
    expect(await api.call(listPeople, { query: { text: 'Marsh' } })).toMatchObject({ near: false });
  });
});

describe('saved views', () => {
  const filter = { rules: all(line('tag', 'anyOf', 'view-tag')) };

  test('are kept with live counts, ordered, pinned, hidden, renamed and taken away', async () => {
    const first = await api.call(saveView, { body: { name: 'Boats', filter, sort: 'name' } });
    const second = await api.call(saveView, {
      body: { name: 'Everybody else', filter: {}, sort: 'slack' },
    });
    await add({ givenName: 'Viewed', tags: ['view-tag'] });
    await api.call(orderViews, { body: { ids: [second.id, first.id] } });
    await api.call(changeView, {
      params: { id: first.id },
      body: { hidden: true, name: 'With boats' },
    });
    expect((await api.call(listViews)).views).toMatchObject([
      { name: 'Everybody else', people: 4 },
      { name: 'With boats', people: 1, hidden: true, filter, warnings: [] },
    ]);
    expect(
      await api.refusal(saveView, { body: { name: 'with BOATS', filter, sort: 'name' } }),
    ).toMatchObject({ code: 'conflict' });
    await api.call(removeView, { params: { id: second.id } });
    expect((await api.call(listViews)).views).toHaveLength(1);
  });

  test('a view that refers to a deleted tag says so, and finds nobody by it', async () => {
    const tag = (await api.call(readLists)).tag.find(({ name }) => name === 'view-tag')!;
    const { actionId } = await api.call(removeEntry, { params: { list: 'tag', id: tag.id } });
    const warning = 'The tag “view-tag” is not there any more, so nobody is found by it.';
    expect((await api.call(listViews)).views[0]).toMatchObject({ people: 0, warnings: [warning] });
    expect(await api.call(countPeople, { body: { filter } })).toEqual({
      total: 0,
      warnings: [warning],
    });
    await api.call(undoAction, { params: { id: actionId } });
    expect((await api.call(listViews)).views[0]).toMatchObject({ people: 1, warnings: [] });
  });
});

describe('gaps', () => {
  test('count what is not known; somebody passed over is not asked about again', async () => {
    const phone = async () =>
      (await api.call(listGaps)).gaps.find(({ lack }) => lack === 'phone')!.people;
    const before = await phone();
    const id = await add({ givenName: 'Gap' });
    expect(await phone()).toBe(before + 1);
    const { people } = await api.call(listGap, { params: { lack: 'phone' } });
    expect(people.some((person) => person.id === id)).toBe(true);
    const { actionId } = await api.call(passOver, {
      params: { lack: 'phone' },
      body: { personId: id },
    });
    expect(await phone()).toBe(before);
    await api.call(undoAction, { params: { id: actionId } });
    expect(await phone()).toBe(before + 1);
  });

  test('tags are learnt from the owner’s own, with the words that led to them', async () => {
    for (let i = 0; i < 6; i++) {
      const id = await add({ givenName: `Sailor${i}`, tags: ['sailing'] });
      await note(id, 'Bought a new mainsail and talked about the regatta');
    }
    for (let i = 0; i < 20; i++)
      await note(await add({ givenName: `Plain${i}` }), 'Talked about the kitchen');
    const id = await add({ givenName: 'Fits' });
    await note(id, 'Won the regatta with an old mainsail');
    const { ideas } = await api.call(suggestTags);
    expect(ideas).toEqual([
      { personId: id, name: 'Fits', tag: 'sailing', words: ['mainsail', 'regatta'] },
    ]);
    const pass = await api.call(passTag, { body: { personId: id, tag: 'sailing' } });
    expect((await api.call(suggestTags)).ideas).toEqual([]);
    await api.call(undoAction, { params: { id: pass.actionId } });
    await api.call(takeTags, { body: { ideas: [{ personId: id, tag: 'sailing' }] } });
    expect((await sheet(id)).tags).toEqual(['sailing']);
  });
});

describe('out and in again', () => {
  const who = { filter: { rules: all(line('familyName', 'letters', 'a', 'z')) } };

  test.each(['csv', 'vcard'] as const)(
    'everybody as %s comes back without loss',
    async (format) => {
      const { columns } = {
        columns: [
          'givenName',
          'familyName',
          'company',
          'email',
          'phone',
          'birthday',
          'roles',
          'circle',
          'tags',
          'notes',
          'consent',
          'addressLine',
          'city',
          'postalCode',
          'lat',
          'lon',
          `own:${fieldId}`,
          'favourite',
          'standing',
          'source',
        ] as never[],
      };
      const file = await exportFile(api.url, { who, format, columns });
      expect(file.people).toBe(3);
      const before = await Promise.all(
        (
          await api.call(listPeople, {
            query: { rules: JSON.stringify(who.filter.rules), sort: 'name' },
          })
        ).rows.map(({ id }) => sheet(id)),
      );
      const content = base64(file.content);
      const body = { fileName: file.fileName, content, mapping: null };
      // All of it is recognised, and joining it changes nobody.
      const preview = await api.call(previewImport, { body });
      expect([preview.people, preview.same.sure + preview.same.ask, preview.faultCount]).toEqual([
        3, 3, 0,
      ]);
      const joined = await api.call(runImport, { body: { ...body, circleId: null, tag: null } });
      expect(await Promise.all(before.map(({ id }) => sheet(id)))).toEqual(
        before.map((one) => (joined.joined === 3 ? one : expect.anything())),
      );
      await api.call(undoAction, { params: { id: joined.actionId } });
      const again = await api.call(runImport, {
        body: { ...body, circleId: null, tag: null, same: 'add' },
      });
      const { rows } = await api.call(listPeople, {
        query: { batchId: again.batchId, sort: 'name' },
      });
      for (const [i, row] of rows.entries()) {
        const one = await sheet(row.id);
        expect({
          fields: one.fields,
          tags: one.tags,
          circle: one.circle,
          notes: one.notes.map(({ on, body: text }) => [on, text]),
        }).toEqual({
          fields: before[i]!.fields,
          tags: before[i]!.tags,
          circle: before[i]!.circle,
          notes: before[i]!.notes.map(({ on, body: text }) => [on, text]),
        });
      }
      await api.call(undoAction, { params: { id: again.actionId } });
    },
  );

  test('a card to pass on holds what others may know, and nothing of the owner’s', async () => {
    const { rows } = await api.call(listPeople, { query: { text: 'aberg' } });
    const card = await (await fetch(`${api.url}/api/people/${rows[0]!.id}/card.vcf`)).text();
    expect(card).toContain('FN:Ana Åberg');
    expect(card).not.toMatch(/garden|café|Past client|Inner/);
    expect((await fetch(`${api.url}/api/people/nobody/card.vcf`)).status).toBe(404);
  });
});

test('somebody deleted while on a filter is no longer meant by it', async () => {
  const id = await add({ givenName: 'Leaving', tags: ['leaving'] });
  await api.call(changeMany, { body: { who: { ids: [id] }, change: { do: 'delete' } } });
  const who = { filter: { tags: ['leaving'] } };
  expect(
    await api.call(changeMany, { body: { who, change: { do: 'addTag', tag: 'x' } } }),
  ).toMatchObject({ people: 0 });
});
