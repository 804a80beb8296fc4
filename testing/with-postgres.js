const { spawnSync } = require('node:child_process');
const { existsSync } = require('node:fs');
const { chmod, mkdtemp, readdir, rm } = require('node:fs/promises');
const { tmpdir } = require('node:os');
const { join } = require('node:path');

const HOME = '/usr/lib/postgresql';

/** The newest PostgreSQL server on this machine, or null. */
async function findServer() {
  if (!existsSync(HOME)) return null;
  const versions = (await readdir(HOME)).filter((v) => existsSync(join(HOME, v, 'bin/initdb')));
  const newest = versions.sort((a, b) => Number(b) - Number(a))[0];
  return newest ? join(HOME, newest, 'bin') : null;
}

/** PostgreSQL refuses to run as root: there it runs as the system's user for it. */
function asServerUser(command, args) {
  const root = process.getuid?.() === 0;
  const [program, list] = root
    ? ['runuser', ['-u', 'postgres', '--', command, ...args]]
    : [command, args];
  const result = spawnSync(program, list, { encoding: 'utf8', cwd: tmpdir() });
  if (result.status !== 0)
    throw new Error(`${command} failed: ${result.stderr || result.error?.message}`);
}

/**
 * Runs `work` against a PostgreSQL server of its own, listening on a socket only; skips without one.
 * `work` gets its address and a function that restarts it.
 */
async function withPostgres(work) {
  const bin = await findServer();
  if (!bin) {
    console.log('PostgreSQL is not on this machine; its run of the API tests is left out.');
    return;
  }
  const dir = await mkdtemp(join(tmpdir(), 'penpal-postgres-'));
  const data = join(dir, 'data');
  await chmod(dir, 0o777);
  try {
    asServerUser(join(bin, 'initdb'), [
      '-D',
      data,
      '-U',
      'penpal',
      '-A',
      'trust',
      '-E',
      'UTF8',
      '--no-sync',
    ]);
    const options = `-c listen_addresses='' -c unix_socket_directories=${dir} -c fsync=off`;
    asServerUser(join(bin, 'pg_ctl'), [
      '-D',
      data,
      '-w',
      '-l',
      join(dir, 'log'),
      '-o',
      options,
      'start',
    ]);
    try {
      const restart = () =>
        asServerUser(join(bin, 'pg_ctl'), [
          '-D',
          data,
          '-w',
          '-l',
          join(dir, 'log'),
          '-m',
          'fast',
          'restart',
        ]);
      await work(`postgresql://penpal@localhost/postgres?host=${encodeURIComponent(dir)}`, restart);
    } finally {
      asServerUser(join(bin, 'pg_ctl'), ['-D', data, '-w', '-m', 'immediate', 'stop']);
    }
  } finally {
    await rm(dir, { recursive: true, force: true });
  }
}

module.exports = { withPostgres };
