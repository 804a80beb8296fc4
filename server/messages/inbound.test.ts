import { listInbound, listOutbox, pollNow, placeIncoming } from '@/contract/messages';
import { messagesSuite } from '@/testing/messages';

const { call, ctx, sheet, later, due, begin, rosa, sendAutomatically, evening, write, fates } =
  messagesSuite();

describe('what comes back', () => {
  test('a hard bounce stops the address; a soft one only tells; the same report counts once', async () => {
    const { mailbox } = await begin({
      outcome: ({ to }) => ({ as: 'bounced', hard: to.startsWith('rosa') }),
    });
    await call(pollNow);
    const rosas = await rosa();
    await write(rosas);
    await write(await rosa({ givenName: 'Bo', email: 'bo@example.com' }));
    await due();
    await call(pollNow);
    mailbox.mails.push(...mailbox.mails.map(({ bytes }, i) => ({ id: `again ${i}`, bytes })));
    await call(pollNow);
    expect(await fates()).toEqual(['bounced', 'bounced']);
    expect((await call(listInbound)).stopped).toMatchObject([{ address: 'rosa@example.com' }]);
    expect((await sheet(rosas)).planned.filter(({ kind }) => kind === 'call')).toHaveLength(1);
  });

  test('an answer that was noted when the program ended becomes a touch at the next look, once', async () => {
    await begin({ outcome: () => ({ as: 'answered', words: 'Gladly.' }) });
    await call(pollNow);
    const id = await rosa();
    await write(id);
    await call(pollNow);
    const touches = async () => (await sheet(id)).touches.map(({ outcome }) => outcome);
    expect(await touches()).toEqual(['reached', 'sent']);
    await ctx().db.query('update incoming set touch_id = null');
    await ctx().db.query(`delete from touch where outcome = 'reached'`);
    expect(await touches()).toEqual(['sent']);
    await call(pollNow);
    await call(pollNow);
    expect(await touches()).toEqual(['reached', 'sent']);
  });

  test('three that look at once make one touch of an answer', async () => {
    await begin({ outcome: () => ({ as: 'answered', words: 'Gladly.' }) });
    await call(pollNow);
    const id = await rosa();
    await write(id);
    await Promise.all([call(pollNow), call(pollNow), call(pollNow)]);
    await call(pollNow);
    const touches = (await sheet(id)).touches.map(({ outcome }) => outcome);
    expect(touches.filter((outcome) => outcome === 'reached')).toHaveLength(1);
    expect(await fates()).toEqual(['answered']);
  });

  test('a report stops no address but one that the message went to', async () => {
    const { arrived, mailbox } = await begin();
    await call(pollNow);
    await write(await rosa());
    const id = arrived[0]!.mail.messageId!;
    const parts = [
      'From: MAILER-DAEMON@x',
      'Content-Type: multipart/report; report-type=delivery-status; boundary=b',
      '',
      '--b',
      'Content-Type: message/delivery-status',
      '',
      'Reporting-MTA: dns; x',
      '',
      'Final-Recipient: rfc822; somebody.else@example.com',
      'Action: failed',
      'Status: 5.1.1',
      '',
      '--b',
      'Content-Type: text/rfc822-headers',
      '',
      `Message-ID: ${id}`,
      '',
      '--b--',
    ];
    mailbox.mails.push({ id: 'x', bytes: Buffer.from(parts.join('\r\n')) });
    await call(pollNow);
    expect((await call(listInbound)).stopped.map(({ address }) => address)).toEqual([
      'rosa@example.com',
    ]);
  });

  test('an automatic answer is no touch', async () => {
    await begin({ outcome: () => ({ as: 'away', words: 'Back on Monday.' }) });
    await call(pollNow);
    const id = await rosa();
    await write(id);
    await due();
    await call(pollNow);
    expect((await sheet(id)).touches.map(({ outcome }) => outcome)).toEqual(['sent']);
    expect((await call(listInbound)).incoming).toMatchObject([{ verdict: 'automatic' }]);
  });

  test.each(['complained', 'unwanted'] as const)(
    '“%s” is their no, and cancels what waits',
    async (as) => {
      const { arrived } = await begin({ outcome: () => ({ as }) });
      await call(pollNow);
      const id = await rosa();
      await sendAutomatically([id]);
      await evening();
      expect(arrived.length).toBe(1);
      // At night it waits for the morning.
      later(5);
      await sendAutomatically([id], 'And the pond?');
      await call(pollNow);
      expect((await sheet(id)).fields.consent.email).toMatchObject({
        answer: 'no',
        on: '2026-11-23',
      });
      expect((await call(listOutbox)).goingTotal).toBe(0);
      later(12);
      await due();
      expect(arrived.length).toBe(1);
    },
  );

  test.each([
    ['in the subject', 'Subject: Unsubscribe\r\n\r\n'],
    ['as its only word', 'Subject: Re: Hi\r\n\r\nStop.\r\n'],
  ])('whoever writes it %s wants no more', async (_, text) => {
    const { mailbox } = await begin();
    await call(pollNow);
    const id = await rosa();
    mailbox.mails.push({ id: 'x', bytes: Buffer.from(`From: rosa@example.com\r\n${text}`) });
    await call(pollNow);
    expect((await sheet(id)).fields.consent.email?.answer).toBe('no');
    expect((await sheet(id)).touches).toEqual([]);
  });

  test('somebody unknown waits until it is said who it is', async () => {
    const { mailbox } = await begin();
    await call(pollNow);
    mailbox.mails.push({
      id: 'x',
      bytes: Buffer.from(
        'From: Wen Ito <wen@example.net>\r\nSubject: Hello\r\nDate: Mon, 23 Nov 2026 10:00:00 -0800\r\n\r\nIs the loan still on?\r\n',
      ),
    });
    await call(pollNow);
    const [unknown] = (await call(listInbound)).unknown;
    expect(unknown).toMatchObject({
      from: 'wen@example.net',
      fromName: 'Wen Ito',
      words: 'Is the loan still on?',
    });
    await call(placeIncoming, { params: { id: unknown!.id }, body: { as: 'new' } });
    const [known] = (await call(listInbound)).incoming;
    expect(known).toMatchObject({ name: 'Wen Ito' });
    expect((await sheet(known!.personId!)).touches).toMatchObject([
      { kind: 'email', outcome: 'reached' },
    ]);
  });

  test.each([
    ['nothing', ''],
    ['noise', Buffer.from([255, 254, 13, 10, 0]).toString('latin1')],
    [
      'a report of an unknown message',
      'From: MAILER-DAEMON@x\r\nContent-Type: multipart/report; report-type=delivery-status; boundary=b\r\n\r\n--b\r\nContent-Type: message/delivery-status\r\n\r\nReporting-MTA: dns; x\r\n\r\nFinal-Recipient: rfc822; a@example.com\r\nAction: failed\r\nStatus: 5.1.1\r\n\r\n--b--\r\n',
    ],
  ])('%s in the mailbox does no harm, and the next mail is read', async (_, text) => {
    const { mailbox } = await begin();
    await call(pollNow);
    mailbox.mails.push({ id: 'x', bytes: Buffer.from(text, 'latin1') });
    mailbox.mails.push({ id: 'y', bytes: Buffer.from('From: a@example.com\r\n\r\nhi') });
    await call(pollNow);
    expect((await call(listInbound)).unknown).toMatchObject([{ from: 'a@example.com' }]);
    expect((await call(listInbound)).stopped).toEqual([]);
  });
});
