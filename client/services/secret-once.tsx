import { View } from 'react-native';

import { Field, Soft } from '@/client/ui';

/** A secret that was just made: it is shown here and never again. */
export const SecretOnce = ({ secret }: { secret: string }) => (
  <View className="gap-1" aria-live="polite">
    <Field label="Its secret" readOnly value={secret} />
    <Soft>
      Give it to the other side, which knows by it that a call is yours. It is shown this once;
      later you can only make a new one.
    </Soft>
  </View>
);
