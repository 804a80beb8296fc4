import { execFileSync } from 'node:child_process';
import { cp, mkdir, rm, symlink, writeFile } from 'node:fs/promises';
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
import { useForm } from 'react-hook-form';
import { casual } from 'chrono-node/en';
import Users from 'lucide-react-native/icons/users';
const client = new QueryClient();
export default function Layout() {
  useFonts({});
  const list = useVirtualizer({ count: 1, getScrollElement: () => null, estimateSize: () => 1 });
  const form = useForm({ defaultValues: { name: String(list.getTotalSize()) } });
  const name = z.string().parse(form.getValues('name') + (casual.parse('today').length || ''));
  return <QueryClientProvider client={client}><Slot /><Svg aria-label={name}><Circle r={1} /></Svg><Users size={1} /></QueryClientProvider>;
}`;
const PAGE = `import { Link } from 'expo-router';
import { Text, View } from 'react-native';
export default function Page() { return <View className="p-4"><Text>Bare</Text><Link href="/two">Two</Link></View>; }`;

/** Builds a page with nothing on it but the same runtime libraries; answers where it is. */
export async function exportBarePage(): Promise<{ dir: string }> {
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
  return { dir: join(DIR, 'dist') };
}
