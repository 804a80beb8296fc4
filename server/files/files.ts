import sharp from 'sharp';

import { MOST_FILE_BYTES, type KeptFile } from '@/contract/files';
import { need } from '@/core/need';

import { invalid, Refusal } from '../api';
import type { Context } from '../context';
import { newId } from '../db';
import * as queries from './queries';

/** Pictures are shown no wider than a letter on a fine screen. */
const WIDEST_PX = 1200;
const MOST_PIXELS = 60_000_000;

/** Types by the end of a name; whatever is not known is bytes. */
const TYPES: Readonly<Record<string, string>> = {
  pdf: 'application/pdf',
  jpg: 'image/jpeg',
  jpeg: 'image/jpeg',
  png: 'image/png',
  gif: 'image/gif',
  webp: 'image/webp',
  txt: 'text/plain',
  csv: 'text/csv',
  ics: 'text/calendar',
  vcf: 'text/vcard',
  docx: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  odt: 'application/vnd.oasis.opendocument.text',
  zip: 'application/zip',
};

/** Mail servers refuse what can run, however good it is (common practice, no source). */
const RUNS = /\.(exe|com|bat|cmd|scr|pif|msi|js|vbs|jar|ps1|hta|lnk)$/i;

const endOf = (name: string): string => need(name.split('.').at(-1)).toLowerCase();

/** Without what could not stand in a header or a path. */
const tidyName = (name: string): string =>
  name.replace(/[\u0000-\u001f\u007f/\\]+/g, ' ').trim() || 'file';

interface Given {
  name: string;
  content: string;
  as: 'picture' | 'along';
}

/** Keeps a file; a picture that stands in words as JPEG or PNG, turned upright, no wider than shown. */
export async function keep(ctx: Context, { name, content, as }: Given): Promise<KeptFile> {
  const bytes = Buffer.from(content, 'base64');
  if (bytes.length === 0) throw invalid('There is nothing in this file.', 'content');
  if (bytes.length > MOST_FILE_BYTES)
    throw new Refusal(
      'too_large',
      `This file is larger than ${MOST_FILE_BYTES / 1024 / 1024} MB, which many mail servers refuse. Send a link to it instead.`,
      'content',
    );
  if (as === 'along' && RUNS.test(name))
    throw invalid('Mail servers refuse files that can run. Put it into a ZIP file.', 'name');
  const made =
    as === 'picture'
      ? await shown(bytes)
      : {
          bytes,
          type: TYPES[endOf(name)] ?? 'application/octet-stream',
          width: null,
          height: null,
        };
  const file = {
    id: newId(ctx.clock.nowMs()),
    name: tidyName(name),
    type: made.type,
    size: made.bytes.length,
    width: made.width,
  };
  await queries.insertFile(ctx.db, {
    ...file,
    height: made.height,
    made_at: ctx.clock.now(),
    content: made.bytes.toString('base64'),
  });
  return file;
}

async function shown(bytes: Buffer) {
  try {
    const picture = sharp(bytes, { limitInputPixels: MOST_PIXELS })
      .rotate()
      .resize({ width: WIDEST_PX, withoutEnlargement: true });
    // What may be seen through stays so; photos are smaller as JPEG.
    const { hasAlpha } = await sharp(bytes, { limitInputPixels: MOST_PIXELS }).metadata();
    const made = hasAlpha ? picture.png() : picture.jpeg({ quality: 82, mozjpeg: true });
    const { data, info } = await made.toBuffer({ resolveWithObject: true });
    return {
      bytes: data,
      type: hasAlpha ? 'image/png' : 'image/jpeg',
      width: info.width,
      height: info.height,
    };
  } catch {
    throw invalid(
      'This is not a picture that Pen Pal can read. Choose a JPEG, PNG or WebP.',
      'content',
    );
  }
}
