import { listGap, listGaps, passOver, passTag, suggestTags, takeTags } from '@/contract/gaps';
import { editPerson, getPerson } from '@/contract/people';
import {
  keepApart,
  listMerged,
  listSame,
  mergePeople,
  mergeSure,
  splitCouple,
  takeApart,
} from '@/contract/same';
import { getSettings } from '@/contract/settings';
import type { CallOutput } from '@/contract/endpoint';
import { plainDate } from '@/core/time';
import { at } from '@/testing/router';
import * as sample from '@/testing/samples';
import {
  expectWaiting,
  choose,
  fakeServer,
  press,
  refusal,
  screen,
  show,
  type,
  waitFor,
} from '@/testing/screen';

import { GapScreen } from './gap-screen';
import { SameScreen } from '../same/same-screen';
import { TagsScreen } from './tags-screen';
import { TidyScreen } from './tidy-screen';

describe('what there is to tidy', () => {
  test('counts lead to the places where it is done', async () => {
    fakeServer()
      .answer(listSame, { sure: 1, ask: 2, pairs: [] })
      .answer(listGaps, { gaps: [{ lack: 'phone', people: 4 }] })
      .answer(suggestTags, { ideas: [], total: 9, learnt: 3 });
    show(<TidyScreen />);
    await screen.findByText('1 certain match, 2 possible');
    expect(screen.getByRole('link', { name: /^Without a phone/ }).getAttribute('href')).toBe(
      '/tidy/phone',
    );
    expect(screen.getByText('Learnt here from how you tag, from 3 of your tags')).toBeTruthy();
  });
});

describe('a gap', () => {
  const person = (n: number, name: string) => ({
    id: sample.id(n),
    version: 3,
    name,
    about: 'Harbor',
  });

  const open = async (names = ['Ana Vance', 'Bo Birch']) => {
    at({ lack: 'phone' });
    const people = names.map((name, n) => person(n + 1, name));
    const server = fakeServer()
      .answer(listGap, { total: people.length, people })
      .answer(getPerson, sample.sheet())
      .answer(getSettings, sample.settings());
    show(<GapScreen />);
    await screen.findByRole('heading', { name: 'Without a phone' });
    return server;
  };

  test('on its way, away, and filled for everybody', () => {
    at({ lack: 'phone' });
    return expectWaiting(<GapScreen />, fakeServer(), listGap, {
      answer: { total: 0, people: [] },
      shows: 'Known of everybody.',
    });
  });

  test('an answer is kept; what the server refuses stands at the field', async () => {
    const server = await open();
    await screen.findByText('Last time: Kitchen');
    server.reply(editPerson, refusal('“soon” is not a phone number.', { field: 'phones.0.value' }));
    await type('Their phone number', 'soon');
    await press('Keep');
    await screen.findByText('“soon” is not a phone number.');
    expect(server.sent(editPerson)).toHaveLength(1);
  });

  test('left for later until all have been asked, then from the beginning', async () => {
    await open();
    await press('Later');
    expect(screen.getByText('Bo Birch')).toBeTruthy();
    await press('Later');
    expect(screen.getByText('You have been through all of them.')).toBeTruthy();
    await press('From the beginning');
    expect(screen.getByText('Ana Vance')).toBeTruthy();
  });

  test('passed over for good', async () => {
    const server = await open();
    await press('Pass over for good');
    await waitFor(() => expect(server.sent(passOver)).toEqual([{ personId: sample.id(1) }]));
  });
});

