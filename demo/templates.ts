import { randomUUID } from 'node:crypto';

import { call } from '@/contract/call';
import { fileUrl, keepFile } from '@/contract/files';
import { addTemplate, type TemplateKind } from '@/contract/templates';
import { asRich } from '@/core/merge-fields';

/** The quay of Port Ellery, as the head of a letter. */
const QUAY = `<svg xmlns="http://www.w3.org/2000/svg" width="1040" height="260" viewBox="0 0 1040 260">
<rect width="1040" height="260" fill="#F4ECDA"/><circle cx="830" cy="78" r="34" fill="#E3B75B"/>
<path d="M0 196 Q130 180 260 196 T520 196 T780 196 T1040 196 V260 H0Z" fill="#1F5F73"/>
<path d="M0 216 Q130 202 260 216 T520 216 T780 216 T1040 216 V260 H0Z" fill="#17495A"/>
<g fill="#5B6172"><rect x="70" y="120" width="62" height="76"/><rect x="140" y="100" width="54" height="96"/><rect x="202" y="132" width="70" height="64"/></g>
<g fill="#A63A2B"><path d="M64 120 L101 88 L138 120Z"/><path d="M134 100 L167 66 L200 100Z"/><path d="M196 132 L237 100 L278 132Z"/></g>
<path d="M520 190 L700 190 L668 216 L552 216Z" fill="#1E2433"/><path d="M606 60 L606 184 L690 184Z" fill="#FFFFFF"/><path d="M598 76 L598 184 L534 184Z" fill="#ECE8DF"/>
</svg>`;

interface Words {
  kind: TemplateKind;
  name: string;
  subject?: string;
  wordings: readonly string[];
  /** Stands below the words of each. */
  foot?: string;
}

const TEMPLATES: Readonly<Record<string, Words>> = {
  line: {
    kind: 'email',
    name: 'A line from Chandler Row',
    subject: 'A line from Chandler Row',
    wordings: [
      'Dear {{ first_name | default: "neighbor" }},\n\nrates moved a little this month. If you wonder what that means for {{ place | default: "your part of town" }}, ask me; I will work it out for you.\n\n{{ signature }}',
      'Dear {{ first_name | default: "neighbor" }},\n\nfrom my window I see the ferries turn, and I thought of you. Is there anything about the loan that you would ask, if asking were easy? It is: answer this.\n\n{{ signature }}',
    ],
  },
  halfYear: {
    kind: 'email',
    name: 'Half a year in',
    subject: 'Half a year in, {{ home_names }}',
    wordings: [
      'Dear {{ home_names }},\n\nhalf a year in. Is the loan still the right one? A quarter of an hour is enough to see.\n\n{{ signature }}',
    ],
    foot: '<p><a data-look="button" href="https://example.com/quarter-hour">Choose a quarter of an hour</a></p>',
  },
  thinking: {
    kind: 'text',
    name: 'Thinking of you',
    wordings: [
      'Thinking of you, {{ first_name }}. Anything I can look up for you?',
      'How are things{% if place %} in {{ place }}{% endif %}, {{ first_name }}? I am a text away.',
      'I passed your street today, {{ first_name }}. All well?',
    ],
  },
  years: {
    kind: 'email',
    name: 'Another year in the house',
    subject: '{{ years }} years, {{ home_names }}',
    wordings: [
      'Dear {{ home_names }},\n\n{{ day }} it will be {{ years }} years since we sat over your papers.\n\nIf anything about the loan should be looked at again, I am glad to.\n\n{{ signature }}',
    ],
  },
  firstNights: {
    kind: 'call',
    name: 'The first nights',
    wordings: ['How were the first nights, {{ first_name }}? Which box is still closed?'],
  },
  welcome: {
    kind: 'card',
    name: 'Welcome home',
    wordings: [
      'Dear {{ home_names }}, welcome home. With this, the list of good people: plumber, painter, piano tuner. {{ my_first_name }}',
    ],
  },
};

/** Ids of the templates, by their name here. */
export type DemoTemplates = Record<string, string>;

/** Keeps Marisol's words; answers the ids of the templates. */
export async function keepTemplates(base: string): Promise<DemoTemplates> {
  const content = Buffer.from(QUAY).toString('base64');
  const { file } = await call(
    keepFile,
    { body: { name: 'quay.png', content, as: 'picture' } },
    { base },
  );
  const head = `<p><img src="${fileUrl(file.id)}" alt="The quay of Port Ellery"></p>`;
  const ids: DemoTemplates = {};
  for (const [key, { kind, name, subject = '', wordings, foot = '' }] of Object.entries(
    TEMPLATES,
  )) {
    const { id } = await call(
      addTemplate,
      {
        body: {
          kind,
          name,
          wordings: wordings.map((words) => ({
            id: randomUUID(),
            subject,
            words,
            html: kind === 'email' ? head + asRich(words) + foot : '',
          })),
        },
      },
      { base },
    );
    ids[key] = id;
  }
  return ids;
}
