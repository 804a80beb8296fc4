// Kills the built product at random moments and looks what is left: npm run kill-test -- [kills] [seed]
import { ensureInstalled, run } from './run.mjs';

await ensureInstalled();
const { build } = await import('./build-lib.mjs');
await build();
const { withPostgres } = (await import('../testing/with-postgres.js')).default;
const env = {
  PENPAL_TEST_SERVER: 'dist/server/main.mjs',
  PENPAL_TEST_IMAGE: 'dist/server/image.tar.gz',
};
const args = ['--import', 'tsx', 'testing/kill/main.ts', ...process.argv.slice(2)];
const kill = (more = {}) => run(process.execPath, args, { env: { ...env, ...more } });
// Where there is a PostgreSQL server, what is left is loaded into it.
let code;
await withPostgres(async (url) => (code = await kill({ PENPAL_DATABASE_URL: url })));
process.exit(code ?? (await kill()));
