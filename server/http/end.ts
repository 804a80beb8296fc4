import type { Server } from 'node:http';

/** Takes no new requests, and answers those that are under way for at most `graceMs` before it cuts them off. */
export function endServer(server: Server, graceMs: number): Promise<void> {
  return new Promise((done) => {
    const cut = setTimeout(() => server.closeAllConnections(), graceMs);
    server.close(() => {
      clearTimeout(cut);
      done();
    });
    server.closeIdleConnections();
  });
}
