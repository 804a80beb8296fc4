import { chmod, lstat, readdir } from 'node:fs/promises';
import { join } from 'node:path';

/** All that this process makes is for its own user alone. */
export const keepToOurselves = (): void => void process.umask(0o077);

const OTHERS = 0o077;

/**
 * Takes away what other users of the machine may do in a directory and below, as an earlier version or a
 * copy may have left it.
 * @throws Error with the remedy where that is not allowed
 */
export async function makePrivate(dir: string): Promise<void> {
  const entries = await readdir(dir, { recursive: true, withFileTypes: true });
  const paths = [dir, ...entries.map(({ parentPath, name }) => join(parentPath, name))];
  for (const path of paths) {
    const found = await lstat(path).catch(unlessGone);
    if (!found || found.isSymbolicLink() || (found.mode & OTHERS) === 0) continue;
    try {
      await chmod(path, found.mode & 0o700);
    } catch {
      throw new Error(
        `Pen Pal can't keep ${path} from other users of this machine. Give it to the user that Pen Pal runs as, with all of ${dir}.`,
      );
    }
  }
}

/** What was there for a moment only, such as a scratch directory, needs no rights. */
function unlessGone(error: NodeJS.ErrnoException): null {
  if (error.code !== 'ENOENT') throw error;
  return null;
}
