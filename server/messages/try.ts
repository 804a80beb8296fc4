import type { CallOutput } from '@/contract/endpoint';
import type { tryWords } from '@/contract/messages';
import type { Words } from '@/contract/templates';

import { invalid, notFound } from '../api';
import { liveMail, liveTexts, type Handed } from '../carriers';
import type { Context } from '../context';
import { newId } from '../db';
import { assertFiles, readMergeValues, SAMPLE, tidiedOrRefused } from '../templates';
import { lettersOf } from './letters';
import { fillIn } from './make';
import { filesOf } from './pump';
import type { Kind } from './queries';
import { readSendContext } from './room';

interface Asked extends Words {
  personId: string;
  kind: Kind;
  files: readonly string[];
}

/** Sends words to the owner as one person would have them; it is no message of anybody's. */
export async function tryOnMe(ctx: Context, asked: Asked): Promise<CallOutput<typeof tryWords>> {
  await assertFiles(ctx.db, asked.files);
  const room = await readSendContext(ctx);
  const values = (await readMergeValues(ctx, ctx.db, [asked.personId])).get(asked.personId);
  if (!values) throw notFound('They are not in your sphere any more.');
  const words = { ...tidiedOrRefused(asked.kind, asked), cadence: SAMPLE.cadence };
  const { texts, fault } = fillIn(words, { ...values, ...SAMPLE }, room);
  if (fault) throw invalid(fault, 'words');
  const { ownerEmail, ownerPhone } = room.settings;
  if (asked.kind === 'text') {
    const texting = await liveTexts(ctx);
    if (!texting) throw invalid('No text gateway is set up.');
    if (!ownerPhone) throw invalid('Give your own phone number under Carriers first.');
    const handed = await texting.carrier.hand({ id: newId(), to: ownerPhone, words: texts.words });
    return outcomeOf(handed, ownerPhone);
  }
  const mail = await liveMail(ctx);
  if (!mail) throw invalid('No mail server is set up.');
  const to = ownerEmail || mail.setup.fromAddress;
  const letter = { ...texts, id: newId(), automatic: true, files: [...asked.files] };
  const handed = await mail.carrier.hand({
    id: letter.id,
    to: [to],
    subject: texts.subject,
    ...lettersOf(ctx, room, letter, { trial: true }),
    files: await filesOf(ctx, letter),
    optOut: null,
  });
  return outcomeOf(handed, to);
}

const outcomeOf = (handed: Handed, to: string) =>
  handed.as === 'taken'
    ? { works: true, outcome: `It is on its way to ${to}.` }
    : { works: false, outcome: handed.words };
