import { changed, strokesFor, change, type Change } from './changes';
import { seriesOf, type KeypadLanguage, type Memory } from './language';

/**
 * Cards of slots that follow each other, keyed as one series where the language has a command for that and it is shorter. Between two
 * of them a card that its slot holds already is presented again where that is less than to begin anew. The changes as they were where the
 * keypad would not take them so.
 */
export function inCardSeries(language: KeypadLanguage, memory: Memory, changes: readonly Change[]): Change[] {
  const cards = changes.filter(({ command }) => command.does === 'set-card');
  if (!seriesOf(language) || cards.length < 2) return [...changes];
  const others = changes.filter(({ command }) => command.does !== 'set-card');
  const before = played(language, memory, others);
  if (!before) return [...changes];
  const bySlot = new Map(cards.map((one) => [one.slot ?? 0, one]));
  const slots = [...bySlot.keys()].sort((a, b) => a - b);
  const alone = (slot: number) => strokesFor(language, bySlot.get(slot)!);
  const oneOf = (from: number, to: number): Change | null => {
    const list = [];
    for (let slot = from; slot <= to; slot += 1) {
      const card = bySlot.get(slot)?.values.cards?.[0] ?? before.slots[slot]?.card;
      if (!card) return null;
      list.push(card);
    }
    return change(language, 'set-card', { slot: from, cards: list }, from);
  };
  // The least for the first n of them: the last of these alone, or as the end of a run.
  const best: { cost: number; keyed: readonly Change[] }[] = [{ cost: 0, keyed: [] }];
  slots.forEach((to, index) => {
    const single = best[index]!;
    let least = { cost: single.cost + alone(to), keyed: [...single.keyed, bySlot.get(to)!] };
    for (let first = index - 1; first >= 0; first -= 1) {
      const run = oneOf(slots[first]!, to);
      if (!run) break;
      const cost = best[first]!.cost + strokesFor(language, run);
      if (cost < least.cost) least = { cost, keyed: [...best[first]!.keyed, run] };
    }
    best.push(least);
  });
  const keyed = [...others, ...best.at(-1)!.keyed];
  return played(language, memory, keyed) ? keyed : [...changes];
}

/** The memory after all of these; null where one is refused. */
const played = (language: KeypadLanguage, memory: Memory, changes: readonly Change[]): Memory | null =>
  changes.reduce<Memory | null>((now, one) => now && changed(language, now, one), memory);
