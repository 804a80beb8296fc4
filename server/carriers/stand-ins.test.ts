import { connect, createServer, type AddressInfo, type Server } from 'node:net';

import { startTestApi } from '@/testing/api';

import { standInCarriers } from './stand-ins';

const listening = (port: number) =>
  new Promise<Server>((done, fail) => {
    const server: Server = createServer().listen(port, '127.0.0.1', () => done(server));
    server.once('error', fail);
  });

/** Two ports in a row, of another program. */
async function twoTaken(): Promise<Server[]> {
  for (;;) {
    const first = await listening(0);
    const { port } = first.address() as AddressInfo;
    const second = await listening(port + 1).catch(() => null);
    if (second) return [first, second];
    first.close();
  }
}

test('where another program has their ports, the demo’s stand-ins take others', async () => {
  const api = await startTestApi({ demo: true });
  const taken = await twoTaken();
  const { port } = taken[0]!.address() as AddressInfo;
  const standIn = await standInCarriers(api.ctx, port - 10);
  const ports = Object.values(standIn.ports ?? {});
  expect(ports).toHaveLength(2);
  for (const one of ports) {
    expect([port, port + 1]).not.toContain(one);
    const socket = connect(one, '127.0.0.1');
    const greeting = await new Promise((done) => socket.once('data', done));
    socket.destroy();
    expect(String(greeting)).toMatch(/^(220|\+OK)/);
  }
  await standIn.close?.();
  for (const server of taken) server.close();
  await api.close();
});
