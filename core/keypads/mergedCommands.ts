import { AT_DOOR } from '../leaflet/index';
import { entriesOf } from './atScreen';
import { changed, type Change } from './changes';
import type { KeypadLanguage, Memory, Mode } from './language';

/**
 * Changes in an order in which a menu is walked through once: those of one line of it after one another, from the top down or as they
 * came; slots of which nobody knows what they hold first, as they may hold what another shall have. The order they came in where no other
 * leads to the same memory, or none is shorter. `cost` gives the strokes of an order.
 */
export function mergedCommands(
  language: KeypadLanguage,
  memory: Memory,
  changes: readonly Change[],
  cost: (changes: readonly Change[]) => number,
): readonly Change[] {
  const places = placesOf(language);
  const lines = changes.map(({ command }) => places.indexOf(command));
  const end = JSON.stringify(left(language, memory, changes));
  const doubts = changes.map((one) => doubtOf(memory, one));
  const orders = [() => 0, (line: number) => lines.indexOf(line), (line: number) => line].flatMap((by) => {
    const order = changes
      .map((change, index) => ({ change, doubt: doubts[index]!, at: by(lines[index]!) }))
      .sort((a, b) => a.doubt - b.doubt || a.at - b.at)
      .map(({ change }) => change);
    return JSON.stringify(left(language, memory, order)) === end ? [order] : [];
  });
  const [first = changes, ...others] = orders;
  return others.reduce<readonly Change[]>((best, one) => (cost(one) < cost(best) ? one : best), first);
}

/** What may stand there is removed first, then what is not known is settled, then all else. */
function doubtOf({ slots }: Memory, { slot, command }: Change): number {
  if (slot === null || slots[slot]?.unknown === undefined) return 2;
  return command.does === 'clear-slot' ? 0 : 1;
}

/** What is filled in, in the order of a menu. */
function placesOf(language: KeypadLanguage) {
  const within = (mode: Mode): Mode['commands'][number][] =>
    entriesOf(language, mode).flatMap((entry) => ('mode' in entry ? within(entry.mode) : [entry.command]));
  return language.modes.filter(({ from }) => from === AT_DOOR).flatMap(within);
}

/** Slot by slot what is held after all of them, in one order of slots; null where one is refused. */
const left = (language: KeypadLanguage, memory: Memory, changes: readonly Change[]) => {
  const end = changes.reduce<Memory | null>((now, one) => now && changed(language, now, one), memory);
  return end && { ...end, slots: Object.entries(end.slots).sort(([a], [b]) => Number(a) - Number(b)) };
};
