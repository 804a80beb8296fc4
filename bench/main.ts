import { benchAlmanac } from './almanac';
import { benchAlmanacServed } from './almanac-served';
import { benchDurability } from './durability';
import { benchLoad } from './load';
import { benchByItself, benchOutbox, benchWords } from './messages';
import { benchPage } from './page';
import { benchPeople } from './people';
import { benchDates, benchPlan } from './plan';
import { benchSame } from './same';
import { benchDesk, benchEnrol, benchImport } from './server';
import { benchQueueing, benchSending } from './sending';
import { printTable } from './table';
import { benchUserReading, benchUserWriting } from './user';
import { benchYear } from './year';

/** Each part prints its table when it is measured, so that a fault in one loses no other. */
const PARTS = [
  benchDates,
  benchPlan,
  benchDesk,
  benchEnrol,
  benchImport,
  benchSame,
  benchUserReading,
  benchUserWriting,
  benchLoad,
  benchPeople,
  benchDurability,
  benchAlmanac,
  benchAlmanacServed,
  benchWords,
  benchByItself,
  benchSending,
  benchQueueing,
  benchOutbox,
  benchPage,
  benchYear,
];

/** All parts, or the ones whose name holds the word given. */
async function main(word = ''): Promise<void> {
  for (const part of PARTS.filter(({ name }) => name.toLowerCase().includes(word.toLowerCase()))) {
    const figures = await part();
    printTable(figures);
    if (figures.some(({ limit }) => limit && !limit.kept)) process.exitCode = 1;
  }
}

void main(process.argv[2]);
