import { pino, type Logger } from 'pino';

/** What of an error goes into the log: where it happened and its kind, and nothing of what people wrote. */
export interface LoggedFault {
  type: string;
  /** Such as the SQLSTATE, with the names of table and constraint. */
  code?: string;
  table?: string;
  constraint?: string;
  at: string[];
}

const FRAMES = 12;

/** A message may quote values, and a database's error holds its parameters: neither is kept. */
export function faultForLog(error: unknown): LoggedFault {
  const { name, code, table, constraint, stack } = (error ?? {}) as Record<string, unknown>;
  const text = (value: unknown) => (typeof value === 'string' ? value : undefined);
  const known = Object.fromEntries(
    Object.entries({ code, table, constraint }).filter(([, value]) => typeof value === 'string'),
  );
  const at = (text(stack) ?? '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, FRAMES)
    .map((line) => line.trim());
  return { type: text(name) ?? typeof error, ...known, at };
}

/** What happened goes to the terminal as lines of JSON. */
export const createLog = (level: string): Logger =>
  pino({ level, serializers: { err: faultForLog } });
