import { View } from 'react-native';

import { useRead, useWriteForm } from '@/client/api';
import {
  Body,
  Button,
  Card,
  Fault,
  KindMark,
  Lead,
  MoneyField,
  NumberField,
  Page,
  Soft,
  Title,
  useWide,
  Waiting,
} from '@/client/ui';
import { getSettings, saveSettings, type Settings } from '@/contract/settings';
import { sentenceCase } from '@/core/time';
import {
  holdOutcomes,
  aKind,
  KIND_WORDS,
  kindSetups,
  OUTCOME_WORDS,
  TOUCH_KINDS,
  type KindSetup,
  type TouchKind,
} from '@/core/touches';

import { useMoneyText } from './money';

/** What each kind of touch takes, costs and keeps: the planner and the year of a cadence go by it. */
export function KindsScreen() {
  const settings = useRead(getSettings);
  return (
    <Page>
      <Title>Kinds of touch</Title>
      <Body>
        Minutes and limits shape your days; the share of a promise says how long a touch holds. A
        changed share counts for touches made from now on.
      </Body>
      <Waiting query={settings}>
        {({ settings: mine }) => (
          <View className="flex-row flex-wrap gap-4">
            {TOUCH_KINDS.map((kind) => (
              <KindCard key={kind} kind={kind} kinds={mine.kinds} />
            ))}
          </View>
        )}
      </Waiting>
    </Page>
  );
}

/** What was left empty takes nothing, costs nothing, keeps nothing. */
function filled(setup: KindSetup): KindSetup {
  const { minutes, costMinor, perDay, holds } = setup;
  const shares = Object.entries(holds).map(([outcome, share]) => [outcome, share ?? 0]);
  return {
    minutes: minutes ?? 0,
    costMinor: costMinor ?? 0,
    perDay,
    holds: Object.fromEntries(shares) as KindSetup['holds'],
  };
}

interface CardProps {
  kind: TouchKind;
  kinds: Settings['kinds'];
}

function useKind({ kind, kinds }: CardProps) {
  const setup = kindSetups(kinds)[kind];
  const shares = holdOutcomes(kind).map((outcome) => [outcome, setup.holds[outcome] ?? 0]);
  return useWriteForm(saveSettings, {
    // Under the names of the contract, so that a fault finds its field.
    values: { kinds: { [kind]: { ...setup, holds: Object.fromEntries(shares) } } } as {
      kinds: Record<TouchKind, KindSetup>;
    },
    toInput: ({ kinds: changed }: { kinds: Record<TouchKind, KindSetup> }) => ({
      body: { kinds: { ...kinds, [kind]: filled(changed[kind]) } },
    }),
    keepAs: `kind ${kind}`,
  });
}

function KindCard(props: CardProps) {
  const { kind } = props;
  const form = useKind(props);
  const money = useMoneyText();
  const wide = useWide();
  const { noun } = KIND_WORDS[kind];
  const at = `kinds.${kind}` as const;
  return (
    <Card className={`gap-2 ${wide ? 'min-w-[30%] flex-1 basis-[45%]' : 'w-full'}`}>
      <View className="flex-row flex-wrap items-center gap-2">
        <KindMark kind={kind} />
        <Lead className="grow">{sentenceCase(noun)}</Lead>
        <Button
          weight={form.changed ? 'main' : 'plain'}
          label="Save"
          spoken={`Save ${noun}`}
          disabled={!form.changed || form.busy}
          onPress={form.submit}
        />
      </View>
      <View className="flex-row flex-wrap gap-4">
        <NumberField
          of={form}
          name={`${at}.minutes`}
          label={`${sentenceCase(aKind(kind))} takes`}
          unit="min"
        />
        <MoneyField
          of={form}
          name={`${at}.costMinor`}
          label={`${sentenceCase(aKind(kind))} costs`}
          money={money}
        />
        <NumberField
          of={form}
          name={`${at}.perDay`}
          label={`Most a day, ${noun}`}
          placeholder="any"
        />
        {holdOutcomes(kind).map((outcome) => (
          <NumberField
            key={outcome}
            of={form}
            name={`${at}.holds.${outcome}`}
            label={`${OUTCOME_WORDS[outcome]} keeps (${noun})`}
            unit="%"
            times={100}
          />
        ))}
      </View>
      {form.fault ? <Fault>{form.fault}</Fault> : null}
      {form.changed ? <Soft>Not saved yet.</Soft> : null}
    </Card>
  );
}
