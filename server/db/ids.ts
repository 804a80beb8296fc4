import { randomUUID } from 'node:crypto';

let lastMs = 0;
let counter = 0;

/** A time-ordered UUID (version 7, RFC 9562): ids made later sort later, also within a millisecond. */
export function newId(nowMs = Date.now()): string {
  counter = nowMs <= lastMs ? counter + 1 : 0;
  if (counter > 0xfff) {
    lastMs += 1;
    counter = 0;
  } else lastMs = Math.max(nowMs, lastMs);
  const time = lastMs.toString(16).padStart(12, '0');
  const count = counter.toString(16).padStart(3, '0');
  // The rest of a random UUID: its variant and 62 random bits.
  return `${time.slice(0, 8)}-${time.slice(8)}-7${count}${randomUUID().slice(18)}`;
}
