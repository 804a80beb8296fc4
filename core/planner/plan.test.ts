import { leastCapacity, plan } from '.';
import { WEEKDAYS, cadence, onDay, options, person, today } from '@/testing/plan';

describe('what is planned', () => {
  test('a promise about to run out is kept on the last day that will do', () => {
    const result = plan([person('ana', { promiseDays: 30, due: today + 3 })], options());
    expect(result.touches[0]).toMatchObject({ day: today + 3, late: false, cause: 'as_asked' });
    expect(result.slips).toEqual([]);
  });

  test('a promise that runs out on a weekend is kept on the Friday', () => {
    const result = plan([person('ana', { promiseDays: 30, due: today + 5 })], options());
    expect(result.touches[0]!.day).toBe(today + 4);
  });

  test('a beat keeps the promise, so that no keeper is needed', () => {
    const ana = person('ana', {
      promiseDays: 60,
      due: today + 9,
      enrolments: [
        { id: 'e', cadence: cadence([7, 30]), run: { start: today }, settledUntil: null },
      ],
    });
    const kinds = plan([ana], options({ days: 30 })).touches.map(({ item }) => item.source);
    expect(kinds).toEqual(['beat']);
  });

  test('of beats that have passed undone only the latest is still open', () => {
    const ana = person('ana', {
      enrolments: [
        { id: 'e', cadence: cadence([0, 30, 60]), run: { start: today - 65 }, settledUntil: null },
      ],
    });
    const [first] = plan([ana], options()).touches;
    expect(first).toMatchObject({
      day: today,
      late: true,
      item: { key: 'beat:e:b60:0' },
    });
  });

  test('settled beats do not come back', () => {
    const ana = person('ana', {
      enrolments: [
        { id: 'e', cadence: cadence([0, 30]), run: { start: today }, settledUntil: today },
      ],
    });
    expect(plan([ana], options()).touches[0]!.item.nominal).toBe(today + 30);
  });

  test('what was put off comes on its new day, and says so', () => {
    const ana = person('ana', { promiseDays: 30, due: today });
    const putOffs = new Map([[`keep:ana:${today}`, today + 2]]);
    expect(plan([ana], options({ putOffs })).touches[0]).toMatchObject({
      day: today + 2,
      cause: 'put_off',
    });
  });

  test('a follow-up is fixed: it comes before everything else and ignores the distance', () => {
    const people = [
      person('ana', { promiseDays: 30, due: today - 10 }),
      person('bo', { lastOn: today - 1, followUps: [{ id: 'f', on: today, kind: 'call' }] }),
    ];
    expect(onDay(plan(people, options({ capacity: 1 })), today)).toEqual(['bo']);
  });

  test('one person is not touched twice within the distance', () => {
    const ana = person('ana', {
      enrolments: [
        { id: 'e', cadence: cadence([0]), run: { start: today }, settledUntil: null },
        { id: 'f', cadence: cadence([1]), run: { start: today }, settledUntil: null },
      ],
    });
    const result = plan([ana], options({ days: 14 }));
    expect(result.touches.map(({ day, cause }) => [day - today, cause])).toEqual([
      [0, 'as_asked'],
      [3, 'distance'],
    ]);
  });

  test('what the owner has seen this morning keeps its place when something more urgent comes', () => {
    const people = [
      person('ana', { promiseDays: 30, due: today }),
      person('bo', { promiseDays: 30, due: today }),
    ];
    const opt = options({ capacity: 1 });
    expect(onDay(plan(people, opt), today)).toEqual(['ana']);
    const pinned = { ...opt, pinned: [`keep:bo:${today}`] };
    expect(onDay(plan(people, pinned), today)).toEqual(['bo']);
  });

  test('overdue promises never starve, nor do they break the next ones', () => {
    const overdue = Array.from({ length: 40 }, (_, i) =>
      person(`late${i}`, { promiseDays: 90, due: today - 5 - i }),
    );
    const inTime = Array.from({ length: 12 }, (_, i) =>
      person(`near${i}`, { promiseDays: 90, due: today + 3 + (i % 2) }),
    );
    const result = plan([...overdue, ...inTime], options({ capacity: 4 }));
    expect(result.slips).toEqual([]);
    const late = result.touches.filter(({ item }) => item.personId.startsWith('late'));
    // A twentieth of four touches a day: one in the first week, while others can be kept.
    expect(late.filter(({ day }) => day < today + 7).length).toBeGreaterThanOrEqual(1);
    expect(new Set(late.map(({ item }) => item.personId)).size).toBe(40);
    expect(result.overdue).toHaveLength(40);
  });

  test('after a long absence the short promises of the inner circles come first', () => {
    const outer = Array.from({ length: 6 }, (_, i) =>
      person(`outer${i}`, { promiseDays: 180, due: today - 80 }),
    );
    const inner = Array.from({ length: 6 }, (_, i) =>
      person(`inner${i}`, { promiseDays: 30, due: today - 60 }),
    );
    const result = plan([...outer, ...inner], options({ capacity: 4 }));
    expect(onDay(result, today).every((id) => id.startsWith('inner'))).toBe(true);
    expect(onDay(result, today + 1).filter((id) => id.startsWith('inner'))).toHaveLength(2);
  });

  test('a broken promise goes before a late beat of somebody who is in good time', () => {
    const late = {
      enrolments: [
        { id: 'e', cadence: cadence([0]), run: { start: today - 20 }, settledUntil: null },
      ],
    };
    const people = [
      person('beat', { ...late, promiseDays: 90, due: today + 45 }),
      person('owed', { promiseDays: 30, due: today - 2 }),
    ];
    expect(onDay(plan(people, options({ capacity: 1 })), today)).toEqual(['owed']);
  });

  test('an owner back after three months finds days that can be done, not a heap', () => {
    const away = Array.from({ length: 120 }, (_, i) =>
      person(`p${i}`, {
        promiseDays: 60,
        due: today - 30 - (i % 60),
        enrolments: [
          {
            id: `e${i}`,
            cadence: cadence([0, 30, 60]),
            run: { start: today - 100 - (i % 30) },
            settledUntil: null,
          },
        ],
      }),
    );
    const result = plan(away, options({ capacity: 8 }));
    for (let day = today; day < today + 91; day++)
      expect(onDay(result, day).length).toBeLessThanOrEqual(8);
    const firstOf = new Set(
      result.touches.filter(({ day }) => day < today + 35).map(({ item }) => item.personId),
    );
    expect(firstOf.size).toBe(120);
  });
});

