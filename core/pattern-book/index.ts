/** Ready words to copy and change, in the voice of the book: one to three ways of saying it. */
export interface WordPattern {
  key: string;
  kind: 'email' | 'text' | 'letter' | 'card' | 'call';
  /** When it is the thing to say. */
  occasion: string;
  name: string;
  subject?: string;
  wordings: readonly string[];
}

/** In the browser too: nothing here may bring the template library along. */
export const WORD_PATTERNS: readonly WordPattern[] = [
  {
    key: 'how-did-it-go',
    kind: 'call',
    occasion: 'A few days after the work is done',
    name: 'How did it go?',
    wordings: [
      'How did it all go, {{ first_name | default: "you two" }}? Is anything still open? What do you know now that you would have liked to know before?',
      'I wanted to hear how the first days were. Is there anything that turned out otherwise than we thought?',
    ],
  },
  {
    key: 'catching-up',
    kind: 'call',
    occasion: 'After a long while',
    name: 'Catching up',
    wordings: [
      'No reason but this: I thought of you. How are things{% if place %} in {{ place }}{% endif %}?{% if children %} And {{ children }}?{% endif %}',
      'It has been too long, and that is on me. What has changed since we last spoke?',
    ],
  },
  {
    key: 'thanks-referral',
    kind: 'call',
    occasion: 'They sent somebody',
    name: 'Thanks for sending somebody',
    wordings: [
      'Thank you for thinking of me. I will look after them as I did after you, and you will hear how it went.',
    ],
  },
  {
    key: 'half-a-year',
    kind: 'email',
    occasion: 'Half a year after the work',
    name: 'Half a year in',
    subject: 'Half a year in',
    wordings: [
      'Dear {{ first_name | default: "neighbor" }},\n\nhalf a year has gone by since we sat over your papers. Is everything as it should be? If there is one thing that you would look at again, tell me which. An answer in one line is plenty.\n\n{{ signature }}',
      'Dear {{ first_name | default: "neighbor" }},\n\nsix months are when the small questions come up: the letter one did not understand, the figure that looks odd. Send them to me, I am glad to look.\n\n{{ signature }}',
    ],
  },
  {
    key: 'years-in-the-house',
    kind: 'email',
    occasion: 'The yearly day of the work',
    name: 'Another year in the house',
    subject: '{{ years }} {% if years == 1 %}year{% else %}years{% endif %} already',
    wordings: [
      'Dear {{ home_names }},\n\n{{ day }} it will be {{ years }} {% if years == 1 %}year{% else %}years{% endif %} since you got the keys.{% if children %} I hope {{ children }} have grown into it.{% endif %}\n\nIf anything about it should be looked at again, I am here.\n\n{{ signature }}',
      'Dear {{ home_names }},\n\nI keep a note of days such as this: {{ years }} {% if years == 1 %}year{% else %}years{% endif %} in your home on {{ day }}. What would you change about it, had you the choice again?\n\n{{ signature }}',
    ],
  },
  {
    key: 'season',
    kind: 'email',
    occasion: 'Two or three times a year, without a reason',
    name: 'A line between seasons',
    subject: 'A line between seasons',
    wordings: [
      'Dear {{ first_name | default: "friend" }},\n\nthe days are turning, and I am going through the names of those I like to hear from. Yours is one. How was your year so far?\n\n{{ signature }}',
      'Dear {{ first_name | default: "friend" }},\n\nnothing to sell and nothing to sign. I only wanted to ask how you are{% if partner %}, and how {{ partner }} is{% endif %}.\n\n{{ signature }}',
      'Dear {{ first_name | default: "friend" }},\n\nwhat is the best thing that happened to you since we spoke last? I collect such things in this season.\n\n{{ signature }}',
    ],
  },
  {
    key: 'would-you-mention-me',
    kind: 'email',
    occasion: 'After they were glad of the work',
    name: 'Would you mention me?',
    subject: 'A small favor',
    wordings: [
      'Dear {{ first_name | default: "friend" }},\n\nmost of those I work for come because somebody said my name at the right moment. If you know one person who is about to do what you did, would you say it? This letter may be handed on.\n\n{{ signature }}',
    ],
  },
  {
    key: 'birthday-text',
    kind: 'text',
    occasion: 'A birthday',
    name: 'Birthday, by text',
    wordings: [
      'Happy birthday, {{ first_name | default: "dear friend" }}. I hope the day has cake in it. {{ my_first_name }}',
      'All good wishes for your day, {{ first_name | default: "dear friend" }}, and for the year behind it. {{ my_first_name }}',
      'Today is yours, {{ first_name | default: "dear friend" }}. May it be a good one. {{ my_first_name }}',
    ],
  },
  {
    key: 'month-in-text',
    kind: 'text',
    occasion: 'A month after the work',
    name: 'A month in, by text',
    wordings: [
      '{{ my_first_name }} here. A month in, {{ first_name | default: "neighbor" }}: is there anything I can sort out for you?',
    ],
  },
  {
    key: 'left-word-text',
    kind: 'text',
    occasion: 'After a call that found nobody',
    name: 'I rang you',
    wordings: [
      '{{ my_first_name }} here, I rang you just now. Nothing urgent: I wanted to hear how you are. When is a good time?',
    ],
  },
  {
    key: 'thank-you-card',
    kind: 'card',
    occasion: 'The work is done',
    name: 'Thank you, by hand',
    wordings: [
      'Dear {{ home_names }}, thank you for your trust. I enjoyed working for you, and I mean to stay in reach. {{ my_first_name }}',
      'Dear {{ home_names }}, it is done, and you did your part of it well. Thank you for asking me. {{ my_first_name }}',
    ],
  },
  {
    key: 'birthday-card',
    kind: 'card',
    occasion: 'A birthday',
    name: 'Birthday card',
    wordings: [
      'Dear {{ first_name | default: "friend" }}, may the year that begins today be kind to you. With warm wishes, {{ my_name }}',
      'Dear {{ first_name | default: "friend" }}, I hope somebody else does the dishes today. Happy birthday. {{ my_name }}',
    ],
  },
  {
    key: 'new-year-card',
    kind: 'card',
    occasion: 'The turn of the year',
    name: 'New Year card',
    wordings: [
      'Dear {{ home_names }}, a quiet end of this year and a good beginning of the next. I am glad to know you. {{ my_name }}',
    ],
  },
  {
    key: 'year-letter',
    kind: 'letter',
    occasion: 'Once a year',
    name: 'The yearly letter',
    wordings: [
      'Dear {{ home_names }},\n\nonce a year I write to everybody I have worked for, by post, because a letter can lie on the table for a while.\n\nIf your plans for the coming year touch the house, tell me early: most of what goes wrong does so because it was asked too late. If they do not, I should still like to hear how you are.\n\n{{ signature }}\n{{ my_phone }}',
    ],
  },
  {
    key: 'condolence',
    kind: 'letter',
    occasion: 'Somebody has died',
    name: 'Condolence',
    wordings: [
      'Dear {{ first_name | default: "friend" }},\n\nI have heard of your loss, and I am sorry. There is nothing to answer. If there is anything about the house or the papers that I can take off your hands, say a word.\n\n{{ my_name }}',
    ],
  },
];
