import type { Defect } from '../circuit/index';
import { isSparedBy, type Seen } from './settledStates';

/** All that the sound circuit did while something was brought about. */
export interface Footprint {
  readonly seen: Set<Seen>;
  /** A card went over a bus: what is joined counts there, whatever flows. */
  overBus: boolean;
}

export const blankFootprint = (): Footprint => ({ seen: new Set(), overBus: false });

/** True where all would have gone just so with the defect in the circuit. */
export function isSpared({ seen, overBus }: Footprint, defect: Defect): boolean {
  if (overBus && defect.kind !== 'stuck') return false;
  for (const one of seen) if (!isSparedBy(defect, one)) return false;
  return true;
}