describe('no room at all', () => {
  const people = [person('ana', { promiseDays: 30, due: today + 2 })];
  test.each([
    ['no capacity', options({ capacity: 0 })],
    ['no working days', options({ calendar: { workingDays: [], daysOff: new Set() } })],
    [
      'every day off',
      options({
        calendar: {
          ...WEEKDAYS,
          daysOff: new Set(Array.from({ length: 91 }, (_, i) => today + i)),
        },
      }),
    ],
  ])('%s: nothing is placed, and the slip is told', (_, opt) => {
    const result = plan(people, opt);
    expect(result.touches).toEqual([]);
    expect(result.slips).toEqual([{ personId: 'ana', on: today + 3, until: null }]);
    expect(result.unplaced).toHaveLength(1);
  });

  test('without working days no capacity keeps a promise, and that is counted', () => {
    expect(
      leastCapacity(people, options({ calendar: { workingDays: [], daysOff: new Set() } })),
    ).toEqual({ capacity: 0, slips: 1 });
  });
});

test('what runs out in a long stretch of days off is spread over the days before it', () => {
  const daysOff = new Set(Array.from({ length: 12 }, (_, i) => today + 14 + i));
  const people = Array.from({ length: 8 }, (_, i) =>
    person(`p${i}`, { promiseDays: 60, due: today + 18 + (i % 4) }),
  );
  const opt = options({ capacity: 2, days: 40, calendar: { ...WEEKDAYS, daysOff } });
  expect(plan(people, opt).slips).toEqual([]);
});
