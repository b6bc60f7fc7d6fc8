import type { DeviceType, Terminal } from '../deviceType';
import type { Part } from '../parts';
import {
  board,
  changeover,
  channelOf,
  choice,
  contact,
  dryInput,
  each,
  fuse,
  needed,
  numberSetting,
  of,
  optional,
} from '../build';
import { battery, batterySettings, feeds, outputs, source, SUPPLY } from './supplies';

/** Boxed supplies by voltage and rating; with fused outputs, a fire input or a timed relay. */

/** What a sealed battery is charged at, for good: 13.65 V, or twice that. */
const FLOAT = { 12: 13.65, 24: 27.3 } as const;
/** Limits of the boards inside, V. */
const BEARS = { 12: [9, 16], 24: [18, 32] } as const;
type Volts = keyof typeof FLOAT;

const output = (volts: Volts, maxAmps: number): Part =>
  source({ volts: FLOAT[volts], maxAmps, ohms: 0.15 / Math.max(1, maxAmps), battery: battery(volts) });

const boxed = (volts: Volts, amps: number, description: string): DeviceType => ({
  ...SUPPLY,
  id: `supply-${volts}v-${amps}a`,
  name: `Boxed supply ${volts} V ${amps} A with battery`,
  short: `supply, ${volts} V`,
  description,
  terminals: outputs('+V', '0V'),
  parts: [output(volts, amps)],
  settings: batterySettings,
  roles: feeds,
  symbol: 'battery',
});

/** Outputs behind a fuse each, numbered; the minus is one bar. */
function fused(volts: Volts, amps: number, ways: number, each_: number): DeviceType {
  const numbers = Array.from({ length: ways }, (_, index) => index + 1);
  return {
    ...SUPPLY,
    id: `supply-${volts}v-${amps}a-fused`,
    name: `Boxed supply ${volts} V ${amps} A, ${ways} fused outputs`,
    short: 'fused supply',
    description: `Gives ${ways} outputs a fuse of ${each_} A each: a short at one door leaves the others their power.`,
    terminals: [
      ...each(needed('0V'), { maxConductors: ways, sizes: [0.22, 4] }),
      ...each(optional('+V', ...numbers.map((n) => `F${n}`)), { maxConductors: 2, sizes: [0.22, 4] }),
    ],
    parts: [output(volts, amps), ...numbers.map((n) => fuse(`fuse${n}`, '+V', `F${n}`, each_))],
    settings: batterySettings,
    roles: feeds,
    symbol: 'battery',
  };
}

const latchAndTrigger = [
  choice('latch', 'fire input', { latching: 'latching: reset by key', following: 'follows the fire panel' }),
  choice('trigger', 'fire contact', {
    NC: 'opens on alarm: a cut wire releases',
    NO: 'closes on alarm: a cut wire is not noticed',
  }),
];
const dropping = (...ids: string[]): Terminal[] =>
  each(optional(...ids), { maxConductors: 4, sizes: [0.22, 4] });

const withFire = (volts: Volts, amps: number): DeviceType => ({
  ...SUPPLY,
  id: `supply-${volts}v-${amps}a-fire`,
  name: `Boxed supply ${volts} V ${amps} A with fire input`,
  short: 'fire supply',
  description:
    'Its lock outputs drop all at once on the fire input. The always-on output stays for controllers and readers.',
  terminals: [...outputs('+V', '0V'), ...dropping('L+', 'L-'), ...optional('FI', 'FC')],
  parts: [
    output(volts, amps),
    board('+V', '0V', { amps: 0.025 }, BEARS[volts]),
    dryInput('fire', 'FI', 'FC', 'board'),
    { kind: 'link', id: 'fireCommon', a: 'FC', b: '0V' },
    contact('drop', 'NC', '+V', 'L+', 'dropped', amps),
    { kind: 'link', id: 'lockMinus', a: 'L-', b: '0V' },
  ],
  settings: [...batterySettings, ...latchAndTrigger],
  functions: [
    { kind: 'fireInput', input: 'fire', state: 'dropped', latchSetting: 'latch', triggerSetting: 'trigger' },
  ],
  roles: { ...feeds, lockSupply: { plus: 'L+', minus: 'L-' }, fireInput: { input: 'FI', common: 'FC' } },
  symbol: 'battery',
});

