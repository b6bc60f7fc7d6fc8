/** What waits its turn, by whose turn it is. */
const lines = new Map<string, Promise<unknown>>();

/** Does things of one key one after the other: whoever sends many side by side gains nothing by it. */
export async function inTurn<T>(key: string, act: () => Promise<T>): Promise<T> {
  const before = lines.get(key) ?? Promise.resolve();
  const mine = before.then(act, act);
  const settled = mine.then(
    () => undefined,
    () => undefined,
  );
  lines.set(key, settled);
  try {
    return await mine;
  } finally {
    if (lines.get(key) === settled) lines.delete(key);
  }
}
