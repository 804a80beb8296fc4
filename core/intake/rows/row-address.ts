import { isAddress, NO_ADDRESS, type Address } from '@/core/people';

import { readWholeAddress } from './address';
import { readAddresses } from './cells';
import { readNumber } from '../columns/own';
import { labelOf, read, type Row } from './row';

const PARTS = ['city', 'region', 'postalCode', 'country', 'place'] as const;

/** The addresses of a row: one for each of home, work …; the mailing address stands first. */
export function readAllAddresses(row: Row): Address[] {
  const byWhich = new Map<string, Address>();
  const at = (which: string) => {
    const found = byWhich.get(which) ?? { ...NO_ADDRESS, label: labelOf(which) };
    byWhich.set(which, found);
    return found;
  };
  for (const { text, which } of row.all('addressLine')) {
    const address = at(which);
    address.line = [address.line, text].filter(Boolean).join(', ');
  }
  for (const { text, which } of row.all('addressLine2')) {
    const address = at(which);
    address.line = [address.line, text].filter(Boolean).join(', ');
  }
  for (const part of PARTS) for (const { text, which } of row.all(part)) at(which)[part] = text;
  const addresses = [...byWhich].sort(
    ([a], [b]) => Number(b === 'mailing') - Number(a === 'mailing'),
  );
  const all = addresses.map(([, address]) => wholeAddress(address)).filter(isAddress);
  const degrees = (target: 'lat' | 'lon') => read(row, target, readNumber, 'a number of degrees');
  const [lat, lon] = [degrees('lat'), degrees('lon')];
  const point = lat !== null && lon !== null && Math.abs(lat) <= 90 && Math.abs(lon) <= 180;
  const label = row.get('addressLabel');
  if (point && all.length === 0) all.push({ ...NO_ADDRESS });
  if (all[0] && point) Object.assign(all[0], { lat, lon });
  if (all[0] && label) all[0].label = label;
  return [...all, ...readAddresses(row.get('moreAddresses')).filter(isAddress)];
}

/** A street line that holds the whole address is taken apart when nothing else of it is given. */
function wholeAddress(address: Address): Address {
  if ([address.city, address.region, address.postalCode].some(Boolean)) return address;
  const read = readWholeAddress(address.line);
  return read ? { ...address, ...read } : address;
}
