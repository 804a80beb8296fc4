import { createServer, type RequestListener, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';

import { call, CallFault } from './call';
import { runImport } from './imports';
import { addNote } from './story';
import { health } from './settings';

let server: Server | null = null;

/** A server that answers so, on a port of its own; answers where it is. */
async function answering(listener: RequestListener): Promise<string> {
  server = createServer(listener);
  await new Promise<void>((done) => server!.listen(0, '127.0.0.1', done));
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
}

afterEach(async () => {
  jest.useRealTimers();
  server?.closeAllConnections();
  await new Promise((done) => (server ? server.close(done) : done(null)));
  server = null;
});

const faultOf = (promise: Promise<unknown>): Promise<CallFault> =>
  promise.then(
    () => {
      throw new Error('It was accepted.');
    },
    (fault: CallFault) => fault,
  );

const note = { params: { id: '01900000-0000-7000-8000-000000000001' }, body: { body: 'so' } };

test('an answer comes as it is, and what was asked went to its path', async () => {
  const asked: string[] = [];
  const base = await answering((request, response) => {
    asked.push(`${request.method} ${request.url}`);
    response.setHeader('content-type', 'application/json').end('{"sentence":"Noted"}');
  });
  expect(await call(addNote, note, { base })).toEqual({ sentence: 'Noted' });
  expect(asked).toEqual([`POST /api/people/${note.params.id}/notes`]);
});

test('a refusal carries its sentence and every field at fault', async () => {
  const fields = [
    { field: 'name', message: 'Name the work.' },
    { field: 'feeMinor', message: 'Write a number.' },
  ];
  const error = { code: 'invalid', message: 'Name the work.', field: 'name', fields };
  const base = await answering((_, response) =>
    response.writeHead(422).end(JSON.stringify({ error })),
  );
  const fault = await faultOf(call(addNote, note, { base }));
  expect([fault.code, fault.message, fault.field, fault.fields]).toEqual([
    'invalid',
    'Name the work.',
    'name',
    fields,
  ]);
});

test('a refusal of one field alone is a list of one', async () => {
  const error = { code: 'invalid', message: 'Too late.', field: 'on' };
  const base = await answering((_, response) =>
    response.writeHead(422).end(JSON.stringify({ error })),
  );
  const { fields } = await faultOf(call(addNote, note, { base }));
  expect(fields).toEqual([{ field: 'on', message: 'Too late.' }]);
});

test.each([
  [200, 'a page where an answer should be'],
  [502, 'a page of something in between'],
])('%i with HTML, %s, is no answer of Pen Pal', async (status) => {
  const base = await answering((_, response) =>
    response.writeHead(status, { 'content-type': 'text/html' }).end('<!doctype html>'),
  );
  const fault = await faultOf(call(addNote, note, { base }));
  expect(fault.code).toBe('unavailable');
  expect(fault.message).toMatch(/^Something else than Pen Pal answered/);
});

test('nobody there is told', async () => {
  const fault = await faultOf(call(health, {}, { base: 'http://127.0.0.1:1' }));
  expect(fault.code).toBe('unavailable');
  expect(fault.message).toMatch(/^Pen Pal can’t be reached/);
});

/** Asks a server that keeps silent, and lets so much time pass. */
async function silently(asking: (base: string) => Promise<unknown>, afterMs: number) {
  jest.useFakeTimers({ doNotFake: ['nextTick', 'setImmediate', 'queueMicrotask'] });
  const heard = new Promise<void>((done) => void answering(() => done()).then((at) => ask(at)));
  let asked: Promise<unknown> = Promise.resolve();
  let settled = false;
  const ask = (base: string) => {
    asked = asking(base).finally(() => (settled = true));
    asked.catch(() => {});
  };
  await heard;
  jest.advanceTimersByTime(afterMs);
  await new Promise((done) => setImmediate(done));
  return { settled, asked };
}

test('a read that is not answered is given up after a while, and can be tried again', async () => {
  const early = await silently((base) => call(health, {}, { base }), 30_000);
  expect(early.settled).toBe(false);
  jest.advanceTimersByTime(20_000);
  const fault = await faultOf(early.asked);
  expect([fault.code, fault.message]).toEqual([
    'silent',
    'Pen Pal has not answered for a while. Try again.',
  ]);
});

test('a write that is not answered may have been saved, and says so', async () => {
  const { asked } = await silently((base) => call(addNote, note, { base }), 100_000);
  const fault = await faultOf(asked);
  expect(fault.message).toMatch(/It may have been saved all the same/);
});

test('what works through thousands of rows is waited for', async () => {
  const body = { fileName: 'a.csv', content: '', mapping: null, circleId: null, tag: null };
  const { settled } = await silently((base) => call(runImport, { body }, { base }), 600_000);
  expect(settled).toBe(false);
});

test('who is not interested any more ends it, which is no fault', async () => {
  const stop = new AbortController();
  const base = await answering(() => stop.abort());
  const error = await faultOf(call(health, {}, { base, signal: stop.signal }));
  expect(error).not.toBeInstanceOf(CallFault);
  expect(error.name).toBe('AbortError');
});
