import { randomBytes } from 'node:crypto';

let lastMs = 0;
let counter = 0;

/** A time-ordered UUID (version 7, RFC 9562): ids made later sort later, also within a millisecond. */
export function newId(nowMs = Date.now()): string {
  counter = nowMs <= lastMs ? counter + 1 : 0;
  if (counter > 0xfff) {
    lastMs += 1;
    counter = 0;
  } else lastMs = Math.max(nowMs, lastMs);
  const bytes = randomBytes(16);
  bytes.writeUIntBE(lastMs, 0, 6);
  bytes.writeUInt16BE(0x7000 | counter, 6);
  bytes[8] = (bytes[8]! & 0x3f) | 0x80;
  const hex = bytes.toString('hex');
  return [
    hex.slice(0, 8),
    hex.slice(8, 12),
    hex.slice(12, 16),
    hex.slice(16, 20),
    hex.slice(20),
  ].join('-');
}
