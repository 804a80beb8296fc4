import { request } from 'node:http';

import { endpoints } from '@/contract';
import * as access from '@/contract/access';
import type { Endpoint } from '@/contract/endpoint';
import { listPeople } from '@/contract/people';
import { startTestApi, type TestApi } from '@/testing/api';

const REACH = {
  host: '127.0.0.1',
  origins: ['https://penpal.example.com'],
  proxies: 'loopback',
  machine: [],
};
const PASSPHRASE = 'harbor lantern oatmeal bridge';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi({ reach: REACH });
  await api.ctx.guard.passphrase.set(PASSPHRASE);
});
afterAll(() => api.close());

/** A browser of its own: keeps its cookies. */
function device(agent = 'Mozilla/5.0 (X11; Linux x86_64; rv:128.0) Gecko/20100101 Firefox/128.0') {
  const jar = new Map<string, string>();
  const set: string[] = [];
  const ask = async (
    { method, path }: Pick<Endpoint, 'method' | 'path'>,
    body: object = {},
    more: Record<string, string> = {},
  ) => {
    const response = await fetch(`${api.url}/api${path}`, {
      method: method.toUpperCase(),
      headers: {
        'user-agent': agent,
        cookie: [...jar].map(([name, value]) => `${name}=${value}`).join('; '),
        ...(method === 'get' ? {} : { 'content-type': 'application/json' }),
        ...more,
      },
      ...(method === 'get' ? {} : { body: JSON.stringify(body) }),
    });
    for (const line of response.headers.getSetCookie()) {
      set.push(line);
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(line)!;
      jar.set(name!, value!);
    }
    return { status: response.status, answer: (await response.json()) as never };
  };
  return {
    jar,
    set,
    ask,
    signIn: (passphrase: string, more: object = {}) =>
      ask(access.signIn, { passphrase, ...more }, { 'x-forwarded-for': FROM }),
  };
}
let FROM = '198.51.100.1';

describe('without a session', () => {
  const closed = endpoints.filter(({ open }) => !open);

  test('every endpoint but the door itself wants the passphrase', async () => {
    expect(closed.length).toBeGreaterThan(80);
    const { ask } = device();
    for (const { method, path } of closed) {
      const { status, answer } = await ask({
        method,
        path: path.replace(/:\w+/g, '0190a000-0000-7000-8000-000000000001'),
      });
      expect([path, status, answer]).toEqual([
        path,
        401,
        { error: { code: 'signed_out', message: 'Sign in with the passphrase first.' } },
      ]);
    }
  });

  test.each([
    '/api/',
    '/api/openapi.json',
    '/api/photos/x',
    '/api/nothing',
    '/api/people/x/card.vcf',
  ])('%s neither', async (path) => expect((await fetch(api.url + path)).status).toBe(401));

  test('a made-up, an altered and an empty session are none', async () => {
    const { jar, signIn, ask } = device();
    await signIn(PASSPHRASE);
    const good = jar.get('__Host-penpal')!;
    expect((await ask(listPeople)).status).toBe(200);
    for (const token of ['', 'x', good.slice(1), `${good.slice(0, -1)}_`, good.toUpperCase()]) {
      jar.set('__Host-penpal', token);
      expect((await ask(listPeople)).status).toBe(401);
    }
  });

  test('the public form answers', async () => {
    expect((await fetch(`${api.url}/form`)).status).toBe(404); // closed, and says so
  });
});

