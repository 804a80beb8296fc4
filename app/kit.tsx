import { Redirect } from 'expo-router';
import { lazy } from 'react';

// A production build has no such page, and nothing of what is on it.
const Kit = __DEV__
  ? lazy(async () => ({ default: (await import('@/client/kit/kit-screen')).KitScreen }))
  : null;

/** The parts that screens are made of, to be looked at while developing. */
export default function KitRoute() {
  return Kit ? <Kit /> : <Redirect href="/" />;
}
