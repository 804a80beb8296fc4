import { Redirect } from 'expo-router';

/** The parts that screens are made of; a production build has no such page. */
export default function Kit() {
  if (!__DEV__) return <Redirect href="/" />;
  // eslint-disable-next-line @typescript-eslint/no-require-imports -- so that production leaves it out
  const { KitScreen } =
    require('@/client/kit/kit-screen') as typeof import('@/client/kit/kit-screen');
  return <KitScreen />;
}
