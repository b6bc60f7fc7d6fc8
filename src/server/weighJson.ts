import { say } from '#words/server/weighJson';
/** What a JSON text would cost to read, counted without reading it. */
export interface JsonWeight {
  /** Objects and lists. */
  readonly containers: number;
  readonly values: number;
  readonly depth: number;
}

/** More than any site needs: a file of 12 MB that is full to the brim has a tenth of this. */
export const MOST_CONTAINERS = 500_000;
export const MOST_VALUES = 4_000_000;
export const DEEPEST = 100;

const [QUOTE, BACKSLASH, COMMA, OPEN, CLOSE, LIST, END] = [0x22, 0x5c, 0x2c, 0x7b, 0x7d, 0x5b, 0x5d];

/** Counts containers, values and depth of a JSON text in one pass. What is no JSON gets some count as well. */
export function weighJson(text: string): JsonWeight {
  let [containers, values, depth, deepest] = [0, 1, 0, 0];
  for (let at = 0; at < text.length; at += 1) {
    const char = text.charCodeAt(at);
    if (char === QUOTE) {
      for (at += 1; at < text.length && text.charCodeAt(at) !== QUOTE; at += 1)
        if (text.charCodeAt(at) === BACKSLASH) at += 1;
    } else if (char === COMMA) values += 1;
    else if (char === OPEN || char === LIST) {
      containers += 1;
      depth += 1;
      if (depth > deepest) deepest = depth;
    } else if (char === CLOSE || char === END) depth -= 1;
  }
  return { containers, values: values + containers, depth: deepest };
}

/** What keeps a text from being read at all; null where it may be. */
export function tooHeavy(text: string): string | null {
  const { containers, values, depth } = weighJson(text);
  if (containers > MOST_CONTAINERS || values > MOST_VALUES) return say.holdsMoreEntriesThan;
  return depth > DEEPEST ? say.nestsDeeperThan(DEEPEST) : null;
}
