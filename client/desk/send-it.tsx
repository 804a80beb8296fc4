import { useWrite } from '@/client/api';
import { Button, Fault } from '@/client/ui';
import { writeMessage } from '@/contract/messages';
import type { DeskItem } from '@/contract/touches';
import { KIND_WORDS } from '@/core/touches';

import { useCarried } from './carried';
import type { ToWrite } from './to-write';

/** Sends the words of an item from here; what became of it is said, and the item leaves the desk. */
export function SendIt({ item, to }: { item: DeskItem; to: ToWrite }) {
  const write = useWrite(writeMessage);
  const carried = useCarried(item.kind);
  const { kind, personId, key, name } = item;
  if (!carried || (kind !== 'email' && kind !== 'text')) return null;
  return (
    <>
      <Button
        weight="main"
        label={write.isPending ? 'Sending…' : 'Send it'}
        spoken={`Send the ${KIND_WORDS[kind].noun} to ${name}`}
        disabled={write.isPending || to.unfilled || to.words.trim() === ''}
        onPress={() =>
          write.mutate({
            body: {
              personId,
              kind,
              subject: to.subject,
              words: to.words,
              template: item.template,
              itemKey: key,
            },
          })
        }
      />
      {write.error ? <Fault>{write.error.message}</Fault> : null}
    </>
  );
}
