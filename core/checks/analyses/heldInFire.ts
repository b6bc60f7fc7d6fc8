import { currentPath, terminalAt, type PathStep } from '../../circuit/index';
import { deviceOf, terminalLabel } from '../../plan/index';
import { fireReleases } from '../../prove/index';
import { lockStatuses, stimulate, type SimState } from '../../simulate/index';
import { type CheckContext, onDevice, onWire } from '../context';
import { violation, type Violation } from '../violation';

/** True where the alarm moves anything that stands at this door or serves it. */
function isReached({ world, rest, parts }: CheckContext, fire: SimState): boolean {
  if (fireReleases(world, rest).length > 0) return true;
  const near = new Set(parts.all.map(({ device }) => device.id));
  return world.netlist.branches.some(
    (branch, index) =>
      'device' in branch &&
      branch.kind !== 'source' &&
      near.has(branch.device) &&
      fire.point.on[index] !== rest.point.on[index],
  );
}

/** Supply that feeds in a fire, and the wire its current leaves by. */
function feedOf({ world, plan, door }: CheckContext, way: readonly PathStep[]) {
  const first = way.find(({ branch }) => world.netlist.branches[branch]?.kind === 'conductor');
  const from = way[0]?.from;
  if (from === undefined) return null;
  const out = terminalAt(world.netlist, first?.from ?? from);
  const wire = first && world.netlist.branches[first.branch]?.id;
  return {
    supply: deviceOf(terminalAt(world.netlist, from)),
    label: terminalLabel(plan, out, door.id),
    wire: wire === undefined ? null : (plan.conductors[wire] ?? null),
  };
}

/** A lock that opens when dead and is still fed in a fire that reaches its door, with the supply that should have let it go. */
export function heldInFire(context: CheckContext): Violation[] {
  const { world, rest, plan } = context;
  const fire = stimulate(world, rest, { kind: 'fire' }).state;
  const held = lockStatuses(world, fire.point).filter(
    ({ hold, device }) =>
      hold === 'held' && world.locks.find((one) => one.device.id === device)?.resolved.dead === 'fail-safe',
  );
  if (held.length === 0 || !isReached(context, fire)) return [];
  return held.flatMap((lock): Violation[] => {
    const feed = feedOf(context, currentPath(world.netlist, fire.point, lock.branch));
    if (!feed) return [];
    const values = {
      tag: lock.tag,
      supply: plan.devices[feed.supply]?.tag ?? '',
      terminal: feed.label,
      wire: feed.wire?.number ?? '',
      fire: fireReleases(world, rest)[0]?.device.tag ?? '',
    };
    const at = [onDevice(lock.device), ...(feed.wire ? [onWire(feed.wire.id)] : []), onDevice(feed.supply)];
    return [violation('held-in-fire', at, values)];
  });
}
