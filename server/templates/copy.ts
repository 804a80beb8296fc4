import { need } from '@/core/need';
import { turnAfter, wordingOf } from '@/core/templates';

import type { Sql } from '../db';
import { noteWordings, templatesAmong, wordingsUsed, type TemplateRow } from './queries';

/** What has words of its own, or says a template's: a beat, a rule of greetings. */
export interface Sayer {
  wordings: readonly string[];
  templateId?: string | null | undefined;
}

/** What is said to somebody, with merge fields. */
export interface Said {
  subject: string;
  words: string;
  html: string;
  files: readonly string[];
  template: { id: string; wordingId: string } | null;
}

const usedKey = (personId: string, templateId: string) => `${personId} ${templateId}`;

/** What is said: own words, or those of templates, of which nobody gets the same one twice running. */
export class ResolvedCopy {
  constructor(
    private readonly templates: ReadonlyMap<string, TemplateRow>,
    private readonly used: Map<string, string>,
  ) {}

  /** As {@link of}, and counts it as had. */
  take(sayer: Sayer, round: number, personId: string): Said {
    const said = this.of(sayer, round, personId);
    const { template } = said;
    if (template) this.used.set(usedKey(personId, template.id), template.wordingId);
    return said;
  }

  /** @param round which turn it is: the round of a cadence, the year of a date */
  of({ wordings, templateId }: Sayer, round: number, personId: string): Said {
    const template = templateId ? this.templates.get(templateId) : undefined;
    if (!template) {
      const words = wordingOf(wordings, round, personId);
      return { subject: '', words, html: '', files: [], template: null };
    }
    const ids = template.wordings.map(({ id }) => id);
    const last = this.used.get(usedKey(personId, template.id)) ?? null;
    const { id: wordingId, ...said } = need(
      template.wordings[turnAfter(ids, round, personId, last)],
    );
    return { ...said, files: template.files, template: { id: template.id, wordingId } };
  }

  /** These, with what other people had last. */
  with(others: ResolvedCopy): ResolvedCopy {
    return new ResolvedCopy(
      new Map([...this.templates, ...others.templates]),
      new Map([...this.used, ...others.used]),
    );
  }
}

/** Reads what is said, as far as templates say it; and what people had last, or everybody (null). */
export async function readCopy(
  sql: Sql,
  sayers: readonly Pick<Sayer, 'templateId'>[],
  ids: readonly string[] | null,
): Promise<ResolvedCopy> {
  const templateIds = [...new Set(sayers.flatMap(({ templateId }) => templateId ?? []))];
  if (templateIds.length === 0) return new ResolvedCopy(new Map(), new Map());
  const templates = await templatesAmong(sql, templateIds);
  const used = await wordingsUsed(sql, ids);
  return new ResolvedCopy(
    new Map(templates.map((row) => [row.id, row])),
    new Map(
      used.map(({ person_id, template_id, wording_id }) => [
        usedKey(person_id, template_id),
        wording_id,
      ]),
    ),
  );
}

/** Notes which wording somebody has now had, where a template said it. */
export async function noteSaid(
  sql: Sql,
  sayer: Sayer,
  { round, personId, at }: { round: number; personId: string; at: string },
): Promise<void> {
  if (!sayer.templateId) return;
  const { template } = (await readCopy(sql, [sayer], [personId])).of(sayer, round, personId);
  if (!template) return;
  const used = { person_id: personId, template_id: template.id, wording_id: template.wordingId };
  await noteWordings(sql, [{ ...used, at }]);
}
