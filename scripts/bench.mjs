// Measured figures as a table, each beside its floor in the same run.
import { ensureInstalled, run } from './run.mjs';

await ensureInstalled();
const { build } = await import('./build-lib.mjs');
await build();
const env = { PENPAL_TEST_IMAGE: 'dist/server/image.tar.gz' };
process.exit(
  await run(process.execPath, ['--import', 'tsx', 'bench/main.ts', ...process.argv.slice(2)], {
    env,
  }),
);