describe('twice here', () => {
  const { fields } = sample.sheet();
  const side = (n: number, givenName: string, addedOn: string) => ({
    id: sample.id(n),
    name: `${givenName} Vance`,
    circle: 'Inner',
    addedOn: plainDate(addedOn),
    fields: { ...fields, givenName },
    touches: n,
    notes: 1,
    couple: null as [string, string] | null,
  });
  const PAIR = {
    a: side(1, 'Dora', '2026-05-01'),
    b: side(2, 'Teodora', '2025-01-01'),
    verdict: 'ask' as const,
    evidence: ['same phone'],
  };

  const prepared = (same: CallOutput<typeof listSame>) =>
    fakeServer()
      .answer(listSame, JSON.parse(JSON.stringify(same)) as typeof same)
      .answer(listMerged, { merged: [] })
      .answer(getSettings, sample.settings());

  test('nobody is', async () => {
    prepared({ sure: 0, ask: 0, pairs: [] });
    show(<SameScreen />);
    await screen.findByText('No duplicates found.');
  });

  test('the one known longer stays, with what is chosen of the other', async () => {
    const server = prepared({ sure: 0, ask: 1, pairs: [PAIR as never] });
    show(<SameScreen />);
    await screen.findByText('Perhaps one person: same phone');
    await press('Dora', 'checkbox');
    await press('One person: merge');
    await waitFor(() =>
      expect(server.sent(mergePeople)).toEqual([
        { keepId: sample.id(2), goneId: sample.id(1), take: ['givenName'] },
      ]),
    );
  });

  test('a record of two is split first', async () => {
    const b = { ...PAIR.b, couple: ['Dora Vance', 'Lee Vance'] as [string, string] };
    const server = prepared({ sure: 0, ask: 1, pairs: [{ ...PAIR, b } as never] });
    show(<SameScreen />);
    await press('Split into Dora Vance and Lee Vance');
    await waitFor(() => expect(server.sent(splitCouple)).toEqual([{ id: sample.id(2) }]));
  });

  test('they are kept apart; a refusal is told there', async () => {
    const server = prepared({ sure: 0, ask: 1, pairs: [PAIR as never] });
    server.reply(keepApart, refusal('Choose two different people.', { field: 'b' }));
    show(<SameScreen />);
    await press('Two people');
    await screen.findAllByText('Choose two different people.');
    expect(server.sent(keepApart)).toEqual([{ a: sample.id(1), b: sample.id(2) }]);
  });

  test('sure pairs are merged together, and those merged are taken apart', async () => {
    const server = prepared({ sure: 2, ask: 0, pairs: [] }).answer(listMerged, {
      merged: [
        {
          goneId: sample.id(3),
          gone: 'Bo B.',
          keepId: sample.id(4),
          keep: 'Bo Birch',
          on: plainDate('2026-11-20'),
        },
      ],
    });
    show(<SameScreen />);
    await press('Merge the 2 sure pairs');
    await waitFor(() => expect(server.sent(mergeSure)).toHaveLength(1));
    await press('Take Bo B. and Bo Birch apart');
    await waitFor(() => expect(server.sent(takeApart)).toEqual([{ goneId: sample.id(3) }]));
  });
});

describe('tags that fit', () => {
  const idea = (n: number, tag: string) => ({
    personId: sample.id(n),
    name: `Person ${n}`,
    tag,
    words: ['sail', 'harbor'],
  });

  test('too little to learn from, and nothing more to say, are told apart', async () => {
    const server = fakeServer().answer(suggestTags, { ideas: [], total: 0, learnt: 0 });
    const { unmount } = show(<TagsScreen />);
    await screen.findByText(/too little to learn from yet/);
    unmount();
    server.answer(suggestTags, { ideas: [], total: 0, learnt: 2 });
    show(<TagsScreen />);
    await screen.findByText('No further tag seems to fit anybody.');
  });

  test('each says why; one, those of a tag, or none are taken', async () => {
    const server = fakeServer().answer(suggestTags, {
      ideas: [idea(1, 'boat'), idea(2, 'boat'), idea(3, 'garden')],
      total: 30,
      learnt: 2,
    });
    show(<TagsScreen />);
    await screen.findByText('The likeliest 3 of 30.');
    expect(screen.getAllByText('because of “sail”, “harbor”')).toHaveLength(3);
    await press('Take garden for Person 3');
    await press('garden does not fit Person 3');
    await waitFor(() =>
      expect(server.sent(passTag)).toEqual([{ personId: sample.id(3), tag: 'garden' }]),
    );
    await choose('Tag', '#boat');
    await press('Take all 2');
    await waitFor(() => expect(server.sent(takeTags)).toHaveLength(2));
    expect(server.sent(takeTags)[1]).toEqual({
      ideas: [
        { personId: sample.id(1), tag: 'boat' },
        { personId: sample.id(2), tag: 'boat' },
      ],
    });
  });
});
