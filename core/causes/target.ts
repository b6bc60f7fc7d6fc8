import { autowire } from '../autowire/index';
import { runOf } from '../door/index';
import { allConductors, type Conductor, type DoorId, type Plan } from '../plan/index';
import { metres } from '../units/index';

/** The wiring that Aldaba would lay at a door for its hardware and its ways of wiring, were nothing there yet. */
export interface Target {
  readonly wires: readonly Conductor[];
  /** Settings that this wiring asks for and that are different. */
  readonly settings: ReturnType<typeof autowire>['settings'];
}

/** Where nothing is known of how the door should be wired. */
export const NO_TARGET: Target = { wires: [], settings: [] };

/** Wires that a door's own wiring is made of: not another door's, nor those of an intercom set or a bus as a whole. */
export const isOwn = (wire: Conductor, door: DoorId): boolean => wire.door === door && wire.origin !== 'set';

/** What Aldaba would lay itself. Only a hint where to look first: what it proposes is proven like all else. */
export function targetOf(plan: Plan, door: DoorId): Target {
  const bare: Plan = {
    ...plan,
    conductors: Object.fromEntries(
      allConductors(plan)
        .filter((wire) => !isOwn(wire, door))
        .map((wire) => [wire.id, wire]),
    ),
  };
  const { added, settings } = autowire(bare, door, runOf(plan, door) ?? metres(12));
  return { wires: added, settings };
}
