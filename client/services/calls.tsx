import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Body, Button, Fault, Heading, Linked, Table, type Column } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { retryCall, type listServices } from '@/contract/services';
import { shortDate, type PlainDate } from '@/core/time';

type Call = CallOutput<typeof listServices>['calls'][number];

const STATE_WORDS: Record<Call['state'], string> = {
  ready: 'on its way',
  handed_over: 'being sent',
  delivered: 'taken',
  failed: 'given up',
};

/** The latest calls to services, and what came of each; what was given up can be sent again. */
export function Calls({ calls, today }: { calls: readonly Call[]; today: PlainDate }) {
  const retry = useWrite(retryCall, { tells: false });
  if (calls.length === 0) return null;
  const columns: Column<Call>[] = [
    {
      key: 'name',
      label: 'Person',
      value: ({ name }) => name,
      cell: ({ personId, name }) => (
        <Linked href={`/people/${personId}`}>
          <Body className="text-sea">{name}</Body>
        </Linked>
      ),
    },
    { key: 'service', label: 'Service', value: ({ service }) => service },
    {
      key: 'on',
      label: 'Day',
      value: ({ on }) => on,
      cell: ({ on }) => <Body>{shortDate(on, today)}</Body>,
    },
    {
      key: 'state',
      label: 'How it stands',
      value: ({ state }) => STATE_WORDS[state],
      cell: (call) => (
        <View className="items-start">
          <Body>{STATE_WORDS[call.state]}</Body>
          {call.state === 'failed' ? (
            <Button
              weight="quiet"
              className="-ml-2"
              label="Send it again"
              spoken={`Send ${call.name} to ${call.service} again`}
              disabled={retry.isPending}
              onPress={() => retry.mutate({ body: { id: call.id } })}
            />
          ) : null}
        </View>
      ),
    },
    { key: 'outcome', label: 'What came of it', value: ({ outcome }) => outcome },
  ];
  return (
    <View className="gap-2">
      <Heading>The latest calls</Heading>
      {retry.error ? <Fault>{retry.error.message}</Fault> : null}
      <Table label="The latest calls" rows={calls} columns={columns} idOf={({ id }) => id} />
    </View>
  );
}
