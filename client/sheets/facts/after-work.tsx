import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Card, Select } from '@/client/ui';
import { listCadences } from '@/contract/cadences';
import { decideWorkCadence, listWorkCadences } from '@/contract/enrolments';
import type { Job } from '@/contract/story';
import { isFreshWork, workKind } from '@/core/people';
import type { PlainDate } from '@/core/time';

/** Asks once for each kind of completed work whether a cadence begins with it, then and from now on. */
export function AfterWork({ jobs, today }: { jobs: readonly Job[]; today: PlainDate }) {
  const fresh = jobs.filter(({ completedOn }) => isFreshWork(completedOn, today));
  const decided = useRead(listWorkCadences, {}, { enabled: fresh.length > 0 }).data?.decided;
  const open = decided && fresh.find(({ name }) => !decided.some((d) => d.kind === workKind(name)));
  return open ? <Ask key={open.name} kind={open.name} /> : null;
}

function Ask({ kind }: { kind: string }) {
  const list = useRead(listCadences).data?.cadences ?? [];
  const cadences = list.filter(({ active, rota }) => active && !rota);
  const decide = useWrite(decideWorkCadence);
  const [chosen, setChosen] = useState('');
  if (cadences.length === 0) return null;
  const put = (cadenceId: string | null) =>
    decide.mutate({ body: { kind, cadenceId: cadenceId as never } });
  return (
    <Card className="gap-2">
      <Body>{`“${kind}” is completed. Does a cadence begin with it, now and whenever it is completed for somebody?`}</Body>
      <View className="flex-row flex-wrap items-end gap-2">
        <Select
          label="Cadence"
          className="min-w-[200px]"
          value={chosen}
          options={[
            { value: '', label: 'choose one' },
            ...cadences.map(({ id, name }) => ({ value: id as string, label: name })),
          ]}
          onChange={setChosen}
        />
        <Button
          label="Begin it"
          disabled={chosen === '' || decide.isPending}
          onPress={() => put(chosen)}
        />
        <Button
          weight="quiet"
          label="None for this work"
          disabled={decide.isPending}
          onPress={() => put(null)}
        />
      </View>
    </Card>
  );
}
