import type { CallOutput } from '@/contract/endpoint';
import { fileUrl } from '@/contract/files';
import type { checkWords, readWords, TemplateKind, Words } from '@/contract/templates';
import { footerLines, htmlLetter, oddnessOf, subjectOf } from '@/core/messages';
import { need } from '@/core/need';
import {
  faultShown,
  fieldLabel,
  fieldsOf,
  fill,
  fillRich,
  missingIn,
  type MergeValues,
} from '@/core/templates';

import { notFound } from '../api';
import type { Context } from '../context';
import { readSettings } from '../settings';
import * as queries from './queries';
import { asMailed } from './rich';
import { readMergeValues } from './values';
import { faultsOfWords, tidied } from './words';

type Asked = Words & { kind: TemplateKind };

/** What an occasion will give, so that words about one can be seen before there is one. */
export const SAMPLE = {
  day: 'Saturday',
  years: 10,
  occasion: 'birthday',
  whose: 'Theo',
  cadence: 'The year',
} satisfies MergeValues;

const FACES_PER_PAGE = 1000;
const SHOWN_WHO = 8;
const SHOWN_READERS = 24;

/** For whom of the sphere words can be filled in, what the others lack, and the odd readers first. */
export async function check(ctx: Context, asked: Asked): Promise<CallOutput<typeof checkWords>> {
  const { subject, words, html } = tidied(asked.kind, asked);
  const texts = [subject, html || words];
  const faults = await faultsOfWords(ctx, texts);
  const faces = await queries.readFaces(ctx.db, null);
  const missing = new Map<string, { personId: string; name: string }[]>();
  const lacks = new Map<string, string>();
  const asks = texts.flatMap((text) => fieldsOf(text));
  if (faults.length === 0 && asks.length > 0)
    for (let at = 0; at < faces.length; at += FACES_PER_PAGE) {
      const some = faces.slice(at, at + FACES_PER_PAGE);
      const values = await readMergeValues(
        ctx,
        ctx.db,
        some.map(({ id }) => id),
        new Set(asks),
      );
      for (const { id, name } of some) {
        const all = { ...need(values.get(id)), ...SAMPLE };
        for (const field of new Set(texts.flatMap((text) => missingIn(text, all)))) {
          const who = missing.get(field) ?? [];
          who.push({ personId: id, name });
          missing.set(field, who);
          lacks.set(id, `no ${fieldLabel(field)}`);
        }
      }
    }
  const ranked = faces
    .map((face) => {
      const { odd, rank } = oddnessOf(face);
      const lack = lacks.get(face.id);
      return { personId: face.id, name: face.name, odd: lack ?? odd, rank: lack ? -1 : rank };
    })
    .sort((a, b) => a.rank - b.rank);
  return {
    people: faces.length,
    canFill: faults.length > 0 ? 0 : faces.length - lacks.size,
    faults: [...new Set(faults)],
    missing: [...missing]
      .sort(([, a], [, b]) => b.length - a.length)
      .map(([field, who]) => ({
        field,
        label: fieldLabel(field),
        people: who.length,
        who: who.slice(0, SHOWN_WHO),
      })),
    readers: ofEachKind(ranked).map(({ rank: _, ...reader }) => reader),
  };
}

/** Some of each oddness rather than all of the oddest. */
function ofEachKind<R extends { rank: number; odd: string | null }>(ranked: readonly R[]): R[] {
  const taken = new Map<string | null, number>();
  return ranked
    .filter(({ odd }) => {
      const n = (taken.get(odd) ?? 0) + 1;
      taken.set(odd, n);
      return n <= 4;
    })
    .slice(0, SHOWN_READERS);
}

/** Words as one person would read them. */
export async function read(
  ctx: Context,
  { personId, ...asked }: Asked & { personId: string },
): Promise<CallOutput<typeof readWords>> {
  const { subject, words, html } = tidied(asked.kind, asked);
  const values = (await readMergeValues(ctx, ctx.db, [personId])).get(personId);
  if (!values) throw notFound('They are not in your sphere any more.');
  const all = { ...values, ...SAMPLE };
  const [about, plain, rich] = [fill(subject, all), fill(words, all), fillRich(html, all)];
  const faults = [about, html ? rich : plain].flatMap((filled) =>
    filled.ok ? [] : filled.faults.map(faultShown),
  );
  const text = plain.ok ? plain.text : words;
  return {
    subject: asked.kind === 'email' ? (about.ok ? about.text : subject) || subjectOf(text) : '',
    words: text,
    page: html ? await pageOf(ctx, rich.ok ? rich.text : html) : '',
    faults,
  };
}

/** The whole letter, with what stands below it where it goes by itself or to many. */
const pageOf = async (ctx: Context, html: string): Promise<string> =>
  htmlLetter(asMailed(html, { srcOf: fileUrl }), {
    lines: footerLines(await readSettings(ctx.db)),
    optOutUrl: '#',
  });
