import { need } from '@/core/need';

const MAX_PREFIX = 4;
const PREFIX_WEIGHT = 0.1;

/**
 * How alike two strings are, 0 to 1 (Jaro 1989, with Winkler's 1990 weight on a common beginning of
 * up to four letters). Our own, because the libraries at hand differ from the published table.
 * @example jaroWinkler('martha', 'marhta') // 0.961
 */
export function jaroWinkler(a: string, b: string): number {
  if (a === b) return 1;
  const window = Math.max(0, Math.floor(Math.max(a.length, b.length) / 2) - 1);
  const taken = new Array<boolean>(b.length).fill(false);
  const matchedA: string[] = [];
  for (let i = 0; i < a.length; i++)
    for (let j = Math.max(0, i - window); j < Math.min(b.length, i + window + 1); j++)
      if (!taken[j] && a[i] === b[j]) {
        taken[j] = true;
        matchedA.push(need(a[i]));
        break;
      }
  const matches = matchedA.length;
  if (matches === 0) return 0;
  let swapped = 0;
  let at = 0;
  for (let j = 0; j < b.length; j++) if (taken[j] && matchedA[at++] !== b[j]) swapped += 1;
  const jaro = (matches / a.length + matches / b.length + (matches - swapped / 2) / matches) / 3;
  let prefix = 0;
  while (prefix < MAX_PREFIX && a[prefix] !== undefined && a[prefix] === b[prefix]) prefix += 1;
  return jaro + prefix * PREFIX_WEIGHT * (1 - jaro);
}
