import { ensureInstalled } from './run.mjs';

await ensureInstalled();
const { build } = await import('./build-lib.mjs');
await build({ force: process.argv.includes('--force') });
