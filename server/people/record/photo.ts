import sharp from 'sharp';

import { act } from '../../act';
import type { Context } from '../../context';
import { maybeOne, newId, type Sql } from '../../db';
import { invalid, Refusal } from '../../api';
import { findOrRefuse } from '../find/find';

const SIDE_PX = 320;
const MAX_BYTES = 12 * 1024 * 1024;
const MAX_PIXELS = 60_000_000;

/** A picture of any usual format as a small square WebP, turned upright; null when it is none. */
export async function shrink(bytes: Uint8Array): Promise<Uint8Array | null> {
  try {
    return await sharp(bytes, { limitInputPixels: MAX_PIXELS })
      .rotate()
      .resize(SIDE_PX, SIDE_PX, { fit: 'cover', position: 'attention' })
      .webp({ quality: 80 })
      .toBuffer();
  } catch {
    return null;
  }
}

/** Keeps a photo that was made small; answers its id. */
export async function keepPhoto(tx: Sql, personId: string, bytes: Uint8Array): Promise<string> {
  const id = newId();
  await tx.query('delete from photo where person_id = $1::uuid', [personId]);
  await tx.query(
    `insert into photo (id, person_id, mime, bytes) values ($1::uuid, $2::uuid, 'image/webp', decode($3, 'base64'))`,
    [id, personId, Buffer.from(bytes).toString('base64')],
  );
  await tx.query('update person set photo_id = $2::uuid where id = $1::uuid', [personId, id]);
  return id;
}

export async function save(ctx: Context, personId: string, content: string | null) {
  const given = content === null ? null : Buffer.from(content, 'base64');
  if (given && given.length > MAX_BYTES)
    throw new Refusal(
      'too_large',
      'This photo is larger than 12 MB. Choose a smaller one.',
      'content',
    );
  const small = given && (await shrink(given));
  if (given && !small)
    throw invalid(
      'This is not a picture that Pen Pal can read. Choose a JPEG, PNG or WebP.',
      'content',
    );
  return act(ctx, async (tx) => {
    const { name } = await findOrRefuse(tx, personId);
    if (small) {
      await keepPhoto(tx, personId, small);
      return { sentence: `Changed the photo of ${name}`, plan: 'nobody', topics: ['people'] };
    }
    await tx.query('delete from photo where person_id = $1::uuid', [personId]);
    await tx.query('update person set photo_id = null, version = version + 1 where id = $1::uuid', [
      personId,
    ]);
    return { sentence: `Took away the photo of ${name}`, plan: 'nobody', topics: ['people'] };
  });
}

export const readPhoto = (sql: Sql, id: string) =>
  maybeOne<{ mime: string; content: string }>(
    sql,
    `select mime, encode(bytes, 'base64') as content from photo where id = $1::uuid`,
    [id],
  );
