let mark = () => {};
const standing = new Promise<void>((resolve) => (mark = resolve));

/** The page can be read and turned over: whatever waits for that may come now. */
export const stand = (): void => mark();

/** Resolves once the page stands; at once on the server, which draws everything. */
export const whenStanding = (): Promise<void> =>
  typeof window === 'undefined' ? Promise.resolve() : standing;
