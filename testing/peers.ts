import { execFile, spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { chmod, chown, mkdir, mkdtemp, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';

const run = promisify(execFile);

/** Runs what leaves a program running behind it, which would keep a pipe open. */
const daemon = (command: string, args: readonly string[]) =>
  new Promise((done) => spawn(command, args, { stdio: 'ignore' }).once('exit', done));

const PACKAGES = [
  'postfix',
  'dovecot-imapd',
  'dovecot-pop3d',
  'opendkim',
  'opendkim-tools',
  'openssl',
];
const PROGRAMS = [
  '/usr/sbin/postfix',
  '/usr/sbin/dovecot',
  '/usr/sbin/opendkim',
  '/usr/bin/openssl',
];

/** Why Debian's mail programs can't be run here; null where they can, after they were installed if need be. */
export function peersMissing(): string | null {
  if (process.platform !== 'linux' || process.getuid?.() !== 0) return 'they want root on Linux';
  const lacks = () => PROGRAMS.filter((path) => !existsSync(path));
  if (lacks().length > 0) {
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    spawnSync('apt-get', ['update', '-qq'], { env });
    spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...PACKAGES], { env });
  }
  return lacks().length > 0 ? `${lacks().join(', ')} can’t be installed` : null;
}

async function freePorts(n: number): Promise<number[]> {
  const servers = await Promise.all(
    Array.from(
      { length: n },
      () =>
        new Promise<ReturnType<typeof createServer>>((done) => {
          const server = createServer();
          server.listen(0, '127.0.0.1', () => done(server));
        }),
    ),
  );
  const ports = servers.map((server) => (server.address() as AddressInfo).port);
  await Promise.all(servers.map((server) => new Promise((done) => server.close(done))));
  return ports;
}

/** Whom mail is kept for; no account of the machine. */
const KEEPER = 1000;

/**
 * Debian's Postfix and Dovecot on loopback ports of their own, with all they write in one directory. Mail
 * for example.com and example.org is kept in one mailbox, of `owner` with the password `harbor`; but
 * gone@example.org bounces and full@example.org is put off after it was taken, by pipes that end so, and
 * grey@ and nobody@example.org are refused at the door, for now and for good.
 */
export async function startPeers() {
  const dir = await mkdtemp(join(tmpdir(), 'penpal-peers-'));
  const at = (name: string) => join(dir, name);
  const [smtp, imap, imaps, pop3s] = (await freePorts(4)) as [number, number, number, number];
  await chmod(dir, 0o755);
  for (const name of ['spool', 'data', 'mail', 'run', 'pf', 'log']) await mkdir(at(name));
  await chown(at('mail'), KEEPER, KEEPER);
  await run('openssl', [
    ...['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-subj', '/CN=localhost'],
    ...[
      '-keyout',
      at('key.pem'),
      '-out',
      at('cert.pem'),
      '-addext',
      'subjectAltName=DNS:localhost',
    ],
  ]);
  await writeFile(at('pf/main.cf'), mainCf(dir));
  await writeFile(at('pf/master.cf'), masterCf(smtp));
  await writeFile(at('dovecot.conf'), dovecotConf(dir, { imap, imaps, pop3s }));
  await daemon('postfix', ['-c', at('pf'), 'set-permissions']);
  await daemon('postfix', ['-c', at('pf'), 'start']);
  await daemon('dovecot', ['-c', at('dovecot.conf')]);
  return {
    smtp,
    imap,
    imaps,
    pop3s,
    /** The certificate that both show, for whoever is to trust it. */
    certificate: at('cert.pem'),
    /** Mail that was kept, as it lies there. */
    async kept(): Promise<string[]> {
      const box = at('mail/owner');
      const names = await Promise.all(
        ['new', 'cur'].map(async (sub) =>
          (await readdir(join(box, sub)).catch(() => [])).map((name) => join(box, sub, name)),
        ),
      );
      return Promise.all(names.flat().map((path) => readFile(path, 'latin1')));
    },
    /** Tries at once what was put off. */
    flush: () => run('postqueue', ['-c', at('pf'), '-f']),
    /** What OpenDKIM says of a mail's signature, given the record that would be published. */
    async verify(mail: string, { name, record }: { name: string; record: string }) {
      await writeFile(at('mail.eml'), mail, 'latin1');
      await writeFile(at('keys.txt'), `${name} ${record}\n`);
      await writeFile(
        at('opendkim.conf'),
        `Mode v\nTestDNSData file:${at('keys.txt')}\nUserID root\nSyslog no\n`,
      );
      const args = ['-x', at('opendkim.conf'), '-v', '-t', at('mail.eml')];
      const { stdout, stderr } = await run('opendkim', args).catch(
        (failed: { stdout: string; stderr: string }) => failed,
      );
      return stdout + stderr;
    },
    async close() {
      await daemon('postfix', ['-c', at('pf'), 'stop']);
      await daemon('doveadm', ['-c', at('dovecot.conf'), 'stop']);
      await rm(dir, { recursive: true, force: true });
    },
  };
}

