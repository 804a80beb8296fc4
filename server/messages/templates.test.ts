import sharp from 'sharp';

import { createCadence, getCadence, saveCadence } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { keepFile } from '@/contract/files';
import { undoAction } from '@/contract/history';
import {
  getMessage,
  listSent,
  previewMany,
  startMessage,
  tryWords,
  writeMany,
  writeMessage,
} from '@/contract/messages';
import { saveSettings } from '@/contract/settings';
import {
  addTemplate,
  checkWords,
  getTemplate,
  listTemplates,
  listTemplateVersions,
  readWords,
  removeTemplate,
  saveTemplate,
} from '@/contract/templates';
import { getDesk } from '@/contract/touches';
import { newId } from '@/server/db';
import { beat } from '@/testing/cadences';
import { messagesSuite, YES } from '@/testing/messages';

const { add, api, begin, call, ctx, due, evening, later, refusal, rosa, write } = messagesSuite();

const wording = (words: string, change: object = {}) => ({
  id: newId(),
  subject: '',
  words,
  html: '',
  ...change,
});
const keep = (wordings: ReturnType<typeof wording>[], change: object = {}) =>
  call(addTemplate, {
    body: { kind: 'email', name: 'Half a year', wordings, files: [], ...change },
  });

/** A cadence whose beats are by one template. */
const cadenceOf = (templateId: string, name: string, change: object = {}) =>
  call(createCadence, {
    body: {
      name,
      rounds: null,
      gapDays: 1,
      beats: [{ ...beat(0, 'email', '', { way: 'auto' }), wordings: [], templateId, ...change }],
    },
  });
const join = async (cadenceId: string, ids: string[], startOn = '2026-11-23') => {
  await call(enrol, { body: { cadenceId, who: { ids }, startOn, leaveOut: [] } });
  await due(true);
};
const png = async () =>
  await sharp({ create: { width: 1600, height: 40, channels: 3, background: '#4f6b3a' } })
    .png()
    .toBuffer();
const picture = async () =>
  (
    await call(keepFile, {
      body: { name: 'quay.png', content: (await png()).toString('base64'), as: 'picture' },
    })
  ).file;

test('a template is kept, changed with its versions, and taken back', async () => {
  const one = wording('How is it, {{ first_name }}?');
  const { id } = await keep([one]);
  const draft = { kind: 'email' as const, name: 'Half a year in', files: [] };
  const { actionId } = await call(saveTemplate, {
    params: { id },
    body: { ...draft, version: 1, wordings: [{ ...one, words: 'And how is it now?' }] },
  });
  expect(await call(getTemplate, { params: { id } })).toMatchObject({
    name: 'Half a year in',
    version: 2,
    wordings: [{ words: 'And how is it now?' }],
  });
  expect(await call(listTemplateVersions, { params: { id } })).toMatchObject({
    versions: [{ version: 1, draft: { wordings: [{ words: 'How is it, {{ first_name }}?' }] } }],
  });
  const { message } = await refusal(saveTemplate, {
    params: { id },
    body: { ...draft, version: 1, wordings: [one] },
  });
  expect(message).toMatch(/another window/);
  await call(undoAction, { params: { id: actionId } });
  expect((await call(getTemplate, { params: { id } })).name).toBe('Half a year');
  await call(removeTemplate, { params: { id } });
  expect((await call(listTemplates)).templates).toEqual([]);
});

test.each([
  ['{{ shoe_size }}', /no field called “shoe_size”/],
  ['Dear {{ first_name', /brace/],
  ['', /nothing in it yet/],
  ['x'.repeat(10_001), /^At most 10000/],
])('what can’t be kept, %#', async (words, why) => {
  const { message } = await refusal(addTemplate, {
    body: { kind: 'email', name: 'x', wordings: [wording(words)], files: [] },
  });
  expect(message).toMatch(why);
});

test('HTML is cleaned of what runs, hides or comes from elsewhere; braces stay', async () => {
  const { id } = await keep([
    wording('', {
      html: '<p onclick="x()">Dear <b>{{ first_name | default: "there" }}</b><script>alert(1)</script></p><img src="https://example.com/p.gif"><a href="javascript:x()">go</a><iframe src="/"></iframe>{% if children %}<p>And {{ children }}</p>{% endif %}',
    }),
  ]);
  expect((await call(getTemplate, { params: { id } })).wordings[0]).toMatchObject({
    html: '<p>Dear <b>{{ first_name | default: "there" }}</b></p><a>go</a>{% if children %}<p>And {{ children }}</p>{% endif %}',
    words: expect.stringMatching(/^Dear \{\{ first_name \| default: "there" \}\}\s+go/),
  });
});

