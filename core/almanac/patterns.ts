import type { TouchKind } from '@/core/touches';

import { BIRTHDAY, FAMILY, holidayOccasion, SERVICE, WEDDING } from './occasion';
import type { RuleYears } from './rules';

/** A ready rule of greetings, to copy and change. */
export interface RulePattern {
  key: string;
  name: string;
  /** Why one would. */
  advice: string;
  occasion: string;
  kind: TouchKind;
  way: 'hand' | 'auto';
  years: RuleYears;
  leadDays: number;
  /** Of circles, by their place: 0 is the closest; all where there are none. */
  closest: number | null;
  /** Of an e-mail. */
  subject?: string;
  words: string;
}

/** Rules that suit somebody who works alone: few, and each worth the minutes. In our own voice. */
export const RULE_PATTERNS: readonly RulePattern[] = [
  {
    key: 'birthday-call',
    name: 'Birthdays of the inner circle: a call',
    advice: 'Two minutes on the day are worth more than any card.',
    occasion: BIRTHDAY,
    kind: 'call',
    way: 'hand',
    years: 'all',
    leadDays: 0,
    closest: 1,
    words: 'Happy birthday, {{ first_name }}. What are you doing with the day?',
  },
  {
    key: 'birthday-round-card',
    name: 'Round birthdays: a card',
    advice: 'A fiftieth is remembered; so is who wrote.',
    occasion: BIRTHDAY,
    kind: 'card',
    way: 'hand',
    years: 'round',
    leadDays: 1,
    closest: null,
    words:
      'Dear {{ first_name | default: "friend" }}, {{ years }} years, and I am glad to have met you in one of them. Have a good day of it. {{ my_first_name }}',
  },
  {
    key: 'birthday-text',
    name: 'Birthdays of everybody: a text',
    advice: 'Short, in your own words, on the morning of the day.',
    occasion: BIRTHDAY,
    kind: 'text',
    way: 'hand',
    years: 'all',
    leadDays: 0,
    closest: null,
    words:
      'Happy birthday{% if first_name %}, {{ first_name }}{% endif %}. I hope there is cake. {{ my_first_name }}',
  },
  {
    key: 'birthday-email',
    name: 'Birthdays of everybody: an e-mail by itself',
    advice: 'For those you seldom see, and who said yes to e-mail.',
    occasion: BIRTHDAY,
    kind: 'email',
    way: 'auto',
    years: 'all',
    leadDays: 0,
    closest: null,
    subject: 'A good birthday to you',
    words:
      'Dear {{ first_name | default: "friend" }},\n\na good birthday to you, and a year with more good days in it than the last.\n\n{{ signature }}',
  },
  {
    key: 'work-round-call',
    name: 'Round years since the work: a call',
    advice: 'One year, five, ten: a reason to ask how it turned out.',
    occasion: SERVICE,
    kind: 'call',
    way: 'hand',
    years: 'round',
    leadDays: 0,
    closest: null,
    words:
      '{{ years }} {% if years == 1 %}year{% else %}years{% endif %} already. How has it turned out, and what would you do otherwise?',
  },
  {
    key: 'work-email',
    name: 'Years since the work: an e-mail',
    advice: 'The day that began it comes back each year.',
    occasion: SERVICE,
    kind: 'email',
    way: 'hand',
    years: 'plain',
    leadDays: 0,
    closest: null,
    subject: '{{ years }} {% if years == 1 %}year{% else %}years{% endif %} today',
    words:
      'Dear {{ first_name | default: "neighbor" }},\n\nit is {{ years }} {% if years == 1 %}year{% else %}years{% endif %} today. Is there anything about it that you would like to look at again? I am glad to.\n\n{{ signature }}',
  },
  {
    key: 'wedding-card',
    name: 'Weddings: a card',
    advice: 'One card for the two of them.',
    occasion: WEDDING,
    kind: 'card',
    way: 'hand',
    years: 'all',
    leadDays: 1,
    closest: 1,
    words:
      'Dear {{ first_name | default: "both of you" }}, a good day to the two of you{% if years %}, and to {{ years }} years of it{% endif %}. {{ my_first_name }}',
  },
  {
    key: 'child-text',
    name: 'Birthdays of their children: a line to the parents',
    advice: 'Whoever remembers a child is remembered.',
    occasion: FAMILY,
    kind: 'text',
    way: 'hand',
    years: 'all',
    leadDays: 0,
    closest: 1,
    words:
      'A good birthday to {{ whose | default: "the little one" }} today{% if years %}, {{ years }} already{% endif %}. {{ my_first_name }}',
  },
  {
    key: 'thanksgiving-card',
    name: 'Thanksgiving: a card to the closest',
    advice: 'It comes before the heap of December, and is read.',
    occasion: holidayOccasion('Thanksgiving Day'),
    kind: 'card',
    way: 'hand',
    years: 'all',
    leadDays: 2,
    closest: 1,
    words:
      'Dear {{ first_name | default: "friend" }}, when I count what I am thankful for in this work, your name is in the count. {{ my_first_name }}',
  },
  {
    key: 'new-year-card',
    name: 'The New Year: a card',
    advice: 'Early in January there is time to read it.',
    occasion: holidayOccasion("New Year's Day"),
    kind: 'card',
    way: 'hand',
    years: 'all',
    leadDays: 0,
    closest: 1,
    words:
      'Dear {{ first_name | default: "friend" }}, a good new year to you and yours. I look forward to hearing what it brings. {{ my_first_name }}',
  },
];
