import { unzipSync } from 'fflate';
import { readSheet } from 'read-excel-file/universal';

import { tableOf, type TableFault, type TableRead } from './table';

/** A spreadsheet in the open format (ECMA-376) is a zip archive. */
export const isSheet = (bytes: Uint8Array): boolean =>
  bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 3 && bytes[3] === 4;

/** What is packed may be this large unpacked; a small file that holds more was made to do harm. */
const MAX_UNPACKED = 200 * 1024 * 1024;

/** How large the parts of an archive say that they are, without unpacking any. */
function unpackedSize(bytes: Uint8Array): number {
  let size = 0;
  unzipSync(bytes, {
    filter: ({ originalSize }) => {
      size += originalSize;
      return false;
    },
  });
  return size;
}

const pad = (n: number) => String(n).padStart(2, '0');

/** A cell as text: a date as its day, yes and no in words, a number without the signs of an exponent. */
function cellText(value: unknown): string {
  if (value === null || value === undefined) return '';
  if (value instanceof Date)
    return `${String(value.getUTCFullYear()).padStart(4, '0')}-${pad(value.getUTCMonth() + 1)}-${pad(value.getUTCDate())}`;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number' && Number.isInteger(value)) return BigInt(value).toString();
  return String(value as string | number);
}

/** Reads the first sheet of a spreadsheet (.xlsx) as cells. */
export async function readSheetTable(bytes: Uint8Array): Promise<TableRead> {
  const unreadable: TableFault = { reason: 'not_text' };
  try {
    if (unpackedSize(bytes) > MAX_UNPACKED)
      return { ok: false, fault: { reason: 'unpacks_too_large' } };
    const rows = await readSheet(new Uint8Array(bytes).buffer);
    return tableOf(
      rows.map((row) => row.map(cellText)),
      { encoding: '', delimiter: '', skipped: 0, faults: [] },
    );
  } catch {
    return { ok: false, fault: unreadable };
  }
}
