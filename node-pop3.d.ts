declare module 'node-pop3' {
  import type { Readable } from 'node:stream';
  export default class Pop3Command {
    constructor(setup: {
      user: string;
      password: string;
      host: string;
      port: number;
      tls: boolean;
      timeout: number;
    });
    /** Signs in on the way. */
    UIDL(): Promise<string[][]>;
    command(name: string, ...args: (string | number)[]): Promise<[info: string, body: Readable]>;
    QUIT(): Promise<string>;
  }
}
