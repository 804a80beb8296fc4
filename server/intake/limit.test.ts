import { startTestApi, type TestApi } from '@/testing/api';

import { saveForm } from './actions';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi({
    reach: {
      host: '127.0.0.1',
      origins: ['https://penpal.example.com'],
      proxies: 'loopback',
      machine: [],
    },
  });
  await saveForm(api.ctx, { open: true, heading: '', words: '', thanks: '', consentWords: '' });
});
afterAll(() => api.close());

const send = async (from: string) =>
  (
    await fetch(`${api.url}/form`, {
      method: 'POST',
      headers: { 'x-forwarded-for': from },
      body: new URLSearchParams({ name: '' }),
    })
  ).status;

test('behind a proxy each household has its own count, and needs no session', async () => {
  const first = await Promise.all(Array.from({ length: 25 }, () => send('198.51.100.1')));
  expect(new Set(first)).toEqual(new Set([422, 429]));
  expect(await send('198.51.100.2')).toBe(422);
  // Of IPv6 a household has a whole network.
  const many = await Promise.all(Array.from({ length: 25 }, (_, i) => send(`2001:db8:1:2::${i}`)));
  expect(new Set(many)).toEqual(new Set([422, 429]));
  expect(await send('2001:db8:1:3::1')).toBe(422);
});