const mainCf = (dir: string): string => `compatibility_level = 3.6
queue_directory = ${dir}/spool
data_directory = ${dir}/data
command_directory = /usr/sbin
daemon_directory = /usr/lib/postfix/sbin
mail_owner = postfix
setgid_group = postdrop
myhostname = localhost
mydestination =
inet_interfaces = 127.0.0.1
inet_protocols = ipv4
mynetworks = 127.0.0.0/8
smtpd_relay_restrictions = permit_mynetworks, reject
smtpd_recipient_restrictions = check_recipient_access inline:{ {grey@example.org = 450 4.7.1 Greylisted} {nobody@example.org = 550 5.1.1 No such user} }, permit_mynetworks, reject
virtual_mailbox_domains = example.com, example.org
virtual_mailbox_base = ${dir}/mail
virtual_mailbox_maps = static:owner/
virtual_uid_maps = static:${KEEPER}
virtual_gid_maps = static:${KEEPER}
virtual_mailbox_limit = 0
transport_maps = inline:{ {gone@example.org = gone:} {full@example.org = full:} }
maillog_file = ${dir}/log/mail.log
maillog_file_prefixes = ${dir}
smtpd_tls_cert_file = ${dir}/cert.pem
smtpd_tls_key_file = ${dir}/key.pem
smtpd_tls_security_level = may
minimal_backoff_time = 1s
queue_run_delay = 1s
delay_warning_time = 1s
`;

const masterCf = (port: number): string => `127.0.0.1:${port} inet n - n - - smtpd
pickup unix n - n 60 1 pickup
cleanup unix n - n - 0 cleanup
qmgr unix n - n 300 1 qmgr
tlsmgr unix - - n 1000? 1 tlsmgr
rewrite unix - - n - - trivial-rewrite
bounce unix - - n - 0 bounce
defer unix - - n - 0 bounce
trace unix - - n - 0 bounce
verify unix - - n - 1 verify
flush unix n - n 1000? 0 flush
proxymap unix - - n - - proxymap
error unix - - n - - error
retry unix - - n - - error
virtual unix - n n - - virtual
anvil unix - - n - 1 anvil
postlog unix-dgram n - n - 1 postlogd
gone unix - n n - - pipe
  user=nobody argv=/bin/sh -c {echo There is no such user here; exit 67}
full unix - n n - - pipe
  user=nobody argv=/bin/sh -c {echo The mailbox is full; exit 75}
`;

const dovecotConf = (
  dir: string,
  ports: { imap: number; imaps: number; pop3s: number },
): string => `base_dir = ${dir}/run
state_dir = ${dir}/run
protocols = imap pop3
listen = 127.0.0.1
log_path = ${dir}/log/dovecot.log
ssl = yes
ssl_cert = <${dir}/cert.pem
ssl_key = <${dir}/key.pem
disable_plaintext_auth = yes
mail_location = maildir:${dir}/mail/owner
passdb {
  driver = static
  args = password=harbor
}
userdb {
  driver = static
  args = uid=${KEEPER} gid=${KEEPER} home=${dir}/mail/owner
}
service imap-login {
  inet_listener imap {
    port = ${ports.imap}
  }
  inet_listener imaps {
    port = ${ports.imaps}
    ssl = yes
  }
}
service pop3-login {
  inet_listener pop3 {
    port = 0
  }
  inet_listener pop3s {
    port = ${ports.pop3s}
    ssl = yes
  }
}
`;
