import { Redirect } from 'expo-router';
import type { ComponentType } from 'react';

// A production build has no such page, and nothing of what is on it.
const Kit: ComponentType | null = __DEV__
  ? // eslint-disable-next-line @typescript-eslint/no-require-imports -- an import would be taken along
    (require('@/client/kit/kit-screen') as typeof import('@/client/kit/kit-screen')).KitScreen
  : null;

/** The parts that screens are made of, to be looked at while developing. */
export default function KitRoute() {
  return Kit ? <Kit /> : <Redirect href="/" />;
}
