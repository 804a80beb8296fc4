import { readLists } from '@/contract/lists';
import { tryWords } from '@/contract/messages';
import {
  addTemplate,
  checkWords,
  getTemplate,
  listTemplates,
  listTemplateVersions,
  readWords,
  removeTemplate,
  saveTemplate,
  type Template,
  type WordsCheck,
} from '@/contract/templates';
import { at, gone } from '@/testing/router';
import * as sample from '@/testing/samples';
import { fakeServer, press, refusal, screen, show, type, waitFor } from '@/testing/screen';

import { withFallback } from './mend';
import { TemplateScreen } from './template-screen';
import { usedWords, wordingName } from './template-words';
import { WordsScreen } from './words-screen';

const ID = sample.id(90);
const wording = (n: number, words: string) => ({ id: sample.id(n), subject: '', words, html: '' });
const template = (change: Partial<Template> = {}): Template => ({
  id: ID,
  version: 3,
  kind: 'text',
  name: 'Thinking of you',
  wordings: [wording(91, 'Tea, {{ first_name }}?'), wording(92, 'Cake?')],
  files: [],
  usedBy: [],
  ...change,
});
const checked = (change: Partial<WordsCheck> = {}): WordsCheck => ({
  people: 64,
  canFill: 61,
  faults: [],
  missing: [
    {
      field: 'first_name',
      label: 'first name',
      people: 3,
      who: [{ personId: sample.id(2), name: 'Arlo’s office' }],
    },
  ],
  readers: [
    { personId: sample.id(2), name: 'Arlo’s office', odd: 'no first name' },
    { personId: sample.id(3), name: 'Ana Vance', odd: null },
  ],
  ...change,
});

const server = (change: Partial<Template> = {}, check: Partial<WordsCheck> = {}) =>
  fakeServer()
    .answer(readLists, { role: [], standing: [], source: [], circle: [], tag: [], field: [] })
    .answer(checkWords, checked(check))
    .answer(readWords, { subject: '', words: 'Tea, there?', page: '', faults: [] })
    .answer(getTemplate, template(change))
    .answer(listTemplateVersions, {
      versions: [
        {
          version: 2,
          savedAt: '2026-11-02T10:00:00.000Z',
          draft: { ...template(), name: 'Before', wordings: [wording(93, 'Soup?')], files: [] },
        },
      ],
    });

const open = async (of = server()) => {
  at({ id: ID });
  show(<TemplateScreen />);
  await screen.findByDisplayValue('Thinking of you');
  return of;
};

