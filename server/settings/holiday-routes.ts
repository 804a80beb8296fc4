import type { Router } from 'express';

import * as api from '@/contract/almanac';
import { partsOf, toDayNumber, toPlainDate } from '@/core/time';

import type { Context } from '../context';
import { register } from '../api';
import { countries, publicHolidays, regionsOf } from '../holidays';
import { readSettings } from './queries';

const DAYS_LISTED = 366;

export function holidayRoutes(router: Router, ctx: Context): void {
  register(router, api.listCountries, async ({ query }) => ({
    countries: countries(),
    regions: regionsOf(query.country),
  }));
  register(router, api.listHolidays, async () => {
    const { country, region, holidaysWorked } = await readSettings(ctx.db);
    const today = toDayNumber(ctx.clock.today());
    const { year } = partsOf(today);
    return {
      holidays: publicHolidays({ country, region }, year, year + 1)
        .filter(({ on }) => on >= today && on < today + DAYS_LISTED)
        .map(({ on, name }) => ({
          on: toPlainDate(on),
          name,
          worked: holidaysWorked.includes(name),
        })),
    };
  });
}
