import type { ReactNode } from 'react';
import { useFieldArray, type ArrayPath, type FieldArray, type FieldValues } from 'react-hook-form';
import { View } from 'react-native';

import type { FormOf } from '@/client/api';
import { sentenceCase } from '@/core/time';

import { Button } from './button';
import { Fault } from './type';
import { useFault } from './use-fault';

interface Props<V extends FieldValues, N extends ArrayPath<V>> {
  of: FormOf<V>;
  name: N;
  /** One of them: "phone". */
  one: string;
  /** A new one, before anything is typed. */
  blank: FieldArray<V, N>;
  /** What being the first means: "Use first"; without it the order does not matter. */
  first?: string;
  /** The fields of the row at this place. */
  children: (at: number) => ReactNode;
  /** One below the other with everything in them, rather than a line each. */
  tall?: boolean;
}

/** Several of a kind, each in a row of fields: added, taken away, and put first. */
export function Rows<V extends FieldValues, N extends ArrayPath<V>>(props: Props<V, N>) {
  const { of, name, one, blank, first, children, tall } = props;
  const { fields, append, remove, move } = useFieldArray({ control: of.control, name });
  const fault = useFault(of, name);
  return (
    <View className="gap-2">
      {fields.map(({ id }, at) => (
        <View
          key={id}
          role="group"
          aria-label={`${sentenceCase(one)} ${at + 1} of ${fields.length}`}
          className={tall ? 'gap-2 pb-2' : 'flex-row flex-wrap items-start gap-2'}
        >
          {children(at)}
          <View className="flex-row">
            {first && at > 0 ? (
              <Button
                weight="quiet"
                label={first}
                spoken={`${first}: ${one} ${at + 1}`}
                onPress={() => move(at, 0)}
              />
            ) : null}
            <Button
              weight="quiet"
              label="Remove"
              spoken={`Remove ${one} ${at + 1}`}
              onPress={() => remove(at)}
            />
          </View>
        </View>
      ))}
      {fault ? <Fault className="text-[0.8125rem] leading-5">{fault}</Fault> : null}
      <Button
        weight="quiet"
        className="self-start"
        label={`Another ${one}`}
        onPress={() => append(blank)}
      />
    </View>
  );
}
