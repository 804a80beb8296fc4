import { benchDurability } from './durability';
import { benchPage } from './page';
import { benchPeople } from './people';
import { benchPlan } from './plan';
import { benchSame } from './same';
import { benchDesk, benchImport } from './server';
import { printTable } from './table';

async function main(): Promise<void> {
  const figures = [
    ...(await benchPlan()),
    ...(await benchDesk()),
    ...(await benchImport()),
    ...(await benchSame()),
    ...(await benchPeople()),
    ...(await benchDurability()),
    ...(await benchPage()),
  ];
  printTable(figures);
  if (figures.some(({ limit }) => limit && !limit.kept)) process.exitCode = 1;
}

void main();
