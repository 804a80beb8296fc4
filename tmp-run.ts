import { readImportFile } from '@/core/intake';
import { findSame, traitsOf } from '@/core/same';
import { checkPeople } from '@/server/imports/check';
import { fileOf } from '@/bench/product';
import { plainDate } from '@/core/time';
import { serialize, deserialize } from 'node:v8';
const cpu = () => { const c = process.cpuUsage(); return (c.user + c.system) / 1000; };
async function main() {
  const body = fileOf(20_000);
  const bytes = Buffer.from(body.content, 'base64');
  console.log(bytes.toString().slice(0, 400), bytes.length);
  for (let k = 0; k < 2; k++) {
    let t = cpu();
    const r: any = await readImportFile({ bytes, pasted: false, mapping: null, own: [], today: plainDate('2026-11-23') });
    console.log('read', cpu() - t); t = cpu();
    const s = structuredClone(r); console.log('clone all', cpu() - t); t = cpu();
    await checkPeople(r.file.people, []); console.log('check', cpu() - t); t = cpu();
    const known = r.file.people.map((p: any, i: number) => ({ id: 'row ' + i, traits: traitsOf(p.fields) }));
    console.log('traits', cpu() - t); t = cpu();
    const pairs = findSame(known, new Set(known.map((x: any) => x.id)));
    console.log('find', cpu() - t, pairs.length);
  }
}
void main();