describe('signing in', () => {
  afterEach(() => jest.restoreAllMocks());

  test('gives a cookie that scripts, other pages and plain connections never see', async () => {
    const { set, signIn } = device();
    expect((await signIn(PASSPHRASE)).status).toBe(200);
    expect(set[0]).toMatch(/^__Host-penpal=[\w-]{43}; Path=\/; HttpOnly; Secure; SameSite=Strict$/);
    // RFC 6265bis, 4.1.3.2: no Domain, Path=/, Secure.
    expect(set.join()).not.toMatch(/domain/i);
  });

  test('where browsers come by https, they are told to come by nothing else', async () => {
    const headers = (await fetch(`${api.url}/api/access`)).headers;
    expect(headers.get('strict-transport-security')).toMatch(/^max-age=31536000/);
  });

  test('on a device of the owner’s own it lasts a month, on another until the browser is closed', async () => {
    const { set, signIn } = device();
    await signIn(PASSPHRASE, { stay: true });
    expect(set[0]).toContain('Max-Age=2592000');
  });

  test('ends after half an hour unused, and after twelve hours in any case', async () => {
    const now = Date.now();
    const realMs = jest.spyOn(api.ctx.clock, 'realMs');
    const at = (minutes: number) => realMs.mockReturnValue(now + minutes * 60_000);
    try {
      const idle = device();
      await idle.signIn(PASSPHRASE);
      at(29);
      expect((await idle.ask(listPeople)).status).toBe(200);
      at(29 + 31);
      expect((await idle.ask(listPeople)).status).toBe(401);
      at(0);
      const busy = device();
      await busy.signIn(PASSPHRASE);
      for (let minutes = 20; minutes < 12 * 60; minutes += 20) {
        at(minutes);
        expect((await busy.ask(listPeople)).status).toBe(200);
      }
      at(12 * 60);
      expect((await busy.ask(listPeople)).status).toBe(401);
    } finally {
      realMs.mockRestore();
    }
  });

  test('wrong tries wait ever longer, but only where they came from', async () => {
    // The clock stands: on a slow machine the waits would be over before the next try.
    const now = Date.now();
    const realMs = jest.spyOn(api.ctx.clock, 'realMs').mockReturnValue(now);
    FROM = '203.0.113.7';
    const owner = device();
    await owner.signIn(PASSPHRASE);
    const guesser = device();
    const answers = [];
    for (let i = 0; i < 7; i++) answers.push(await guesser.signIn(`wrong guess number ${i}`));
    expect(answers.slice(0, 5).map(({ status }) => status)).toEqual(Array(5).fill(422));
    expect(answers[5]).toMatchObject({
      status: 429,
      answer: { error: { code: 'too_soon', message: expect.stringMatching(/Wait \S+ second/) } },
    });
    // Right, but too soon; the owner’s own device and another address are not made to wait.
    expect((await guesser.signIn(PASSPHRASE)).status).toBe(429);
    expect((await owner.signIn(PASSPHRASE)).status).toBe(200);
    FROM = '198.51.100.2';
    expect((await guesser.signIn(PASSPHRASE)).status).toBe(200);
    // Half a minute later the wait is over in any case.
    FROM = '203.0.113.7';
    realMs.mockReturnValue(now + 30_000);
    expect((await guesser.signIn(PASSPHRASE)).status).toBe(200);
  });

  test('fifty tries at once count as fifty', async () => {
    jest.spyOn(api.ctx.clock, 'realMs').mockReturnValue(Date.now());
    FROM = '203.0.113.50';
    const guesser = device();
    const answers = await Promise.all(
      Array.from({ length: 50 }, (_, i) => guesser.signIn(`wrong guess number ${i}`)),
    );
    expect(answers.filter(({ status }) => status === 422).length).toBeLessThanOrEqual(6);
    FROM = '198.51.100.3';
  });

  test('signing out ends the session, wherever a copy of the cookie may be', async () => {
    const { jar, ask, signIn } = device();
    await signIn(PASSPHRASE);
    const copy = jar.get('__Host-penpal')!;
    await ask(access.signOut);
    jar.set('__Host-penpal', copy);
    expect((await ask(listPeople)).status).toBe(401);
  });
});

