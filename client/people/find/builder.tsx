import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';

import { about, call, useRead, useWriteForm, type CallFault } from '@/client/api';
import { Body, Button, Fault, Heading, Overlay, SaveBar, Soft, TextField } from '@/client/ui';
import type { PeopleFilter, PeopleSort } from '@/contract/filters';
import { readLists } from '@/contract/lists';
import { countPeople, listFacts } from '@/contract/people';
import { saveView } from '@/contract/views';
import { findConditionFault, type Group } from '@/core/people';
import { plural } from '@/core/time';

import { GroupLines } from './group-lines';

interface Props {
  filter: PeopleFilter;
  sort: PeopleSort;
  onFilter: (filter: PeopleFilter) => void;
  onClose: () => void;
}

const NOTHING: Group = { match: 'all', of: [] };

/** Finds people by anything; how many they are is counted while the lines are written. */
export function Builder({ filter, sort, onFilter, onClose }: Props) {
  const [rules, setRules] = useState<Group>(filter.rules ?? NOTHING);
  const lists = useRead(readLists);
  const facts = useRead(listFacts).data?.facts ?? [];
  const whole = withRules(filter, rules);
  const fault = findConditionFault(rules, lists.data?.field ?? [], facts);
  const count = useQuery<{ total: number; warnings: string[] }, CallFault>({
    queryKey: [countPeople.path, whole],
    queryFn: ({ signal }) => call(countPeople, { body: { filter: whole } }, { signal }),
    meta: about(countPeople),
    enabled: fault === null,
    placeholderData: (previous) => previous,
    retry: false,
  });
  return (
    <Overlay title="Find by anything" onClose={onClose}>
      <GroupLines group={rules} own={lists.data?.field ?? []} onChange={setRules} facts={facts} />
      <View role="status" className="gap-1">
        {fault ? (
          <Soft>Fill in what is still empty, and the count follows.</Soft>
        ) : (
          <Body className="font-sans-semibold">
            {count.data ? plural(count.data.total, 'person', 'people') : 'Counting…'}
          </Body>
        )}
        {(fault ? [] : (count.data?.warnings ?? [])).map((warning) => (
          <Fault key={warning}>{warning}</Fault>
        ))}
        {count.error ? <Fault>{count.error.message}</Fault> : null}
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button
          weight="main"
          label="Show them"
          disabled={fault !== null}
          onPress={() => {
            onFilter(whole);
            onClose();
          }}
        />
        <Button
          weight="quiet"
          label="Clear all"
          onPress={() => {
            setRules(NOTHING);
            onFilter({});
          }}
        />
      </View>
      <KeepAsView filter={whole} sort={sort} usable={fault === null} />
    </Overlay>
  );
}

function withRules(filter: PeopleFilter, rules: Group): PeopleFilter {
  const { rules: _, ...rest } = filter;
  return rules.of.length > 0 ? { ...rest, rules } : rest;
}

interface KeepProps {
  filter: PeopleFilter;
  sort: PeopleSort;
  usable: boolean;
}

function KeepAsView({ filter, sort, usable }: KeepProps) {
  const form = useWriteForm(saveView, {
    values: { name: '' },
    toInput: ({ name }: { name: string }) => ({ body: { name, filter, sort } }),
    onSaved: () => form.startOver(),
  });
  if (!usable || Object.keys(filter).length === 0) return null;
  return (
    <View className="gap-2">
      <Heading>Keep it as a view</Heading>
      <TextField of={form} name="name" label="Its name" />
      <SaveBar form={form} onlyChanged />
    </View>
  );
}
