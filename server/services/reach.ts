import { lookup as resolve, type LookupOptions } from 'node:dns';
import { request as overHttp, type IncomingMessage, type RequestOptions } from 'node:http';
import { request as overHttps } from 'node:https';
import { isIP, type LookupFunction } from 'node:net';

import ipaddr from 'ipaddr.js';

/** The address is inside this machine or its network, and the owner has not said that this is meant. */
export class Inside extends Error {
  constructor() {
    super('inside');
  }
}

/** Whether an address belongs to the open internet (IANA special-purpose registries, as ipaddr.js has them). */
export function isOutside(address: string): boolean {
  const bare = address.replace(/^\[|\]$/g, '');
  return ipaddr.isValid(bare) && ipaddr.process(bare).range() === 'unicast';
}

/** Looks a name up, and refuses it if any of its addresses is inside: the one that is called is one of them. */
const outsideOnly: LookupFunction = (name, options, done) =>
  resolve(name, { ...(options as LookupOptions), all: true }, (error, addresses) => {
    if (error) return done(error, '', 0);
    const [first] = addresses;
    if (!first || !addresses.every(({ address }) => isOutside(address)))
      return done(new Inside(), '', 0);
    if ((options as LookupOptions).all) return done(null, addresses as never);
    done(null, first.address, first.family);
  });

interface Sent {
  headers: Record<string, string>;
  body: string;
  withinMs: number;
  /** Addresses inside may be called as well. */
  inside: boolean;
}

/**
 * Posts to an address and answers the status. Follows no redirects, because the owner named the address.
 * What is called is what was checked: the name is looked up once.
 * @throws Inside, or what the connection met; "TimeoutError" by name when nothing was heard in time
 */
export function postTo(url: string, { headers, body, withinMs, inside }: Sent): Promise<number> {
  const { protocol, hostname } = new URL(url);
  return new Promise((done, fail) => {
    // A number is called without being looked up.
    if (!inside && isIP(hostname.replace(/^\[|\]$/g, '')) && !isOutside(hostname))
      return fail(new Inside());
    const options: RequestOptions = {
      method: 'POST',
      headers: { ...headers, 'content-length': Buffer.byteLength(body) },
      signal: AbortSignal.timeout(withinMs),
      agent: false,
      ...(inside ? {} : { lookup: outsideOnly }),
    };
    const answered = (response: IncomingMessage) => {
      response.destroy();
      done(response.statusCode ?? 0);
    };
    const request = (protocol === 'https:' ? overHttps : overHttp)(url, options, answered);
    request.on('error', (error) =>
      fail(error.name === 'AbortError' ? Object.assign(error, { name: 'TimeoutError' }) : error),
    );
    request.end(body);
  });
}
