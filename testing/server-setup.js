const { execFileSync } = require('node:child_process');
const { createHash } = require('node:crypto');
const { existsSync, mkdirSync, readdirSync, readFileSync } = require('node:fs');
const { join } = require('node:path');

const { buildSync } = require('esbuild');

/** One migrated database for all suites, and the server in one file for those that start it. */
module.exports = async () => {
  const root = join(__dirname, '..');
  const migrations = join(root, 'server/db/migrations');
  const hash = createHash('sha256');
  for (const name of readdirSync(migrations).sort())
    hash.update(readFileSync(join(migrations, name)));
  const dir = join(root, 'node_modules/.cache/penpal');
  const image = join(dir, `image-${hash.digest('hex').slice(0, 16)}.tar.gz`);
  if (!existsSync(image)) {
    mkdirSync(dir, { recursive: true });
    execFileSync(
      process.execPath,
      ['--import', 'tsx', join(root, 'scripts/make-image.ts'), image],
      {
        cwd: root,
        stdio: 'inherit',
        env: { ...process.env, NODE_OPTIONS: '' },
      },
    );
  }
  process.env.PENPAL_TEST_IMAGE = image;
  process.env.PENPAL_TEST_SERVER = join(dir, 'server.mjs');
  buildSync({
    entryPoints: [join(root, 'server/main.ts')],
    bundle: true,
    packages: 'external',
    format: 'esm',
    platform: 'node',
    target: 'node20',
    outfile: process.env.PENPAL_TEST_SERVER,
  });
};
