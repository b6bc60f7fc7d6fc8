import { currentPath, OFF, ON } from '../../circuit/index';
import { pinOf, type Plan } from '../../plan/index';
import {
  atRest,
  buildWorld,
  doorHold,
  lockStatuses,
  stimulate,
  type LockStatus,
  type World,
} from '../../simulate/index';
import { asks } from '../analyses/acts';
import { lockLoops } from '../analyses/lockLoops';
import { changeOver, otherThrow, planAfter, type Throw } from '../analyses/otherThrow';
import { onTerminal, onWire, type CheckContext } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** Contacts in a lock's feed that stand at rest as they should only in a release. */
function suspects(context: CheckContext, lock: LockStatus, dead: string): Throw[] {
  const { world, rest } = context;
  const { branchOf, branches } = world.netlist;
  const inFeed =
    dead === 'fail-secure'
      ? // Fed at rest: whatever is closed on the way of its current.
        currentPath(world.netlist, rest.point, lock.branch).map(({ branch }) => branch)
      : // Not fed at rest: whatever is open on its way.
        lockLoops(context)
          .filter(({ load, complete }) => complete && load.device === lock.device)
          .filter(({ load }) => branches[lock.branch]?.id === `${load.device}:${load.part}`)
          .flatMap(({ supply, back }) =>
            [supply, back].flatMap((leg) =>
              leg.complete
                ? leg.steps.flatMap((step) =>
                    step.kind === 'through' ? [branchOf.get(`${step.device}:${step.part}`) ?? -1] : [],
                  )
                : [],
            ),
          );
  const wanted = dead === 'fail-secure' ? ON : OFF;
  return (
    [...new Set(inFeed)]
      .filter((index) => rest.point.on[index] === wanted)
      .flatMap((index) => otherThrow(world, index) ?? [])
      // A blade that something has thrown already tells nothing of how it is wired.
      .filter(({ contact }) => !rest.states.has(contact.state))
  );
}

/** True where the lock holds at rest once these are changed over, and lets go when asked if a coil works one of them. */
function puttingRight(plan: Plan, world: World, lock: LockStatus, throws: readonly Throw[]): boolean {
  const changed = planAfter(plan, changeOver(plan, throws));
  if (!changed) return false;
  const there = buildWorld(changed, world.door.id);
  const rest = atRest(there);
  const mine = (state: typeof rest) =>
    lockStatuses(there, state.point).filter(
      ({ branch }) => there.netlist.branches[branch]?.id === world.netlist.branches[lock.branch]?.id,
    );
  if (doorHold(mine(rest)) === 'free') return false;
  const byCoil = throws.some(({ contact }) => world.netlist.branchOf.has(contact.state));
  return !byCoil || asks(there).some((act) => doorHold(mine(stimulate(there, rest, act).state)) === 'free');
}

/**
 * A contact in a lock's feed on its wrong throw, whoever owns it: a fail-safe lock is fed at rest, a fail-secure one is not.
 * Only what is put right by the other throw counts: a lock may be dead for other reasons.
 */
const throwsInFeed: Analysis = (context) => {
  const { plan, world, rest, wiresAt } = context;
  const found = new Map<string, Violation>();
  for (const lock of lockStatuses(world, rest.point)) {
    const dead = world.locks.find(({ device }) => device.id === lock.device)?.resolved.dead;
    if (!dead || lock.hold !== 'free') continue;
    const all = suspects(context, lock, dead);
    const single = all.filter((one) => puttingRight(plan, world, lock, [one]));
    const wrong = single.length > 0 ? single : puttingRight(plan, world, lock, all) ? all : [];
    for (const one of wrong) {
      const values = {
        tag: plan.devices[one.contact.device]?.tag ?? '',
        wrong: pinOf(one.on),
        right: pinOf(one.other),
        state: dead,
      };
      const at = [onTerminal(one.on), ...wiresAt(one.on).map(({ id }) => onWire(id))];
      found.set(one.on, violation('wrong-throw', at, values, { remedy: changeOver(plan, wrong) }));
    }
  }
  return [...found.values()];
};

export const wrongThrow = rule({
  code: 'wrong-throw',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'physics',
  find: throwsInFeed,
});
