/**
 * What was asked for, by the words that stand for it: `there` was acknowledged, `absent` was refused or
 * taken back, `open` was under way when the process was killed and may be either, but not half.
 */
type State = 'there' | 'absent' | 'open';

/** Words that must all be there or none: a person, a note, the rows of a file. */
interface Fact {
  words: readonly string[];
  state: State;
}

export class Ledger {
  private readonly facts = new Map<string, Fact>();
  acknowledged = 0;

  /** Something is asked for. */
  ask(key: string, words: readonly string[] = [key]): void {
    this.facts.set(key, { words, state: 'open' });
  }

  /** It was answered. */
  answered(key: string, state: 'there' | 'absent'): void {
    this.facts.get(key)!.state = state;
    this.acknowledged += 1;
  }

  /** Something that is there is asked to be taken back, or the other way round: until that is answered it is open. */
  reopen(key: string): void {
    this.facts.get(key)!.state = 'open';
  }

  /** What contradicts the words that were found; from then on what was open counts as it was found. */
  settle(found: ReadonlyMap<string, number>): string[] {
    const findings: string[] = [];
    for (const [key, fact] of this.facts) {
      const times = fact.words.map((word) => found.get(word) ?? 0);
      const there = times.filter((n) => n > 0).length;
      if (times.some((n) => n > 1)) findings.push(`twice: ${key}`);
      if (there > 0 && there < times.length)
        findings.push(`half: ${there} of ${times.length} of ${key}`);
      if (fact.state === 'there' && there === 0) findings.push(`lost: ${key}`);
      if (fact.state === 'absent' && there > 0) findings.push(`written though refused: ${key}`);
      fact.state = there > 0 ? 'there' : 'absent';
    }
    return findings;
  }
}
