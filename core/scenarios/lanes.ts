import { ON } from '../circuit/index';
import { inputsOf, type InputPurpose } from '../door/index';
import {
  doorHold,
  leafMoves,
  lockStatuses,
  relayKeys,
  type Alarm,
  type SimState,
  type World,
} from '../simulate/index';

/** What a lane is about: the door, or one thing of one of its devices. */
export type LaneKind = 'lock' | 'leaf' | 'relay' | 'input' | 'sounder' | Alarm;

/** A lane of a scenario: one thing that is watched over time. */
export interface Lane {
  /** Stable: lanes that were found right are kept by it. */
  readonly id: string;
  readonly kind: LaneKind;
  /** Device it belongs to; null for the door itself. */
  readonly device: string | null;
  /** Relay, input or part of the device; null for the door itself. */
  readonly part: string | null;
  /** What an input is there for. */
  readonly purpose?: InputPurpose;
  /** What it shows in a state: a word of the machine, put into a person's by `words/en/scenarios.ts`. */
  show(state: SimState): string;
}

const ALARMS = ['forced', 'held-open', 'tamper'] as const satisfies readonly Alarm[];

/** Every lane of a door, in the order in which they are shown: lock, leaf, relays, inputs, what sounds or lights, alarms. */
export function lanesOf(world: World): Lane[] {
  return [
    {
      id: 'lock',
      kind: 'lock',
      device: null,
      part: null,
      show: ({ point }) => doorHold(lockStatuses(world, point)),
    },
    {
      id: 'leaf',
      kind: 'leaf',
      device: null,
      part: null,
      show: (state) => leafAt(world, state),
    },
    ...relays(world),
    ...inputs(world),
    ...sounders(world),
    ...ALARMS.map((alarm): Lane => ({
      id: alarm,
      kind: alarm,
      device: null,
      part: null,
      show: ({ alarms }) => (alarms.has(alarm) ? 'sounds' : 'quiet'),
    })),
  ];
}

/** Where the leaf is: an operator takes its time both ways, a hand none. */
const leafAt = (world: World, state: SimState): string =>
  state.doorOpen ? (leafMoves(world, state) ?? 'open') : 'closed';

const cutAt = (key: string): [device: string, part: string] => {
  const at = key.lastIndexOf(':');
  return [key.slice(0, at), key.slice(at + 1)];
};

const relays = (world: World): Lane[] =>
  [...new Set(relayKeys(world))].map((key) => {
    const [device, part] = cutAt(key);
    return {
      id: `relay:${key}`,
      kind: 'relay',
      device,
      part,
      show: ({ states }) => (states.has(key) ? 'busy' : 'rest'),
    };
  });

/** Data lines carry cards in a moment too short for any lane. */
const UNSEEN: ReadonlySet<InputPurpose> = new Set(['data', 'other']);

/** Inputs of whatever stands at the door, by what they are there for: what they read is what it acts on. */
const inputs = (world: World): Lane[] =>
  inputsOf(world.inhabitants.filter(({ device }) => device.door === world.door.id))
    .filter(({ id, purpose }) => !UNSEEN.has(purpose) && world.netlist.branchOf.has(id))
    .map(({ id, device, part, purpose }) => ({
      id: `input:${id}`,
      kind: 'input',
      device,
      part,
      purpose,
      show: ({ readings }) => readings.get(id) ?? 'dead',
    }));

/** Bells, sirens and lamps of the door: whether they have what they need to be heard or seen. */
const sounders = (world: World): Lane[] =>
  world.netlist.branches.flatMap((branch, index): Lane[] => {
    if (branch.kind !== 'electronic' && branch.kind !== 'coil') return [];
    const self = world.byId.get(branch.device);
    if (!self?.type.roles.bellOut || self.device.door !== world.door.id) return [];
    const works = (state: SimState) =>
      branch.kind === 'coil' ? state.point.on[index] === ON : state.boards.get(branch.id) === true;
    return [
      {
        id: `sounder:${branch.id}`,
        kind: 'sounder',
        device: branch.device,
        part: cutAt(branch.id)[1],
        show: (state) => (works(state) ? 'sounds' : 'quiet'),
      },
    ];
  });
