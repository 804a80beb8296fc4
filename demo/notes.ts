import type { Random } from './random';

/** What a note is about; the tags that people who have such notes mostly carry as well. */
const THEMES = {
  remodel: [
    [
      'The kitchen',
      'The bathroom',
      'The attic',
      'The porch',
      'The roof',
      'The boiler',
      'The back stairs',
      'The cellar',
      'The bay window',
      'The hallway',
      'The garage',
      'The chimney',
    ],
    [
      'is half done, dust everywhere',
      'is finished at last',
      'waits for the tiler',
      'was painted twice; the first green was a mistake',
      'costs a third more than they were told',
      'is put off until spring',
      'came out better than the drawing',
      'leaks again',
      'is being measured next week',
      'has passed the inspection',
    ],
    [
      'Ask how it turned out.',
      'Wants the name of a plasterer.',
      'Would show it to us.',
      'Not a word about the builder, please.',
      'They did most of it themselves.',
      'Copperline did it, and on time.',
    ],
  ],
  garden: [
    [
      'The quince tree',
      'The hedge',
      'The pond',
      'The vegetable beds',
      'The old greenhouse',
      'The pergola',
      'The roses',
      'The compost',
      'The bees',
    ],
    [
      'survived the storm',
      'takes every evening',
      'won a ribbon at the fair',
      'belongs half to the neighbor, it turns out',
      'gave more than they could eat',
      'has to move for the extension',
      'needs a new fence',
    ],
    [
      'Brought us a jar.',
      'Looks for more ground, no hurry.',
      'Ask for a cutting.',
      'Would never move without it.',
      'Swaps seeds with half the street.',
    ],
  ],
  sailing: [
    [
      'Three weeks',
      'A fortnight',
      'Nine days',
      'A long weekend',
      'The whole of August',
      'Every free Sunday',
    ],
    [
      'on the water',
      'around the outer skerries',
      'to the lightholm and back',
      'waiting for wind',
      'with the youngest at the tiller',
      'racing, and fourth again',
      'in their uncle’s boat',
    ],
    [
      'Full of stories.',
      'Sunburnt and happy.',
      'The mast is the next expense.',
      'Thinks of a berth of their own.',
      'Asked whether we sail.',
      'Never again with the in-laws.',
    ],
  ],
  dog: [
    ['The puppy', 'The old dog', 'The neighbor’s dog', 'The second dog', 'The terrier'],
    [
      'ate a shoe and a contract',
      'keeps them up at night',
      'had an operation and is well',
      'goes to the office with them',
      'does not like the mailman',
      'learned to open the fridge',
      'won over the grandmother',
    ],
    [
      'Call after five.',
      'Biscuits help.',
      'Ask for a picture.',
      'They need a yard now.',
      'Walks past our door at seven.',
      'His name is Bosun.',
    ],
  ],
  school: [
    [
      'The eldest',
      'The youngest',
      'The twins',
      'The middle one',
      'Her daughter',
      'His son',
      'The nephew',
    ],
    [
      'starts school in September',
      'plays the trumpet, badly',
      'moves out in spring',
      'passed the exams',
      'wants to be a pilot',
      'got into the college upstate',
      'is home with a broken arm',
      'changes schools',
      'learns to drive',
    ],
    [
      'Proud of it.',
      'The house will be too big.',
      'Needs a room of their own.',
      'Money will be tight for a while.',
      'Ask how it went.',
      'We talked of little else.',
    ],
  ],
  'fixed-rate': [
    [
      'The fixed rate',
      'The second loan',
      'The bridge loan',
      'The rate of the shop',
      'The old mortgage',
    ],
    [
      'ends in March',
      'ends in June',
      'runs until next fall',
      'is higher than the neighbors’',
      'was a good choice after all',
      'could be paid down early',
      'comes up in January',
    ],
    [
      'Wants a second opinion before then.',
      'Send the two tables.',
      'Call when the news is in.',
      'Their accountant should hear it too.',
      'Not before the new year.',
      'Happy; would do it again.',
    ],
  ],
  retired: [
    ['Her mother', 'His father', 'The aunt in Netloft', 'The grandmother', 'His former boss'],
    [
      'may move in',
      'turned ninety',
      'sells the big house',
      'needs a flat without stairs',
      'has recovered well',
      'wants to be nearer to the harbor',
    ],
    [
      'Asked what an extension would take.',
      'One floor, a small garden.',
      'A call helps more than a letter.',
      'We sent flowers.',
      'They all decide together, slowly.',
      'Ask after her by name: Ottoline.',
    ],
  ],
  market: [
    [
      'The stall',
      'The shop',
      'The bakery',
      'The lease on the corner',
      'The new café',
      'The Saturday market',
    ],
    [
      'runs out next year',
      'has a second location in sight',
      'had its best month',
      'needs a loan for the oven',
      'is for sale, quietly',
      'moved two doors down',
      'hired the neighbor’s girl',
    ],
    [
      'Sent a colleague our way.',
      'Said we come up in talk there.',
      'Looks at the books in January.',
      'Would rather own than rent.',
      'Bring a bag.',
      'Knows everybody on the quay.',
    ],
  ],
} as const;

export type Theme = keyof typeof THEMES;
const NAMES = Object.keys(THEMES) as Theme[];

/** Notes of which no two are alike, as varied as people are. */
export class Notes {
  private readonly written = new Set<string>();

  constructor(private readonly random: Random) {}

  /** A note that was not written before, about this theme or any. */
  next(theme: Theme = this.random.pick(NAMES)): string {
    for (;;) {
      const [who, does, tail] = THEMES[theme];
      const words = `${this.random.pick(who)} ${this.random.pick(does)}. ${this.random.pick(tail)}`;
      if (this.written.has(words)) {
        theme = this.random.pick(NAMES);
        continue;
      }
      this.written.add(words);
      return words;
    }
  }
}

export const isTheme = (tag: string): tag is Theme => tag in THEMES;
