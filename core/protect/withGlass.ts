import { autowire } from '../autowire/index';
import { newDevice } from '../brief/index';
import { runOf } from '../door/index';
import { loopWires, traceLoops } from '../loops/index';
import { applyEdit, findIn, type DoorId, type Edit, type Plan } from '../plan/index';
import { metres } from '../units/index';

/** From the enclosure to a door of which nobody has said how far it is, metres. */
export const USUAL_RUN = metres(12);

/**
 * A break glass more at a door, and the door wired with it: beside the wires that are there, and with the lock's power laid anew.
 * Where a hand laid that power a glass beside it would be none.
 */
export const withGlass = (plan: Plan, door: DoorId): Edit[] =>
  [false, true].flatMap((anew) => {
    const legs = anew ? lockPower(plan, door).map((id): Edit => ({ kind: 'disconnect', id })) : [];
    const add: Edit = { kind: 'addDevice', device: newDevice(plan, door, 'break-glass-double') };
    const label = 'add a break glass and wire it';
    const more = applyEdit(plan, { kind: 'batch', label, edits: [...legs, add] });
    if (!more.ok) return [];
    const { edit } = autowire(more.plan, door, runOf(plan, door) ?? USUAL_RUN);
    return [{ kind: 'batch', label, edits: [...legs, add, edit] }];
  });

/** Wires of a door that feed its locks. */
const lockPower = (plan: Plan, door: DoorId): string[] =>
  [
    ...new Set(
      traceLoops(plan, door)
        .filter(({ kind }) => kind === 'lock-power')
        .flatMap((loop) => loopWires(loop)),
    ),
  ].filter((id) => findIn(plan.conductors, id)?.door === door);