describe('a template', () => {
  test('its wordings are seen, changed one by one, and kept together', async () => {
    const of = await open();
    await screen.findByDisplayValue('Tea, {{ first_name }}?');
    await press('Second', 'radio');
    await type('Words', 'Cake, or soup?');
    await press('Keep the template');
    await waitFor(() =>
      expect(of.sent(saveTemplate)).toEqual([
        {
          kind: 'text',
          name: 'Thinking of you',
          files: [],
          version: 3,
          wordings: [wording(91, 'Tea, {{ first_name }}?'), wording(92, 'Cake, or soup?')],
        },
      ]),
    );
  });

  test('a field goes in where the cursor is', async () => {
    await open();
    await screen.findByDisplayValue('Tea, {{ first_name }}?');
    await press('Put in a field');
    await press('children');
    await screen.findByDisplayValue('Tea, {{ first_name }}?{{ children }}');
  });

  test('who lacks what is said, and mended in the words', async () => {
    await open();
    await screen.findByText('Can be filled in for 61 of 64.');
    await press('3 people have no first name');
    expect(screen.getByRole('link', { name: 'Arlo’s office' })).toBeTruthy();
    await type('Where there is no first name, say', 'there');
    await press('Say that instead');
    await screen.findByDisplayValue('Tea, {{ first_name | default: "there" }}?');
  });

  test('the odd readers come first, and what they would have', async () => {
    const of = await open();
    await screen.findByText('Tea, there?');
    await press('Ana Vance', 'radio');
    await waitFor(() =>
      expect(of.sent(readWords).at(-1)).toMatchObject({ personId: sample.id(3) }),
    );
  });

  test('what is wrong with the words for everybody is said instead', async () => {
    await open(server({}, { faults: ['There is no field called “shoe”.'], missing: [] }));
    await screen.findByText('There is no field called “shoe”.');
    expect(screen.queryByText(/^Can be filled in/)).toBeNull();
  });

  test('a wording more, and one less', async () => {
    const of = await open();
    await press('One more');
    await type('Words', 'Third?');
    await press('First', 'radio');
    await press('Remove this one');
    await press('Keep the template');
    await waitFor(() =>
      expect(
        (of.sent(saveTemplate)[0] as { wordings: { words: string }[] }).wordings.map(
          ({ words }) => words,
        ),
      ).toEqual(['Cake?', 'Third?']),
    );
  });

  test('it is sent to the owner as the reader in hand would have it', async () => {
    const of = server().answer(tryWords, { works: true, outcome: 'It is on its way to 555-0100.' });
    await open(of);
    await screen.findByText('Can be filled in for 61 of 64.');
    await press('Send it to me');
    await screen.findByText('It is on its way to 555-0100.');
    expect(of.sent(tryWords)).toMatchObject([
      { kind: 'text', words: 'Tea, {{ first_name }}?', personId: sample.id(2) },
    ]);
  });

  test('why it could not be sent is said there', async () => {
    const of = server().reply(tryWords, refusal('No text gateway is set up.'));
    await open(of);
    await screen.findByText('Can be filled in for 61 of 64.');
    await press('Send it to me');
    await screen.findByText('No text gateway is set up.');
  });

  test('what it was before can be taken back into the form', async () => {
    await open();
    await press('Earlier versions');
    await press('Take back version 2');
    await screen.findByDisplayValue('Soup?');
    expect(screen.getByDisplayValue('Before')).toBeTruthy();
  });

  test('what is used can neither be deleted nor become another kind', async () => {
    await open(server({ usedBy: [{ cadenceId: sample.id(95), name: 'The year', beats: 2 }] }));
    await screen.findByText('used by two beats of The year');
    expect(screen.queryByText('Delete it')).toBeNull();
    expect(screen.queryByLabelText('How it goes')).toBeNull();
  });

  test('what is not used can be deleted', async () => {
    const of = await open();
    await press('Delete it');
    await waitFor(() => expect(of.asked.some(({ method }) => method === 'DELETE')).toBe(true));
    expect(removeTemplate.path).toBe('/templates/:id');
  });

  test('a new one begins from a pattern', async () => {
    at({ id: 'new', pattern: 'birthday-text' });
    const of = server().answer(addTemplate, {
      id: ID,
      actionId: sample.id(99),
      sentence: 'Kept',
      topics: [],
    });
    show(<TemplateScreen />);
    await screen.findByDisplayValue('Birthday, by text');
    await press('Keep the template');
    await waitFor(() => expect(of.sent(addTemplate)).toMatchObject([{ kind: 'text' }]));
    await waitFor(() => expect(gone.at(-1)).toBe(`/out/words/${ID}`));
  });
});

test('all templates stand there by kind, with where they are used, beside the pattern book', async () => {
  fakeServer().answer(listTemplates, {
    templates: [template(), template({ id: sample.id(96), kind: 'card', name: 'Welcome home' })],
  });
  show(<WordsScreen />);
  await screen.findByRole('heading', { name: 'Two templates' });
  screen.getByRole('link', { name: /Thinking of you.*‹first name›.*two wordings take turns/s });
  await press('Read Birthday card');
  screen.getByText(/may the year that begins today be kind to you/);
  await press('Take a copy of Birthday card');
  expect(gone.at(-1)).toBe('/out/words/new?pattern=birthday-card');
});

test('in words: where it is used, which wording, and what stands in for a field', () => {
  const use = (name: string, beats: number) => ({ cadenceId: sample.id(1), name, beats });
  expect(usedWords({ usedBy: [] })).toBe('not used yet');
  expect(usedWords({ usedBy: [use('A', 1), use('B', 2)] })).toBe(
    'used by three beats of A and 1 other cadence',
  );
  expect([wordingName(1), wordingName(11)]).toEqual(['Second', 'No. 12']);
  const words = { subject: '{{First_Name}}', words: '{{ first_name | upcase }}', html: '' };
  expect(withFallback(words, 'first_name', 'you')).toEqual({
    subject: '{{ first_name | default: "you" }}',
    words: '{{ first_name | upcase }}',
    html: '',
  });
});
