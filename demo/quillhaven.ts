import '#core/devices/library/index';
import { autowire } from '#core/autowire/index';
import { HARDWARE_SETS, hardwareEdit, newDevice } from '#core/brief/index';
import { checkSheet } from '#core/commission/index';
import { factoryMemory, findLanguage } from '#core/keypads/index';
import {
  applyEdit,
  blankCard,
  blankPerson,
  cardsInUse,
  EMPTY_BRIEF,
  emptyPlan,
  type Edit,
  type HeldCard,
  type Person,
  type Plan,
  type SlotContent,
} from '#core/plan/index';
import { intercomSets, wireIntercom } from '#core/intercom/index';
import { metres } from '#core/units/index';
import { DOORS, type DemoDoor } from './doors';
import { MISTAKES } from './mistakes';
import { ACCESS } from './access';
import { ROOMS } from './rooms';

const person = (
  id: string,
  name: string,
  doors: string[],
  over: Partial<Omit<Person, 'id' | 'name' | 'doors'>> = {},
): Person => ({ ...blankPerson(id, name), doors, ...over });

/** A card of the archive, given out when the building was handed over. */
const card = (number: number): HeldCard => ({
  ...blankCard(71, number),
  given: '2026-09-01',
  by: 'I. Calloway',
});

const PEOPLE: readonly Person[] = [
  person('P01', 'Ines Calloway', ['D01', 'D02', 'D03', 'D04', 'D05', 'D06', 'D07', 'D13'], {
    role: 'administrator',
    code: '480216',
    cards: [card(2001)],
    fingers: 1,
    slots: { 'D01/K1': 1, 'D04/K1': 1, 'D05/K1': 1, 'D06/K1': 1, 'D13/K1': 1 },
  }),
  person('P02', 'Bastian Orrell', ['D01', 'D02', 'D05'], {
    code: '739105',
    cards: [card(2002)],
    slots: { 'D01/K1': 2, 'D05/K1': 2 },
  }),
  person('P03', 'Mirela Tassin', ['D02', 'D03', 'D07'], { cards: [card(2003)] }),
  person('P04', 'Odd Fenwick', ['D05', 'D06'], { code: '516782', slots: { 'D05/K1': 3, 'D06/K1': 2 } }),
  person('P05', 'Haru Delacroix', ['D04'], {
    code: '902347',
    fingers: 1,
    slots: { 'D04/K1': 2, 'D13/K1': 2 },
  }),
  person('P06', 'Tamsin Yeo', ['D02', 'D03'], { cards: [card(2004)] }),
];

/** Applies an edit that is known to fit. Throws with the refusal otherwise: the demo data is wrong then. */
function apply(plan: Plan, edit: Edit): Plan {
  const result = applyEdit(plan, edit);
  if (!result.ok) throw new Error(`demo data: ${JSON.stringify(result.refusal)} in ${edit.kind}`);
  return result.plan;
}

function addDoor(plan: Plan, { id, name, set, brief, run, notes, extra }: DemoDoor, order: number): Plan {
  const hardware = HARDWARE_SETS.find((one) => one.id === set);
  let next = apply(plan, {
    kind: 'addDoor',
    door: {
      id,
      order,
      name,
      brief: { ...EMPTY_BRIEF, assumed: [], ...brief },
      deadState: hardware ? { state: hardware.deadState, overrideReason: null, by: 'I. Calloway' } : null,
      schools: {},
      freePassage: null,
      openingHours: null,
      expectations: [],
      notes: notes ?? '',
      lastWire: 0,
    },
  });
  if (!hardware) return next;
  next = apply(next, hardwareEdit(next, id, hardware));
  for (const { type, settings } of extra ?? [])
    next = apply(next, { kind: 'addDevice', device: newDevice(next, id, type, settings ?? {}) });
  return apply(next, autowire(next, id, metres(run)).edit);
}

/**
 * What the keypads hold: D04 as listed, D05 with one code missing, the terminal of D13 with its administrator alone, the others as they
 * left the factory.
 */
