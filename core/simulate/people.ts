/** How many people stand on each side of a door on the bench. */
export interface Whereabouts {
  readonly inside: number;
  readonly outside: number;
}

/** Two people, one on each side: whoever lets one of them through may let the other through as well. */
export const ONE_EACH: Whereabouts = { inside: 1, outside: 1 };

/** Somebody goes through, from the side that is named. Where nobody stands there nobody moves. */
export function gone({ inside, outside }: Whereabouts, from: 'inside' | 'outside'): Whereabouts {
  if (from === 'inside')
    return inside > 0 ? { inside: inside - 1, outside: outside + 1 } : { inside, outside };
  return outside > 0 ? { inside: inside + 1, outside: outside - 1 } : { inside, outside };
}
