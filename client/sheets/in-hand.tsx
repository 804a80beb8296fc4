import { useRead } from '@/client/api';
import { Body, Linked, Rule, Waiting } from '@/client/ui';
import type { PersonId } from '@/contract/common';
import { getPerson } from '@/contract/people';
import type { PlainDate } from '@/core/time';

import { Head, Talk, WhereThingsStand } from './sheet-parts';
import { Thread } from './thread';

interface Props {
  personId: PersonId;
  today: PlainDate;
}

/** The person about to be reached, beside the list: where things stand and what to talk about. */
export function InHand({ personId, today }: Props) {
  const person = useRead(getPerson, { params: { id: personId } }, { keepPrevious: true });
  return (
    <Waiting query={person}>
      {(sheet) => (
        <>
          <Head sheet={sheet} />
          <WhereThingsStand sheet={sheet} />
          <Linked href={`/people/${sheet.id}`} className="min-h-[44px] justify-center self-start">
            <Body className="text-sea">Open the sheet</Body>
          </Linked>
          <Thread sheet={sheet} today={today} />
          <Rule />
          <Talk sheet={sheet} />
        </>
      )}
    </Waiting>
  );
}