/** A relay of its own, and outputs that drop on a fire input: two functions in one box. */
const timedWithFire = (volts: Volts, amps: number): DeviceType => {
  const fire = withFire(volts, amps);
  return {
    ...fire,
    id: `supply-${volts}v-${amps}a-timed`,
    name: `Boxed supply ${volts} V ${amps} A with timed relay and fire input`,
    short: 'timed supply',
    description:
      'PUSH to PC works its own relay for the time on the dial; the fire input drops the lock outputs whatever the relay does.',
    terminals: [...fire.terminals, ...optional('PUSH', 'PC', 'COM', 'NO', 'NC')],
    parts: [
      ...fire.parts,
      dryInput('push', 'PUSH', 'PC', 'board'),
      { kind: 'link', id: 'pushCommon', a: 'PC', b: '0V' },
      ...changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'relay', 5, 'board'),
    ],
    settings: [...fire.settings, of(numberSetting('t.exit', 'relay time', 's', [1, 60], 5), 'exit', 0)],
    functions: [
      {
        kind: 'timer',
        board: 'board',
        channel: channelOf({ relay: 'relay', exitInput: 'push', exitSense: 'level', settings: 't' }),
      },
      ...fire.functions,
    ],
    roles: {
      ...fire.roles,
      switches: [{ com: 'COM', nc: 'NC', no: 'NO' }],
      exitInputs: [{ input: 'PUSH', common: 'PC' }],
    },
  };
};

/** Classes of IEEE 802.3af, at and bt by what is left for the device, W: 12.95, 25.5 and 51 at the end of 100 m. */
const poe = (volts: Volts, watts: 12.95 | 25.5 | 51, cls: 3 | 4 | 6): DeviceType => ({
  ...SUPPLY,
  id: `poe-splitter-${volts}v-class${cls}`,
  name: `PoE splitter, class ${cls}, ${volts} V ${Math.floor((watts * 0.88 * 10) / volts) / 10} A`,
  short: 'PoE splitter',
  description: `Takes up to ${watts} W from the network cable. Dead when the network switch is dead.`,
  terminals: outputs('+V', '0V'),
  // A splitter gives about 88 % of what it takes.
  parts: [
    source({ volts, tolerance: 0.03, ohms: 0.1, maxAmps: Math.floor((watts * 0.88 * 10) / volts) / 10 }),
  ],
  roles: feeds,
  symbol: 'network',
  interfaces: ['ethernet'],
  poe: { class: cls },
});

export const boxedSupplies: readonly DeviceType[] = [
  boxed(12, 1, 'A small box for one door: its own lock, its controller and a reader.'),
  boxed(12, 5, 'For several doors near each other; mind the drop on long thin runs.'),
  boxed(12, 10, 'A cabinet supply. Feed it out through fuses: it can heat a thin wire.'),
  boxed(24, 1, 'A small box for one door: half the current of 12 V, and half the drop.'),
  boxed(24, 5, 'For several doors, operators among them.'),
  boxed(24, 10, 'A cabinet supply for locks and operators of a floor. Feed it out through fuses.'),
  fused(12, 5, 8, 1),
  fused(24, 5, 4, 2),
  withFire(12, 5),
  withFire(24, 5),
  timedWithFire(12, 2),
  timedWithFire(24, 2),
  poe(12, 12.95, 3),
  poe(12, 25.5, 4),
  poe(24, 51, 6),
  {
    ...SUPPLY,
    id: 'transformer-16v-ac',
    name: 'Transformer 16 V AC 2 A',
    short: 'transformer, AC',
    description:
      'Alternating current for older intercoms and entry strikes on long runs. Never for a DC board.',
    terminals: each(needed('AC1', 'AC2'), { maxConductors: 3, sizes: [0.5, 2.5] }),
    parts: [
      source({ a: 'AC1', b: 'AC2', volts: 16.5, tolerance: 0.1, ohms: 0.4, maxAmps: 2, current: 'ac' }),
    ],
    roles: { supply: { plus: 'AC1', minus: 'AC2' } },
    symbol: 'transformer',
  },
];
