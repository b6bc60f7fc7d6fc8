import { isUnsettledAt, ON, voltsAcross, type OperatingPoint } from '../circuit/index';
import { resolveParam } from '../devices/index';
import type { DeadState } from '../plan/index';
import type { LockAt, World } from './world';

/**
 * What a lock does at an operating point. `weak` is a magnet that neither holds its class nor lets go: never
 * counted as shut, never counted as free.
 */
export interface LockStatus {
  readonly device: string;
  readonly tag: string;
  /** The leaf that it keeps shut: see `Device.leaf`. */
  readonly leaf: 1 | 2;
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

/** One winding of a lock, with what its type and settings say of it: looked up once, asked thousands of times. */
interface Winding {
  readonly device: string;
  readonly tag: string;
  readonly leaf: 1 | 2;
  readonly branch: number;
  readonly pull:
    | {
        readonly kind: 'magnet';
        readonly ratedVolts: number;
        readonly holdShare: number;
        readonly forceNewtons: number;
        readonly freeNewtons: number;
      }
    | { readonly kind: 'strike'; readonly dead: DeadState | null; readonly pullInVolts: number };
}

const windings = new WeakMap<World['locks'], readonly Winding[]>();

/** The windings at a door. Their branch numbers stand in every circuit that is made from this one. */
function windingsOf({ locks, netlist }: World): readonly Winding[] {
  const known = windings.get(locks);
  if (known) return known;
  const found = locks.flatMap(({ device, type, resolved }) =>
    resolved.parts.flatMap((part): Winding[] => {
      const spec = type.lock;
      const branch = netlist.branchOf.get(`${device.id}:${part}`);
      if (!spec || branch === undefined) return [];
      const at = { device: device.id, tag: device.tag, leaf: device.leaf, branch };
      if (spec.kind === 'magnet') {
        const ratedVolts = resolveParam(spec.ratedVolts, type, device.settings);
        const { holdShare, forceNewtons, freeNewtons } = spec;
        return [{ ...at, pull: { kind: 'magnet', ratedVolts, holdShare, forceNewtons, freeNewtons } }];
      }
      const coil = netlist.branches[branch];
      const pullInVolts = coil?.kind === 'coil' ? coil.pullInVolts : 0;
      return [{ ...at, pull: { kind: 'strike', dead: resolved.dead, pullInVolts } }];
    }),
  );
  windings.set(locks, found);
  return found;
}

/** State of every lock at the door; a double magnet has one for each winding. */
export function lockStatuses(world: World, point: OperatingPoint): LockStatus[] {
  const found: LockStatus[] = [];
  for (const winding of windingsOf(world)) found.push(lockStatus(world, point, winding));
  return found;
}

function lockStatus(world: World, point: OperatingPoint, winding: Winding): LockStatus {
  const { device, tag, leaf, branch, pull } = winding;
  const isUnsettled = isUnsettledAt(world.netlist, point, branch);
  const volts = isUnsettled ? null : voltsOf(world, point, branch);
  const amps = isUnsettled ? NaN : Math.abs(point.amps[branch] ?? 0);
  const hold = holdAt(world, point, winding, volts);
  const at = { device, tag, leaf, kind: pull.kind, hold, volts, amps, branch };
  return pull.kind === 'magnet'
    ? { ...at, newtons: newtonsAt(pull, volts), needsVolts: pull.ratedVolts * pull.holdShare }
    : { ...at, newtons: null, needsVolts: pull.pullInVolts };
}

/** Volts across a winding. A broken one has no pull, whatever lies across it. */
const voltsOf = ({ netlist }: World, point: OperatingPoint, branch: number): number | null =>
  netlist.fast.dead.length > 0 && netlist.fast.dead.includes(branch)
    ? 0
    : voltsAcross(netlist, point, branch);

/** Force grows with the square of the current, hence of the voltage, up to its rating (saturation). */
function newtonsAt(pull: Extract<Winding['pull'], { kind: 'magnet' }>, volts: number | null): number {
  const share = Math.min(1, Math.abs(volts ?? 0) / pull.ratedVolts);
  return pull.forceNewtons * share * share;
}

function holdAt(
  { netlist }: World,
  point: OperatingPoint,
  { branch, pull }: Winding,
  volts: number | null,
): LockStatus['hold'] {
  // No figure, no verdict: between two states a lock neither holds nor lets go.
  if (isUnsettledAt(netlist, point, branch)) return 'weak';
  if (pull.kind === 'magnet') {
    const wrongCurrent =
      point.alternating !== null &&
      point.damages.some((damage) => damage.kind === 'wrong-current' && damage.branch === branch);
    const full = Math.min(1, Math.abs(volts ?? 0) / pull.ratedVolts) >= pull.holdShare && !wrongCurrent;
    if (full) return 'held';
    return newtonsAt(pull, volts) <= pull.freeNewtons ? 'free' : 'weak';
  }
  // Where nothing decides what the lock does when dead, it is neither counted as shut nor as free.
  if (pull.dead === null) return 'weak';
  return (point.on[branch] === ON) === (pull.dead !== 'fail-secure') ? 'held' : 'free';
}

/** A letter for what each lock does, in the order of `lockStatuses`. */
export function holdOf(world: World, point: OperatingPoint): string {
  let letters = '';
  for (const winding of windingsOf(world)) {
    const volts = winding.pull.kind === 'magnet' ? voltsOf(world, point, winding.branch) : null;
    letters += LETTERS[holdAt(world, point, winding, volts)];
  }
  return letters;
}

const LETTERS = { held: 'h', free: 'f', weak: 'w' };

type Hold = LockStatus['hold'];

/**
 * The door as a whole: a leaf is shut while any of its locks holds, free when none does, unsure when one is weak; the door is free as
 * soon as a leaf is, and shut when every leaf is that has a lock.
 */
export function doorHold(statuses: readonly LockStatus[]): Hold | 'no-lock' {
  const [first] = statuses;
  if (!first) return 'no-lock';
  if (statuses.every(({ leaf }) => leaf === first.leaf)) return leafHold(statuses);
  const holds = LEAVES.map((leaf) => leafHold(statuses.filter((one) => one.leaf === leaf)));
  return FREEST.find((hold) => holds.includes(hold))!;
}

/**
 * The leaf that people use: the first, where it has a lock. Whether somebody gets through is asked of it; whether anybody is kept out, of
 * the freest (`doorHold`).
 */
export function activeHold(statuses: readonly LockStatus[]): Hold | 'no-lock' {
  const first = statuses.filter(({ leaf }) => leaf === 1);
  return first.length > 0 ? leafHold(first) : doorHold(statuses);
}

/** What the second leaf does at a door whose first leaf has a lock of its own; null where there is no such leaf. */
export function secondHold(statuses: readonly LockStatus[]): Hold | null {
  const second = statuses.filter(({ leaf }) => leaf === 2);
  return second.length > 0 && second.length < statuses.length ? leafHold(second) : null;
}

/** The leaf that a door has and no lock keeps shut, while another has one; null where there is none. */
export const leafWithoutLock = ({ locks }: World): 1 | null =>
  locks.length > 0 && locks.every(({ device }) => device.leaf === 2) ? 1 : null;

const LEAVES = [1, 2] as const;
const FREEST = ['free', 'weak', 'held'] as const;

function leafHold(statuses: readonly LockStatus[]): Hold {
  if (statuses.some(({ hold }) => hold === 'held')) return 'held';
  return statuses.some(({ hold }) => hold === 'weak') ? 'weak' : 'free';
}

/** The leaf that gives way to whoever pushes: the first that no lock holds; null where all are held. */
export function leafThatGives(statuses: readonly LockStatus[]): 1 | 2 | null {
  const gives = (leaf: 1 | 2) => {
    const its = statuses.filter((one) => one.leaf === leaf);
    return its.length > 0 && leafHold(its) !== 'held';
  };
  return statuses.length === 0 ? 1 : (LEAVES.find(gives) ?? null);
}

/** What hangs on the leaf with the handle and the cylinder; at a door whose locks are all at the other, what hangs there. */
const handled = ({ locks }: World): readonly LockAt[] => {
  const first = locks.filter(({ device }) => device.leaf === 1);
  return first.length > 0 ? first : locks;
};

/** True where a key from outside opens it whatever the electricity does: a cylinder draws a latch, and takes no magnet off. */
export const keyTurns = (world: World): boolean =>
  world.door.brief.keyOverride === true && handled(world).every(isDrawnByHand);

/** True where a lever lets people out whatever the electricity does: it retracts a latch, not a magnet. */
export const leverOpens = (world: World): boolean =>
  world.door.brief.mechanicalEgress === true && handled(world).every(isDrawnByHand);

/** True where a handle or a cylinder draws the latch: not from a magnet, a bolt, or an armature. */
export const isDrawnByHand = ({ type: { lock } }: LockAt): boolean =>
  lock?.kind === 'strike' && lock.noHandle !== true && lock.jams !== true;

/**
 * What keeps the leaf in its frame as a fire door must be kept, whatever pushes at it and without power for it: a latch that a lock
 * leaves where it is, one that a strike holds, or one of the door's own. A magnet or a bolt is no latch. Null where nothing in the
 * plan says.
 */
export function isLatched(world: World, statuses: readonly LockStatus[]): boolean | null {
  if (world.door.brief.ownLatch === true) return true;
  const leaves = LEAVES.flatMap((leaf) => {
    const its = world.locks.filter(({ device }) => device.leaf === leaf);
    return its.length > 0 ? [latchOf(world, its, statuses)] : [];
  });
  if (leaves.length === 0) return world.door.brief.ownLatch;
  return leaves.includes(false) ? false : leaves.includes(null) ? null : true;
}

/** The same of one leaf, by its own locks. */
function latchOf(world: World, locks: readonly LockAt[], statuses: readonly LockStatus[]): boolean | null {
  if (locks.some(({ type: { lock } }) => lock?.kind === 'strike' && lock.keepsLatch)) return true;
  const strikes = locks.filter(isDrawnByHand).map(({ device }) => device.id);
  if (strikes.length === 0) return world.door.brief.ownLatch;
  const holds = statuses.filter(({ device }) => strikes.includes(device)).map(({ hold }) => hold);
  if (holds.includes('held')) return true;
  return holds.includes('weak') ? null : false;
}
