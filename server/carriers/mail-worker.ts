import { parentPort, workerData } from 'node:worker_threads';

import type { MailSetup } from '@/contract/carriers';

import { MailCarrier, type MailSecret } from './mail';
import type { Answered, Asked } from './mail-thread';

// The thread of mail-thread.ts: hands over what it is given and says what came of it.

const { setup, secret } = workerData as { setup: MailSetup; secret: MailSecret };
const carrier = new MailCarrier(setup, secret);

parentPort?.on('message', async ({ n, email }: Asked) => {
  const answer: Answered = { n, result: null, fault: null };
  if (email)
    answer.result = await carrier.send({
      ...email,
      // A buffer comes through as plain bytes.
      files: email.files.map((file) => ({ ...file, content: Buffer.from(file.content) })),
    });
  else answer.fault = await carrier.fault();
  parentPort?.postMessage(answer);
});
