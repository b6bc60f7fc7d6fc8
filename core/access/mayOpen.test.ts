import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aSeed, drawnBy, siteWithAccess } from '../specimens/access';
import { blankDoor, blankPerson, emptyPlan, type Plan } from '../plan/index';
import { addDays, changesAt, concerns, covers, mayOpen, opensOn, weekOfDoor, weekOfPerson } from './index';
import { naivelyOpens } from './naivelyOpens';
import { numberTried } from '../../scripts/testSlice';

const SITE = { doors: 8, people: 10, levels: 6 };

describe('who opens what when', () => {
  it('is what the slow twin says, minute by minute, on drawn sites of a year', () => {
    fc.assert(
      fc.property(aSeed, (seed) => {
        const plan = siteWithAccess(seed, SITE);
        const draw = drawnBy(seed + 1);
        const [doors, people] = [Object.values(plan.doors), Object.values(plan.people)];
        for (let count = 0; count < 60; count += 1) {
          const person = people[draw(people.length)]!;
          const door = doors[draw(doors.length)]!;
          const at = { day: addDays('2026-01-01', draw(730)), minute: draw(1440) };
          const slow = naivelyOpens(plan, person, door, at);
          expect(mayOpen(plan, person, door, at).opens).toBe(slow);
          expect(covers(opensOn(plan, person, door, at.day), at.minute)).toBe(slow);
        }
      }),
      { numRuns: numberTried(150) },
    );
  });

  it('changes at the moment that is told, and at none before it', () => {
    fc.assert(
      fc.property(aSeed, (seed) => {
        const plan = siteWithAccess(seed, SITE);
        const draw = drawnBy(seed + 2);
        const person = Object.values(plan.people)[draw(SITE.people)]!;
        const door = Object.values(plan.doors)[draw(SITE.doors)]!;
        const at = { day: addDays('2026-01-01', draw(365)), minute: draw(1440) };
        const now = naivelyOpens(plan, person, door, at);
        const next = changesAt(plan, person, door, at);
        if (next) expect(naivelyOpens(plan, person, door, next)).toBe(!now);
        // Quarter by quarter to the change, or through the next ten days where there is none so soon.
        let { day, minute } = at;
        for (let steps = 0; steps < 960; steps += 1) {
          minute += 15;
          if (minute >= 1440) [day, minute] = [addDays(day, 1), minute - 1440];
          if (next && (day > next.day || (day === next.day && minute >= next.minute))) break;
          expect(naivelyOpens(plan, person, door, { day, minute })).toBe(now);
        }
      }),
      { numRuns: numberTried(60) },
    );
  });

  it('is the same in the week of a person, and of a door', () => {
    fc.assert(
      fc.property(aSeed, (seed) => {
        const plan = siteWithAccess(seed, SITE);
        const draw = drawnBy(seed + 3);
        const monday = addDays('2026-01-05', 7 * draw(52));
        const person = Object.values(plan.people)[draw(SITE.people)]!;
        for (const { day, doors } of weekOfPerson(plan, person, monday))
          for (const { door, spans } of doors) {
            const minute = draw(1440);
            expect(covers(spans, minute)).toBe(
              naivelyOpens(plan, person, plan.doors[door]!, { day, minute }),
            );
          }
        // No bar of a door says more than all of its people may, nor less.
        const door = Object.values(plan.doors)[draw(SITE.doors)]!;
        for (const { day, bars } of weekOfDoor(plan, door, monday)) {
          const minute = draw(1440);
          const anyone = Object.values(plan.people).some((one) =>
            naivelyOpens(plan, { ...one, from: null, until: null }, door, { day, minute }),
          );
          const barred = bars.some(({ spans }) => covers(spans, minute));
          if (anyone) expect(barred).toBe(true);
        }
      }),
      { numRuns: numberTried(60) },
    );
  });

  it('raises no error over anything that may stand in a site', () => {
    fc.assert(
      fc.property(aSeed, (seed) => {
        const plan = siteWithAccess(seed, SITE);
        for (const one of concerns(plan, '2026-06-17')) expect(one.kind).not.toBe('');
      }),
      { numRuns: numberTried(30) },
    );
  });
});

