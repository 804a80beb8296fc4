import { useState } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Button, Fault, Heading, Title, useWide } from '@/client/ui';
import { addRule, removeRule, saveRule, RuleDraft } from '@/contract/greetings';
import { BIRTHDAY } from '@/core/almanac';

import { How, Whom, When } from './rule-parts';
import { RuleTrial } from './rule-trial';
import { Said } from './rule-words';

/** A rule as it is being written; without an id it is a new one. */
export interface Drafted {
  id: string | null;
  version: number | null;
  name: string;
  draft: RuleDraft;
}

export const blankRule = (): RuleDraft => RuleDraft.parse({ occasion: BIRTHDAY, kind: 'call' });

interface Props {
  drafted: Drafted;
  onClose: () => void;
}

/** A rule: on which occasion, whom, how and with which words; and before it is kept, what it would bring. */
export function RuleForm({ drafted, onClose }: Props) {
  const wide = useWide();
  const [draft, setDraft] = useState(drafted.draft);
  const change = (part: Partial<RuleDraft>) => setDraft((before) => ({ ...before, ...part }));
  const add = useWrite(addRule, { tells: false });
  const save = useWrite(saveRule, { tells: false });
  const remove = useWrite(removeRule);
  const { id, version } = drafted;
  const keep = () =>
    id && version !== null
      ? save.mutate({ params: { id }, body: { ...draft, version } }, { onSuccess: onClose })
      : add.mutate({ body: draft }, { onSuccess: onClose });
  const fault = add.error ?? save.error;
  return (
    <View className="gap-4">
      {wide ? <Heading>{drafted.name}</Heading> : <Title>{drafted.name}</Title>}
      <When draft={draft} onChange={change} />
      <Whom draft={draft} onChange={change} />
      <How draft={draft} onChange={change} />
      <Said draft={draft} onChange={change} />
      {fault ? <Fault>{fault.message}</Fault> : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          weight="main"
          label={id ? 'Keep the change' : 'Greet by this rule'}
          disabled={add.isPending || save.isPending}
          onPress={keep}
        />
        <Button weight="quiet" label="Leave it as it was" onPress={onClose} />
        {id ? (
          <>
            <Button
              weight="quiet"
              label={draft.active ? 'Switch it off' : 'Switch it on'}
              onPress={() => change({ active: !draft.active })}
            />
            <Button
              weight="quiet"
              label="Delete the rule"
              disabled={remove.isPending}
              onPress={() => remove.mutate({ params: { id } }, { onSuccess: onClose })}
            />
          </>
        ) : null}
      </View>
      <RuleTrial draft={draft} id={id} />
    </View>
  );
}
