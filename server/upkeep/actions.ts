import { need } from '@/core/need';

import { backup, backupsDir, backupsIn, type BackupFile } from '../db';
import { conflict } from '../api';
import type { Context } from '../context';
import { clockWords } from '../settings';
import { checkBackup, checkedIn, type Checked } from './check';
import { oneAtATime } from './upkeep';

const toBackup = ({ name, madeMs, bytes }: BackupFile, checked: Checked | null) => ({
  name,
  made: new Date(madeMs).toISOString(),
  bytes,
  checked,
});

export async function read(ctx: Context) {
  const { dataDir } = ctx;
  const clock = await clockWords(ctx);
  if (!dataDir) return { dir: null, backups: [], clock };
  const checked = await checkedIn(dataDir);
  const backups = (await backupsIn(dataDir)).map((file) =>
    toBackup(file, checked[file.name] ?? null),
  );
  return { dir: backupsDir(dataDir), backups, clock };
}

export async function backUpNow({ db, dataDir, script, writes }: Context) {
  if (!dataDir) throw conflict('A PostgreSQL server keeps the data: it makes the backups.');
  const name = await oneAtATime(db, () => backup(db, dataDir, 'asked'));
  const checked = await checkBackup(dataDir, name, script);
  writes.bumpTopics(['upkeep']);
  const file = need((await backupsIn(dataDir)).find((one) => one.name === name));
  return { backup: toBackup(file, checked) };
}
