import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { languageSchema } from '../plan/schemas/language';
import type { SlotContent } from '../plan/index';
import { emptyPlan } from '../plan/index';
import { aLeaflet } from '../specimens/leaflets';
import {
  can,
  compareMemory,
  compileScript,
  fromLeaflet,
  languageOf,
  languageProblems,
  LANGUAGES,
  press,
  switchOn,
  takesCards,
  toLeaflet,
  type Memory,
  type Target,
} from './index';
import { numberTried } from '../../scripts/testSlice';

const json = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

interface Draft {
  entry: string;
  factoryCode: string;
  keys: string[][];
  slots: { last: number } | null;
  modes: { id: string; from: string; enter: string; leave: string; commands: { strokes: string }[] }[];
}

/** A mistake in a leaflet, where it is said, and what. */
const SPOILT: readonly [string, (l: Draft) => void, string, string][] = [
  ['a key that is not there', (l: Draft) => void (l.entry = '{code} $'), 'entry', 'no such key'],
  [
    'a field that nobody knows',
    (l: Draft) => void (l.modes[0]!.leave = '* {thumb}'),
    'modes.0.leave',
    'no such field',
  ],
  [
    'a length that nobody said',
    (l: Draft) => void (l.modes[0]!.commands[0]!.strokes = '1 {seconds} #'),
    'modes.0.commands.0.strokes',
    'length is not known',
  ],
  ['nothing at all', (l: Draft) => void (l.modes[0]!.enter = '  '), 'modes.0.enter', 'is empty'],
  [
    'a factory code of another length',
    (l: Draft) => void (l.factoryCode = '1'),
    'factoryCode',
    'not as long',
  ],
  ['a key twice', (l: Draft) => void l.keys.push(['1']), 'keys', 'twice'],
  [
    'a state from nowhere',
    (l: Draft) => void (l.modes[0]!.from = 'menu'),
    'modes.0.from',
    'no state that is there',
  ],
  [
    'a state from itself',
    (l: Draft) => void (l.modes[0]!.from = l.modes[0]!.id),
    'modes.0.from',
    'above the state',
  ],
  ['a state called door', (l: Draft) => void (l.modes[0]!.id = 'door'), 'modes.0.id', 'twice'],
  [
    'slots longer than their digits',
    (l: Draft) => void (l.slots!.last = 12_345),
    'slots',
    'longer than their digits',
  ],
];

describe('a language as its leaflet', () => {
  it.each(LANGUAGES.map((language) => [language.id, language] as const))(
    '%s of the library comes back as it was',
    (_id, language) => {
      const leaflet = toLeaflet(language, 'own', 'Own');
      const parsed = languageSchema.safeParse(json(leaflet));
      expect(parsed.error?.issues).toBeUndefined();
      expect(fromLeaflet(parsed.data!)).toEqual({ ...language, id: 'own', name: 'Own' });
    },
  );

  it('of the site goes before one of the library, and is worked out once', () => {
    const leaflet = toLeaflet(LANGUAGES[0]!, 'own', 'Own');
    const plan = { ...emptyPlan('t', 'T'), languages: { own: leaflet } };
    expect(languageOf(plan, 'own')?.name).toBe('Own');
    expect(languageOf(plan, 'own')).toBe(languageOf(plan, 'own'));
    expect(languageOf(plan, LANGUAGES[1]!.id)).toBe(LANGUAGES[1]);
    expect(languageOf(plan, 'toString')).toBeUndefined();
    expect(languageOf(plan, undefined)).toBeUndefined();
  });

  it.each(SPOILT)('is refused with %s, at that spot', (_name, spoil, path, message) => {
    const leaflet = json(toLeaflet(LANGUAGES[0]!, 'own', 'Own')) as Draft;
    spoil(leaflet);
    const issues = languageSchema.safeParse(leaflet).error?.issues ?? [];
    expect(issues.map((one) => `${one.path.join('.')}: ${one.message}`).join('\n')).toMatch(
      new RegExp(`${path.replaceAll('.', '\\.')}: .*${message}`),
    );
  });
});

