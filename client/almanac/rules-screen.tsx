import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { useViews } from '@/client/people';
import { useMoney } from '@/client/settings';
import { Body, Button, Card, Lead, Page, Soft, Spread, Title, useWide, Waiting } from '@/client/ui';
import {
  listRules,
  orderRules,
  type GreetingRuleShown,
  type GreetingTotals,
} from '@/contract/greetings';
import { readLists } from '@/contract/lists';
import { andList, countInWords, plural, sentenceCase } from '@/core/time';
import { aKind } from '@/core/touches';

import { AlmanacParts } from './parts';
import { PatternBook } from './pattern-book';
import { PostAndFeasts } from './post-and-feasts';
import { blankRule, RuleForm, type Drafted } from './rule-form';
import { hours } from './words';

/** By which rules people are greeted, what each brings in a year, and ready ones beside them. */
export function RulesScreen() {
  const rules = useRead(listRules, {}, { keepPrevious: true });
  const [open, setOpen] = useState<Drafted | null>(null);
  const wide = useWide();
  const form = open && (
    <RuleForm key={open.id ?? open.name} drafted={open} onClose={() => setOpen(null)} />
  );
  // On a phone the form is all there is, so that it does not stand below a long list.
  if (form && !wide) return <Page narrow>{form}</Page>;
  return (
    <Spread beside={form ?? <PatternBook onTake={setOpen} />}>
      <AlmanacParts />
      <Waiting query={rules}>
        {(data) => (
          <>
            <Title>{headline(data.rules.length)}</Title>
            <YearOf totals={data.year} />
            <Button
              weight="main"
              className="self-start"
              label="A new rule"
              onPress={() =>
                setOpen({ id: null, version: null, name: 'A new rule', draft: blankRule() })
              }
            />
            {data.rules.map((rule, at) => (
              <RuleCard key={rule.id} rule={rule} at={at} all={data.rules} onOpen={setOpen} />
            ))}
            {data.rules.length > 1 ? (
              <Soft>Of several rules that fit somebody’s date, the first one greets.</Soft>
            ) : null}
            <PostAndFeasts />
          </>
        )}
      </Waiting>
    </Spread>
  );
}

const headline = (n: number): string =>
  n === 0
    ? 'Nobody is greeted yet'
    : `${sentenceCase(countInWords(n))} ${n === 1 ? 'rule' : 'rules'} of greetings`;

function YearOf({ totals: { greetings, days, minutes, costMinor } }: { totals: GreetingTotals }) {
  const money = useMoney();
  if (greetings === 0) return null;
  return (
    <Body>
      {`In the year to come: ${plural(greetings, 'greeting')} on ${plural(days, 'day')}, ${hours(minutes)} of your time and about ${money(costMinor)}.`}
    </Body>
  );
}

interface CardProps {
  rule: GreetingRuleShown;
  at: number;
  all: readonly GreetingRuleShown[];
  onOpen: (drafted: Drafted) => void;
}

function RuleCard({ rule, at, all, onOpen }: CardProps) {
  const order = useWrite(orderRules);
  const circles = useRead(readLists).data?.circle ?? [];
  const money = useMoney();
  const { id, version, name, year, kind, way, active, ...rest } = rule;
  const ids = all.map((one) => one.id);
  const move = (by: 1 | -1) => () => {
    const next = [...ids];
    next.splice(at + by, 0, ...next.splice(at, 1));
    order.mutate({ body: { ids: next } });
  };
  const views = useViews().data?.views ?? [];
  const who = rest.circles.map((one) => circles.find((c) => c.id === one)?.name).filter(Boolean);
  const view = views.find((one) => one.id === rest.viewId)?.name ?? 'a view that is gone';
  const brings =
    year.greetings === 0
      ? 'Nobody in the year to come.'
      : `${plural(year.greetings, 'greeting')} a year, ${hours(year.minutes)}${year.costMinor > 0 ? `, ${money(year.costMinor)}` : ''}.`;
  return (
    <Card className="gap-1">
      <Lead>{`${sentenceCase(name)}${YEARS_WORDS[rest.years]}`}</Lead>
      <Body>
        {`${sentenceCase(aKind(kind))}${way === 'auto' ? ', sent automatically' : ''}${who.length > 0 ? `, to ${andList(who as string[])}` : ', to everybody'}${rest.viewId ? ` in ${view}` : ''}`}
      </Body>
      <Soft>{active ? brings : 'Switched off.'}</Soft>
      <View className="flex-row flex-wrap">
        <Button
          weight="quiet"
          className="-ml-2"
          label="Change"
          spoken={`Change: ${name}, ${kind}`}
          onPress={() =>
            onOpen({ id, version, name: sentenceCase(name), draft: { kind, way, active, ...rest } })
          }
        />
        <Button
          weight="quiet"
          label="Up"
          spoken={`Move up: ${name}, ${kind}`}
          disabled={at === 0 || order.isPending}
          onPress={move(-1)}
        />
        <Button
          weight="quiet"
          label="Down"
          spoken={`Move down: ${name}, ${kind}`}
          disabled={at === all.length - 1 || order.isPending}
          onPress={move(1)}
        />
      </View>
    </Card>
  );
}

const YEARS_WORDS = { all: '', round: ', round ones', plain: ', but for round ones' } as const;
