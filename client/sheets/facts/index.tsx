import { useState } from 'react';
import { View } from 'react-native';

import { typedBefore, useRead } from '@/client/api';
import { Body, Heading, Select, Soft } from '@/client/ui';
import { readLists } from '@/contract/lists';
import type { PersonSheet } from '@/contract/people';
import { longDate, type PlainDate } from '@/core/time';

import { ConsentFacts } from './consent-facts';
import { Jobs } from './jobs';
import { OwnFacts } from './own-facts';
import { factsOf } from './fact-list';
import { Ties } from './ties';
import { factKey } from './use-fact';

/** What is on record, each fact changed where it stands; what is not known is one press away. */
export function Facts({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const [adding, setAdding] = useState<string | null>(null);
  const lists = useRead(readLists);
  const facts = factsOf(sheet, today, lists.data);
  const own = (lists.data?.field ?? []).filter(
    ({ id, retired }) => !retired && sheet.fields.own[id] === undefined,
  );
  const missing = [
    ...facts.filter(({ known }) => !known).map(({ key, label }) => ({ value: key, label })),
    ...own.map(({ id, name }) => ({ value: id, label: name })),
  ];
  const done = () => setAdding(null);
  return (
    <View className="gap-6">
      <View>
        <Heading>Facts</Heading>
        <Soft>Press one to change it.</Soft>
        {facts.map(({ key, known, show }) => {
          const begun = typedBefore(factKey(sheet, key)) !== undefined;
          if (!known && adding !== key && !begun) return null;
          const open = adding === key || begun;
          return (
            <View key={`${key} ${adding === key}`}>{show({ sheet, open, onClose: done })}</View>
          );
        })}
        <OwnFacts sheet={sheet} adding={adding} onDone={done} />
        <View className="flex-row items-start gap-3 py-1">
          <Soft className="w-[104px] leading-6">Here since</Soft>
          <Body className="flex-1">{longDate(sheet.addedOn, today)}</Body>
        </View>
        <Select
          label="Add a fact"
          hideLabel
          className="max-w-[260px] pt-1"
          value=""
          options={[{ value: '', label: 'Add a fact…' }, ...missing]}
          onChange={setAdding}
        />
      </View>
      <Ties sheet={sheet} />
      <Jobs sheet={sheet} today={today} />
      <ConsentFacts sheet={sheet} today={today} />
    </View>
  );
}
