import { createHash, randomBytes } from 'node:crypto';

import { newId, type Sql } from '../db';

/** A device that is signed in. */
export interface Session {
  id: string;
  token_hash: string;
  passphrase: string;
  device: string;
  made_at: string;
  seen_at: string;
  ends_at: string;
  idle_minutes: number;
}

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;
const DAY_MS = 24 * HOUR_MS;

/**
 * How long a session lasts, used or unused: on a device that others use, and on one of the owner's own
 * (OWASP ASVS 3.3.2 at its levels 2 and 1).
 */
export const LASTS = {
  once: { forMs: 12 * HOUR_MS, idleMinutes: 30 },
  stay: { forMs: 30 * DAY_MS, idleMinutes: 7 * 24 * 60 },
};

const TOKEN_BYTES = 32;
const hashOf = (token: string) => createHash('sha256').update(token).digest('base64url');

/** When a session ends if nobody uses it any more. */
export const untilMs = ({ seen_at, ends_at, idle_minutes }: Session): number =>
  Math.min(Date.parse(ends_at), Date.parse(seen_at) + idle_minutes * MINUTE_MS);

/**
 * The devices that are signed in. Kept in memory and in the database: only one process works on the
 * data, so what is in memory is so.
 */
export class Sessions {
  private readonly byHash = new Map<string, Session>();
  /** When each was last written down as seen. */
  private readonly written = new Map<string, number>();

  constructor(
    private readonly sql: Sql,
    rows: readonly Session[] = [],
  ) {
    for (const row of rows) this.byHash.set(row.token_hash, row);
  }

  static async load(sql: Sql): Promise<Sessions> {
    return new Sessions(sql, await sql.query<Session>('select * from session'));
  }

  /** The session of a token, which is now seen; null when it has ended or never was. */
  find(token: string, passphrase: string | null, nowMs: number): Session | null {
    const session = this.byHash.get(hashOf(token));
    if (!session) return null;
    if (session.passphrase !== passphrase || untilMs(session) <= nowMs) {
      this.end([session.id]).catch(() => {});
      return null;
    }
    session.seen_at = new Date(nowMs).toISOString();
    if (nowMs - (this.written.get(session.id) ?? 0) >= MINUTE_MS) {
      this.written.set(session.id, nowMs);
      // It may be lost by a crash: then the session ends a little earlier.
      this.sql
        .query('update session set seen_at = $2::timestamptz where id = $1::uuid', [
          session.id,
          session.seen_at,
        ])
        .catch(() => {});
    }
    return session;
  }

  /** Begins one; answers the token, which only the device keeps. */
  async begin(
    of: { device: string; passphrase: string; stay: boolean },
    nowMs: number,
  ): Promise<string> {
    const token = randomBytes(TOKEN_BYTES).toString('base64url');
    const { forMs, idleMinutes } = LASTS[of.stay ? 'stay' : 'once'];
    const now = new Date(nowMs).toISOString();
    const session: Session = {
      id: newId(),
      token_hash: hashOf(token),
      passphrase: of.passphrase,
      device: of.device,
      made_at: now,
      seen_at: now,
      ends_at: new Date(nowMs + forMs).toISOString(),
      idle_minutes: idleMinutes,
    };
    await this.sql.query(
      `insert into session (id, token_hash, passphrase, device, made_at, seen_at, ends_at, idle_minutes)
       values ($1::uuid, $2, $3, $4, $5::timestamptz, $5::timestamptz, $6::timestamptz, $7::int)`,
      [
        session.id,
        session.token_hash,
        session.passphrase,
        session.device,
        now,
        session.ends_at,
        idleMinutes,
      ],
    );
    this.byHash.set(session.token_hash, session);
    return token;
  }

  /** Those that still last. */
  all(passphrase: string | null, nowMs: number): Session[] {
    return [...this.byHash.values()].filter(
      (session) => session.passphrase === passphrase && untilMs(session) > nowMs,
    );
  }

  async endAll(): Promise<void> {
    this.byHash.clear();
    await this.sql.query('delete from session');
  }

  /** Ends some; answers how many there were. */
  async end(ids: readonly string[]): Promise<number> {
    const ended = [...this.byHash.values()].filter(({ id }) => ids.includes(id));
    for (const { token_hash } of ended) this.byHash.delete(token_hash);
    await this.sql.query('delete from session where id = any($1::uuid[])', [ids]);
    return ended.length;
  }
}
