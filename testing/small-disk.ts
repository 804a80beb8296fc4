import { spawnSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { join } from 'node:path';

export interface SmallDisk {
  dir: string;
  /** Leaves nothing, to the last page. */
  fill(): void;
  makeRoom(): Promise<void>;
  remove(): void;
}

/** A small disk of its own; null, with a warning, where this user may not mount one. */
export function mountSmallDisk(dir: string): SmallDisk | null {
  mkdirSync(dir);
  if (spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=90m', 'tmpfs', dir]).status !== 0) {
    console.warn('No right to mount a small disk: the full disk was not tried.');
    return null;
  }
  const filler = join(dir, 'filler');
  return {
    dir,
    fill: () => void spawnSync('dd', ['if=/dev/zero', `of=${filler}`, 'bs=4k']),
    makeRoom: () => rm(filler),
    remove: () => void spawnSync('umount', ['-l', dir]),
  };
}
