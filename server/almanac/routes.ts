import type { Router } from 'express';

import * as calendar from '@/contract/almanac';
import * as feedApi from '@/contract/calendars';
import * as api from '@/contract/greetings';

import { register } from '../api';
import type { Context } from '../context';
import { readAlmanac, readDatesOf, readYear } from './calendar';
import { change, greetTogether, hush } from './change';
import * as feeds from './feeds';
import { readGreetingsOf } from './greetings';
import { readCalendar, takeDates } from './ics-in';
import * as rules from './rules';
import { tryRule } from './trial';

export function almanacRoutes(router: Router, ctx: Context): void {
  register(router, api.listRules, () => rules.readRules(ctx));
  register(router, api.listOccasions, () => rules.readOccasions(ctx));
  register(router, api.addRule, ({ body }) => rules.addRule(ctx, body));
  register(router, api.tryRule, ({ body }) => tryRule(ctx, body));
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
  register(router, feedApi.listFeeds, () => feeds.listFeeds(ctx));
  register(router, feedApi.addFeed, ({ body }) => feeds.addFeed(ctx, body));
  register(router, feedApi.renewFeed, ({ params }) => feeds.renewFeed(ctx, params.id));
  register(router, feedApi.removeFeed, ({ params }) => feeds.removeFeed(ctx, params.id));
  register(router, feedApi.readCalendar, ({ body }) => readCalendar(ctx, body.content));
  register(router, feedApi.takeDates, ({ body }) => takeDates(ctx, body.dates));
  // A file for other programs is no JSON.
  router.get('/calendar.ics', async ({ query }, response) => {
    const { shows } = feedApi.FeedDraft.pick({ shows: true }).parse({
      shows: String(query.shows ?? 'dates').split(','),
    });
    const whole = {
      name: 'Pen Pal',
      shows,
      circle_id: null,
      view_id: null,
      alarm_minutes: null,
    };
    response.attachment('pen-pal.ics').type('text/calendar; charset=utf-8');
    response.send(await feeds.fileText(ctx, whole));
  });
}
