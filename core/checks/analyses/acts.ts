import { does, functionOf } from '../../devices/index';
import { entries, exits } from '../../door/index';
import { callers } from '../../prove/index';
import type { Stimulus, World } from '../../simulate/index';

/** Cards and codes at every reader and keypad of the door, each output of a keypad by itself. */
function credentials(world: World): Stimulus[] {
  return entries(world).flatMap(({ device, type }): Stimulus[] => {
    const outputs = does(type, 'ownCodes') ? (functionOf(type, 'decides')?.channels.length ?? 1) : 1;
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

/** What a person may press, wherever the device stands in the circuit. */
const PRESSED = ['button', 'switch', 'sensor'] as const;

/** Everything that may be done at a door: what lets it go, what rings, every key switch, glass, lever, and a fire. */
export function acts(world: World): Stimulus[] {
  const asking = asks(world);
  const known = new Set(asking.map((act) => JSON.stringify(act)));
  const here = world.inhabitants.filter(({ device }) => [world.door.id, null].includes(device.door));
  const others = here.flatMap(({ device, type }): Stimulus[] => {
    // A keypad rings its bell when its bell key is pressed.
    const rings = (functionOf(type, 'ownCodes')?.bell ?? null) !== null;
    return [
      ...(does(type, 'breakGlass') ? [{ kind: 'breakGlass', device: device.id } as const] : []),
      ...(rings || does(type, ...PRESSED) ? [{ kind: 'press', device: device.id } as const] : []),
    ];
  });
  return [
    ...asking,
    ...others.filter((act) => !known.has(JSON.stringify(act))),
    { kind: 'fire' },
    { kind: 'openDoor', from: 'inside' },
    { kind: 'openDoor', from: 'force' },
  ];
}
