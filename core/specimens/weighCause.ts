import { behaviour } from './behaviour';
import { BOUNDS, searchCauses, type CauseReport, type Change, type SearchBounds } from '../causes/index';
import { checkContext, failedCells, runRules, toPutRight, type CheckContext } from '../checks/index';
import {
  allConductors,
  applyEdit,
  conductorsOf,
  deviceOf,
  type Conductor,
  type DoorId,
  type Edit,
  type Plan,
} from '../plan/index';
import { worseByOpinion } from './worseByOpinion';
import { findType } from '../devices/index';
import { differing, joinsTheSame } from './sameCircuit';
import { jointsOf, partition, type Partition } from '../causes/partition';

/** What the search made of one mistake, or of several at once. */
export interface Weighed {
  /** A stop, a fix or a failed cell came of it. */
  readonly felt: boolean;
  /**
   * The changes told as causes name every wire that is wrong, or lay the one that is missing; or undo the mistake as a circuit: the same
   * terminals are one point as before it, by other wires than those that were moved, a contact of two ends lying either way.
   */
  readonly named: boolean;
  /** After the first repair the door does what it did before, and nothing stands against it. */
  readonly restored: boolean;
  /** The same after all repairs that were told, one after the other. */
  readonly restoredByAll: boolean;
  /** Repairs that were told, and those of them after which something is worse, by the circuit or by the independent reading. */
  readonly told: number;
  readonly harmful: number;
  readonly report: CauseReport | null;
}

const stands = (context: CheckContext): number =>
  runRules(context).filter(toPutRight).length + failedCells(context).size;

/**
 * Overloads, burnt parts and cells that do not pass, told from the circuit and not from findings. One of which nothing was proven, as nothing
 * came to rest, is no better than one that fails.
 */
const harm = ({ rest, proof }: CheckContext): number =>
  rest.point.damages.length +
  proof.rows.flatMap(({ cells }) => Object.values(cells)).filter(({ verdict }) => verdict !== 'pass').length;

/**
 * True where the independent reading finds that a repair makes something worse than the mistake had, and than it is at the door as it should
 * be: a door that was stuck open lets nobody through freely once it locks again.
 */
const isWorseThanRight = (right: Plan, wrong: Plan, repaired: Plan, door: DoorId): boolean => {
  const worse = worseByOpinion(wrong, repaired, door);
  return worse.length > 0 && worseByOpinion(right, repaired, door).some((one) => worse.includes(one));
};

const namesWire = (changes: readonly Change[], id: string): boolean =>
  changes.some((change) => {
    if (change.kind === 'move' || change.kind === 'take-out') return change.wire === id;
    if (change.kind === 'exchange') return change.one.wire === id || change.two.wire === id;
    return change.kind === 'remedy' && JSON.stringify(change.edit).includes(JSON.stringify(id));
  });

/** The edits of a mistake, one by one. */
const single = (edit: Edit): Edit[] => (edit.kind === 'batch' ? edit.edits.flatMap(single) : [edit]);

/** True where a change sets what was set wrong. */
const namesSetting = (changes: readonly Change[], device: string, setting: string): boolean =>
  changes.some((change) =>
    change.kind === 'set'
      ? change.device === device && change.setting === setting
      : change.kind === 'remedy' &&
        single(change.edit).some(
          (edit) => edit.kind === 'setSetting' && edit.device === device && edit.setting === setting,
        ),
  );

/** What devices of a type are there for: one of two poles stands for one of one. */
const does = (type: string): string => {
  const known = findType(type);
  return known && known.functions.length > 0
    ? `${known.family}: ${known.functions
        .map(({ kind }) => kind)
        .sort()
        .join()}`
    : type;
};

/** True where a change puts a device there that does what this type does. */
const namesPart = (changes: readonly Change[], type: string): boolean =>
  changes.some(
    (change) =>
      (change.kind === 'add-parts' || change.kind === 'remedy') &&
      single(change.edit).some((edit) => edit.kind === 'addDevice' && does(edit.device.type) === does(type)),
  );

/** True where what was set wrong, or forgotten, is named: wires are weighed apart. */
const namesOthers = (right: Plan, mistake: Edit, changes: readonly Change[]): boolean =>
  single(mistake).every((edit) => {
    if (edit.kind === 'setSetting') return namesSetting(changes, edit.device, edit.setting);
    return edit.kind !== 'removeDevice' || namesPart(changes, right.devices[edit.id]?.type ?? '');
  });

