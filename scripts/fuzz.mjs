// Many odd requests to a server of its own: npm run fuzz -- [requests] [seed]
import { ensureInstalled, run } from './run.mjs';

await ensureInstalled();
const args = ['--import', 'tsx', 'testing/fuzz/main.ts', ...process.argv.slice(2)];
process.exit(await run(process.execPath, args));
