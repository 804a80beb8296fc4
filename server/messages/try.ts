import type { CallOutput } from '@/contract/endpoint';
import type { tryWords } from '@/contract/messages';
import type { Words } from '@/contract/templates';

import { invalid, notFound } from '../api';
import type { Context } from '../context';
import { channelOf, filledHtml, fillIn, readSendContext } from '../delivery';
import { assertFiles, readMergeValues, SAMPLE, tidiedOrRefused } from '../templates';
import type { MessageKind } from './kinds';

interface Asked extends Words {
  personId: string;
  kind: MessageKind;
  files: readonly string[];
}

/** Sends words to the owner as one person would have them; it is nobody's message. */
export async function tryOnMe(ctx: Context, asked: Asked): Promise<CallOutput<typeof tryWords>> {
  await assertFiles(ctx.db, asked.files);
  const context = await readSendContext(ctx);
  const channel = channelOf(ctx, asked.kind);
  const values = (await readMergeValues(ctx, ctx.db, [asked.personId])).get(asked.personId);
  if (!values) throw notFound('They are not in your sphere any more.');
  const words = { ...tidiedOrRefused(asked.kind, asked), cadence: SAMPLE.cadence };
  const { content, mergeValues, fault } = fillIn(channel, words, { ...values, ...SAMPLE }, context);
  if (fault) throw invalid(fault, 'words');
  if (!channel.trial) throw invalid(`A ${channel.nouns.one} can’t be tried.`);
  const html = filledHtml({ merge_values: mergeValues }, content.html);
  const trial = { ...content, html, files: asked.files };
  const { result, to } = await channel.trial(ctx, context, trial);
  return result.as === 'taken'
    ? { works: true, outcome: `It is on its way to ${to}.` }
    : { works: false, outcome: result.words };
}