test('a beat says a template’s words: rich, with its picture inlined and its file along', async () => {
  const { arrived } = await begin();
  const shown = await picture();
  expect(shown).toMatchObject({ width: 1200, type: 'image/jpeg' });
  const { file } = await call(keepFile, {
    body: { name: 'list.pdf', content: Buffer.from('%PDF-1.7 x').toString('base64'), as: 'along' },
  });
  const { id } = await keep(
    [
      wording('', {
        subject: 'For {{ first_name }}',
        html: `<p>Dear {{ name }},</p><p><img src="/api/files/${shown.id}" alt="The quay"></p><p><a data-look="button" href="https://example.com/list">See the list</a></p>`,
      }),
    ],
    { files: [file.id] },
  );
  const cadence = await cadenceOf(id, 'By template');
  expect((await call(getTemplate, { params: { id } })).usedBy).toMatchObject([
    { name: 'By template', beats: 1 },
  ]);
  // What is used can't be deleted.
  expect((await refusal(removeTemplate, { params: { id } })).message).toMatch(/By template says/);
  await join(cadence.id, [await rosa({ familyName: 'Li<b>nd' })]);
  await evening();
  const [{ mail }] = arrived as [(typeof arrived)[0]];
  expect(mail.subject).toBe('For Rosa');
  // A name is text, whatever is in it.
  expect(mail.html).toContain('Dear Rosa Li&lt;b&gt;nd,');
  expect(mail.html).toMatch(/<a href="https:\/\/example.com\/list" style="display:inline-block/);
  // The parser puts pictures where their cid: stood.
  expect(mail.html).toMatch(/<img src="(cid:|data:image\/jpeg)/);
  expect(mail.text).toMatch(/Dear Rosa Li<b>nd,\s+See the list \(https:\/\/example.com\/list\)/);
  expect(mail.attachments.map(({ filename, related }) => [filename, Boolean(related)])).toEqual([
    ['quay.png', true],
    ['list.pdf', false],
  ]);
  const [gone] = (await call(listSent)).messages;
  const whole = await call(getMessage, { params: { id: gone!.id } });
  expect(whole.files).toMatchObject([{ name: 'list.pdf' }]);
  expect(whole.page).toContain(`/api/files/${shown.id}`);
});

test('nobody gets the same wording twice running, also by two cadences', async () => {
  const { arrived } = await begin();
  const { id } = await keep([wording('One'), wording('Two'), wording('Three')]);
  const rosaId = await rosa();
  const first = await cadenceOf(id, 'First');
  const second = await cadenceOf(id, 'Second');
  await join(first.id, [rosaId]);
  await evening();
  await join(second.id, [rosaId], '2026-11-24');
  for (let day = 0; day < 5; day++) {
    later(24);
    await due(true);
  }
  const words = arrived.map(({ mail }) => mail.text!.split('\n')[0]!);
  expect(words.length).toBeGreaterThanOrEqual(5);
  words.slice(1).forEach((word, i) => expect(word).not.toBe(words[i]));
});

test('a template changes what its beats say, and a beat keeps to its kind', async () => {
  const { id } = await keep([wording('Then')]);
  const { id: textId } = await keep([wording('A text')], { kind: 'text', name: 'Text' });
  const { id: cadenceId } = await cadenceOf(id, 'Beats');
  const cadence = await call(getCadence, { params: { id: cadenceId } });
  expect(cadence.beats).toMatchObject([{ wordings: ['Then'], templateId: id }]);
  const { message } = await refusal(saveCadence, {
    params: { id: cadenceId },
    body: { ...cadence, beats: [{ ...cadence.beats[0]!, templateId: textId }] },
  });
  expect(message).toMatch(/another way of writing/);
  const before = await call(getTemplate, { params: { id } });
  await call(saveTemplate, {
    params: { id },
    body: {
      kind: 'email',
      name: 'Half a year',
      version: 1,
      files: [],
      wordings: [{ ...before.wordings[0]!, words: 'Now' }],
    },
  });
  expect((await call(getCadence, { params: { id: cadenceId } })).beats[0]!.wordings).toEqual([
    'Now',
  ]);
});

test('the desk shows plain words; sent as they stand, they go as the template has them', async () => {
  const { arrived } = await begin();
  const { id } = await keep([
    wording('', { subject: 'Tea', html: '<p>Tea, <b>{{ first_name }}</b>?</p>' }),
  ]);
  const { id: cadenceId } = await cadenceOf(id, 'By hand', { way: 'hand' });
  const rosaId = await rosa();
  await join(cadenceId, [rosaId]);
  const item = (await call(getDesk)).items.find(({ personId }) => personId === rosaId)!;
  expect(item).toMatchObject({ words: 'Tea, Rosa?', template: { id } });
  await write(rosaId, { words: item.words, template: item.template, itemKey: item.key });
  expect(arrived[0]!.mail).toMatchObject({ subject: 'Tea' });
  expect(arrived[0]!.mail.html).toContain('<b>Rosa</b>');
});

test('words are looked at for the whole sphere: who lacks what, and the odd readers first', async () => {
  await rosa();
  const odd = await add({ company: 'Arlo’s office', email: 'a@example.com', consent: YES });
  const asked = { kind: 'email' as const, subject: '', words: 'Dear {{ first_name }}', html: '' };
  const seen = await call(checkWords, { body: asked });
  expect(seen).toMatchObject({
    people: 2,
    canFill: 1,
    missing: [{ field: 'first_name', label: 'first name', people: 1, who: [{ personId: odd }] }],
  });
  expect(seen.readers[0]).toMatchObject({ personId: odd, odd: 'no first name' });
  expect(
    (await call(checkWords, { body: { ...asked, words: 'Dear {{ shoe }}' } })).faults,
  ).toHaveLength(1);
  expect(
    await call(readWords, {
      body: { ...asked, words: '{{ years }} years, {{ name }}', personId: odd },
    }),
  ).toMatchObject({ words: '10 years, Arlo’s office', faults: [] });
});

test('a template that is changed is what the desk says from then on, and again once that is undone', async () => {
  const one = wording('Tea, {{ first_name }}?');
  const { id } = await keep([one], { kind: 'call', name: 'Tea' });
  const { id: cadenceId } = await cadenceOf(id, 'By hand', { kind: 'call', way: 'hand' });
  await join(cadenceId, [await rosa()]);
  const words = async () => (await call(getDesk)).items.map((item) => item.words);
  expect(await words()).toEqual(['Tea, Rosa?']);
  const { actionId } = await call(saveTemplate, {
    params: { id },
    body: {
      kind: 'call',
      name: 'Tea',
      version: 1,
      files: [],
      wordings: [{ ...one, words: 'Coffee, {{ first_name }}?' }],
    },
  });
  expect(await words()).toEqual(['Coffee, Rosa?']);
  await call(undoAction, { params: { id: actionId } });
  expect(await words()).toEqual(['Tea, Rosa?']);
});

test('rich words that are far too long are refused, and a text is never rich', async () => {
  const id = await rosa({ phones: [{ value: '503-555-0142', label: 'mobile' }] });
  const long = `<p>${'word '.repeat(2_500)}</p>`;
  const body = { personId: id, kind: 'email' as const, subject: '', words: '', itemKey: null };
  expect((await refusal(writeMessage, { body: { ...body, html: long } })).message).toMatch(
    /longer than 10,000 signs/,
  );
  const asked = { ...body, kind: 'text' as const, words: 'Plain', html: '<p>Rich</p>' };
  expect(await call(startMessage, { body: asked })).toMatchObject({ words: 'Plain', page: '' });
});

test('tried on the owner: as one reader would have it, telling nothing, and nobody’s message', async () => {
  const { arrived } = await begin();
  ctx().outsideUrl = api().url;
  await call(saveSettings, { body: { seesOpens: true, seesClicks: true } });
  const body = {
    kind: 'email' as const,
    personId: await rosa(),
    subject: '{{ years }} years',
    words: '',
    html: '<p>Dear {{ first_name }}, <a href="https://example.com/x">look</a></p>',
    files: [],
  };
  expect(await call(tryWords, { body })).toMatchObject({ works: true });
  expect(arrived).toMatchObject([{ to: ['marisol@example.com'], mail: { subject: '10 years' } }]);
  expect(String(arrived[0]!.mail.html)).toContain('href="https://example.com/x"');
  expect(String(arrived[0]!.mail.html)).not.toContain('/seen/');
  expect((await call(listSent)).messages).toEqual([]);
  expect(
    (await refusal(tryWords, { body: { ...body, html: '<p>At {{ company }}</p>' } })).message,
  ).toBe('There is no company to fill in.');
});

test('to many: rich, one each, and the same files with all', async () => {
  const { arrived } = await begin();
  const ids = [
    await rosa(),
    await add({ givenName: 'Ana', email: 'ana@example.com', consent: YES }),
  ];
  const { file } = await call(keepFile, {
    body: {
      name: 'Grüße & „Pläne“.ics',
      content: Buffer.from('BEGIN:VCALENDAR').toString('base64'),
      as: 'along',
    },
  });
  const body = {
    who: { ids },
    kind: 'email' as const,
    subject: 'Hello',
    words: '',
    html: '<p>Dear {{ first_name }}</p>',
  };
  expect(await call(previewMany, { body })).toMatchObject({ canGet: 2 });
  await call(writeMany, { body: { ...body, files: [file.id], once: newId() } });
  await evening();
  expect(
    arrived.map(({ to, mail }) => [to, mail.text!.split('\n')[0], mail.attachments[0]!.filename]),
  ).toEqual(
    expect.arrayContaining([
      [['rosa@example.com'], 'Dear Rosa', 'Grüße & „Pläne“.ics'],
      [['ana@example.com'], 'Dear Ana', 'Grüße & „Pläne“.ics'],
    ]),
  );
  // RFC 2231, sections 3 and 4: the name in parts, its character set before it.
  expect(arrived[0]!.raw.toString('latin1')).toMatch(/filename\*0\*=utf-8''Gr%C3%BC%C3%9Fe/i);
});
