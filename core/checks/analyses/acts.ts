import { entries, exits } from '../../door/index';
import { callers } from '../../prove/index';
import type { Stimulus, World } from '../../simulate/index';

/** Cards and codes at every reader and keypad of the door, each output of a keypad by itself. */
function credentials(world: World): Stimulus[] {
  return entries(world).flatMap(({ device, type }): Stimulus[] => {
    const outputs = type.behaviour.kind === 'keypad' ? type.behaviour.channels.length : 1;
    return Array.from({ length: outputs }, (_, output) => ({
      kind: 'credential',
      valid: true,
      device: device.id,
      output,
    }));
  });
}

const keys = (world: World): Stimulus[] =>
  callers(world).map(({ device, key }) => ({
    kind: 'press',
    device: device.id,
    ...(key === null ? {} : { key }),
  }));

/** What people do to have the door let go: each card and code, each exit device, each key of a handset or station. */
export const asks = (world: World): Stimulus[] => [
  ...credentials(world),
  ...exits(world).map(({ device }): Stimulus => ({ kind: 'press', device: device.id })),
  ...keys(world),
];

/** Kinds of devices that a person may press, wherever the device stands in the circuit. */
const PRESSED: ReadonlySet<string> = new Set(['button', 'switch', 'sensor']);

/** Everything that may be done at a door: what lets it go, what rings, every key switch, glass, lever, and a fire. */
export function acts(world: World): Stimulus[] {
  const asking = asks(world);
  const known = new Set(asking.map((act) => JSON.stringify(act)));
  const here = world.inhabitants.filter(({ device }) => [world.door.id, null].includes(device.door));
  const others = here.flatMap(({ device, type }): Stimulus[] => {
    const { kind } = type.behaviour;
    if (kind === 'breakGlass') return [{ kind, device: device.id }];
    // A keypad rings its bell when its bell key is pressed.
    return PRESSED.has(kind) || kind === 'keypad' ? [{ kind: 'press', device: device.id }] : [];
  });
  return [
    ...asking,
    ...others.filter((act) => !known.has(JSON.stringify(act))),
    { kind: 'fire' },
    { kind: 'openDoor', from: 'inside' },
    { kind: 'openDoor', from: 'force' },
  ];
}
