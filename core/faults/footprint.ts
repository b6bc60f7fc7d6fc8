import { isUntouched, witness, type Defect, type Witness } from '../circuit/index';
import type { SituationId } from '../prove/index';
import { presentedTo, pulled, stateAt, type Credential, type Place, type World } from '../simulate/index';

/** All that the sound circuit did while something was brought about. */
export interface Footprint {
  readonly witnesses: Set<Witness>;
  /** A card went over a bus: what is joined counts there, whatever flows. */
  overBus: boolean;
}

/** The footprints of a sound door: of its being at rest, and of each situation after that. */
export interface Footprints {
  readonly atRest: Footprint;
  readonly of: ReadonlyMap<SituationId, Footprint>;
}

export const blankFootprint = (): Footprint => ({ witnesses: new Set(), overBus: false });

/** Adds what a card does on its way from its reader. */
export function addRead(footprint: Footprint, world: World, from: Place, stimulus: Credential): void {
  const reader = presentedTo(world, stimulus);
  const spec = reader?.type.behaviour;
  if (!reader || !spec) return;
  if (spec.kind === 'busReader') footprint.overBus = true;
  if (spec.kind !== 'reader') return;
  for (const pull of [spec.d0, spec.d1]) {
    const conditions = pulled(stateAt(from), reader.device.id, pull);
    footprint.witnesses.add(witness(world.netlist, conditions, from.point.on));
  }
}

/** True where all would have gone just so with the defect in the circuit. */
export function isSpared({ witnesses, overBus }: Footprint, defect: Defect): boolean {
  if (overBus && defect.kind !== 'stuck') return false;
  for (const one of witnesses) if (!isUntouched(one, defect)) return false;
  return true;
}
