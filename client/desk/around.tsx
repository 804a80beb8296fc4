import { useRead } from '@/client/api';
import { Linked, Soft } from '@/client/ui';
import { listWaiting } from '@/contract/enrolments';
import { listRotas } from '@/contract/rota';
import { figure, plural } from '@/core/time';

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

/** One quiet line on what goes out by itself, which leads there. */
export function OutLine() {
  const waiting = useRead(listWaiting, {}, { keepPrevious: true });
  const { total = 0, heldTotal = 0 } = waiting.data ?? {};
  if (total + heldTotal === 0) return null;
  const parts = [
    total > 0 && `${plural(total, 'message waits', 'messages wait')} until sending is set up`,
    heldTotal > 0 && `${figure(heldTotal)} held back`,
  ];
  return (
    <Linked href="/out" className="min-h-[44px] justify-center">
      <Soft>{`Out: ${parts.filter(Boolean).join('; ')}.`}</Soft>
    </Linked>
  );
}
