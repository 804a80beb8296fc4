import { getAllCountries, getCountry, getTimezone } from 'countries-and-timezones';

import { need } from '@/core/need';

// States of the United States that lie in one zone, by postal code and name (49 CFR part 71, from
// memory). Those that lie in two tell nothing.
const EASTERN =
  'CT Connecticut,DE Delaware,DC District of Columbia,GA Georgia,ME Maine,MD Maryland,MA Massachusetts,NH New Hampshire,NJ New Jersey,NY New York,NC North Carolina,OH Ohio,PA Pennsylvania,RI Rhode Island,SC South Carolina,VT Vermont,VA Virginia,WV West Virginia';
const CENTRAL =
  'AL Alabama,AR Arkansas,IL Illinois,IA Iowa,LA Louisiana,MN Minnesota,MS Mississippi,MO Missouri,OK Oklahoma,WI Wisconsin';
const MOUNTAIN = 'CO Colorado,MT Montana,NM New Mexico,UT Utah,WY Wyoming';
const PACIFIC = 'CA California,WA Washington';

const STATES = new Map(
  (
    [
      [EASTERN, 'America/New_York'],
      [CENTRAL, 'America/Chicago'],
      [MOUNTAIN, 'America/Denver'],
      ['AZ Arizona', 'America/Phoenix'],
      [PACIFIC, 'America/Los_Angeles'],
      ['HI Hawaii', 'Pacific/Honolulu'],
    ] as const
  ).flatMap(([states, zone]) =>
    states.split(',').flatMap((state) => {
      const [code, ...name] = state.split(' ');
      return [
        [need(code).toLowerCase(), zone],
        [name.join(' ').toLowerCase(), zone],
      ] as [string, string][];
    }),
  ),
);

/** The ISO 3166 code of a country by its code or its name in English; null where it is not known. */
export const countryCode = (country: string): string | null => {
  const asked = country.trim().toLowerCase();
  if (/^(usa|u\.s\.a?\.?|united states( of america)?)$/.test(asked)) return 'US';
  const all = Object.values(getAllCountries());
  return all.find(({ id, name }) => [id, name].some((n) => n.toLowerCase() === asked))?.id ?? null;
};

/** What the clocks of a zone show, in winter and in summer: several zones of a country may be one. */
const clockOf = (zone: string): string => {
  const { utcOffset, dstOffset } = need(getTimezone(zone));
  return `${utcOffset} ${dstOffset}`;
};

/**
 * The time zone of an address, as far as its country and region tell it for certain; null where they
 * don't. Without a country it is in the owner's.
 */
export function zoneOfAddress(
  { region, country }: { region: string; country: string },
  ownersCountry: string,
): string | null {
  const code = country.trim() === '' ? ownersCountry : countryCode(country);
  if (!code) return null;
  if (code === 'US') return STATES.get(region.trim().toLowerCase()) ?? null;
  const zones = getCountry(code as Parameters<typeof getCountry>[0])?.timezones ?? [];
  const clocks = new Set(zones.map(clockOf));
  return clocks.size === 1 ? need(zones[0]) : null;
}
