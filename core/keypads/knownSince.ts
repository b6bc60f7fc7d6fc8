import type { SlotContent } from '../plan/index';
import { sameEntry } from './compareMemory';
import type { KeypadLanguage, Memory } from './language';

/** Where it is known from what stands in a slot, and since which day. */
export type Source = Required<Pick<SlotContent, 'how' | 'on'>>;

/** What a keypad holds now: each slot that is as it was keeps its source, every other has this one. */
export function knownSince(
  language: Pick<KeypadLanguage, 'slots'>,
  before: Memory,
  after: Memory,
  source: Source,
): Memory {
  const entries = Object.values(before.slots);
  const was = (slot: string, now: SlotContent): SlotContent | undefined =>
    language.slots ? before.slots[Number(slot)] : entries.find((one) => sameEntry(one, now));
  return {
    ...after,
    slots: Object.fromEntries(
      Object.entries(after.slots).map(([slot, now]) => {
        const old = was(slot, now);
        const { how: _how, on: _on, ...content } = now;
        if (!old || !sameEntry(old, now)) return [slot, { ...content, ...source }];
        const { how, on } = old;
        return [slot, { ...content, ...(how ? { how } : {}), ...(on ? { on } : {}) }];
      }),
    ),
  };
}

/** The latest day on which anything in it was keyed, read or found; null where nobody has said. */
export const lastKnown = ({ slots }: Memory): string | null =>
  Object.values(slots)
    .flatMap(({ on }) => on ?? [])
    .sort()
    .at(-1) ?? null;
