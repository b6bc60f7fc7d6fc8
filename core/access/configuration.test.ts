import '../devices/library/index';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { frameOf } from '../cards/index';
import { blankCard, formatsOf, type Plan } from '../plan/index';
import { aSeed, drawnBy, siteWithAccess } from '../specimens/access';
import { magnetDoor } from '../specimens/doors';
import {
  addDays,
  configurationDifferences,
  configurationOf,
  decides,
  judge,
  type Configuration,
} from './index';
import { numberTried } from '../../scripts/testSlice';

/** The wired door of a controller, with the people, levels and hours of a drawn site; the first door of that is its own. */
function site(seed: number): Plan {
  const drawn = siteWithAccess(seed, { doors: 4, people: 8, levels: 5 });
  const draw = drawnBy(seed + 9);
  const wired = magnetDoor();
  const { freePassage, openingHours } = drawn.doors['D01']!;
  const people = Object.values(drawn.people).map((person, index) => ({
    ...person,
    code: '',
    cards: [
      { ...blankCard(draw(256), 1000 + index), ...(draw(5) === 0 ? { lost: '2026-01-01' } : {}) },
      ...(draw(3) === 0 ? [{ ...blankCard(900, index), format: 'bits-34' }] : []),
    ],
    slots: {},
  }));
  return {
    ...wired,
    doors: { ...drawn.doors, D01: { ...wired.doors['D01']!, freePassage, openingHours } },
    calendars: drawn.calendars,
    hours: drawn.hours,
    levels: drawn.levels,
    people: Object.fromEntries(people.map((person) => [person.id, person])),
  };
}

const bitsOf = (plan: Plan, card: { facility: number; number: number; format: string }): string =>
  frameOf(
    formatsOf(plan).find(({ id }) => id === card.format)!,
    card,
  )!;

describe('a controller with what it was sent', () => {
  it('decides as the plan says, for every card and moment', () => {
    fc.assert(
      fc.property(aSeed, (seed) => {
        const plan = site(seed);
        const held = configurationOf(plan, 'D01/K1')!;
        // Through the wire and back it is the same.
        const there = JSON.parse(JSON.stringify(held)) as Configuration;
        expect(configurationDifferences(held, there)).toEqual([]);
        const draw = drawnBy(seed + 3);
        for (const person of Object.values(plan.people))
          for (const card of person.cards) {
            const at = { day: addDays('2026-01-01', draw(400)), minute: draw(1440) };
            const judged = judge(plan, plan.doors['D01']!, { kind: 'card', card }, at);
            const decided = decides(there, 'D01', { bits: bitsOf(plan, card) }, at);
            expect([person.id, at, decided.opens]).toEqual([person.id, at, judged.opens]);
          }
      }),
      { numRuns: numberTried(60) },
    );
  });
  it('goes on with it while the network is lost, or as it is set for that time', () => {
    const plan = site(7);
    const held = configurationOf(plan, 'D01/K1')!;
    const someone = held.people.find(({ cards }) => cards.length > 0)!;
    const bits = bitsOf(plan, { ...someone.cards[0]!, format: 'bits-26' });
    const at = { day: '2026-06-01', minute: 600 };
    const ask = (withoutNetwork: Configuration['withoutNetwork'], shown = bits) =>
      decides({ ...held, withoutNetwork }, 'D01', { bits: shown }, at, 'lost');
    expect(ask('keeps')).toEqual(decides(held, 'D01', { bits }, at));
    expect(ask('refuses')).toMatchObject({ opens: false, why: { kind: 'lost-network' } });
    expect(ask('nothing')).toMatchObject({ opens: false });
    const stranger = bitsOf(plan, { ...blankCard(someone.cards[0]!.facility, 65_000) });
    expect(ask('facility', stranger)).toMatchObject({ opens: true, person: null });
    expect(decides(held, 'D01', { bits: stranger }, at)).toMatchObject({
      opens: false,
      why: { kind: 'nobody' },
    });
    expect(decides(held, 'D09', { bits }, at)).toMatchObject({ opens: false, why: { kind: 'no-such-door' } });
    expect(decides(held, 'D01', { bits: '0101' }, at)).toMatchObject({ why: { kind: 'unseen' } });
    expect(decides(held, 'D01', { code: '' }, at)).toMatchObject({ opens: false });
  });
  it('is compared with what it is to hold, thing by thing', () => {
    const plan = site(11);
    const held = configurationOf(plan, 'D01/K1')!;
    expect(held.people.length).toBeGreaterThan(1);
    const [first, ...rest] = held.people;
    const wanted: Configuration = {
      ...held,
      people: [...rest, { ...first!, id: 'P99', name: 'Somebody new' }],
      withoutNetwork: 'refuses',
      doors: held.doors.map((door) => ({ ...door, openingHours: null, freePassage: null })),
    };
    const found = configurationDifferences(wanted, held).map(({ part, id, how }) => `${part} ${id} ${how}`);
    expect(found).toContain('person P99 missing');
    expect(found).toContain(`person ${first!.id} left-over`);
    expect(found).toContain('without-network keeps differs');
  });
  it('is none for what keeps no hours, or waits for a frame that nobody knows', () => {
    const plan = site(3);
    expect(configurationOf(plan, 'D01/L1')).toBeNull();
    expect(configurationOf(plan, 'nobody')).toBeNull();
    const device = { ...plan.devices['D01/K1']!, settings: { frame: 'nobody-s' } };
    expect(configurationOf({ ...plan, devices: { ...plan.devices, 'D01/K1': device } }, 'D01/K1')).toBeNull();
  });
});
