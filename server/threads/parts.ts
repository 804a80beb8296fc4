import { receiveMessageOnPort, type MessagePort } from 'node:worker_threads';

import { need } from '@/core/need';

/** Items of a list that cross between threads at once: reading them keeps nobody waiting. */
const PART = 500;

/** A value whose long lists went ahead through the port, in this order, each at its place. */
export interface Parted {
  rest: unknown;
  lists: { path: string[]; parts: number }[];
}

/** Sends a value's long lists through the port, part by part; answers what is left of it. */
export function* sendParts(value: unknown, port: MessagePort): Generator<void, Parted> {
  const found: { path: string[]; list: unknown[] }[] = [];
  const rest = withoutLists({ value }, [], found);
  for (const { list } of found)
    for (let from = 0; from < list.length; from += PART) {
      port.postMessage(list.slice(from, from + PART));
      yield;
    }
  const lists = found.map(({ path, list }) => ({ path, parts: Math.ceil(list.length / PART) }));
  return { rest, lists };
}

/** Puts a value together that {@link sendParts} took apart. */
export function* receiveParts(
  { rest, lists }: Parted,
  port: MessagePort,
): Generator<void, unknown> {
  for (const { path, parts } of lists) {
    const list = listAt(rest, path);
    for (let i = 0; i < parts; i++) {
      list.push(...(need(receiveMessageOnPort(port)).message as unknown[]));
      yield;
    }
  }
  return (rest as { value: unknown }).value;
}

function withoutLists(
  value: unknown,
  path: string[],
  found: { path: string[]; list: unknown[] }[],
): unknown {
  if (Array.isArray(value) && value.length > PART) {
    found.push({ path, list: value });
    return [];
  }
  if (typeof value !== 'object' || value === null) return value;
  if (Object.getPrototypeOf(value) !== Object.prototype) return value;
  const rest: Record<string, unknown> = {};
  for (const [key, part] of Object.entries(value))
    rest[key] = withoutLists(part, [...path, key], found);
  return rest;
}

const listAt = (value: unknown, path: readonly string[]): unknown[] =>
  path.reduce((at, key) => (at as Record<string, unknown>)[key], value) as unknown[];
