import { currentPath, terminalAt, type BranchOf, type PathStep } from '../../circuit/index';
import { terminalLabel, type DeadState, type Edit, type TerminalId } from '../../plan/index';
import {
  atRest,
  buildWorld,
  lockStatuses,
  stimulate,
  type LockStatus,
  type SimState,
  type Stimulus,
  type World,
} from '../../simulate/index';
import { asks } from '../analyses/acts';
import { planAfter } from '../analyses/otherThrow';
import { onDevice, onWire, type CheckContext } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** Contacts that answer when the door is asked, none of them of what is pressed itself. */
function answering({ world, rest }: CheckContext, act: Stimulus, asked: SimState): BranchOf<'contact'>[] {
  const pressed = 'device' in act ? act.device : undefined;
  return world.netlist.branches.filter(
    (branch, index): branch is BranchOf<'contact'> =>
      branch.kind === 'contact' &&
      asked.point.on[index] !== rest.point.on[index] &&
      // A keypad is pressed and answers by its own relay.
      (branch.device !== pressed || act.kind === 'credential'),
  );
}

/** A lock that stands as its current makes it stand, or in between: a trickle that moves nothing feeds nothing. */
const isFed = (lock: LockStatus, dead: DeadState): boolean =>
  lock.amps > 1e-3 && lock.hold !== (dead === 'fail-secure' ? 'held' : 'free');

/** Ends that an intended switch has, those of the blade at rest first. */
const endsOf = ({ world, rest }: CheckContext, contacts: readonly BranchOf<'contact'>[]): TerminalId[] => {
  const closed = (one: BranchOf<'contact'>) => rest.point.on[world.netlist.branchOf.get(one.id) ?? -1] === 1;
  const ordered = [...contacts].sort((one, two) => Number(closed(two)) - Number(closed(one)));
  return [...new Set(ordered.flatMap(({ a, b }) => [a, b].map((node) => terminalAt(world.netlist, node))))];
};

const contactsOn = ({ netlist }: World, way: readonly PathStep[]): string[] =>
  way.flatMap(({ branch }) => {
    const part = netlist.branches[branch];
    return part?.kind === 'contact' ? [part.id] : [];
  });

const wayOf = ({ netlist }: World, { point }: SimState, id: string | undefined): PathStep[] =>
  currentPath(netlist, point, netlist.branchOf.get(id ?? '') ?? -1);

/** The end of a wire that, landed on the switch instead, lets the lock be released. */
function wireToMove(
  context: CheckContext,
  lock: LockStatus,
  dead: DeadState,
  ends: readonly TerminalId[],
): { edit: Edit; wire: string; terminal: TerminalId } | null {
  const { plan, world, rest, door } = context;
  const id = world.netlist.branches[lock.branch]?.id;
  const way = currentPath(world.netlist, rest.point, lock.branch);
  const middle = way.findIndex(({ branch }) => branch === lock.branch);
  // From the lock outwards: what lies between the lock and its switch stays where it is.
  const path = [...way.slice(0, middle).reverse(), ...way.slice(middle + 1)].flatMap(({ branch }) => {
    const part = world.netlist.branches[branch];
    return part?.kind === 'conductor' ? (plan.conductors[part.id] ?? []) : [];
  });
  const passed = contactsOn(world, way);
  for (const wire of path) {
    for (const end of ['from', 'to'] as const) {
      for (const terminal of ends) {
        if (terminal === wire.from || terminal === wire.to) continue;
        const edit: Edit = { kind: 'setConductor', id: wire.id, patch: { [end]: terminal } };
        const changed = planAfter(plan, edit);
        if (!changed) continue;
        const there = buildWorld(changed, door.id);
        const calm = atRest(there);
        const holds = (state: SimState) =>
          lockStatuses(there, state.point).find(({ branch }) => there.netlist.branches[branch]?.id === id)
            ?.hold;
        const still = new Set(contactsOn(there, wayOf(there, calm, id)));
        // Whatever breaks the way now, a glass or a fire relay, breaks it then.
        if (dead === 'fail-safe' && passed.some((contact) => !still.has(contact))) continue;
        // A strike that stood open is held at rest, a magnet as it was; either is free when asked.
        if (holds(calm) !== 'held' || calm.point.damages.length > rest.point.damages.length) continue;
        if (asks(there).some((act) => holds(stimulate(there, calm, act).state) === 'free'))
          return { edit, wire: wire.id, terminal };
      }
    }
  }
  return null;
}

/**
 * True where the lock's current passes a switch after all: one that answers, or one of another device, which was not asked.
 * Another output of the device that answers is as good as none.
 */
function passesSwitch(
  { world }: CheckContext,
  way: readonly PathStep[],
  answers: readonly BranchOf<'contact'>[],
): boolean {
  const known = new Set(answers.map(({ id }) => id));
  const devices = new Set(answers.map(({ device }) => device));
  return way.some(({ branch }) => {
    const part = world.netlist.branches[branch];
    if (part?.kind !== 'contact') return false;
    const driven = part.needs !== null || world.netlist.branchOf.has(part.state);
    return known.has(part.id) || (driven && !devices.has(part.device));
  });
}

/**
 * A lock that is fed past its switch, on either leg, whatever the ground is called: its relay moves when asked, and the
 * lock's current does not.
 */
const feedsPastSwitch: Analysis = (context) => {
  const { world, rest, plan, door } = context;
  const deadOf = (device: string): DeadState | null =>
    world.locks.find((one) => one.device.id === device)?.resolved.dead ?? null;
  const fedIn = (state: SimState): LockStatus[] =>
    lockStatuses(world, state.point).filter((lock) => {
      const dead = deadOf(lock.device);
      return dead !== null && isFed(lock, dead);
    });
  const locks = fedIn(rest);
  if (locks.length === 0) return [];
  const asked = asks(world).map((act) => ({ act, state: stimulate(world, rest, act).state }));
  const answers = asked.flatMap(({ act, state }) => answering(context, act, state));
  const contacts = [...new Set(answers)];
  if (contacts.length === 0) return [];
  const fedWhenAsked = asked.map(({ state }) => new Set(fedIn(state).map(({ branch }) => branch)));
  return locks.flatMap((lock): Violation[] => {
    const dead = deadOf(lock.device);
    if (dead === null || !fedWhenAsked.every((fed) => fed.has(lock.branch))) return [];
    const way = currentPath(world.netlist, rest.point, lock.branch);
    if (passesSwitch(context, way, contacts)) return [];
    const move = context.trial ? null : wireToMove(context, lock, dead, endsOf(context, contacts));
    const values = {
      tag: lock.tag,
      state: dead,
      wire: move ? (plan.conductors[move.wire]?.number ?? '') : '',
      terminal: move ? terminalLabel(plan, move.terminal, door.id) : '',
    };
    const at = [onDevice(lock.device), ...(move ? [onWire(move.wire)] : [])];
    return [violation('switch-bypassed', at, values, move ? { remedy: move.edit } : {})];
  });
};

export const switchBypassed = rule({
  code: 'switch-bypassed',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'physics',
  find: feedsPastSwitch,
});
