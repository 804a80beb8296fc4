import type { Beat } from '@/core/cadences';
import { turnAfter, wordingOf } from '@/core/templates';

import type { Sql } from '../db';
import { templatesAmong, wordingsUsed, type TemplateRow } from '../templates';

/** What a beat says in a round to somebody, with merge fields. */
export interface Said {
  subject: string;
  words: string;
  html: string;
  files: readonly string[];
  template: { id: string; wordingId: string } | null;
}

const usedKey = (personId: string, templateId: string) => `${personId} ${templateId}`;

/** The words of beats: their own, or of templates, of which nobody gets the same one twice running. */
export class BeatWords {
  constructor(
    private readonly templates: ReadonlyMap<string, TemplateRow>,
    private readonly used: Map<string, string>,
  ) {}

  /** As {@link of}, and counts it as had. */
  take(beat: Beat, round: number, personId: string): Said {
    const said = this.of(beat, round, personId);
    const { template } = said;
    if (template) this.used.set(usedKey(personId, template.id), template.wordingId);
    return said;
  }

  of({ wordings, templateId }: Beat, round: number, personId: string): Said {
    const template = templateId ? this.templates.get(templateId) : undefined;
    if (!template) {
      const words = wordingOf(wordings, round, personId);
      return { subject: '', words, html: '', files: [], template: null };
    }
    const ids = template.wordings.map(({ id }) => id);
    const last = this.used.get(usedKey(personId, template.id)) ?? null;
    const { id: wordingId, ...said } = template.wordings[turnAfter(ids, round, personId, last)]!;
    return { ...said, files: template.files, template: { id: template.id, wordingId } };
  }

  /** These, with what other people had last. */
  with(others: BeatWords): BeatWords {
    return new BeatWords(
      new Map([...this.templates, ...others.templates]),
      new Map([...this.used, ...others.used]),
    );
  }
}

/** Reads the words of beats, as far as templates say them; what people had last, or everybody (null). */
export async function beatWords(
  sql: Sql,
  beats: readonly Beat[],
  ids: readonly string[] | null,
): Promise<BeatWords> {
  const templateIds = [...new Set(beats.flatMap(({ templateId }) => templateId ?? []))];
  if (templateIds.length === 0) return new BeatWords(new Map(), new Map());
  const templates = await templatesAmong(sql, templateIds);
  const used = await wordingsUsed(sql, ids);
  return new BeatWords(
    new Map(templates.map((row) => [row.id, row])),
    new Map(
      used.map(({ person_id, template_id, wording_id }) => [
        usedKey(person_id, template_id),
        wording_id,
      ]),
    ),
  );
}
