import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Button, dayOf, DisclosureButton, Soft, useToday } from '@/client/ui';
import { listVersions, type CadenceDraft } from '@/contract/cadences';
import { rhythmWords } from '@/core/cadences';
import { longDate } from '@/core/time';

/** What the cadence was before each change; one can be taken back into the draft. */
export function Versions({ id, onTake }: { id: string; onTake: (draft: CadenceDraft) => void }) {
  const today = useToday();
  const [open, setOpen] = useState(false);
  const list = useRead(listVersions, { params: { id } }, { enabled: open });
  return (
    <View className="gap-1">
      <DisclosureButton
        weight="quiet"
        className="self-start"
        label="Earlier versions"
        openLabel="Hide"
        open={open}
        onToggle={() => setOpen(!open)}
      />
      {open && list.data?.versions.length === 0 ? <Soft>It was never changed.</Soft> : null}
      {open
        ? list.data?.versions.map(({ version, savedAt, draft }) => (
            <View key={version} className="min-h-[44px] flex-row items-center gap-2">
              <Soft className="flex-1">
                {`Until ${longDate(dayOf(new Date(savedAt)), today)}: ${draft.name}, ${rhythmWords(draft)}`}
              </Soft>
              <Button
                weight="quiet"
                label="Take back"
                spoken={`Take back version ${version}`}
                onPress={() => onTake(draft)}
              />
            </View>
          ))
        : null}
    </View>
  );
}