describe('devices', () => {
  test('are listed by name, and each can be ended', async () => {
    await api.ctx.guard.sessions.endAll();
    const [here, lost] = [device(), device('Mozilla/5.0 (Linux; Android 14; K) Chrome/126.0')];
    await here.signIn(PASSPHRASE, { stay: true });
    await lost.signIn(PASSPHRASE);
    const { devices } = (await here.ask(access.listDevices)).answer as {
      devices: { id: string; name: string; here: boolean }[];
    };
    expect(devices.map(({ name, here: isHere }) => [name, isHere]).sort()).toEqual([
      ['Chrome on Android', false],
      ['Firefox on Linux', true],
    ]);
    const { id } = devices.find((one) => !one.here)!;
    await here.ask({ method: 'delete', path: `/access/devices/${id}` });
    expect((await lost.ask(listPeople)).status).toBe(401);
    await lost.signIn(PASSPHRASE);
    expect((await here.ask(access.endOtherDevices)).answer).toEqual({ ended: 1 });
    expect((await lost.ask(listPeople)).status).toBe(401);
    expect((await here.ask(listPeople)).status).toBe(200);
  });

  test('a new passphrase wants the old one, refuses what is guessed easily, and ends all others', async () => {
    const [here, other] = [device(), device()];
    await here.signIn(PASSPHRASE);
    await other.signIn(PASSPHRASE);
    const set = (current: string, passphrase: string) =>
      here.ask(access.setPassphrase, { current, passphrase });
    expect((await set('not the one', 'violin gravel umbrella seven')).status).toBe(422);
    expect((await set(PASSPHRASE, 'password1234')).answer).toMatchObject({
      error: { field: 'passphrase', message: expect.stringContaining('easy') },
    });
    expect((await set(PASSPHRASE, 'too short')).status).toBe(422);
    expect((await set(PASSPHRASE, 'violin gravel umbrella seven')).status).toBe(200);
    expect((await here.ask(listPeople)).status).toBe(200);
    expect((await other.ask(listPeople)).status).toBe(401);
    expect((await other.signIn(PASSPHRASE)).status).toBe(422);
    await api.ctx.guard.passphrase.set(PASSPHRASE);
  });
});

describe('other pages and foreign names', () => {
  const post = (headers: Record<string, string>, body: string | undefined = '{}') =>
    fetch(`${api.url}/api/access/sign-out`, { method: 'POST', headers, ...(body ? { body } : {}) });
  const json = { 'content-type': 'application/json' };

  test.each([
    [{ ...json, origin: 'https://evil.example' }, 403],
    [{ ...json, origin: 'null' }, 403],
    [{ ...json, origin: 'http://penpal.example.com' }, 403],
    [{ ...json, 'sec-fetch-site': 'cross-site' }, 403],
    [{ ...json, 'sec-fetch-site': 'same-site' }, 403],
    [{ 'content-type': 'text/plain' }, 422],
    [{ 'content-type': 'application/x-www-form-urlencoded' }, 422],
    [{ ...json, origin: 'https://penpal.example.com', 'sec-fetch-site': 'same-origin' }, 200],
    [json, 200],
  ])('a write with %j is answered %i', async (headers, status) =>
    expect((await post(headers)).status).toBe(status),
  );

  test('a write without a body is refused unless it says it is JSON', async () =>
    expect((await post({}, undefined)).status).toBe(422));

  /** fetch sets some of these headers itself. */
  const open = (headers: Record<string, string>) =>
    new Promise<number>((done, fail) =>
      request(`${api.url}/api/access`, { headers }, (answer) => {
        answer.resume();
        done(answer.statusCode!);
      })
        .on('error', fail)
        .end(),
    );

  test('reading from another page is refused, opening an address is not', async () => {
    const from = { 'sec-fetch-site': 'cross-site' };
    expect(await open({ ...from, 'sec-fetch-mode': 'no-cors' })).toBe(403);
    expect(await open({ ...from, 'sec-fetch-mode': 'navigate' })).toBe(200);
  });

  test.each([
    ['evil.example', 421],
    ['penpal.example.com', 200],
    ['localhost:4310', 200],
    ['127.0.0.1.evil.example', 421],
  ])('asked as “%s” it answers %i', async (host, status) =>
    expect(await open({ host })).toBe(status),
  );
});
