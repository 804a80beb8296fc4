import { previewImport } from '@/contract/imports';
import { call } from '@/contract/call';
import { Stopped, type Threads } from '@/server/threads';
import { base64, startTestApi, type TestApi } from '@/testing/api';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());

test('a file that nobody waits for any more is not read on', async () => {
  const { threads } = api.ctx;
  let began!: (signal: AbortSignal) => void;
  const reading = new Promise<AbortSignal>((done) => (began = done));
  const run: Threads['run'] = (_name, _input, { signal } = {}) =>
    new Promise((_, stop) => {
      signal!.addEventListener('abort', () => stop(new Stopped()));
      began(signal!);
    });
  api.ctx.threads = { run };
  const body = { fileName: 'a.csv', content: base64('Name\nAna\n'), mapping: null };
  const stop = new AbortController();
  const asked = call(previewImport, { body }, { base: api.url, signal: stop.signal });
  const signal = await reading;
  const ended = new Promise((done) => signal.addEventListener('abort', done));
  stop.abort();
  await expect(asked).rejects.toThrow();
  await ended;
  api.ctx.threads = threads;
  expect(await api.call(previewImport, { body })).toMatchObject({ people: 1 });
});
