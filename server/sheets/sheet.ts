import type { CallOutput } from '@/contract/endpoint';
import type { getPerson } from '@/contract/people';
import { need } from '@/core/need';
import { whatToTalkAbout } from '@/core/people';
import { plainDate, toDayNumber, toPlainDate, type PlainDate } from '@/core/time';
import {
  longestKept,
  standingOf,
  standingSentence,
  type LastMade,
  type TouchKind,
} from '@/core/touches';

import type { Context } from '../context';
import { looksOf } from '../delivery';
import { enrolmentsOf } from '../enrolments';
import {
  circleOf,
  contractFields,
  findOrRefuse,
  householdOf,
  jobsOf,
  notesOf,
  STORY_PARTS,
  tiesOf,
  toStanding,
} from '../people';
import { itemWords, plannedReason, sphereNow } from '../planner';
import { readMergeValues } from '../templates';
import { openFollowUps, touchesOf } from '../touches';

const dayOrNull = (date: string | null) => (date === null ? null : toDayNumber(plainDate(date)));

const plainOrNull = (date: unknown): PlainDate | null =>
  date === null ? null : plainDate(date as string);

export async function readSheet(ctx: Context, id: string): Promise<CallOutput<typeof getPerson>> {
  const today = ctx.clock.today();
  const sphere = await sphereNow(ctx);
  const person = await findOrRefuse(ctx.db, id);
  const [touches, notes, enrolments] = [
    await touchesOf(ctx.db, id),
    await notesOf(ctx.db, id),
    await enrolmentsOf(ctx.db, id, ctx.clock.today()),
  ];
  const [ties, jobs] = [await tiesOf(ctx.db, id), await jobsOf(ctx.db, id)];
  const followUps = await openFollowUps(ctx.db, id);
  const fields = contractFields(person);
  const values = need((await readMergeValues(ctx, ctx.db, [id])).get(id));
  const promise = { promiseDays: person.promise_days, due: dayOrNull(person.due_on) };
  const standing = standingOf(promise, sphere.options.today);
  const made: LastMade[] = touches
    .filter(({ hold }) => hold > 0)
    .map((touch) => ({ ...touch, on: plainDate(touch.on_day) }));
  const last = made[0] ?? null;
  const kept = longestKept(made, promise.promiseDays);
  const circle = await circleOf(ctx.db, person.circle_id);
  return {
    id,
    version: person.version,
    name: person.name,
    fields,
    circle,
    ownPromiseDays: person.own_promise_days,
    tags: person.tags,
    addedOn: plainDate(person.added_on),
    archivedOn: plainOrNull(person.archived_on),
    deletedOn: plainOrNull(person.deleted_on),
    photoId: person.photo_id as string | null,
    standing: toStanding(standing),
    sentence: standingSentence(standing, last, kept, plainDate(person.added_on), today),
    touches: touches.map(shownTouch),
    notes: notes.map(shownNote),
    ties,
    household: await householdOf(ctx.db, person.household_id),
    jobs,
    talk: talkOf(
      { last, looks: await looksOf(ctx, id), notes, ties, jobs, fields, followUps },
      today,
    ),
    events: await storyOf(ctx, id),
    planned: (sphere.byPerson.get(id) ?? []).map((touch) => ({
      key: touch.item.key,
      day: toPlainDate(touch.day),
      kind: touch.item.kind as TouchKind,
      reason: plannedReason(ctx, sphere, touch, promise, { last, kept }, today),
      words: itemWords(ctx, sphere, touch, values),
    })),
    enrolments: enrolments.map(shownEnrolment),
  };
}

type Read<Reader extends (...args: never[]) => Promise<unknown>> = Awaited<ReturnType<Reader>>;

const talkOf = (
  {
    last,
    looks,
    notes,
    ties,
    jobs,
    fields,
    followUps,
  }: {
    last: LastMade | null;
    looks: Read<typeof looksOf>;
    notes: Read<typeof notesOf>;
    ties: Read<typeof tiesOf>;
    jobs: Read<typeof jobsOf>;
    fields: ReturnType<typeof contractFields>;
    followUps: Read<typeof openFollowUps>;
  },
  today: PlainDate,
) =>
  whatToTalkAbout(
    {
      reached: last !== null,
      lastWords: lastWords(notes),
      looks,
      pinned: notes.filter(({ pinned }) => pinned).map(shownNote),
      followUps: followUps.map(({ on_day, words }) => ({ on: plainDate(on_day), words })),
      ties,
      birthday: fields.birthday,
      dates: fields.dates,
      jobs,
      interests: fields.interests,
    },
    today,
  );

type RowOf<Reader extends (...args: never[]) => Promise<readonly unknown[]>> = Read<Reader>[number];

const shownTouch = ({ id, on_day, kind, outcome, hold }: RowOf<typeof touchesOf>) => ({
  id,
  on: plainDate(on_day),
  kind,
  outcome,
  hold,
});

const shownNote = ({ id, version, on_day, body, pinned, tags }: RowOf<typeof notesOf>) => ({
  id,
  version,
  on: plainDate(on_day),
  body,
  pinned,
  tags,
});

const shownEnrolment = (e: RowOf<typeof enrolmentsOf>) => ({
  id: e.id,
  cadenceId: e.cadence_id,
  cadence: e.cadence,
  startOn: plainDate(e.start_on),
  state: e.state,
});

/** What every subject has to tell of a person. */
async function storyOf(ctx: Context, id: string) {
  const events = [];
  for (const part of ctx.house.of(STORY_PARTS)) events.push(...(await part(ctx, id)));
  return events;
}

/** The latest note that is not pinned: what is pinned is said anyway. */
function lastWords(notes: readonly { on_day: string; body: string; pinned: boolean }[]) {
  const latest = notes.find(({ pinned }) => !pinned);
  return latest ? { on: plainDate(latest.on_day), words: latest.body } : null;
}
