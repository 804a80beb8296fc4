import { generateKeyPairSync } from 'node:crypto';
import { Resolver } from 'node:dns/promises';

import type { CallOutput } from '@/contract/endpoint';
import { MailSetup, type checkDomain } from '@/contract/carriers';
import { need } from '@/core/need';
import { dkimRecord, judgeDkim, judgeDmarc, judgeSpf } from '@/core/sending-domain';

import { act } from '../act';
import { notFound, Refusal } from '../api';
import type { Context } from '../context';
import { sealSecret, secretOf } from './live';
import { domainOf, type MailSecret } from './mail';
import * as queries from './queries';

const SELECTOR = 'penpal';
/** RFC 8301, section 3.2: at least 1024 bits, 2048 wanted. */
const BITS = 2048;
const WITHIN_MS = 10_000;

export const signingOf = ({ dkim }: MailSecret) =>
  dkim?.publicKey
    ? { name: `${dkim.selector}._domainkey.${dkim.domain}`, record: dkimRecord(dkim.publicKey) }
    : null;

async function findMail(ctx: Context) {
  const row = await queries.findCarrier(ctx.db, 'mail');
  if (!row) throw notFound('No mail server is set up.');
  return { row, setup: MailSetup.parse(row.setup), secret: secretOf(ctx, row) };
}

/** Makes a key of our own for the sender's domain; from now on every e-mail is signed with it. */
export async function makeSigningKey(ctx: Context) {
  const { row, setup, secret } = await findMail(ctx);
  const pair = generateKeyPairSync('rsa', {
    modulusLength: BITS,
    publicKeyEncoding: { type: 'spki', format: 'der' },
    privateKeyEncoding: { type: 'pkcs8', format: 'pem' },
  });
  const dkim = {
    domain: domainOf(setup.fromAddress),
    selector: SELECTOR,
    privateKey: pair.privateKey,
    publicKey: pair.publicKey.toString('base64'),
  };
  return act(ctx, async (tx) => {
    const sealed = sealSecret(ctx, 'mail', { ...secret, dkim });
    await queries.writeCarrier(tx, { ...row, secret: sealed });
    return {
      ...need(signingOf({ dkim })),
      sentence: 'E-mails are signed from now on. Publish the key with your domain',
      plan: 'nobody',
      topics: ['carriers'],
    };
  });
}

type Texts = (name: string) => Promise<string[]>;

/** Looks texts of a domain up; a name that has none has an empty list. */
function lookUp(server: string): Texts {
  const resolver = new Resolver({ timeout: WITHIN_MS / 2, tries: 2 });
  if (server) resolver.setServers([server]);
  return async (name) => {
    try {
      return (await resolver.resolveTxt(name)).map((chunks) => chunks.join(''));
    } catch (error) {
      const { code } = error as { code?: string };
      if (code === 'ENOTFOUND' || code === 'ENODATA') return [];
      throw new Refusal(
        'unavailable',
        `The records of ${name} could not be looked up (${code ?? 'no answer'}).`,
      );
    }
  };
}

/** Judges what a domain publishes of its mail, looked up or as it is given. */
export async function check(
  ctx: Context,
  given: Record<string, string[]> | null,
): Promise<CallOutput<typeof checkDomain>> {
  const { setup, secret } = await findMail(ctx);
  const domain = domainOf(setup.fromAddress);
  const texts: Texts = given ? async (name) => given[name] ?? [] : lookUp(setup.resolver);
  const signing = signingOf(secret);
  const judged = [
    { what: 'SPF' as const, name: domain, ...judgeSpf(await texts(domain)) },
    signing
      ? {
          what: 'DKIM' as const,
          name: signing.name,
          ...judgeDkim(await texts(signing.name), need(need(secret.dkim).publicKey)),
        }
      : {
          what: 'DKIM' as const,
          name: '',
          ok: false,
          sentence:
            'E-mails are not signed here. Where your mail server does not sign them itself, make a key.',
        },
    {
      what: 'DMARC' as const,
      name: `_dmarc.${domain}`,
      ...judgeDmarc(await texts(`_dmarc.${domain}`)),
    },
  ];
  return { domain, judged };
}
