import type { Place } from '../devices/index';

/** Where somebody stands who can lay a hand on a device, seen from its own door. Enclosures are locked: nobody in passing. */
export type Stand = 'outside' | 'inside' | 'locked-away';

const STANDS: Readonly<Record<Place, Stand>> = {
  outside: 'outside',
  inside: 'inside',
  // In the frame and above it, on the secured side: what looks or hangs outside is planned so.
  frame: 'inside',
  above: 'inside',
  enclosure: 'locked-away',
};

export const standAt = ({ place }: { readonly place: Place }): Stand => STANDS[place];
