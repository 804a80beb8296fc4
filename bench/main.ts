import { benchDurability } from './durability';
import { benchPage } from './page';
import { benchPlan } from './plan';
import { benchDesk, benchImport } from './server';
import { printTable } from './table';

async function main(): Promise<void> {
  const figures = [
    ...(await benchPlan()),
    ...(await benchDesk()),
    ...(await benchImport()),
    ...(await benchDurability()),
    ...(await benchPage()),
  ];
  printTable(figures);
  if (figures.some(({ limit }) => limit && !limit.kept)) process.exitCode = 1;
}

void main();
