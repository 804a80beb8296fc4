import {
  answerIn,
  bounceOf,
  isAutomatic,
  readDeliveryStatus,
  readFeedbackReport,
  wantsNoMoreMail,
  wishIn,
} from '.';

// RFC 3464, appendix E.1: "This is a simple DSN issued after repeated attempts to deliver a message failed."
test('a delivery report of RFC 3464', () => {
  const text = `Reporting-MTA: dns; cs.utk.edu

Original-Recipient: rfc822;louisl@larry.slip.umd.edu
Final-Recipient: rfc822;louisl@larry.slip.umd.edu
Action: failed
Status: 4.0.0
Diagnostic-Code: smtp; 426 connection timed out
Last-Attempt-Date: Thu, 7 Jul 1994 17:15:49 -0400
`;
  expect(readDeliveryStatus(text)).toEqual([
    {
      address: 'louisl@larry.slip.umd.edu',
      action: 'failed',
      status: '4.0.0',
      diagnostic: '426 connection timed out',
    },
  ]);
});

// RFC 3464, appendix E.2: two recipients failed, one delayed.
test('a report of several recipients', () => {
  const text = [
    'Reporting-MTA: dns; cs.utk.edu',
    '',
    'Original-Recipient: rfc822;arathib@vnet.ibm.com',
    'Final-Recipient: rfc822;arathib@vnet.ibm.com',
    'Action: failed',
    'Status: 5.0.0 (permanent failure)',
    "Diagnostic-Code: smtp;  550 'arathib@vnet.IBM.COM' is not a",
    ' registered gateway user',
    'Remote-MTA: dns; vnet.ibm.com',
    '',
    'Original-Recipient: rfc822;johnh@hpnjld.njd.hp.com',
    'Final-Recipient: rfc822;johnh@hpnjld.njd.hp.com',
    'Action: delayed',
    'Status: 4.0.0 (hpnjld.njd.jp.com: host name lookup failure)',
    '',
    'Original-Recipient: rfc822;wsnell@sdcc13.ucsd.edu',
    'Final-Recipient: rfc822;wsnell@sdcc13.ucsd.edu',
    'Action: failed',
    'Status: 5.0.0',
    'Diagnostic-Code: smtp; 550 user unknown',
    'Remote-MTA: dns; sdcc13.ucsd.edu',
  ].join('\r\n');
  const reports = readDeliveryStatus(text);
  expect(reports.map(({ action, status }) => `${action} ${status}`)).toEqual([
    'failed 5.0.0',
    'delayed 4.0.0',
    'failed 5.0.0',
  ]);
  expect(reports[0]!.diagnostic).toBe(
    "550 'arathib@vnet.IBM.COM' is not a registered gateway user",
  );
  expect(reports.map(({ status, diagnostic }) => bounceOf(status, diagnostic))).toEqual([
    'soft',
    'soft',
    'hard',
  ]);
});

// RFC 5965, appendix B.1 and B.2.
test('a complaint of RFC 5965', () => {
  const simple = 'Feedback-Type: abuse\nUser-Agent: SomeGenerator/1.0\nVersion: 1\n';
  expect(readFeedbackReport(simple)).toEqual({ type: 'abuse', address: '' });
  const full = `Feedback-Type: abuse
User-Agent: SomeGenerator/1.0
Version: 1
Original-Mail-From: <somespammer@example.net>
Original-Rcpt-To: <user@example.com>
Arrival-Date: Thu, 8 Mar 2005 14:00:00 EDT
`;
  expect(readFeedbackReport(full)).toEqual({ type: 'abuse', address: 'user@example.com' });
  expect(readFeedbackReport('Dear all,\nplease stop.')).toBeNull();
});

// RFC 3463: X.1.1 bad destination mailbox, X.2.1 mailbox disabled, X.2.2 mailbox full, X.7.1 not authorized.
test.each([
  ['5.1.1', '', 'hard'],
  ['5.1.10', '', 'hard'],
  ['5.2.1', '', 'hard'],
  ['5.2.2', '', 'soft'],
  ['5.7.1', 'message looks like spam', 'soft'],
  ['4.4.1', '', 'soft'],
  ['', '550 No such user here', 'hard'],
  ['', '451 try again later', 'soft'],
] as const)('%s %s is a %s bounce', (status, said, bounce) =>
  expect(bounceOf(status, said)).toBe(bounce),
);

test.each([
  ['a person', {}, 'ana@example.com', 'Re: The rate', false],
  // RFC 3834, section 5: "no", "auto-generated", "auto-replied", with parameters behind them.
  ['no', { 'auto-submitted': 'no' }, 'ana@example.com', 'x', false],
  [
    'auto-replied',
    { 'auto-submitted': 'auto-replied; owner-email="a@example.com"' },
    'a@example.com',
    'x',
    true,
  ],
  ['auto-generated', { 'auto-submitted': 'auto-generated' }, 'a@example.com', 'x', true],
  ['a list', { 'list-id': '<x.example.org>' }, 'a@example.com', 'x', true],
  ['bulk', { precedence: 'bulk' }, 'a@example.com', 'x', true],
  ['nobody', {}, '', 'x', true],
  ['a machine', {}, 'MAILER-DAEMON@example.com', 'x', true],
  ['a subject', {}, 'a@example.com', 'Out of Office: back on Monday', true],
  ['a subject that only begins like it', {}, 'a@example.com', 'Outside the office door', false],
] as const)('an automatic answer: %s', (_, headers, from, subject, is) =>
  expect(isAutomatic(new Map(Object.entries(headers)), from, subject)).toBe(is),
);

test.each([
  ['STOP', 'stop'],
  [' Stop. ', 'stop'],
  ['stop all', 'stop'],
  ['UNSUBSCRIBE', 'stop'],
  ['Start', 'start'],
  ['Don’t stop by tomorrow', null],
  ['the end', null],
  ['', null],
])('the text %j asks for %s', (text, wish) => expect(wishIn(text)).toBe(wish));

test.each([
  ['Unsubscribe', '', true],
  ['Re: Half a year on', 'Stop.', true],
  // Answers to questions, not to the mail.
  ['Re: Lunch on Friday?', 'Cancel', false],
  ['Re: The lease', 'End.', false],
  ['How do I unsubscribe a tenant?', 'See above', false],
])('the e-mail %j, %j wants no more: %s', (subject, words, is) =>
  expect(wantsNoMoreMail(subject, words)).toBe(is),
);

test.each([
  [
    'Yes, please.\n\nOn Mon, Nov 23, 2026 at 9:10 AM Marisol <m@example.com> wrote:\n> Shall we?',
    'Yes, please.',
  ],
  ['Gerne!\n\nAm 23.11.2026 um 09:10 schrieb Marisol Quane:\n> Shall we?', 'Gerne!'],
  ['Yes\n\n-----Original Message-----\nFrom: M', 'Yes'],
  ['On Monday I am away.\nOn Tuesday too.', 'On Monday I am away.\nOn Tuesday too.'],
  ['> quoted\nAnswer below\n> more', 'Answer below'],
  [
    'Yes\n\nOn Mon, Nov 23, 2026 at 9:10 AM Marisol Quane\n<marisol@example.com> wrote:\n> a',
    'Yes',
  ],
])('what is new in %j', (text, own) => expect(answerIn(text)).toBe(own));