/** True where a change lays a wire between the same two points as the one that is gone. */
const laysAgain = (changes: readonly Change[], gone: Conductor, points: Partition): boolean => {
  const pair = ({ from, to }: Pick<Conductor, 'from' | 'to'>) => [points(from), points(to)].sort().join(' ');
  return changes.some((change) => {
    if (change.kind === 'lay') return pair(change.conductor) === pair(gone);
    if (change.kind !== 'remedy') return false;
    return single(change.edit).some((edit) => edit.kind === 'connect' && pair(edit.conductor) === pair(gone));
  });
};

/** The plan after edits; null where one of them is refused. */
function applied(plan: Plan, edits: readonly Edit[]): Plan | null {
  let now = plan;
  for (const edit of edits) {
    const next = applyEdit(now, edit);
    if (!next.ok) return null;
    now = next.plan;
  }
  return now;
}

/**
 * Makes a mistake at a door that is right, and weighs what the search says of it; null where the plan refuses it. Of several at
 * once, `parts` are the single ones: one that alone would not be felt need not be named.
 */
export function weighCause(
  right: Plan,
  door: DoorId,
  mistake: Edit,
  bounds: SearchBounds = BOUNDS,
  parts: readonly Edit[] = [mistake],
  search = searchCauses,
): Weighed | null {
  const result = applyEdit(right, mistake);
  if (!result.ok) return null;
  const wrong = result.plan;
  const before = checkContext(right, door);
  const after = checkContext(wrong, door);
  const felt = stands(after) > stands(before);
  const silent = {
    felt,
    named: false,
    restored: false,
    restoredByAll: false,
    told: 0,
    harmful: 0,
    report: null,
  };
  if (!felt) return silent;
  const report = search(wrong, door, bounds);
  const first = report.causes[0];
  const singly = parts.flatMap((part) => {
    const alone = applyEdit(right, part);
    return alone.ok && (parts.length === 1 || stands(checkContext(alone.plan, door)) > stands(before))
      ? [alone.plan]
      : [];
  });
  const matters = (id: string) =>
    singly.length === 0 ||
    singly.some((alone) => JSON.stringify(alone.conductors[id]) !== JSON.stringify(right.conductors[id]));
  // Two points that the missing wire joined are two without it.
  const isThere = ({ from, to }: Conductor) => [from, to].every((end) => wrong.devices[deviceOf(end)]);
  const missing = allConductors(right).filter(
    (wire) => !wrong.conductors[wire.id] && isThere(wire) && matters(wire.id),
  );
  const points = partition(
    conductorsOf(wrong, door).filter(({ id }) => !differing(wrong, right).some((odd) => odd.id === id)),
    jointsOf(right),
  );
  const changes = report.causes.flatMap(({ repair }) => repair.changes);
  const isUndone = () => {
    const repaired = applied(
      wrong,
      report.causes.map(({ repair }) => repair.edit),
    );
    return repaired !== null && joinsTheSame(right, repaired) && namesOthers(right, mistake, changes);
  };
  const isNamed =
    differing(wrong, right).every(({ id }) => !matters(id) || namesWire(changes, id)) &&
    missing.every((gone) => laysAgain(changes, gone, points)) &&
    namesOthers(right, mistake, changes) &&
    changes.length > 0;
  const apply = (plan: Plan, edits: readonly Edit[]): CheckContext | null => {
    const made = applied(plan, edits);
    return made && checkContext(made, door);
  };
  const isRestored = (context: CheckContext | null): boolean =>
    context !== null && behaviour(context) === behaviour(before) && stands(context) <= stands(before);
  const told = report.causes.flatMap((cause) => [cause.repair, ...cause.also]);
  return {
    felt,
    named: isNamed || isUndone(),
    restored: first !== undefined && isRestored(apply(wrong, [first.repair.edit])),
    restoredByAll: isRestored(
      apply(
        wrong,
        report.causes.map(({ repair }) => repair.edit),
      ),
    ),
    told: told.length,
    harmful: report.causes
      .slice(0, 1)
      .flatMap(({ repair, also }) => [repair, ...also])
      .filter(({ edit }) => {
        const made = apply(wrong, [edit]);
        return made === null || harm(made) > harm(after) || isWorseThanRight(right, wrong, made.plan, door);
      }).length,
    report,
  };
}
