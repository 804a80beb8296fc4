// Everything that a fresh clone needs: install, build, fill with the demo scenario, serve.
import { ensureInstalled, run } from './run.mjs';

await ensureInstalled();
const { build, SERVER_ENV } = await import('./build-lib.mjs');
await build();
const args = ['dist/server/main.mjs', '--demo', ...process.argv.slice(2)];
process.exit(await run(process.execPath, args, { env: SERVER_ENV }));
