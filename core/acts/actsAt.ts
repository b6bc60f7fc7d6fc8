import {
  functionsOf,
  needsKey,
  type DeviceFunction,
  type FunctionKind,
  type FunctionOf,
} from '../devices/index';
import { standAt } from '../door/index';
import type { Inhabitant, Stimulus } from '../simulate/index';
import type { Act, Needs, Purpose } from './act';

type Told = {
  readonly id: string;
  readonly stimulus: Stimulus;
  readonly undo?: Stimulus;
  readonly needs: Needs;
  readonly purpose: Purpose;
};
type ActsOf<K extends FunctionKind> = (spec: FunctionOf<K>, self: Inhabitant) => readonly Told[];

const none = (): readonly Told[] => [];

/** A device whose press asks for the way out; at a bell or a handset it calls. */
const purposeOf = ({ type }: Inhabitant): Purpose =>
  type.family === 'exit'
    ? 'leave'
    : type.family === 'sounder' || type.family === 'intercom'
      ? 'call'
      : 'other';

const press = (self: Inhabitant): Told => ({
  id: `press:${self.device.id}`,
  stimulus: { kind: 'press', device: self.device.id },
  needs: needsKey(self.type) ? 'key' : 'nothing',
  purpose: purposeOf(self),
});

/** A card or code that is on the list, at each output that it may work. */
const presented = ({ device }: Inhabitant, outputs: number): Told[] =>
  Array.from({ length: outputs }, (_, output) => ({
    id: `card:${device.id}:${output}`,
    stimulus: { kind: 'credential', valid: true, device: device.id, ...(output > 0 ? { output } : {}) },
    needs: 'right',
    purpose: 'enter',
  }));

/** What a person can do at a device, by what it is there for. A kind of function that is not here does not compile. */
const ACTS: { readonly [K in FunctionKind]: ActsOf<K> } = {
  reader: (_spec, self) => presented(self, 1),
  busReader: (_spec, self) => presented(self, 1),
  ownCodes: ({ bell }, self) => [
    ...presented(self, Math.max(1, functionsOf(self.type, 'decides').flatMap((one) => one.channels).length)),
    ...(bell === null ? [] : [{ ...press(self), purpose: 'call' as const }]),
  ],
  button: (_spec, self) => [press(self)],
  sensor: (_spec, self) => [press(self)],
  switch: (_spec, self) => [{ ...press(self), undo: { kind: 'press', device: self.device.id } }],
  keys: ({ keys }, self) =>
    Object.keys(keys).map((key) => ({
      id: `press:${self.device.id}:${key}`,
      stimulus: { kind: 'press', device: self.device.id, key },
      needs: 'nothing',
      purpose: 'call',
    })),
  breakGlass: (_spec, { device }) => [
    {
      id: `glass:${device.id}`,
      stimulus: { kind: 'breakGlass', device: device.id },
      undo: { kind: 'resetGlass', device: device.id },
      needs: 'nothing',
      purpose: 'emergency',
    },
  ],
  fireRelay: (_spec, { device }) => [
    {
      id: `fire:${device.id}`,
      stimulus: { kind: 'fire', device: device.id },
      undo: { kind: 'fireReset' },
      needs: 'panel',
      purpose: 'emergency',
    },
  ],
  // Levers move with the leaf; the rest nobody lays a hand on.
  lever: none,
  doorContact: none,
  decides: none,
  output: none,
  tamper: none,
  input: none,
  interlock: none,
  link: none,
  clock: none,
  busHost: none,
  timer: none,
  fireInput: none,
  operator: none,
};

const of = (spec: DeviceFunction, self: Inhabitant): readonly Told[] =>
  (ACTS[spec.kind] as ActsOf<FunctionKind>)(spec, self);

/** Everything that a person can do at a device, each once. */
export function actsAt(self: Inhabitant): Act[] {
  const stand = standAt(self.device);
  const seen = new Set<string>();
  return self.type.functions
    .flatMap((spec) => of(spec, self))
    .filter(({ id }) => !seen.has(id) && seen.add(id))
    .map(({ undo = null, ...told }) => ({ ...told, at: self, undo, stand }));
}
