import { z } from 'zod';

import { Day, Done, Id, IdParam } from '@/contract/common';
import { endpoint } from '@/contract/endpoint';

const subject = 'gifts';

export const listGifts = endpoint({
  method: 'get',
  path: '/people/:id/gifts',
  subject,
  shows: ['people'],
  summary: 'What somebody was given, the latest first',
  params: IdParam,
  response: z.object({ gifts: z.array(z.object({ id: Id, on: Day, what: z.string() })) }),
});

export const addGift = endpoint({
  method: 'post',
  path: '/people/:id/gifts',
  subject,
  summary: 'Notes a gift',
  params: IdParam,
  body: z.object({ on: Day, what: z.string().trim().min(1, 'Say what it was.').max(200) }),
  response: Done.extend({ id: Id }),
  errors: ['invalid', 'not_found'],
});
