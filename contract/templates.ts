import { z } from 'zod';

import { CadenceId, Done, Id, IdParam, Int4, PersonId } from './common';
import { endpoint } from './endpoint';
import { KeptFile, MOST_FILES } from './files';
import { Text } from './record';

const subject = 'templates';

/** What templates can be written for. */
export const TEMPLATE_KINDS = ['email', 'text', 'letter', 'card', 'call'] as const;
/** See {@link TEMPLATE_KINDS}. */
export type TemplateKind = (typeof TEMPLATE_KINDS)[number];

/** How many wordings a template may have. */
export const MOST_WORDINGS = 24;
/** Of the plain words of one message. */
export const MOST_SIGNS = 10_000;

/** Words as they are written: with merge fields, plain or rich. */
export const Words = z.object({
  /** Of an e-mail. */
  subject: Text(300).default(''),
  words: Text(MOST_SIGNS).default(''),
  /** Rich words, of an e-mail; the plain ones are made of them. */
  html: z.string().max(200_000).default(''),
});
export type Words = z.infer<typeof Words>;

/** One of the wordings of a template, which take turns. */
export const Wording = Words.extend({ id: Id });
export type Wording = z.infer<typeof Wording>;

/** A template as the owner writes it. */
export const TemplateDraft = z.object({
  kind: z.enum(TEMPLATE_KINDS),
  name: Text(120).min(1, 'Give it a name.'),
  /** They take turns, so that nobody reads the same twice running. */
  wordings: z
    .array(Wording)
    .min(1, 'There are no words in it yet.')
    .max(MOST_WORDINGS, `A template holds at most ${MOST_WORDINGS} wordings.`)
    .refine((all) => new Set(all.map(({ id }) => id)).size === all.length, {
      message: 'One wording is there twice.',
    }),
  /** What goes with an e-mail. */
  files: z.array(Id).max(MOST_FILES, `At most ${MOST_FILES} files go with an e-mail.`).default([]),
});
export type TemplateDraft = z.infer<typeof TemplateDraft>;

const Template = TemplateDraft.extend({
  id: Id,
  version: z.number().int(),
  files: z.array(KeptFile),
  /** What says its words, and how many times: cadences, and (without an id) rules of greetings. */
  usedBy: z.array(
    z.object({ cadenceId: CadenceId.nullable(), name: z.string(), beats: z.number().int() }),
  ),
});
/** A template with its wordings, as it is kept. */
export type Template = z.infer<typeof Template>;

export const listTemplates = endpoint({
  method: 'get',
  path: '/templates',
  subject,
  shows: ['templates', 'cadences'],
  summary: 'All templates with their wordings and where they are used',
  response: z.object({ templates: z.array(Template) }),
});

export const getTemplate = endpoint({
  method: 'get',
  path: '/templates/:id',
  subject,
  shows: ['templates', 'cadences'],
  summary: 'One template',
  params: IdParam,
  response: Template,
  errors: ['not_found'],
});

export const addTemplate = endpoint({
  method: 'post',
  path: '/templates',
  subject,
  summary: 'Keeps a new template',
  body: TemplateDraft,
  response: Done.extend({ id: Id }),
  errors: ['invalid'],
});

export const saveTemplate = endpoint({
  method: 'put',
  path: '/templates/:id',
  subject,
  summary: 'Changes a template wherever it is used; what has gone out stays as it was',
  params: IdParam,
  body: TemplateDraft.extend({ version: Int4 }),
  response: Done,
  errors: ['not_found', 'invalid', 'conflict'],
});

export const removeTemplate = endpoint({
  method: 'delete',
  path: '/templates/:id',
  subject,
  summary: 'Deletes a template that nothing uses',
  params: IdParam,
  response: Done,
  errors: ['not_found', 'conflict'],
});

export const listTemplateVersions = endpoint({
  method: 'get',
  path: '/templates/:id/versions',
  subject,
  shows: ['templates'],
  summary: 'What a template was before, the latest first',
  params: IdParam,
  response: z.object({
    versions: z.array(
      z.object({ version: z.number().int(), savedAt: z.string(), draft: TemplateDraft }),
    ),
  }),
  errors: ['not_found'],
});

const Asked = Words.extend({ kind: z.enum(TEMPLATE_KINDS) });

export const checkWords = endpoint({
  method: 'post',
  path: '/templates/check',
  subject,
  long: true,
  summary:
    'For whom of the sphere words can be filled in, what the others lack, and the odd readers; writes nothing',
  body: Asked,
  response: z.object({
    people: z.number().int(),
    canFill: z.number().int(),
    /** What is wrong with the words whoever reads them. */
    faults: z.array(z.string()),
    missing: z.array(
      z.object({
        field: z.string(),
        label: z.string(),
        people: z.number().int(),
        /** Some of them. */
        who: z.array(z.object({ personId: PersonId, name: z.string() })),
      }),
    ),
    /** The oddest first, then some like most. */
    readers: z.array(
      z.object({ personId: PersonId, name: z.string(), odd: z.string().nullable() }),
    ),
  }),
});
/** Who lacks what some words ask for. */
export type WordsCheck = z.infer<(typeof checkWords)['response']>;

export const readWords = endpoint({
  method: 'post',
  path: '/templates/read',
  subject,
  summary: 'Words as one person would read them, whatever the way; writes nothing',
  body: Asked.extend({ personId: PersonId }),
  response: z.object({
    subject: z.string(),
    words: z.string(),
    /** The whole letter of a rich e-mail, as a page of its own; empty for plain words. */
    page: z.string(),
    faults: z.array(z.object({ field: z.string(), sentence: z.string() })),
  }),
  errors: ['not_found'],
});
