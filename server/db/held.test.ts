import { DatabaseHeld, lockDatabase } from '.';

const url = process.env.PENPAL_DATABASE_URL;

// PGlite has a lock file instead (lock.test.ts).
(url ? test : test.skip)(
  'a database server is taken by one process only, and free again after it',
  async () => {
    const release = await lockDatabase(url!);
    await expect(lockDatabase(url!)).rejects.toThrow(DatabaseHeld);
    await release();
    await (
      await lockDatabase(url!)
    )();
  },
);
