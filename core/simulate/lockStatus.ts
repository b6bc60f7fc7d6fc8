import { ON, voltsAcross, type OperatingPoint } from '../circuit/index';
import { resolveParam } from '../devices/index';
import type { LockAt, World } from './world';

/**
 * What a lock does at an operating point. `weak` is a magnet that neither holds its class nor lets go: never
 * counted as shut, never counted as free.
 */
export interface LockStatus {
  readonly device: string;
  readonly tag: string;
  readonly kind: 'magnet' | 'strike';
  readonly hold: 'held' | 'free' | 'weak';
  /** Volts across it; null where its terminals float. */
  readonly volts: number | null;
  readonly amps: number;
  /** Holding force of a magnet, newtons. */
  readonly newtons: number | null;
  /** Volts it needs to hold (magnet) or to move (strike). */
  readonly needsVolts: number;
  readonly branch: number;
}

/** State of every lock at the door; a double magnet has one for each winding. Asked thousands of times: plain loops. */
export function lockStatuses(world: World, point: OperatingPoint): LockStatus[] {
  const found: LockStatus[] = [];
  for (const lock of world.locks) {
    for (const part of lock.resolved.parts) {
      const status = lockStatus(world, point, lock, part);
      if (status) found.push(status);
    }
  }
  return found;
}

function lockStatus(world: World, point: OperatingPoint, lock: LockAt, part: string): LockStatus | null {
  const { device, type, resolved } = lock;
  const spec = type.lock;
  if (!spec) return null;
  const branch = world.netlist.branchOf.get(`${device.id}:${part}`);
  if (branch === undefined) return null;
  const { netlist } = world;
  // A broken winding has no pull, whatever lies across it.
  const broken = netlist.fast.dead.length > 0 && netlist.fast.dead.includes(branch);
  const volts = broken ? 0 : voltsAcross(netlist, point, branch);
  const amps = Math.abs(point.amps[branch] ?? 0);
  if (spec.kind === 'magnet') {
    const wrongCurrent =
      point.alternating !== null &&
      point.damages.some((damage) => damage.kind === 'wrong-current' && damage.branch === branch);
    const rated = resolveParam(spec.ratedVolts, type, device.settings);
    // Force grows with the square of the current, hence of the voltage, up to its rating (saturation).
    const share = Math.min(1, Math.abs(volts ?? 0) / rated);
    const newtons = spec.forceNewtons * share * share;
    const full = share >= spec.holdShare && !wrongCurrent;
    return {
      device: device.id,
      tag: device.tag,
      kind: 'magnet',
      hold: full ? 'held' : newtons <= spec.freeNewtons ? 'free' : 'weak',
      volts,
      amps,
      newtons,
      needsVolts: rated * spec.holdShare,
      branch,
    };
  }
  const coil = netlist.branches[branch];
  const pulled = point.on[branch] === ON;
  const held = pulled === (resolved.dead !== 'fail-secure');
  return {
    device: device.id,
    tag: device.tag,
    kind: 'strike',
    // Where nothing decides what the lock does when dead, it is neither counted as shut nor as free.
    hold: resolved.dead === null ? 'weak' : held ? 'held' : 'free',
    volts,
    amps,
    newtons: null,
    needsVolts: coil?.kind === 'coil' ? coil.pullInVolts : 0,
    branch,
  };
}

/** A letter for what each lock does, in the order of `lockStatuses`. */
export function holdOf(world: World, point: OperatingPoint): string {
  let letters = '';
  for (const { hold } of lockStatuses(world, point)) letters += hold[0];
  return letters;
}

/** The door as a whole: shut while any lock holds, free when none does, unsure when one is weak. */
export function doorHold(statuses: readonly LockStatus[]): 'held' | 'free' | 'weak' | 'no-lock' {
  if (statuses.length === 0) return 'no-lock';
  if (statuses.some((status) => status.hold === 'held')) return 'held';
  return statuses.some((status) => status.hold === 'weak') ? 'weak' : 'free';
}

/** True where a lever lets people out whatever the electricity does: it retracts a latch, not a magnet. */
export const leverOpens = (world: World): boolean =>
  world.door.brief.mechanicalEgress === true && world.locks.every(({ type }) => type.lock?.kind === 'strike');
