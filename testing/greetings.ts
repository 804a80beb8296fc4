import { addRule, listGreetings, type RuleDraft } from '@/contract/greetings';
import { addPerson, getPerson } from '@/contract/people';

import { startTestApi, type TestApi } from './api';

/** A server of its own for each test, on a Monday in November, and shorthands for greetings. */
export function greetingsSuite() {
  let api: TestApi;
  beforeEach(async () => {
    api = await startTestApi({ demo: true });
  });
  afterEach(() => api.close());
  const call: TestApi['call'] = (endpoint, input) => api.call(endpoint, input);
  const refusal: TestApi['refusal'] = (endpoint, input) => api.refusal(endpoint, input);
  return {
    call,
    refusal,
    ctx: () => api.ctx,
    add: async (givenName: string, more: object = {}) =>
      (await call(addPerson, { body: { givenName, phone: '555-0101', ...more } })).id,
    rule: async (draft: Partial<RuleDraft> & Pick<RuleDraft, 'occasion' | 'kind'>) =>
      (await call(addRule, { body: draft })).id,
    greetings: (from = '2026-11-23', to = '2027-11-22') =>
      call(listGreetings, { query: { from, to } }),
    planned: async (id: string) => (await call(getPerson, { params: { id } })).planned,
  };
}
