import { execFileSync } from 'node:child_process';
import { cp, mkdir, readdir, rm, stat, symlink, writeFile } from 'node:fs/promises';
import { join, resolve } from 'node:path';

const DIR = 'node_modules/.cache/penpal/bare';
const SHARED = [
  'babel.config.js',
  'metro.config.js',
  'tailwind.config.js',
  'tsconfig.json',
  'global.css',
  'package.json',
];

const LAYOUT = `import '../global.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { z } from 'zod';
import { useVirtualizer } from '@tanstack/react-virtual';
import Svg, { Circle } from 'react-native-svg';
import { useFonts } from 'expo-font';
const client = new QueryClient();
export default function Layout() {
  useFonts({});
  const list = useVirtualizer({ count: 1, getScrollElement: () => null, estimateSize: () => 1 });
  const name = z.string().parse(String(list.getTotalSize()));
  return <QueryClientProvider client={client}><Slot /><Svg aria-label={name}><Circle r={1} /></Svg></QueryClientProvider>;
}`;
const PAGE = `import { Link } from 'expo-router';
import { Text, View } from 'react-native';
export default function Page() { return <View className="p-4"><Text>Bare</Text><Link href="/two">Two</Link></View>; }`;

/** Builds a page with nothing on it but the same runtime libraries; answers where it is, and the bytes of its script. */
export async function exportBarePage(): Promise<{ dir: string; bytes: number }> {
  await rm(DIR, { recursive: true, force: true });
  await mkdir(join(DIR, 'app'), { recursive: true });
  for (const file of SHARED) await cp(file, join(DIR, file));
  const expo = {
    name: 'Bare',
    slug: 'bare',
    platforms: ['web'],
    web: { bundler: 'metro', output: 'single' },
    plugins: ['expo-router'],
  };
  await writeFile(join(DIR, 'app.json'), JSON.stringify({ expo }));
  await writeFile(join(DIR, 'app/_layout.tsx'), LAYOUT);
  await writeFile(join(DIR, 'app/index.tsx'), PAGE);
  await writeFile(join(DIR, 'app/two.tsx'), PAGE);
  await symlink(resolve('node_modules'), join(DIR, 'node_modules'));
  execFileSync(
    resolve('node_modules/.bin/expo'),
    ['export', '--platform', 'web', '--output-dir', 'dist'],
    {
      cwd: DIR,
      stdio: ['ignore', 'ignore', 'inherit'],
    },
  );
  const js = join(DIR, 'dist/_expo/static/js/web');
  const sizes = await Promise.all(
    (await readdir(js)).map(async (name) => (await stat(join(js, name))).size),
  );
  return { dir: join(DIR, 'dist'), bytes: sizes.reduce((sum, size) => sum + size, 0) };
}
