import {
  addRule,
  listRules,
  orderRules,
  tryRule,
  type GreetingRuleShown,
} from '@/contract/greetings';
import { plainDate } from '@/core/time';
import { almanacServer } from '@/testing/almanac-screens';
import * as sample from '@/testing/samples';
import { choose, press, screen, show, TODAY, widen } from '@/testing/screen';

import { RulesScreen } from './rules-screen';

const day = plainDate;
const DONE = { actionId: sample.id(99), sentence: 'Done so', topics: [] };

describe('rules', () => {
  const TRIAL = {
    year: sample.greetingTotals({ most: { on: day('2026-12-24'), greetings: 9 } }),
    today: 12,
    leftOutCount: 0,
    leftOut: [],
    first: [
      {
        personId: sample.id(1),
        name: 'Ana Birch',
        on: day('2026-11-28'),
        what: 'turns 50',
        words: 'Happy day, Ana',
      },
    ],
    faults: [],
  };
  const open = (rules: GreetingRuleShown[]) => {
    widen(1280);
    const asked = almanacServer()
      .answer(listRules, { today: TODAY, rules, year: sample.greetingTotals() })
      .answer(tryRule, TRIAL)
      .answer(addRule, { ...DONE, id: sample.id(5) })
      .answer(orderRules, DONE);
    show(<RulesScreen />);
    return asked;
  };

  test('a pattern is taken over, and says what it would bring before it is kept', async () => {
    const asked = open([]);
    await press('Take over: Round birthdays: a card');
    await screen.findByText('Happy day, Ana');
    screen.getByText(
      /^2 greetings on 2 days: 16 minutes of your time and \$6\.00\. The most on one day: 9/,
    );
    // A rule that would greet very many at once says so.
    screen.getByText('12 greetings would be due today already.');
    await press('Greet by this rule');
    expect(asked.sent(addRule)[0]).toMatchObject({
      occasion: 'birthday',
      kind: 'card',
      years: 'round',
    });
  });

  test('cards need a hand, and are there before the day; e-mails may go by themselves', async () => {
    open([]);
    await press('A new rule');
    await choose('By', 'card');
    screen.getByLabelText('There before the day by');
    expect(screen.queryByRole('radio', { name: 'By itself' })).toBeNull();
    await choose('By', 'e-mail');
    await press('By itself', 'radio');
    expect(screen.queryByLabelText('Where the day is not worked')).toBeNull();
  });

  test('the order is changed, since the first that fits greets', async () => {
    const asked = open([
      sample.greetingRule(),
      sample.greetingRule({ id: sample.id(2), kind: 'card' }),
    ]);
    await screen.findByText('Of several rules that fit somebody’s date, the first one greets.');
    await press('Move up: birthday, card');
    expect(asked.sent(orderRules)[0]).toEqual({ ids: [sample.id(2), sample.id(1)] });
  });
});
