import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { CardNumber, SlotContent } from '../plan/index';
import { change, changed, isSettled, newUser, strokesFor, type Change } from './changes';
import {
  can,
  codeProblem,
  compileScript,
  factoryMemory,
  LANGUAGES,
  seriesOf,
  takesCards,
  type KeypadLanguage,
  type Memory,
} from './index';
import { numberTried } from '../../scripts/testSlice';

const SCRAPS = ['7391', '8462', '9573', '6284'];
const card = (number: number): CardNumber => ({ facility: 7, number });

/** Everything that can be keyed at a few slots with what is at hand. The slow twin of the search: it knows no shortcut. */
function everything(
  language: KeypadLanguage,
  slots: readonly number[],
  codes: readonly string[],
  cards: readonly CardNumber[],
) {
  const all: (Change | null)[] = [];
  const series = seriesOf(language) ? cards : [];
  const scraps = can(language, 'clear-slot') ? [] : SCRAPS;
  for (const slot of slots) {
    for (const code of [...codes, ...scraps])
      all.push(change(language, 'set-code', { slot, code, again: code }, slot, scraps.includes(code)));
    for (const one of cards) all.push(change(language, 'set-card', { slot, cards: [one] }, slot));
    for (const code of [...codes, null])
      for (const one of [...cards, null]) all.push(newUser(language, slot, { code, card: one }));
    for (const one of series)
      for (const two of series) {
        all.push(change(language, 'set-card', { slot, cards: [one, two] }, slot));
        for (const three of series)
          all.push(change(language, 'set-card', { slot, cards: [one, two, three] }, slot));
      }
    all.push(change(language, 'clear-slot', { slot }, slot));
  }
  for (const code of codes) all.push(change(language, 'delete-code', { code }));
  for (const one of cards) all.push(change(language, 'delete-card', { cards: [one] }));
  return all.filter((one) => one !== null);
}

/** The fewest strokes of all rows of commands, cheapest first; null where there is no way without wiping everybody. */
function fewest(
  language: KeypadLanguage,
  start: Memory,
  wanted: Memory['slots'],
  slots: readonly number[],
  moves: readonly Change[],
): number | null {
  const scraps = new Set(SCRAPS);
  const keyOf = ({ slots: held }: Memory) => JSON.stringify(slots.map((slot) => held[slot] ?? null));
  const best = new Map([[keyOf(start), 0]]);
  const open = [{ memory: start, cost: 0 }];
  while (open.length > 0) {
    open.sort((a, b) => b.cost - a.cost);
    const { memory, cost } = open.pop()!;
    if (cost > (best.get(keyOf(memory)) ?? Infinity)) continue;
    if (slots.every((slot) => isSettled(memory.slots[slot], wanted[slot], scraps))) return cost;
    for (const move of moves) {
      const next = changed(language, memory, move);
      const sum = cost + strokesFor(language, move);
      if (!next || sum >= (best.get(keyOf(next)) ?? Infinity)) continue;
      best.set(keyOf(next), sum);
      open.push({ memory: next, cost: sum });
    }
  }
  return null;
}

describe('the fewest strokes', () => {
  const single = LANGUAGES.filter(({ slots, modes }) => slots && modes.length === 1);
  it('is asked of five languages with slots', () => expect(single.length).toBeGreaterThanOrEqual(5));
  it.each(single.map((language) => [language.id, language] as const))(
    '%s: equals an exhaustive search at three slots',
    (_, language) => {
      const length =
        language.rules.includes('other-length') || language.rules.includes('same-length')
          ? 4
          : language.code.least;
      const codes = ['1111', '2222', '3333']
        .map((one) => one.slice(0, length))
        .filter((code) => codeProblem(language, code, language.factoryCode, []) === null);
      const cards = takesCards(language) ? [card(1), card(2)] : [];
      const first = language.slots!.first;
      const slots = [first, first + 1, first + 2];
      const moves = everything(language, slots, codes, cards);
      const table = fc
        .tuple(
          fc.shuffledSubarray([...codes, null, null], { minLength: 3, maxLength: 3 }),
          fc.shuffledSubarray([...cards, null, null, null], { minLength: 3, maxLength: 3 }),
        )
        .map(([some, held]) =>
          Object.fromEntries(
            slots.flatMap((slot, i): [number, SlotContent][] => {
              const content = { code: some[i] ?? null, card: held[i] ?? null };
              return content.code === null && content.card === null ? [] : [[slot, content]];
            }),
          ),
        );
      fc.assert(
        fc.property(table, table, (now, wanted) => {
          const memory: Memory = { ...factoryMemory(language), slots: now };
          const least = fewest(language, memory, wanted, slots, moves);
          let given = 0;
          const target = { programmingCode: language.factoryCode, slots: wanted, unlockSeconds: 5 };
          const script = compileScript(language, memory, target, () => SCRAPS[given++ % SCRAPS.length]!);
          const keyed = script.steps
            .filter(({ purpose }) => !['enter', 'choose', 'leave'].includes(purpose))
            .reduce((sum, { strokes }) => sum + strokes.length, 0);
          // Where nothing less leads there everybody is wiped, or it is said what cannot be reached.
          if (least === null) expect(script.wipes || script.problems.length > 0).toBe(true);
          else {
            expect([keyed, script.wipes, script.problems]).toEqual([least, false, []]);
            // That it is the least is said of nothing that nobody looked for.
            if (Object.keys({ ...now, ...wanted }).length > 0 && !seriesOf(language))
              expect(script.isLeast).toBe(language.screen === null);
          }
        }),
        { numRuns: numberTried(8) },
      );
    },
  );
  it('is not said of more than was looked at', () => {
    const language = LANGUAGES.find(({ id }) => id === 'slots-1000')!;
    const codes = ['4711', '5822', '6933', '7144', '8255', '9366', '1477'];
    const turned = (by: number, count: number) =>
      Object.fromEntries(
        codes.slice(0, count).map((_, at) => [at + 1, { code: codes[(at + by) % count]!, card: null }]),
      );
    const script = (count: number, id = language.id) => {
      const one = LANGUAGES.find((other) => other.id === id)!;
      const memory: Memory = { ...factoryMemory(one), slots: turned(0, count) };
      const target = { programmingCode: one.factoryCode, slots: turned(1, count), unlockSeconds: 5 };
      return compileScript(one, memory, target, () => '7391');
    };
    expect([script(3).isLeast, script(3).problems]).toEqual([true, []]);
    // Seven that wait for each other are worked off one by one.
    expect([script(7).isLeast, script(7).problems]).toEqual([false, []]);
    expect(script(1, 'menus-by-number').isLeast).toBe(false);
  });
});
