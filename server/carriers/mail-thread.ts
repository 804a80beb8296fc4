import { Worker } from 'node:worker_threads';

import type { MailSetup } from '@/contract/carriers';

import { messageIdOf, type Mailer, type MailSecret } from './mail';
import type { DeliveryResult, Email } from './result';

/** What is asked of the thread, and what it answers. */
export type Asked = { n: number; email: Email } | { n: number; email: null };
export interface Answered {
  n: number;
  result: DeliveryResult | null;
  fault: string | null;
}

const ENDED: DeliveryResult = { as: 'unclear', words: 'Something went wrong on our side.' };

/**
 * A mail server that emails are handed to in a thread of its own: composing and signing them takes as much
 * of a processor as everything else about them, and nobody waits for it there.
 */
export class ThreadedMail implements Mailer {
  private readonly worker: Worker;
  private readonly waiting = new Map<number, (answer: Answered) => void>();
  private count = 0;
  private isOver = false;

  constructor(
    script: string,
    private readonly setup: MailSetup,
    secret: MailSecret,
  ) {
    this.worker = new Worker(script, {
      workerData: { setup, secret },
      // What is composed is soon gone: a small nursery keeps the peak low.
      resourceLimits: { maxYoungGenerationSizeMb: 8 },
    });
    this.worker.unref();
    this.worker.on('message', (answer: Answered) => {
      this.waiting.get(answer.n)?.(answer);
      this.waiting.delete(answer.n);
    });
    // What it was handing over when it broke off may have arrived.
    const end = () => {
      this.isOver = true;
      for (const [n, answer] of this.waiting) answer({ n, result: ENDED, fault: ENDED.as });
      this.waiting.clear();
    };
    this.worker.on('error', end);
    this.worker.on('exit', end);
  }

  messageId(id: string): string {
    return messageIdOf(this.setup, id);
  }

  async send(email: Email): Promise<DeliveryResult> {
    if (this.isOver) return { as: 'later', words: 'Sending is being restarted.' };
    return (await this.ask(email)).result ?? ENDED;
  }

  async fault(): Promise<string | null> {
    return this.isOver ? 'Sending is being restarted.' : (await this.ask(null)).fault;
  }

  /** Whether it ended by itself, so that another one is needed. */
  get ended(): boolean {
    return this.isOver;
  }

  close(): void {
    void this.worker.terminate();
  }

  private ask(email: Email | null): Promise<Answered> {
    const n = ++this.count;
    return new Promise((done) => {
      this.waiting.set(n, done);
      this.worker.postMessage({ n, email } satisfies Asked);
    });
  }
}
