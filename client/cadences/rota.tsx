import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';

import { call, useWrite, useWriteForm, type CallFault } from '@/client/api';
import { Body, Button, Card, Fault, SaveBar, Soft, Title, useWide } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import {
  endRota,
  regroupRota,
  saveRota,
  tryRota,
  type Rota,
  type RotaDraft,
} from '@/contract/rota';
import { plural } from '@/core/time';

import { RotaForm } from './rota-form';
import { RotaWeeks } from './rota-weeks';

type Weeks = CallOutput<typeof tryRota>;

interface Props {
  id: string;
  name: string;
  rota: Rota;
}

/** The rota as it is filled in, with the weeks that it makes. */
function useRota({ id, rota }: Props) {
  const params = { id };
  const form = useWriteForm(saveRota, {
    values: rota.draft,
    toInput: (body: RotaDraft) => ({ params, body }),
    keepAs: `rota ${id}`,
  });
  const draft = useWatch({ control: form.control }) as RotaDraft;
  const tried = form.changed || !rota.saved;
  const trial = useQuery<Weeks, CallFault>({
    queryKey: ['try-rota', id, draft],
    queryFn: ({ signal }) => call(tryRota, { params, body: draft }, { signal }),
    placeholderData: keepPreviousData,
    enabled: tried,
    retry: false,
  });
  return { form, draft, error: trial.error, shown: tried ? (trial.data ?? rota) : rota };
}

export function RotaOf(props: Props) {
  const { id, name, rota } = props;
  const wide = useWide();
  const { form, draft, error, shown } = useRota(props);
  const settled = rota.saved && !form.changed;
  const split = (letter: string, cut: string) =>
    form.set('cuts', { ...draft.cuts, [letter]: cut }, { shouldDirty: true });
  return (
    <>
      <Head name={name} weeks={shown} begun={rota.saved} />
      <View className={wide ? 'flex-row gap-10' : 'gap-6'}>
        <View className="min-w-0 flex-[3] gap-4">
          <Card>
            <RotaWeeks weeks={shown.weeks} />
          </Card>
          {settled ? <Even id={id} rota={rota} /> : null}
          <Splits weeks={shown} onSplit={split} />
        </View>
        <View className="min-w-0 flex-[2] gap-4">
          <RotaForm form={form} draft={draft} />
          {error && !form.fault ? <Fault>{error.message}</Fault> : null}
          <SaveBar
            form={form}
            weight="main"
            label={rota.saved ? 'Save the rota' : 'Begin the rota'}
            disabled={settled || Boolean(error)}
          >
            {rota.saved ? <End id={id} /> : null}
          </SaveBar>
          <Soft>
            New people join in the week of their letter by themselves. Whom you take off stays off.
          </Soft>
        </View>
      </View>
    </>
  );
}

function Head({ name, weeks, begun }: { name: string; weeks: Weeks; begun: boolean }) {
  const present = begun ? weeks.weeks.find(({ now }) => now) : undefined;
  return (
    <View className="gap-1">
      <Soft>{name}</Soft>
      <Title>{headline(weeks)}</Title>
      {present ? (
        <Body>
          {`This week: ${present.groups.map((group) => group.name).join(' and ')}, ${plural(present.people, 'person', 'people')}.`}
        </Body>
      ) : null}
    </View>
  );
}

function headline({ people, weeks }: Weeks): string {
  const most = Math.max(...weeks.map((week) => week.people));
  const least = Math.min(...weeks.map((week) => week.people));
  return `${plural(people, 'person', 'people')} in ${plural(weeks.length, 'week')}, ${least === most ? most : `${least} to ${most}`} a week`;
}

interface SplitsProps {
  weeks: Weeks;
  onSplit: (letter: string, cut: string) => void;
}

/** Letters that are too large for one week. */
const Splits = ({ weeks, onSplit }: SplitsProps) =>
  weeks.splits.map(({ letter, cut, people, first }) => (
    <Card key={letter} className="gap-2">
      <Body>
        {`${letter} alone is ${plural(people, 'person', 'people')}, more than twice a mean week. In two parts it is ${first} and ${people - first}.`}
      </Body>
      <Button
        className="self-start"
        label={`Split ${letter}`}
        onPress={() => onSplit(letter, cut)}
      />
    </Card>
  ));

function End({ id }: { id: string }) {
  const router = useRouter();
  const end = useWrite(endRota);
  return (
    <Button
      weight="quiet"
      label="End the rota"
      disabled={end.isPending}
      onPress={() =>
        end.mutate({ params: { id } }, { onSuccess: () => router.replace(`/cadences/${id}`) })
      }
    />
  );
}

function Even({ id, rota }: { id: string; rota: Rota }) {
  const regroup = useWrite(regroupRota);
  const largest = Math.max(...rota.weeks.map((week) => week.people));
  if (!rota.regrouped || rota.regrouped.people === 0)
    return <Soft>No exchange of letters would make the weeks more even.</Soft>;
  return (
    <View className="flex-row flex-wrap items-center gap-3">
      <Body className="min-w-[220px] flex-1">
        {`The largest week has grown to ${largest}. Moving ${plural(rota.regrouped.people, 'person', 'people')} by at most two weeks makes it ${rota.regrouped.largest}.`}
      </Body>
      <Button
        label="Even the weeks out"
        disabled={regroup.isPending}
        onPress={() => regroup.mutate({ params: { id } })}
      />
    </View>
  );
}
