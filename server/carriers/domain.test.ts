import { dkimVerify } from 'mailauth/lib/dkim/verify';

import { checkDomain, makeSigningKey, readCarriers } from '@/contract/carriers';
import { undoAction } from '@/contract/history';
import { messagesSuite } from '@/testing/messages';

const { call, refusal, begin, rosa, write, sendAutomatically, evening } = messagesSuite();

/** What an independent verifier says of a mail, with the records that the domain would publish. */
async function verdicts(raw: Buffer, records: Record<string, string>) {
  const { results } = await dkimVerify(raw, {
    resolver: async (name: string) => {
      const text = records[name];
      if (text === undefined) throw Object.assign(new Error('none'), { code: 'ENOTFOUND' });
      return [[text]];
    },
  });
  return results.map(({ status: { result }, signingDomain }) => `${signingDomain} ${result}`);
}

test('e-mails are signed with a key made here, and a library that did not sign them says so', async () => {
  const { arrived } = await begin();
  expect((await call(readCarriers)).signing).toBeNull();
  const id = await rosa();
  const { name, record, actionId } = await call(makeSigningKey);
  expect(name).toBe('penpal._domainkey.example.com');
  expect(record).not.toContain('PRIVATE');
  await write(id, { subject: 'Grüße aus Port Ellery', words: 'Tea?\n\n.dot\n' });
  await sendAutomatically([id]);
  await evening();
  for (const { raw } of arrived) {
    expect(await verdicts(raw, { [name]: record })).toEqual(['example.com pass']);
    const altered = Buffer.from(
      raw.toString('latin1').replace('Subject: ', 'Subject: Re '),
      'latin1',
    );
    expect(await verdicts(altered, { [name]: record })).toEqual(['example.com fail']);
  }
  // RFC 8058, section 4: what one press is told by must be signed.
  const signed = /[;\s]h=([^;]+);/.exec(
    arrived
      .at(-1)!
      .raw.toString()
      .replace(/\r\n[ \t]+/g, ''),
  )![1]!;
  expect(signed.toLowerCase().split(':')).toContain('list-unsubscribe');
  expect(JSON.stringify(await call(readCarriers))).not.toContain('PRIVATE');
  await call(undoAction, { params: { id: actionId } });
  expect((await call(readCarriers)).signing).toBeNull();
});

test('the records of the domain are judged as they would be published', async () => {
  await begin();
  const { name, record } = await call(makeSigningKey);
  const look = async (given: Record<string, string[]>) =>
    (await call(checkDomain, { body: { given } })).judged.map(({ what, ok }) => `${what} ${ok}`);
  expect(await look({})).toEqual(['SPF false', 'DKIM false', 'DMARC false']);
  expect(
    await look({
      'example.com': ['v=spf1 include:_spf.example.net ~all'],
      [name]: [record],
      '_dmarc.example.com': ['v=DMARC1; p=none'],
    }),
  ).toEqual(['SPF true', 'DKIM true', 'DMARC true']);
});

test('without a mail server there is nothing to sign or to look at', async () => {
  expect(await refusal(makeSigningKey)).toMatchObject({ code: 'not_found' });
  expect(await refusal(checkDomain, { body: { given: null } })).toMatchObject({
    code: 'not_found',
  });
});
