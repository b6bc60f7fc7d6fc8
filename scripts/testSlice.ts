/**
 * How much of a search a test tries: a fixed slice with `npm test`, all of it with `npm run soak`, which sets SOAK and finds the files
 * that import this one.
 */
export const isSoak = (process.env['SOAK'] ?? '') !== '';

/** Cases of a property: a quarter of `all`, and one at least. */
export const numberTried = (all: number): number => (isSoak ? all : Math.max(1, Math.ceil(all / 4)));

/** Every so many of a list, beginning with the first. */
export const everyNth = <T>(list: readonly T[], nth: number): T[] =>
  isSoak ? [...list] : list.filter((_, index) => index % nth === 0);
