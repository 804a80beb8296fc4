import { useRead } from '@/client/api';
import { Body, Linked, Soft } from '@/client/ui';
import { listOutbox } from '@/contract/messages';
import { listRotas } from '@/contract/rota';
import { countInWords, plural, sentenceCase, spokenDate } from '@/core/time';

/** This week's letters of each rota, and how many of them are reached. */
export function RotaWeek() {
  const rotas = useRead(listRotas, {}, { keepPrevious: true });
  return (rotas.data?.rotas ?? []).map((rota) => (
    <Linked
      key={rota.cadenceId}
      href={`/cadences/rota?id=${rota.cadenceId}`}
      className="min-h-[44px] justify-center"
    >
      <Soft>
        {`This week ${rota.letters.join(' and ')}, week ${rota.week} of ${rota.weeks}: ${rota.reached} of ${plural(rota.people, 'person', 'people')} reached.`}
      </Soft>
    </Linked>
  ));
}

/** One quiet line on what goes out by itself, which leads there; what waits too long is said here as well. */
export function OutLine() {
  const out = useRead(listOutbox, {}, { keepPrevious: true }).data;
  const { goingToday = 0, waitingTotal = 0, sentToday = 0 } = out ?? {};
  if (goingToday + waitingTotal + sentToday === 0) return null;
  const parts = [
    sentToday > 0 && `${countInWords(sentToday)} gone today`,
    goingToday > 0 && `${countInWords(goingToday)} to go`,
    waitingTotal > 0 &&
      `${countInWords(waitingTotal)} ${waitingTotal === 1 ? 'waits' : 'wait'} for you`,
  ];
  return (
    <Linked href="/out" className="min-h-[44px] justify-center">
      {out?.waitsLong ? (
        <Body className="text-danger">
          {`${sentenceCase(countInWords(out.waitsLong.total))} that should have gone ${out.waitsLong.total === 1 ? 'waits' : 'wait'} for you since ${spokenDate(out.waitsLong.since, out.today)}`}
        </Body>
      ) : null}
      <Soft>{`Out by itself: ${parts.filter(Boolean).join(', ')}.`}</Soft>
    </Linked>
  );
}
