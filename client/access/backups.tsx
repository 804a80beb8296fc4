import { View } from 'react-native';

import { useNotify, useRead, useWrite } from '@/client/api';
import { Body, Button, Fault, Field, Heading, Soft, Waiting } from '@/client/ui';
import { backUpNow, readUpkeep, type Backup } from '@/contract/upkeep';
import { figure, instantWords, plural } from '@/core/time';

/** The backups that are there, whether they open, and how to come back to one. */
export function Backups() {
  const notify = useNotify();
  const upkeep = useRead(readUpkeep);
  const make = useWrite(backUpNow);
  return (
    <View className="gap-2">
      <Heading>Backups</Heading>
      <Waiting query={upkeep}>
        {({ dir, backups, clock }) => (
          <>
            {clock ? <Fault>{clock}</Fault> : null}
            {dir === null ? (
              <Body>Your PostgreSQL server keeps the data: its administrator sees to backups.</Body>
            ) : (
              <>
                <Soft>
                  {`One is made every day and before each update, in ${dir}; the newest seven stay. Each is opened in a place of its own, to see that it would work.`}
                </Soft>
                {backups.length === 0 ? <Body>None yet.</Body> : null}
                {backups.map((backup) => (
                  <One key={backup.name} backup={backup} />
                ))}
                <View className="items-start">
                  <Button
                    label={make.isPending ? 'Backing up …' : 'Back up now'}
                    disabled={make.isPending}
                    onPress={() =>
                      make.mutate(
                        {},
                        {
                          onSuccess: ({ backup }) =>
                            notify({ sentence: `Backed up: ${stateOf(backup)}.`, actionId: null }),
                        },
                      )
                    }
                  />
                </View>
                {backups[0] ? <HowToRestore dir={dir} name={backups[0].name} /> : null}
              </>
            )}
          </>
        )}
      </Waiting>
    </View>
  );
}

const stateOf = ({ checked }: Backup): string => {
  if (!checked) return 'not opened yet';
  if (checked.fault) return checked.fault.replace(/\.$/, '').toLowerCase();
  return `opens, with ${plural(checked.people, 'person', 'people')}`;
};

const MEGABYTE = 2 ** 20;

const One = ({ backup }: { backup: Backup }) => (
  <View className="border-b border-line py-1">
    <Body>{instantWords(backup.made)}</Body>
    <Soft className={backup.checked?.fault ? 'text-danger' : ''}>
      {`${figure(Math.max(1, Math.round(backup.bytes / MEGABYTE)))} MB, ${stateOf(backup)}`}
    </Soft>
  </View>
);

const HowToRestore = ({ dir, name }: { dir: string; name: string }) => (
  <View className="gap-1 pt-2">
    <Heading>To come back to one</Heading>
    <Soft>
      Stop Pen Pal, then type this where it is installed. What is there now is kept beside it.
    </Soft>
    <Field
      label="What to type"
      hideLabel
      multiline
      readOnly
      value={`npm run restore -- ${dir}/${name} --data ${dir.replace(/[\\/]backups$/, '')}`}
    />
  </View>
);