describe('any leaflet within the schema', () => {
  it('is taken in, and no function of it is taken for another', () => {
    fc.assert(
      fc.property(aLeaflet, (leaflet) => {
        expect(languageSchema.safeParse(json(leaflet)).error?.issues).toBeUndefined();
        expect(languageProblems(fromLeaflet(leaflet))).toEqual([]);
      }),
      { numRuns: numberTried(200) },
    );
  });

  it('keyed in by what is compiled from it, leaves exactly the list in the memory', () => {
    fc.assert(
      fc.property(
        aLeaflet,
        fc.array(fc.integer({ min: 0, max: 9999 }), { maxLength: 12 }),
        (leaflet, seeds) => {
          const language = fromLeaflet(leaflet);
          const [now, wanted] = memories(leaflet, takesCards(language), seeds);
          const programmingCode = language.factoryCode;
          const memory: Memory = { programmingCode, slots: now, times: { unlock: 5 } };
          const target: Target = { programmingCode, slots: wanted, unlockSeconds: 9 };
          let scrap = 5 * 10 ** (language.code.least - 1);
          const { steps, problems } = compileScript(language, memory, target, () => String((scrap += 1)));
          // A card that nobody can clear stays: that is said, slot by slot, and of no other.
          const stuck = can(language, 'clear-slot') ? [] : cardsThatStay(now, wanted);
          expect(problems.map(({ slot }) => slot).sort()).toEqual(stuck);
          let keypad = switchOn(memory);
          for (const step of steps)
            for (const stroke of step.strokes) ({ keypad } = press(language, keypad, stroke, 0));
          expect(keypad.mode).toBe('door');
          expect(keypad.memory.times['unlock']).toBe(9);
          const left = compareMemory(language, keypad.memory, target).filter(({ state }) => state !== 'same');
          // What cannot be cleared stays, buried under a code that nobody has.
          const others = left.filter(({ slot }) => !stuck.includes(slot));
          expect(others.filter(({ state }) => state !== 'stranger')).toEqual([]);
          if (can(language, 'clear-slot')) expect(left).toEqual([]);
        },
      ),
      { numRuns: numberTried(300) },
    );
  });
});

/** What a keypad holds and what it shall hold, from numbers: codes all different, some with cards, some slots in both. */
function memories(
  {
    slots,
    code,
    factoryCode,
  }: { slots: { first: number; last: number } | null; code: { least: number }; factoryCode: string },
  cards: boolean,
  seeds: readonly number[],
): [Record<number, SlotContent>, Record<number, SlotContent>] {
  const [now, wanted]: [Record<number, SlotContent>, Record<number, SlotContent>] = [{}, {}];
  seeds.forEach((seed, index) => {
    const slot = slots!.first + (seed % (slots!.last - slots!.first + 1));
    const text = String(10 ** (code.least - 1) + ((seed * 7 + index * 131) % (9 * 10 ** (code.least - 1))));
    const taken = [now, wanted].some((one) => Object.values(one).some((held) => held.code === text));
    if (taken || text === factoryCode) return;
    const content = { code: text, card: cards && seed % 3 === 0 ? { facility: 7, number: seed } : null };
    (seed % 2 === 0 ? now : wanted)[slot] = content;
    if (seed % 5 === 0) now[slot] = wanted[slot] = content;
  });
  return [now, wanted];
}

/** Slots with a card that is not to stand there any more, nor is to be exchanged for another. */
const cardsThatStay = (
  now: Readonly<Record<number, SlotContent>>,
  wanted: Readonly<Record<number, SlotContent>>,
): number[] =>
  Object.entries(now)
    .filter(([slot, held]) => held.card !== null && (wanted[Number(slot)]?.card ?? null) === null)
    .map(([slot]) => Number(slot))
    .sort();
