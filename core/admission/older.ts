import type { Collection } from '../plan/index';

type Fields = Readonly<Record<string, unknown>>;

/**
 * Fields that had another shape once, with what they are today. A file, a log, or a tab that was open while the server was renewed may
 * still say them: they are read, never written.
 */
const RENAMED: { readonly [C in Collection]?: Readonly<Record<string, (value: unknown) => Fields>> } = {
  // One card a person, before there could be several.
  people: { card: (card) => ({ cards: card === null ? [] : [card] }) },
};

/** An entity, or a patch of one, in today's fields. What is not understood stays, to be refused by name. */
export function renewed(collection: Collection, value: unknown): unknown {
  const renamed = RENAMED[collection];
  if (!renamed || typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  let now = value as Fields;
  for (const [old, today] of Object.entries(renamed)) {
    if (!Object.hasOwn(now, old)) continue;
    const { [old]: said, ...rest } = now;
    const next = today(said);
    // Whoever says both says today's.
    if (Object.keys(next).every((field) => !Object.hasOwn(rest, field))) now = { ...rest, ...next };
  }
  return now;
}
