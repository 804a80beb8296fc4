// Production: the owner's own data, or a command about it (`passphrase`, `restore`). Build first with
// `npm run build`.
import { existsSync } from 'node:fs';

import { ROOT, run } from './run.mjs';

if (!existsSync(`${ROOT}dist/server/main.mjs`)) {
  console.error('Nothing is built yet. Run `npm run build` first.');
  process.exit(1);
}
const { SERVER_ENV } = await import('./build-lib.mjs');
const args = ['dist/server/main.mjs', ...process.argv.slice(2)];
process.exit(await run(process.execPath, args, { env: SERVER_ENV, asks: true }));
