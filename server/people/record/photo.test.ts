import sharp from 'sharp';

import { runImport } from '@/contract/imports';
import { listPeople } from '@/contract/people';
import { undoAction } from '@/contract/history';
import { savePhoto } from '@/contract/story';
import { base64, startTestApi, type TestApi } from '@/testing/api';
import { sphereOf } from '@/testing/sphere';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());
const { add, sheet } = sphereOf(() => api);

const picture = async (width: number, height: number) =>
  (
    await sharp({ create: { width, height, channels: 3, background: '#a63a2b' } })
      .png()
      .toBuffer()
  ).toString('base64');

async function shown(photoId: string) {
  const response = await fetch(`${api.url}/api/photos/${photoId}`);
  const { width, height, format } = await sharp(
    Buffer.from(await response.arrayBuffer()),
  ).metadata();
  return { type: response.headers.get('content-type'), width, height, format };
}
const SMALL = { type: 'image/webp', width: 320, height: 320, format: 'webp' };

test('a photo is made small on the way in, replaced, and undone', async () => {
  const id = await add({ givenName: 'Ana' });
  await api.call(savePhoto, { params: { id }, body: { content: await picture(1200, 900) } });
  const first = (await sheet(id)).photoId!;
  expect(await shown(first)).toEqual(SMALL);
  const { actionId } = await api.call(savePhoto, {
    params: { id },
    body: { content: await picture(50, 80) },
  });
  expect((await sheet(id)).photoId).not.toBe(first);
  await api.call(undoAction, { params: { id: actionId } });
  expect((await sheet(id)).photoId).toBe(first);
  expect(await shown(first)).toEqual(SMALL);
});

test('what is no picture, or too large, is refused', async () => {
  const id = await add({ givenName: 'Bo' });
  const refuse = (content: string) => api.refusal(savePhoto, { params: { id }, body: { content } });
  expect(await refuse(base64('rubbish'))).toMatchObject({
    code: 'invalid',
    message: 'This is not a picture that Pen Pal can read. Choose a JPEG, PNG or WebP.',
  });
  expect(await refuse(Buffer.alloc(13 * 1024 * 1024).toString('base64'))).toMatchObject({
    code: 'too_large',
  });
});

test('photos come in with cards; a damaged one costs only itself', async () => {
  const card = (name: string, photo: string) =>
    `BEGIN:VCARD\r\nVERSION:3.0\r\nFN:${name}\r\nPHOTO;ENCODING=b;TYPE=PNG:${photo}\r\nEND:VCARD\r\n`;
  const content = base64(card('With Photo', await picture(400, 400)) + card('Without One', 'AAAA'));
  const body = { fileName: 'cards.vcf', content, mapping: null, circleId: null, tag: null };
  await api.call(runImport, { body });
  const { rows } = await api.call(listPeople, { query: { sort: 'name' } });
  const photoOf = async (name: string) =>
    (await sheet(rows.find((row) => row.name === name)!.id)).photoId;
  expect(await shown((await photoOf('With Photo'))!)).toEqual(SMALL);
  expect(await photoOf('Without One')).toBeNull();
  const { id } = rows.find((row) => row.name === 'Without One')!;
  expect((await sheet(id)).notes).toMatchObject([
    { body: 'The photo in the file could not be read.' },
  ]);
});
