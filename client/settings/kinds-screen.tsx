import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import {
  Body,
  Button,
  Card,
  Fault,
  KindMark,
  Lead,
  NumberField,
  Page,
  Soft,
  Title,
  Waiting,
} from '@/client/ui';
import { getSettings, saveSettings, type Settings } from '@/contract/settings';
import { sentenceCase } from '@/core/time';
import {
  holdOutcomes,
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
    <Page narrow>
      <Title>Kinds of touch</Title>
      <Body>
        Minutes and limits shape your days; the share of a promise says how long a touch holds. A
        changed share counts for touches made from now on.
      </Body>
      <Waiting query={settings}>
        {({ settings: mine }) => (
          <>
            {TOUCH_KINDS.map((kind) => (
              <KindCard
                key={`${kind} ${JSON.stringify(mine.kinds[kind] ?? {})}`}
                kind={kind}
                kinds={mine.kinds}
              />
            ))}
          </>
        )}
      </Waiting>
    </Page>
  );
}

const whole = (text: string): number => Math.max(0, Math.round(Number(text) || 0));

function KindCard({ kind, kinds }: { kind: TouchKind; kinds: Settings['kinds'] }) {
  const setup = kindSetups(kinds)[kind];
  const [minutes, setMinutes] = useState(String(setup.minutes));
  const money = useMoneyText();
  const [cost, setCost] = useState(money.write(setup.costMinor));
  const [perDay, setPerDay] = useState(setup.perDay === null ? '' : String(setup.perDay));
  const [holds, setHolds] = useState(
    Object.fromEntries(
      holdOutcomes(kind).map((outcome) => [
        outcome,
        String(Math.round(100 * (setup.holds[outcome] ?? 0))),
      ]),
    ),
  );
  const save = useWrite(saveSettings);
  const next: KindSetup = {
    minutes: whole(minutes),
    costMinor: money.read(cost) ?? 0,
    perDay: perDay.trim() === '' ? null : whole(perDay),
    holds: Object.fromEntries(
      Object.entries(holds).map(([outcome, text]) => [outcome, Math.min(100, whole(text)) / 100]),
    ),
  };
  const wrong = money.read(cost) === undefined;
  const changed = JSON.stringify(next) !== JSON.stringify(setup);
  const { noun } = KIND_WORDS[kind];
  return (
    <Card className="gap-2">
      <View className="flex-row items-center gap-2">
        <KindMark kind={kind} />
        <Lead className="flex-1">{sentenceCase(noun)}</Lead>
        <Button
          weight={changed ? 'main' : 'plain'}
          label="Save"
          spoken={`Save ${noun}`}
          disabled={!changed || wrong || save.isPending}
          onPress={() => save.mutate({ body: { kinds: { ...kinds, [kind]: next } } })}
        />
      </View>
      {wrong ? (
        <Fault>{`What a ${noun} costs is an amount, such as ${money.write(125)}.`}</Fault>
      ) : null}
      <View className="flex-row flex-wrap gap-4">
        <NumberField label={`A ${noun} takes`} unit="min" value={minutes} onChange={setMinutes} />
        <NumberField
          label={`A ${noun} costs`}
          unit={money.symbol}
          value={cost}
          onChange={setCost}
        />
        <NumberField
          label={`Most a day, ${noun}`}
          placeholder="any"
          value={perDay}
          onChange={setPerDay}
        />
        {holdOutcomes(kind).map((outcome) => (
          <NumberField
            key={outcome}
            label={`${OUTCOME_WORDS[outcome]} keeps (${noun})`}
            unit="%"
            value={holds[outcome]!}
            onChange={(text) => setHolds({ ...holds, [outcome]: text })}
          />
        ))}
      </View>
      {save.error ? <Fault>{save.error.message}</Fault> : null}
      {changed ? <Soft>Not saved yet.</Soft> : null}
    </Card>
  );
}
