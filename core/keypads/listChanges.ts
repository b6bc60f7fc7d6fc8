import type { CardNumber, SlotContent } from '../plan/index';
import { change, type Change } from './changes';
import { keying } from './keying';
import { sameEntry } from './compareMemory';
import type { KeypadLanguage, Memory } from './language';

type Entries = Readonly<Record<number, SlotContent>>;

/**
 * The fewest strokes from one list to another: what is there and wanted stays, the rest goes, what is missing is appended. Cards that come
 * or go one after the other are keyed as a series where there is a command for it. `stuck` holds one null where something can neither be
 * deleted nor added.
 */
export function listChanges(
  language: KeypadLanguage,
  memory: Memory,
  wanted: Entries,
): {
  readonly changes: Change[];
  readonly memory: Memory;
  readonly stuck: readonly null[];
  readonly isLeast: boolean;
} {
  const missing = Object.values(wanted);
  const gone = Object.values(memory.slots).filter((held) => {
    const at = missing.findIndex((one) => sameEntry(one, held));
    if (at >= 0) missing.splice(at, 1);
    return at < 0;
  });
  const keyed = keying(language, memory);
  const { key } = keyed;
  let stuck = false;
  const codes = (does: 'delete-code' | 'add-code', entries: readonly SlotContent[]) => {
    for (const { code } of entries)
      if (code !== null && !key(change(language, does, { code, again: code }))) stuck = true;
  };
  const cards = (does: 'delete-card' | 'add-card', entries: readonly SlotContent[]) => {
    const all = entries.flatMap(({ card }) => card ?? []);
    if (all.length > 1 && key(change(language, does, { cards: all }))) return;
    for (const card of all) if (!key(change(language, does, { cards: [card] as CardNumber[] }))) stuck = true;
  };
  codes('delete-code', gone);
  cards('delete-card', gone);
  codes('add-code', missing);
  cards('add-card', missing);
  return { changes: [...keyed.changes], memory: keyed.memory, stuck: stuck ? [null] : [], isLeast: !stuck };
}
