import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';

import { call, useWrite } from '@/client/api';
import { Body, Button, Fault, Overlay, Select, Soft } from '@/client/ui';
import type { Who } from '@/contract/filters';
import { changeMany, previewMany } from '@/contract/many';
import { need } from '@/core/need';
import { figure, plural } from '@/core/time';

import { CHANGE_KINDS, NOTHING_FILLED, toChange, type Filled } from './change';
import { ChangeValue } from './change-value';

interface Props {
  who: Who;
  people: number;
  onClose: () => void;
}

/** One change for everybody chosen: what it would do is shown before it is made. */
export function ChangeForm({ who, people, onClose }: Props) {
  const [filled, setFilled] = useState<Filled>({ kind: 'addTag', ...NOTHING_FILLED });
  const change = toChange(filled);
  const apply = useWrite(changeMany);
  const preview = useQuery({
    queryKey: ['preview-many', who, change],
    queryFn: ({ signal }) => call(previewMany, { body: { who, change: need(change) } }, { signal }),
    enabled: change !== null,
    retry: false,
  });
  const error = apply.error ?? (change ? preview.error : null);
  return (
    <Overlay title={`Change ${plural(people, 'person', 'people')}`} onClose={onClose}>
      <Select
        label="What to do"
        value={filled.kind}
        options={CHANGE_KINDS.map(([key, label]) => ({ value: key, label }))}
        onChange={(kind) => setFilled({ kind, ...NOTHING_FILLED })}
      />
      <ChangeValue filled={filled} set={(part) => setFilled({ ...filled, ...part })} />
      {change && preview.data ? (
        <View role="status" className="gap-1">
          <Body>{`${plural(preview.data.changed, 'person', 'people')} of ${preview.data.meant} will be changed.`}</Body>
          {preview.data.rest.map(({ why, people: n, names }) => (
            <Soft key={why}>
              {`${figure(n)} ${n === 1 ? 'stays' : 'stay'} as they are: ${why}. ${names.slice(0, 6).join(', ')}${n > 6 ? ' …' : ''}`}
            </Soft>
          ))}
          {preview.data.besides.map((line) => (
            <Body key={line}>{line}</Body>
          ))}
        </View>
      ) : null}
      {error ? <Fault>{error.message}</Fault> : null}
      <Button
        weight="main"
        label={
          apply.isPending
            ? 'Changing…'
            : `Change ${plural(preview.data?.changed ?? 0, 'person', 'people')}`
        }
        disabled={apply.isPending || !change || !preview.data || preview.data.changed === 0}
        onPress={() =>
          apply.mutate({ body: { who, change: need(change) } }, { onSuccess: onClose })
        }
      />
    </Overlay>
  );
}