function keyIn(plan: Plan): Plan {
  const language = findLanguage('slots-1000');
  if (!language) throw new Error('demo data: no such language');
  const held = (id: string) => {
    const slots = Object.values(plan.people).flatMap((one) => {
      const [first] = cardsInUse(one);
      const card = first ? { facility: first.facility, number: first.number } : null;
      return one.slots[id] === undefined
        ? []
        : [
            [
              one.slots[id],
              { code: one.code || null, card, how: 'keyed' as const, on: '2026-11-12' },
            ] as const,
          ];
    });
    return { ...factoryMemory(language), programmingCode: '731946', slots: Object.fromEntries(slots) };
  };
  const binding = held('D05/K1');
  const { 3: _later, ...slots } = binding.slots;
  const first: SlotContent = {
    code: '480216',
    card: { facility: 71, number: 2001 },
    fingers: ['P01/1'],
    administers: true,
    how: 'keyed',
    on: '2026-11-19',
  };
  const terminal = { device: 'D13/K1', programmingCode: '', slots: { 1: first }, times: { unlock: 5 } };
  return [
    { kind: 'setMemory', device: 'D13/K1', memory: terminal } as const,
    { kind: 'setMemory', device: 'D04/K1', memory: { device: 'D04/K1', ...held('D04/K1') } } as const,
    { kind: 'setMemory', device: 'D05/K1', memory: { device: 'D05/K1', ...binding, slots } } as const,
  ].reduce<Plan>(apply, plan);
}

/** Addresses and hardware numbers as they were noted on site; the locally administered range of numbers. */
const NETWORK: readonly [device: string, last: number][] = [
  ['D10/K1', 24],
  ['D12/K1', 26],
  ['D13/K1', 27],
];

const noteNetwork = (plan: Plan): Plan =>
  NETWORK.reduce((current, [device, last]) => {
    const set = (setting: string, value: string) => ({ kind: 'setSetting', device, setting, value }) as const;
    const noted = apply(current, set('ip', `10.20.4.${last}`));
    return apply(noted, set('mac', `02:00:5e:20:04:${last}`));
  }, plan);

/** Times that somebody settled, and readings taken on an earlier visit: D02 whole, D04 begun. */
function commission(plan: Plan): Plan {
  const times: [string, string, number][] = [
    ['D01/K1', 'ch1.unlock', 5],
    ['D02/K1', 'ch1.unlock', 5],
    ['D03/K1', 'ch1.unlock', 6],
    ['D04/K1', 'ch1.unlock', 5],
    ['D05/K1', 'ch1.unlock', 5],
  ];
  let next = times.reduce(
    (current, [device, setting, value]) => apply(current, { kind: 'setSetting', device, setting, value }),
    plan,
  );
  for (const [door, share] of [
    ['D02', 1],
    ['D04', 0.5],
  ] as const) {
    const items = checkSheet(next, door);
    items.slice(0, Math.ceil(items.length * share)).forEach((item, index) => {
      // Readings a meter with two digits would show: a touch below the engine's figure.
      const value =
        item.unit === 'yes'
          ? 1
          : Number.isFinite(item.expected)
            ? Math.round((item.expected ?? 0) * 99.4) / 100
            : 1e9;
      const at = new Date(Date.UTC(2026, 10, 12, 9, index)).toISOString();
      const { low, high } = item;
      const reading = {
        id: `${door}-${item.id}-1`,
        door,
        check: item.id,
        value,
        passed: true,
        low,
        high,
        by: 'I. Calloway',
        at,
        note: '',
        meter: '',
        serial: '',
        withdrawn: null,
      };
      next = apply(next, { kind: 'addReading', reading });
    });
  }
  return next;
}

/**
 * The Quillhaven Archive: an invented town archive, with invented people. Each door is wired by the same
 * templates as any door; a few then get a deliberate, realistic mistake. The same plan every time.
 */
export function quillhaven({ mistakes = true } = {}): Plan {
  let plan = apply(emptyPlan('quillhaven', 'Quillhaven Archive'), {
    kind: 'setSite',
    patch: { address: '3 Paper Lane, Quillhaven', notes: 'An invented site for trying things out.' },
  });
  plan = DOORS.reduce((current, door, index) => addDoor(current, door, index + 1), plan);
  plan = PEOPLE.reduce((current, one) => apply(current, { kind: 'addPerson', person: one }), plan);
  for (const set of intercomSets(plan)) {
    const wiring = wireIntercom(plan, set, metres(30));
    if (!wiring.ok) throw new Error(`demo data: ${JSON.stringify(wiring.conflicts)}`);
    plan = apply(plan, wiring.edit);
  }
  if (mistakes) plan = MISTAKES.flatMap((mistake) => mistake.edits(plan)).reduce(apply, plan);
  plan = [...ROOMS, ...ACCESS].reduce(apply, plan);
  return commission(keyIn(noteNetwork(plan)));
}
