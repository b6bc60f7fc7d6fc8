import {
  isUnaffectedByDefect,
  settleToRead,
  settleVolts,
  witness,
  type Defect,
  type OperatingPoint,
  type Witness,
} from '../circuit/index';
import {
  readAt,
  readsOf,
  type CardRead,
  type Circuit,
  type Credential,
  type Explored,
  type Settled,
  type SimState,
  type World,
} from '../simulate/index';

/** A way in which a circuit has settled. */
export interface SettledState {
  readonly on: Uint8Array;
  /** What devices read of it. */
  readonly reads: string;
  /** What every part with a memory does: where a circuit begins, nothing else of it matters. */
  readonly modes: Modes;
  /** Whence it came and under which conditions: enough to settle it again. */
  readonly before: Uint8Array;
  readonly number: number;
  /** The spot of the sound circuit at which every such part does the same, where one is known. */
  sound: SoundState | null;
  /** Its voltages, once somebody has asked for them. */
  point: OperatingPoint | null;
}

/** A spot of the sound circuit, with what followed from it under the conditions that were asked for. */
export interface SoundState extends SettledState {
  readonly point: OperatingPoint;
  readonly next: Map<number, Seen>;
}

/** One settling of the sound circuit with all that was seen on the way. */
export interface Seen {
  readonly witness: Witness;
  readonly spot: SoundState;
  /** The defect for which it was last asked whether it touches this, and the answer. */
  asked: Defect | null;
  spared: boolean;
}

/** True where the circuit settles just so with the defect in it. */
export function isSparedBy(defect: Defect, seen: Seen): boolean {
  if (seen.asked !== defect) {
    seen.asked = defect;
    seen.spared = isUnaffectedByDefect(seen.witness, defect);
  }
  return seen.spared;
}

/** The sound circuit at rest. */
export const soundRest = (world: World, { point }: SimState): SoundState =>
  soundSpot(world, point, point.on, 0);

function soundSpot(world: World, point: OperatingPoint, before: Uint8Array, number: number): SoundState {
  const { on } = point;
  const reads = readsOf(world, point);
  const modes = modesOf(world.netlist.fast.switching, on);
  const spot: SoundState = { on, reads, modes, before, number, point, next: new Map(), sound: null };
  spot.sound = spot;
  return spot;
}

/** The sound circuit. Whatever is settled, or was before, is told to `seen`, each time; so is a card that goes over a bus. */
export function soundCircuit(
  world: World,
  { posed }: Explored,
  watch: { seen(one: Seen): void; overBus(): void },
): Circuit<SettledState> {
  return {
    settle(before, number) {
      const from = before as SoundState;
      let seen = from.next.get(number);
      if (!seen) {
        const found = witness(world.netlist, posed[number]!.conditions, from.on);
        // What does not move stays the spot that it is.
        const stays =
          from.number === number && found.point.on.every((mode, branch) => mode === from.on[branch]);
        const spot = stays ? from : soundSpot(world, found.point, from.on, number);
        seen = { witness: found, spot, asked: null, spared: false };
        from.next.set(number, seen);
      }
      watch.seen(seen);
      return seen.spot;
    },
    reads: ({ reads }) => reads,
    point: (spot) => (spot as SoundState).point,
    overBus(at, stimulus) {
      watch.overBus();
      return readAt(world, at.state, stimulus);
    },
  };
}

/** A circuit with a defect; what the defect does not touch is what the sound one did. */
export function brokenCircuit(
  world: World,
  { posed, netlist: sound }: Explored,
  defect: Defect,
): Circuit<SettledState> {
  const { netlist } = world;
  const { switching } = sound.fast;
  const known = new Map<Modes, SettledState>();
  const carried = new Map<string, CardRead | null>();
  const most = 3 ** switching.length;
  const fromHere = (number: number, modes: Modes): Modes =>
    typeof modes === 'number' ? number * most + modes : `${number}${modes}`;
  return {
    settle(before, number) {
      const seen = before.sound?.next.get(number);
      if (seen && isSparedBy(defect, seen)) return seen.spot;
      const from = fromHere(number, before.modes);
      let spot = known.get(from);
      if (!spot) {
        const point = settleToRead(netlist, posed[number]!, before.on);
        const { on, restless } = point;
        const modes = modesOf(switching, on);
        spot = {
          on,
          reads: readsOf(world, point),
          modes,
          before: before.on,
          number,
          sound: null,
          point: null,
        };
        known.set(from, spot);
        // Under the same conditions it stays where it is.
        if (restless.length === 0) known.set(fromHere(number, modes), spot);
      }
      if (seen && spot.sound === null && spot.modes === seen.spot.modes) spot.sound = seen.spot;
      return spot;
    },
    reads: ({ reads }) => reads,
    point: (spot) => (spot.point ??= settleVolts(netlist, posed[spot.number]!, spot.before)),
    overBus: (at: Settled, stimulus: Credential) => {
      const key = `${at.id} ${JSON.stringify(stimulus)}`;
      let read = carried.get(key);
      if (read === undefined) carried.set(key, (read = readAt(world, at.state, stimulus)));
      return read;
    },
  };
}

/** A number, or for a large circuit a text. */
function modesOf(switching: Int32Array, on: Uint8Array): Modes {
  if (switching.length > COUNTED) return switching.reduce((modes, index) => modes + on[index]!, ' ');
  let modes = 0;
  for (let i = 0; i < switching.length; i += 1) modes = 3 * modes + on[switching[i]!]!;
  return modes;
}

/** So many parts of three modes each, and the number of any conditions, are told apart by one number that is still exact. */
const COUNTED = 20;

type Modes = number | string;
