import { useQueryClient } from '@tanstack/react-query';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Heading, Soft, Waiting } from '@/client/ui';
import { endDevice, endOtherDevices, listDevices, signOut } from '@/contract/access';
import type { CallOutput } from '@/contract/endpoint';
import { instantWords } from '@/core/time';

type Device = CallOutput<typeof listDevices>['devices'][number];

/** The devices that are signed in, each with its end. */
export function Devices() {
  const devices = useRead(listDevices);
  const others = useWrite(endOtherDevices);
  return (
    <View className="gap-2">
      <Heading>Signed-in devices</Heading>
      <Waiting query={devices}>
        {({ devices: all }) => (
          <>
            {all.length === 0 ? <Soft>None.</Soft> : null}
            {all.map((device) => (
              <One key={device.id} device={device} />
            ))}
            {all.some(({ here }) => !here) && all.length > 1 ? (
              <View className="items-start">
                <Button
                  label="Sign out all others"
                  disabled={others.isPending}
                  onPress={() => others.mutate({})}
                />
              </View>
            ) : null}
          </>
        )}
      </Waiting>
    </View>
  );
}

function One({ device: { id, name, since, seen, until, here } }: { device: Device }) {
  const end = useWrite(endDevice);
  const client = useQueryClient();
  // What was read on this device is gone with its session.
  const leave = useWrite(signOut, { onWritten: () => client.clear() });
  return (
    <View className="min-h-[44px] flex-row flex-wrap items-center gap-2 border-b border-line py-1">
      <View className="min-w-[200px] flex-1">
        <Body>{here ? `${name}, this one` : name}</Body>
        <Soft>
          {`Since ${instantWords(since)}; last seen ${instantWords(seen)}. Ends ${instantWords(until)}.`}
        </Soft>
      </View>
      <Button
        weight="quiet"
        label="Sign out"
        spoken={here ? 'Sign out this device' : `Sign out ${name}`}
        disabled={end.isPending || leave.isPending}
        onPress={() => (here ? leave.mutate({}) : end.mutate({ params: { id } }))}
      />
    </View>
  );
}
