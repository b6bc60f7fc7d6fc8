import {
  applyEdit,
  blankDoor,
  findIn,
  type DoorId,
  type Edit,
  type EditRefusal,
  type Plan,
} from '../plan/index';
import type { Metres } from '../units/index';
import { copyDoor, type LeftOut } from './copyDoor';

/** A door that is to be made: like another, or with nothing at it yet. */
export interface NewDoor {
  readonly id: DoorId;
  readonly name: string;
  readonly like: DoorId | null;
  /** Run from the enclosure, metres; null where nobody knows it yet. */
  readonly run: Metres | null;
  /** Whoever opens the original opens this one. */
  readonly people: boolean;
}

export type NewDoorFault =
  | { readonly code: 'number-taken' | 'no-such-door'; readonly word: string }
  | { readonly code: 'refused'; readonly word: string; readonly refusal: EditRefusal };

export interface NewDoors {
  /** All that can be made, as one edit; null where that is none. */
  readonly edit: Edit | null;
  /** What stands against each, in their order; null where nothing does. */
  readonly faults: readonly (NewDoorFault | null)[];
  /** What a copy could not take over, by new door. */
  readonly left: ReadonlyMap<DoorId, readonly LeftOut[]>;
}

/** Makes doors one after the other, at the end of the ledger: what stands against one keeps no other from being made. */
export function newDoors(plan: Plan, wishes: readonly NewDoor[]): NewDoors {
  let current = plan;
  let order = Math.max(0, ...Object.values(plan.doors).map((door) => door.order));
  const edits: Edit[] = [];
  const left = new Map<DoorId, readonly LeftOut[]>();
  const faults = wishes.map((wish): NewDoorFault | null => {
    const { id, name, like } = wish;
    if (findIn(current.doors, id)) return { code: 'number-taken', word: id };
    if (like !== null && !findIn(plan.doors, like)) return { code: 'no-such-door', word: like };
    order += 1;
    const made =
      like === null
        ? { edit: { kind: 'addDoor', door: blankDoor(id, order, name) } as const, left: [] }
        : copyDoor(current, like, { id, name, order, run: wish.run, people: wish.people });
    const result = applyEdit(current, made.edit);
    if (!result.ok) return { code: 'refused', word: id, refusal: result.refusal };
    current = result.plan;
    edits.push(...(made.edit.kind === 'batch' ? made.edit.edits : [made.edit]));
    if (made.left.length > 0) left.set(id, made.left);
    return null;
  });
  const made = wishes.filter((_, index) => faults[index] === null).map(({ id }) => id);
  const label = made.length === 1 ? `add ${made[0]}` : `add ${made.length} doors`;
  return { edit: edits.length > 0 ? { kind: 'batch', label, edits } : null, faults, left };
}
