import type { Router } from 'express';

import * as calendar from '@/contract/almanac';
import * as api from '@/contract/greetings';

import { register } from '../api';
import type { Context } from '../context';
import { readAlmanac, readDatesOf, readYear } from './calendar';
import { change, greetTogether, hush } from './change';
import { readGreetingsOf } from './greetings';
import * as rules from './rules';

export function almanacRoutes(router: Router, ctx: Context): void {
  register(router, api.listRules, () => rules.readRules(ctx));
  register(router, api.listOccasions, () => rules.readOccasions(ctx));
  register(router, api.addRule, ({ body }) => rules.addRule(ctx, body));
  register(router, api.tryRule, ({ body }) => rules.tryRule(ctx, body));
  register(router, api.orderRules, ({ body }) => rules.orderRules(ctx, body.ids));
  register(router, api.saveRule, ({ params, body }) => rules.saveRule(ctx, params.id, body));
  register(router, api.removeRule, ({ params }) => rules.removeRule(ctx, params.id));
  register(router, api.listGreetings, ({ query }) => readGreetingsOf(ctx, query));
  register(router, api.changeGreeting, ({ body }) => change(ctx, body));
  register(router, api.hush, ({ params, body }) => hush(ctx, params.id, body));
  register(router, api.greetTogether, ({ params, body }) =>
    greetTogether(ctx, params.id, body.together),
  );
  register(router, api.datesOfPerson, ({ params }) => readDatesOf(ctx, params.id));
  register(router, calendar.getAlmanac, ({ query }) => readAlmanac(ctx, query));
  register(router, calendar.getAlmanacYear, ({ query }) => readYear(ctx, query));
}
