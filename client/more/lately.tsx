import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Heading, Soft, Waiting } from '@/client/ui';
import { listActions, undoAction } from '@/contract/history';

/** What was done lately, each with its undo. */
export function Lately() {
  const actions = useRead(listActions, { query: { limit: 30 } });
  const undo = useWrite(undoAction);
  return (
    <View className="gap-1">
      <Heading>Done lately</Heading>
      <Waiting query={actions}>
        {(data) => (
          <>
            {data.actions.length === 0 ? <Soft>Nothing yet.</Soft> : null}
            {data.actions.map((action) => (
              <View key={action.id} className="min-h-[44px] flex-row items-center gap-2">
                <Body className={`flex-1 ${action.undone ? 'line-through' : ''}`}>
                  {action.sentence}
                </Body>
                {action.undone ? null : (
                  <Button
                    weight="quiet"
                    label="Undo"
                    spoken={`Undo ${action.sentence}`}
                    disabled={undo.isPending}
                    onPress={() => undo.mutate({ params: { id: action.id } })}
                  />
                )}
              </View>
            ))}
          </>
        )}
      </Waiting>
    </View>
  );
}
