import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blankCard, blankPerson, type Edit, type Plan, type SlotContent } from '../plan/index';
import { mustApply, strikeDoor } from '../specimens/doors';
import {
  AT_DOOR,
  can,
  compareMemory,
  compileScript,
  knownSince,
  factoryMemory,
  findLanguage,
  LANGUAGES,
  lastKnown,
  openSheets,
  press,
  parseFoundMemory,
  switchOn,
  takesCards,
  takesCodes,
  type KeypadLanguage,
  type Memory,
} from './index';
import { numberTried } from '../../scripts/testSlice';

const slots = findLanguage('slots-1000')!;
const held = (code: string, more: Partial<SlotContent> = {}): SlotContent => ({ code, card: null, ...more });

describe('what is known of a keypad', () => {
  it('keeps its source slot by slot; what is new has the new one', () => {
    const before: Memory = {
      ...factoryMemory(slots),
      slots: {
        1: held('1111', { how: 'keyed', on: '2026-11-01' }),
        2: held('2222', { how: 'found', on: '2026-11-02' }),
      },
    };
    const after: Memory = { ...before, slots: { 1: held('1111'), 2: held('2223'), 3: held('3333') } };
    const now = knownSince(slots, before, after, { how: 'read', on: '2026-11-30' });
    expect(now.slots).toEqual({
      1: held('1111', { how: 'keyed', on: '2026-11-01' }),
      2: held('2223', { how: 'read', on: '2026-11-30' }),
      3: held('3333', { how: 'read', on: '2026-11-30' }),
    });
    expect([lastKnown(now), lastKnown(factoryMemory(slots))]).toEqual(['2026-11-30', null]);
  });
  it('in a list goes by what an entry is, wherever it stands', () => {
    const list = { slots: null };
    const before = {
      ...factoryMemory(slots),
      slots: { 1: held('1111', { how: 'keyed', on: '2026-11-01' }) },
    };
    const now = knownSince(list, before, { ...before, slots: { 1: held('9999'), 2: held('1111') } }, {
      how: 'found',
      on: '2026-11-30',
    } as const);
    expect(now.slots[2]?.on).toBe('2026-11-01');
    expect(now.slots[1]).toEqual(held('9999', { how: 'found', on: '2026-11-30' }));
  });
  it('has a slot that is in use by nobody knows what', () => {
    const { memory } = parseFoundMemory(slots, factoryMemory(slots), '8 ?\n9 4711', {
      how: 'found',
      on: '2026-11-30',
    });
    expect(memory.slots[8]).toEqual({
      code: null,
      card: null,
      unknown: 'all',
      how: 'found',
      on: '2026-11-30',
    });
    const target = { programmingCode: memory.programmingCode, slots: {}, unlockSeconds: 5 };
    expect(compareMemory(slots, memory, target).map(({ state }) => state)).toEqual(['unknown', 'stranger']);
  });
});

/** Keys a script at the stand-in, and gives what it holds then. */
function keyed(
  language: KeypadLanguage,
  memory: Memory,
  steps: ReturnType<typeof compileScript>['steps'],
): Memory {
  let keypad = switchOn(memory);
  for (const { strokes } of steps)
    for (const stroke of strokes) keypad = press(language, keypad, stroke, 0).keypad;
  expect(keypad.mode).toBe(AT_DOOR);
  return keypad.memory;
}

