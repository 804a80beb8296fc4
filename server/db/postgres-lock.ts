import { setTimeout as wait } from 'node:timers/promises';

import pg from 'pg';

/** Any number, as long as every Pen Pal uses the same. */
const LOCK_KEY = 4310;

/** How often the connection that holds the lock is asked whether it is alive, and how long it may take. */
const HEARTBEAT_MS = 5_000;
const RETRY_MS = 1_000;
/** How long a write waits for the lock to be taken again before it is refused. */
const PATIENCE_MS = 15_000;

export class DatabaseHeld extends Error {
  constructor() {
    super(
      'This database is already open in another Pen Pal. Close that one first, or choose another database with PENPAL_DATABASE_URL.',
    );
  }
}

/** Nothing was saved, because the database can't be reached or belongs to another process now. */
export class DatabaseAway extends Error {}

const AWAY =
  'Pen Pal lost its connection to the database, so nothing was saved. Try again in a moment.';
const TAKEN =
  'Another Pen Pal is using this database now, so nothing was saved. Close one of the two.';

export interface LockEvents {
  /** The lock is lost; writing has stopped. */
  onLost?: (fault: unknown) => void;
  /** It is held again; `changed` says whether another process held it in between. */
  onHeld?: (changed: boolean) => void;
}

/**
 * Holds a database for this process: two would each plan from a sphere of their own and drift apart. The
 * server frees the lock when the connection ends, however that happens (PostgreSQL manual, Advisory Locks,
 * session level). So a process may lose it without noticing. Every write therefore checks, within its own
 * transaction, that nobody has taken the database since (`epoch`).
 */
export class DatabaseLock {
  private client: pg.Client | null = null;
  private epoch: number | null = null;
  private taken = false;
  private closed = false;
  private retaking: Promise<void> | null = null;
  private readonly timer: NodeJS.Timeout;

  private constructor(
    private readonly url: string,
    private readonly events: LockEvents,
  ) {
    this.timer = setInterval(() => void this.beat(), HEARTBEAT_MS);
    this.timer.unref();
  }

  /** @throws DatabaseHeld when another process has it */
  static async take(url: string, events: LockEvents = {}): Promise<DatabaseLock> {
    const lock = new DatabaseLock(url, events);
    try {
      if (!(await lock.tryTake())) throw new DatabaseHeld();
      return lock;
    } catch (error) {
      await lock.release();
      throw error;
    }
  }

  /** Fails within a transaction if another process has taken the database since. */
  async assertOurs(client: pg.ClientBase): Promise<void> {
    if (this.epoch === null) return;
    const { rows } = await client.query<{ epoch: number }>(
      'select epoch::int as epoch from instance for share',
    );
    if (rows[0]?.epoch === this.epoch) return;
    this.taken = true;
    this.lose(new Error('another process has taken the database'));
    throw new DatabaseAway(TAKEN);
  }

  /** Waits a while until the lock is held. @throws DatabaseAway when it is not held by then */
  async held(): Promise<void> {
    for (let waited = 0; this.client === null; waited += RETRY_MS / 10) {
      if (this.closed || waited >= PATIENCE_MS) throw new DatabaseAway(AWAY);
      // Also before a refusal: who tries again at once leaves room for others.
      await wait(RETRY_MS / 10);
      if (this.taken) throw new DatabaseAway(TAKEN);
    }
  }

  /** Marks the database as taken by this process; once its tables are there. */
  async claimEpoch(): Promise<void> {
    const { rows } = await this.connected().query<{ there: boolean }>(
      `select to_regclass('public.instance') is not null as there`,
    );
    if (!rows[0]?.there) return;
    const { rows: claimed } = await this.connected().query<{ epoch: number }>(
      'update instance set epoch = epoch + 1 returning epoch::int as epoch',
    );
    this.epoch = claimed[0]?.epoch ?? null;
  }

  async release(): Promise<void> {
    this.closed = true;
    clearInterval(this.timer);
    await this.client?.end().catch(() => {});
    this.client = null;
    await this.retaking;
  }

  private connected(): pg.Client {
    if (!this.client) throw new DatabaseAway(AWAY);
    return this.client;
  }

  private async tryTake(): Promise<boolean> {
    const client = new pg.Client({ connectionString: this.url, keepAlive: true });
    client.on('error', (fault) => this.lose(fault, client));
    client.on('end', () => this.lose(new Error('the connection ended'), client));
    await client.connect();
    const { rows } = await client.query<{ taken: boolean }>(
      'select pg_try_advisory_lock($1) as taken',
      [LOCK_KEY],
    );
    this.taken = !rows[0]?.taken;
    if (this.taken || this.closed) {
      await client.end();
      return false;
    }
    this.client = client;
    const before = this.epoch;
    await this.claimEpoch();
    if (before !== null) this.events.onHeld?.(this.epoch !== before + 1);
    return true;
  }

  /** A cut cable ends no connection: it is asked again and again. */
  private async beat(): Promise<void> {
    const { client } = this;
    if (!client) return;
    const late = wait(HEARTBEAT_MS, 'late' as const, { ref: false });
    const answer = client.query('select 1').then(
      () => 'alive' as const,
      () => 'late' as const,
    );
    if ((await Promise.race([answer, late])) === 'late') this.lose(new Error('no answer'), client);
  }

  private lose(fault: unknown, client: pg.Client | null = this.client): void {
    if (!client || client !== this.client) return;
    this.client = null;
    void client.end().catch(() => {});
    if (this.closed) return;
    this.events.onLost?.(fault);
    this.retaking ??= this.retake().finally(() => (this.retaking = null));
  }

  private async retake(): Promise<void> {
    while (!this.closed) {
      if (await this.tryTake().catch(() => false)) return;
      await wait(RETRY_MS, undefined, { ref: false });
    }
  }
}
