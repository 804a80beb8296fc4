import { View } from 'react-native';

import { Body, Linked, Soft } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import type { listGreetings } from '@/contract/greetings';
import { figure, type PlainDate } from '@/core/time';

import { dayShort } from './words';

type LeftOut = CallOutput<typeof listGreetings>['leftOut'];

/** Who is not greeted though a rule is for them, each with the reason; their sheet mends it. */
export const LeftOutList = ({
  leftOut,
  total,
  today,
}: {
  leftOut: LeftOut;
  total: number;
  today: PlainDate;
}) => (
  <View>
    {leftOut.map(({ key, personId, name, on, what, sentence }) => (
      <Linked
        key={key}
        href={`/people/${personId}`}
        className="min-h-[44px] justify-center border-b border-line py-1"
      >
        <Body className="text-sea">{name}</Body>
        <Soft>{`${dayShort(on, today)}: ${what}. ${sentence}`}</Soft>
      </Linked>
    ))}
    {total > leftOut.length ? <Soft>{`and ${figure(total - leftOut.length)} more`}</Soft> : null}
  </View>
);