describe('keys from what is not known', () => {
  const slotted = LANGUAGES.filter((language) => language.slots !== null);
  it.each(slotted.map((language) => [language.id, language] as const))(
    '%s: leave nothing in doubt that it can settle, whatever stood there',
    (_, language) => {
      const first = language.slots!.first;
      const length = language.rules.includes('same-length')
        ? language.factoryCode.length
        : language.code.least;
      const codes = ['7391', '84625', '957314', '6284'].map((code) =>
        code.padEnd(length, '1').slice(0, length),
      );
      const content = fc.record({
        code: fc.constantFrom(null, ...codes),
        unknown: fc.constantFrom(undefined, 'code' as const, 'card' as const, 'all' as const),
      });
      fc.assert(
        fc.property(
          content,
          fc.constantFrom(null, codes[3]!),
          fc.constantFrom(...codes),
          (doubt, wants, secret) => {
            const unknown = doubt.unknown === 'code' && !takesCodes(language) ? 'card' : doubt.unknown;
            const code = unknown === 'code' || unknown === 'all' ? null : doubt.code;
            const slot: SlotContent = { code, card: null, ...(unknown ? { unknown } : {}) };
            if (code === null && !unknown) return;
            const memory: Memory = { ...factoryMemory(language), slots: { [first]: slot } };
            const wanted = wants === null ? {} : { [first]: held(wants) };
            const target = { programmingCode: language.factoryCode, slots: wanted, unlockSeconds: 5 };
            const { steps, problems } = compileScript(language, memory, target, () =>
              '8080808'.slice(0, length),
            );
            if (problems.length > 0) return;
            // Whatever the slot really held, it holds what it shall afterwards: the list's, nothing, or a code that nobody gets.
            const truth: SlotContent = {
              code: unknown === 'code' || unknown === 'all' ? secret : code,
              card:
                takesCards(language) && (unknown === 'card' || unknown === 'all')
                  ? { facility: 9, number: 9 }
                  : null,
            };
            const left = keyed(language, { ...memory, slots: { [first]: truth } }, steps).slots[first];
            if (wants !== null) expect([left?.code, left?.card ?? null]).toEqual([wants, null]);
            else if (can(language, 'clear-slot')) expect(left).toBeUndefined();
            else expect([left?.code === secret, left?.card ?? null]).toEqual([false, null]);
          },
        ),
        { numRuns: numberTried(60) },
      );
    },
  );
  it('wipe everybody first where that is asked for, and then know everything', () => {
    const memory: Memory = { ...factoryMemory(slots), slots: { 1: held('4711') }, rest: 'unknown' };
    const wiping = LANGUAGES.filter((language) => can(language, 'clear-all'));
    expect(wiping.length).toBeGreaterThan(1);
    for (const language of wiping) {
      const start = { ...memory, programmingCode: language.factoryCode };
      const target = { programmingCode: language.factoryCode, slots: {}, unlockSeconds: 5 };
      const { steps, wipes } = compileScript(language, start, target, () => '7391', true);
      expect(wipes).toBe(true);
      expect(keyed(language, start, steps)).toMatchObject({ slots: {} });
      expect(keyed(language, start, steps).rest).toBeUndefined();
    }
    const target = { programmingCode: memory.programmingCode, slots: { 1: held('4711') }, unlockSeconds: 5 };
    expect(compileScript(slots, memory, target, () => '7391').steps).toEqual([]);
  });
});

describe('the keypads of a site', () => {
  const person = (id: string, more: object): Edit => ({
    kind: 'addPerson',
    person: { ...blankPerson(id, id), ...more },
  });
  const site = (): Plan =>
    mustApply(
      strikeDoor(),
      person('Ines', { doors: [], code: '480216', slots: { 'D01/K1': 1 } }),
      person('Odd', { doors: ['D01'], code: '739105', slots: { 'D01/K1': 2 } }),
      person('Haru', { doors: ['D01'], cards: [{ ...blankCard(71, 9), lost: '2026-11-01' }] }),
    );
  it('are listed with what is to be keyed, and whose', () => {
    const [fresh] = openSheets(site(), () => 5);
    expect(fresh).toMatchObject({ device: { id: 'D01/K1' }, recorded: null, known: null, leavers: [] });
    expect(fresh!.open.map(({ slot, state }) => [slot, state])).toEqual([[2, 'missing']]);
    const plan = mustApply(site(), {
      kind: 'setMemory',
      device: 'D01/K1',
      memory: {
        device: 'D01/K1',
        programmingCode: '975310',
        slots: {
          1: held('480216', { how: 'keyed', on: '2026-11-12' }),
          2: held('739105'),
          5: { code: null, card: { facility: 71, number: 9 } },
        },
        times: {},
      },
    });
    const [sheet] = openSheets(plan, () => 5);
    expect(sheet!.open.map(({ slot, state }) => [slot, state])).toEqual([
      [1, 'stranger'],
      [5, 'stranger'],
    ]);
    expect([sheet!.leavers.map(({ id }) => id), sheet!.known]).toEqual([['Ines', 'Haru'], '2026-11-12']);
  });
});
