import { channelsOf, does } from '../devices/index';
import { doorDevices, entries, exits, inputsOf } from '../door/index';
import {
  atRest,
  lockStatuses,
  neighboursOf,
  stimulate,
  type Inhabitant,
  type SimState,
  type Stimulus,
  type World,
} from '../simulate/index';

/** Devices that bring about what no name tells of: each is tried from rest, and the circuit says what it does. */
export interface SituationStimuli {
  /** Switches whose turning raises the tamper alarm: lids, whatever they are called. */
  readonly lids: readonly Inhabitant[];
  /** Outputs of this door's keypads beyond the first whose codes reach a lock or an operator here. */
  readonly outputs: readonly (Inhabitant & { readonly output: number })[];
  /** What unlocks another door of an interlocked room; null where there is none. */
  readonly partner: Inhabitant | null;
  /** Where somebody asks to come in through this door of such a room, and is let in while the others are shut. */
  readonly asks: Inhabitant | null;
}

const NONE: SituationStimuli = { lids: [], outputs: [], partner: null, asks: null };
const known = new WeakMap<World, SituationStimuli>();

/** Somebody with every right asks at a device: a card at a reader, a press at a button. */
export const askAt = ({ device, type }: Inhabitant): Stimulus =>
  does(type, 'reader', 'busReader', 'ownCodes')
    ? { kind: 'credential', valid: true, device: device.id }
    : { kind: 'press', device: device.id };

/** Looked up once for a door. `rest`: the door at rest, where it is at hand. */
export function situationStimuli(world: World, rest?: SimState): SituationStimuli {
  let found = known.get(world);
  if (found === undefined) known.set(world, (found = provoke(world, rest)));
  return found;
}

/** A door with something broken in it is still tried at the same devices. */
export const sameSituationStimuli = (sound: World, broken: World, rest?: SimState): void => {
  known.set(broken, situationStimuli(sound, rest));
};

function provoke(world: World, rest?: SimState): SituationStimuli {
  const here = ({ device }: Inhabitant) => device.door === null || device.door === world.door.id;
  const watched = inputsOf(world.inhabitants).some(({ purpose }) => purpose === 'tamper');
  const switches = watched ? world.inhabitants.filter((one) => here(one) && does(one.type, 'switch')) : [];
  const { doors, interlocked, by, isFree } = neighboursOf(world);
  const more = doorDevices(world, 'ownCodes').flatMap((one) =>
    channelsOf(one.type).flatMap((_, output) => (output > 0 ? [{ ...one, output }] : [])),
  );
  if (switches.length === 0 && more.length === 0 && !interlocked) return NONE;
  const calm = rest ?? atRest(world);
  const after = (one: Inhabitant): SimState => stimulate(world, calm, askAt(one)).state;
  const lids = switches.filter((one) => !calm.alarms.has('tamper') && after(one).alarms.has('tamper'));
  const outputs = more.filter(({ device, output }) =>
    isReached(world, calm, { kind: 'credential', valid: true, device: device.id, output }),
  );
  if (!interlocked) return { ...NONE, lids, outputs };
  const views = doors.map((id) => ({ ...world, door: { ...world.door, id } }));
  const partner = views
    .flatMap((view) => [...entries(view), ...exits(view)])
    .find((one) => isFree(after(one)));
  // An interlock elsewhere in the circuit is none of this door's: only one whose relay a card pulls here.
  const asks = entries(world).find((one) =>
    stimulate(world, calm, askAt(one)).effects.some(
      (effect) => effect.kind === 'relay' && effect.on && by.some((id) => effect.state.startsWith(`${id}:`)),
    ),
  );
  return { lids, outputs, partner: partner ?? null, asks: asks ?? null };
}

/** Less than this is what a wire's resistance explains, A. */
const STILL_AMPS = 1e-4;

/** Whether an act changes the current of a lock here, rightly or not, or what an operator reads. */
function isReached(world: World, rest: SimState, act: Stimulus): boolean {
  const { effects, state } = stimulate(world, rest, act);
  if (!effects.some(({ kind }) => kind === 'relay')) return false;
  const locks = lockStatuses(world, rest.point).some(({ branch }) => {
    const [before, after] = [rest, state].map(({ point }) => point.amps[branch] ?? 0);
    return Math.abs(before! - after!) > STILL_AMPS;
  });
  const operators = doorDevices(world, 'operator').map(({ device }) => `${device.id}:`);
  return (
    locks ||
    [...state.readings].some(
      ([input, reading]) =>
        rest.readings.get(input) !== reading && operators.some((id) => input.startsWith(id)),
    )
  );
}
