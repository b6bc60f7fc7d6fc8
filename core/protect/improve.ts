import { autowire } from '../autowire/index';
import { newDevice } from '../brief/index';
import { checkContext, runRules, toPutRight } from '../checks/index';
import { findType, functionOf, settingValue } from '../devices/index';
import { exchangeType } from '../door/exchangeType';
import { runOf } from '../door/index';
import { FAULT_GROUPS, faultsOf, groupOf, sweep, type FaultGroup } from '../faults/index';
import { applyEdit, devicesOf, typeIn, type Door, type DoorId, type Edit, type Plan } from '../plan/index';
import { toldOf } from '../prove/index';
import { atRest, buildWorld } from '../simulate/index';
import { USUAL_RUN, withGlass } from './withGlass';

/** What may make a door bear a fault better. */
export const IMPROVEMENTS = [
  'latch',
  'double-glass',
  'add-glass',
  'watched-contact',
  'fire-opens',
  'home-run',
] as const;
export type ImprovementId = (typeof IMPROVEMENTS)[number];

/** How many single faults of a door come to each group. */
export type FaultCounts = Readonly<Record<FaultGroup, number>>;

/** A change that was tried on a copy, with the faults before and after it. */
export interface Improvement {
  readonly what: ImprovementId;
  readonly edit: Edit;
  readonly before: FaultCounts;
  readonly after: FaultCounts;
}

/** The single faults of a door, counted by what they come to. */
export function countFaults(plan: Plan, door: DoorId): FaultCounts {
  const world = buildWorld(plan, door);
  const rest = atRest(world);
  const counts = Object.fromEntries(FAULT_GROUPS.map((group) => [group, 0])) as Record<FaultGroup, number>;
  for (const result of sweep(world, rest, faultsOf(world))) counts[groupOf(result, toldOf(world, rest))] += 1;
  return counts;
}

/** A change of a door, and the door wired anew for it. */
function rewired(plan: Plan, door: DoorId, label: string, edits: readonly Edit[]): Edit | null {
  const changed = applyEdit(plan, { kind: 'batch', label, edits: [...edits] });
  if (!changed.ok) return null;
  const { edit } = autowire(changed.plan, door, runOf(plan, door) ?? USUAL_RUN);
  return { kind: 'batch', label, edits: [...edits, edit] };
}

type Try = (plan: Plan, door: Door) => readonly Edit[];
const only = (edit: Edit | null): Edit[] => (edit ? [edit] : []);

const school = (door: Door, schools: Door['schools']): Edit => ({
  kind: 'setDoor',
  id: door.id,
  patch: { schools: { ...door.schools, ...schools } },
});

const TRIES: Readonly<Record<ImprovementId, Try>> = {
  latch: (plan, { id }) => {
    for (const device of devicesOf(plan, id)) {
      const type = typeIn(plan, device);
      const setting =
        functionOf(type, 'fireRelay')?.latchSetting ?? functionOf(type, 'fireInput')?.latchSetting;
      if (setting && settingValue(type, device.settings, setting) !== 'latching')
        return [{ kind: 'setSetting', device: device.id, setting, value: 'latching' }];
    }
    return [];
  },
  'double-glass': (plan, { id }) => {
    const single = devicesOf(plan, id).find(
      (device) =>
        typeIn(plan, device).family === 'release' &&
        typeIn(plan, device).roles.breakers?.length === 1 &&
        functionOf(typeIn(plan, device), 'breakGlass'),
    );
    const double = findType('break-glass-double');
    return single && double
      ? only(
          rewired(plan, id, 'take a break glass with two poles', [exchangeType(plan, single, double).edit]),
        )
      : [];
  },
  'add-glass': (plan, { id }) =>
    devicesOf(plan, id).some((device) => functionOf(typeIn(plan, device), 'breakGlass'))
      ? []
      : withGlass(plan, id),
  'watched-contact': (plan, door) => {
    if (door.schools.contact === 'end-of-line') return [];
    const first: Edit = { kind: 'addDevice', device: newDevice(plan, door.id, 'eol-2k2') };
    const one = applyEdit(plan, first);
    if (!one.ok) return [];
    const second: Edit = { kind: 'addDevice', device: newDevice(one.plan, door.id, 'eol-2k2') };
    return only(
      rewired(plan, door.id, 'watch the door contact by end-of-line resistors', [
        first,
        second,
        school(door, { contact: 'end-of-line' }),
      ]),
    );
  },
  'fire-opens': (plan, door) =>
    door.schools.fireTrigger === 'NO'
      ? only(
          rewired(plan, door.id, 'take a fire contact that opens on alarm', [
            school(door, { fireTrigger: 'NC' }),
          ]),
        )
      : [],
  'home-run': (plan, door) =>
    door.schools.fireReach === 'daisy-chain'
      ? only(
          rewired(plan, door.id, 'give the fire relay a pair of its own', [
            school(door, { fireReach: 'home-run' }),
          ]),
        )
      : [],
};

/** Groups by which doors are weighed, worst first: one trapped less is worth any number of the others. */
const WEIGHED: readonly FaultGroup[] = ['trapped', 'open-unnoticed', 'act-only', 'open-told'];

function isBetter(after: FaultCounts, before: FaultCounts): boolean {
  for (const group of WEIGHED) if (after[group] !== before[group]) return after[group] < before[group];
  return false;
}

/** Findings that are to be settled, by code. */
const toSettle = (plan: Plan, door: DoorId): Set<string> =>
  new Set(
    runRules(checkContext(plan, door))
      .filter(toPutRight)
      .map(({ code }) => code),
  );

/**
 * What would help a door against single faults, one after the other: each is tried on a copy, swept, and given only where fewer
 * faults come to the worst and nothing new is to be settled. Slow: a sweep a change.
 */
export function* improvementsOf(plan: Plan, id: DoorId): Generator<Improvement> {
  const door = plan.doors[id];
  if (!door) throw new Error(`no door "${id}" in the plan`);
  const before = countFaults(plan, id);
  const had = toSettle(plan, id);
  for (const what of IMPROVEMENTS) {
    for (const edit of TRIES[what](plan, door)) {
      const result = applyEdit(plan, edit);
      if (!result.ok || [...toSettle(result.plan, id)].some((code) => !had.has(code))) continue;
      const after = countFaults(result.plan, id);
      if (!isBetter(after, before)) continue;
      yield { what, edit, before, after };
      break;
    }
  }
}