/** One door, Odd of the readers and Ines of the staff; the house is shut on Founders’ day. */
function archive(): Plan {
  const office = [1, 2, 3, 4, 5].map((day) => day);
  return {
    ...emptyPlan('q', 'Quillhaven Archive'),
    calendars: {
      house: {
        id: 'house',
        name: 'Of the house',
        order: 0,
        days: [{ name: 'Founders’ day', from: '2026-11-26', to: '2026-11-26', yearly: true }],
      },
    },
    hours: {
      reading: {
        id: 'reading',
        name: 'Reading hours',
        order: 0,
        rows: [{ days: office, from: 540, to: 1020 }],
        holidays: [{ calendar: 'house', spans: [] }],
      },
      night: {
        id: 'night',
        name: 'Night shift',
        order: 1,
        rows: [{ days: [5], from: 1320, to: 360 }],
        holidays: [],
      },
    },
    doors: { D02: { ...blankDoor('D02', 0, 'Reading room'), openingHours: null } },
    levels: {
      readers: {
        id: 'readers',
        name: 'Readers',
        order: 0,
        grants: [{ doors: ['D02'], hours: 'reading' }],
        groups: ['Readers'],
        exceptions: [
          {
            name: 'Long evening',
            from: '2026-12-03',
            to: '2026-12-03',
            doors: [],
            spans: [{ from: 540, to: 1260 }],
          },
        ],
        overrides: false,
        until: null,
      },
      guards: {
        id: 'guards',
        name: 'Guards',
        order: 1,
        grants: [{ doors: ['D02'], hours: 'night' }],
        groups: [],
        exceptions: [],
        overrides: true,
        until: '2026-12-31',
      },
    },
    people: {
      odd: { ...blankPerson('odd', 'Odd Fenwick'), group: 'Readers', until: '2027-03-31' },
      ines: { ...blankPerson('ines', 'Ines Calloway'), doors: ['D02'] },
      guard: { ...blankPerson('guard', 'Night guard'), levels: ['guards'] },
    },
  };
}

describe('the rule that decides is told', () => {
  const plan = archive();
  const ask = (person: string, day: string, minute: number, of = plan) =>
    mayOpen(of, of.people[person]!, of.doors['D02']!, { day, minute });

  it.each([
    [
      'hours of a level',
      'odd',
      '2026-11-25',
      600,
      true,
      { kind: 'level', hours: 'reading', by: { kind: 'week' } },
    ],
    ['hours that are over', 'odd', '2026-11-25', 1090, false, { kind: 'level', by: { kind: 'week' } }],
    [
      'a day off',
      'odd',
      '2026-11-26',
      600,
      false,
      { kind: 'level', by: { kind: 'holiday', calendar: 'house', day: 'Founders’ day' } },
    ],
    ['a day off, every year', 'odd', '2026-11-26', 600, false, { kind: 'level' }],
    ['an exception', 'odd', '2026-12-03', 1200, true, { kind: 'exception', name: 'Long evening' }],
    ['the last day', 'odd', '2027-04-01', 600, false, { kind: 'expired', until: '2027-03-31' }],
    ['a name on the door', 'ines', '2026-11-26', 3, true, { kind: 'by-name' }],
    ['past midnight', 'guard', '2026-11-28', 359, true, { kind: 'level', hours: 'night' }],
    ['past midnight, over', 'guard', '2026-11-28', 360, false, { kind: 'level', hours: 'night' }],
    [
      'a level that has ended',
      'guard',
      '2027-01-01',
      1380,
      false,
      { kind: 'level-over', until: '2026-12-31' },
    ],
  ] as const)('%s', (_name, person, day, minute, opens, rule) => {
    expect(ask(person, day, minute)).toMatchObject({ opens, rule });
  });

  it('a door that is shut out of its hours, but to whom they do not bind', () => {
    const shut: Plan = { ...plan, doors: { D02: { ...plan.doors['D02']!, openingHours: 'reading' } } };
    expect(ask('ines', '2026-11-25', 1200, shut)).toMatchObject({
      opens: false,
      rule: { kind: 'door-shut', hours: 'reading', by: { kind: 'week' } },
    });
    expect(ask('guard', '2026-11-27', 1380, shut)).toMatchObject({ opens: true });
  });

  it('free passage, to whoever asks', () => {
    const free: Plan = { ...plan, doors: { D02: { ...plan.doors['D02']!, freePassage: 'reading' } } };
    const stranger = { ...blankPerson('x', 'Nobody'), until: '2020-01-01' };
    expect(mayOpen(free, stranger, free.doors['D02']!, { day: '2026-11-25', minute: 600 })).toEqual({
      opens: true,
      rule: { kind: 'free-passage', hours: 'reading' },
    });
    expect(mayOpen(free, stranger, free.doors['D02']!, { day: '2026-11-26', minute: 600 }).opens).toBe(false);
  });

  it('and from when the answer is another', () => {
    const at = changesAt(plan, plan.people['odd']!, plan.doors['D02']!, { day: '2026-11-26', minute: 1090 });
    expect(at).toEqual({ day: '2026-11-27', minute: 540 });
  });
});
