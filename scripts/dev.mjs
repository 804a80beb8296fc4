// Server and application, both reloading: open the address that the second one prints.
import { bin, ensureInstalled, run } from './run.mjs';

await ensureInstalled();
const api = 'http://127.0.0.1:4311';
const server = [
  '--watch',
  '--import',
  'tsx',
  'server/main.ts',
  '--api-only',
  '--port',
  '4311',
  '--demo',
];
const codes = await Promise.race([
  run(process.execPath, [...server, ...process.argv.slice(2)]),
  run(bin('expo'), ['start', '--web', '--localhost', '--port', '4312'], {
    env: { PENPAL_DEV_API: api, CI: '0' },
  }),
]);
process.exit(codes);
