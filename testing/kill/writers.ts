import { call, newKey, type CallFault } from '@/contract/call';
import type { CallInput, Endpoint } from '@/contract/endpoint';
import { undoAction } from '@/contract/history';
import { runImport } from '@/contract/imports';
import { addPerson } from '@/contract/people';
import { addNote } from '@/contract/story';
import { logTouch } from '@/contract/touches';
import { backUpNow } from '@/contract/upkeep';
import type { Random } from '@/demo/random';

import type { Ledger } from './ledger';

/** A write that nobody answered, which is sent again under its key. */
export interface Unanswered {
  key: string;
  send: (base: string) => Promise<unknown>;
}

const ROWS = 40;

/** Writes what nothing else writes, until the server is gone. */
export class Writers {
  private count = 0;
  readonly unanswered: Unanswered[] = [];

  constructor(
    private readonly random: Random,
    private readonly ledger: Ledger,
  ) {}

  /** Adds, notes, logs and takes back, one after the other. */
  async write(base: string): Promise<void> {
    while (await this.one(base));
  }

  private async one(base: string): Promise<boolean> {
    const name = this.word('p');
    this.ledger.ask(name);
    const body = { givenName: name, phone: '555-0142', tags: ['t'], note: this.word('x') };
    const added = await this.send(base, name, addPerson, { body });
    if (!added) return false;
    const { id, actionId } = added;
    if (this.random.chance(0.2)) {
      this.ledger.reopen(name);
      return this.asked(name, 'absent', () =>
        call(undoAction, { params: { id: actionId } }, { base }),
      );
    }
    const note = this.word('n');
    this.ledger.ask(note);
    if (this.random.chance(0.5))
      return Boolean(
        await this.send(base, note, addNote, { params: { id }, body: { body: note } }),
      );
    const touch = { personId: id, kind: 'call' as const, outcome: 'reached' as const, note };
    return Boolean(await this.send(base, note, logTouch, { body: touch }));
  }

  /** A file whose rows come in all or not at all. */
  async bring(base: string): Promise<void> {
    const key = this.word('f');
    const words = Array.from({ length: ROWS }, (_, i) => `${key}r${i}`);
    this.ledger.ask(key, words);
    const content = Buffer.from(['First name', ...words].join('\n')).toString('base64');
    const body = { fileName: 'l.csv', content, mapping: null, circleId: null, tag: null };
    await this.asked(key, 'there', () =>
      call(runImport, { body: { ...body, same: 'add' } }, { base }),
    );
  }

  async backUp(base: string): Promise<void> {
    await call(backUpNow, {}, { base }).catch(() => {});
  }

  private word = (kind: string): string => `${kind}${this.count++}z`;

  private async send<E extends Endpoint>(base: string, fact: string, e: E, input: CallInput<E>) {
    const key = newKey();
    const send = (at: string) => call(e, input, { base: at, key });
    let answer: Awaited<ReturnType<typeof send>> | undefined;
    const ok = await this.asked(fact, 'there', async () => (answer = await send(base)));
    if (!ok) this.unanswered.push({ key: fact, send });
    return answer;
  }

  /** Whether it was answered; a refusal is an answer too. */
  private async asked(fact: string, then: 'there' | 'absent', work: () => Promise<unknown>) {
    try {
      await work();
      this.ledger.answered(fact, then);
      return true;
    } catch (error) {
      const { code } = error as CallFault;
      if (code === undefined || code === 'unavailable' || code === 'silent') return false;
      this.ledger.answered(fact, then === 'there' ? 'absent' : 'there');
      return true;
    }
  }
}
