import type { DeviceType, Terminal } from '../deviceType';
import type { BatterySpec, PartOf } from '../parts';
import {
  board,
  changeover,
  channelOf,
  choice,
  contact,
  dryInput,
  each,
  needed,
  numberSetting,
  optional,
  PASSIVE,
  of,
} from '../build';

/** Output terminals take four thick conductors. */
export const outputs = (...ids: string[]): Terminal[] =>
  each(needed(...ids), { maxConductors: 4, sizes: [0.22, 4] });

export const batterySettings = [
  choice('battery', 'battery', { '7': '7 Ah', '12': '12 Ah', '17': '17 Ah' }),
  of(numberSetting('hours', 'hours asked of the battery', 'h', [0, 72], 4), 'hours'),
];

/** A sealed lead-acid battery of this nominal voltage. */
export const battery = (volts: 12 | 24): BatterySpec => ({
  ampHours: { setting: 'battery', values: { '7': 7, '12': 12, '17': 17 } },
  fullVolts: volts === 12 ? 12.8 : 25.6,
  cutOffVolts: volts === 12 ? 10.8 : 21.6,
  ohms: volts === 12 ? 0.08 : 0.16,
});

export const source = (
  over: Partial<PartOf<'source'>> & Pick<PartOf<'source'>, 'volts' | 'maxAmps'>,
): PartOf<'source'> => ({
  kind: 'source',
  id: 'output',
  a: '+V',
  b: '0V',
  tolerance: 0.02,
  ohms: 0.06,
  ...over,
});

export const SUPPLY = {
  ...PASSIVE,
  family: 'supply',
  tagPrefix: 'PS',
  place: 'enclosure',
  symbol: 'supply',
} as const;
export const feeds = { supply: { plus: '+V', minus: '0V' } };

export const supplies: readonly DeviceType[] = [
  {
    ...SUPPLY,
    id: 'supply-12v-battery',
    name: 'Supply 12 V 3 A with battery',
    short: 'supply, 12 V',
    description:
      'Boxed supply, floats at 13.65 V, carries the doors on a sealed battery when the mains fails.',
    terminals: outputs('+V', '0V'),
    parts: [source({ volts: 13.65, maxAmps: 3, battery: battery(12) })],
    settings: batterySettings,
    roles: feeds,
    symbol: 'battery',
  },
  {
    ...SUPPLY,
    id: 'supply-12v',
    name: 'Supply 12 V 2 A, no battery',
    short: 'supply, 12 V',
    description: 'Plain 12 V supply. When the mains fails everything on it is dead at once.',
    terminals: outputs('+V', '0V'),
    parts: [source({ volts: 12.2, tolerance: 0.03, ohms: 0.08, maxAmps: 2 })],
    roles: feeds,
  },
  {
    ...SUPPLY,
    id: 'supply-24v-battery',
    name: 'Supply 24 V 2.5 A with battery',
    short: 'supply, 24 V',
    description: 'Floats at 27.3 V and carries the doors on two sealed batteries when the mains fails.',
    terminals: outputs('+V', '0V'),
    parts: [source({ volts: 27.3, ohms: 0.1, maxAmps: 2.5, battery: battery(24) })],
    settings: batterySettings,
    roles: feeds,
    symbol: 'battery',
  },
  {
    ...SUPPLY,
    id: 'supply-12v-timed',
    name: 'Supply 12 V 3 A with timed relay',
    short: 'timed supply',
    description:
      'A supply with its own relay: PUSH to PC works COM, NO and NC for the time on its dial. It keeps the lock on the safe side of the wall.',
    terminals: [...outputs('+V', '0V'), ...optional('PUSH', 'PC', 'COM', 'NO', 'NC')],
    parts: [
      source({ volts: 13.65, maxAmps: 3, battery: battery(12) }),
      board('+V', '0V', { amps: 0.03 }, [9, 16]),
      dryInput('push', 'PUSH', 'PC', 'board'),
      { kind: 'link', id: 'pushCommon', a: 'PC', b: '0V' },
      ...changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'relay', 5, 'board'),
    ],
    settings: [...batterySettings, of(numberSetting('t.exit', 'relay time', 's', [1, 60], 5), 'exit', 0)],
    functions: [
      {
        kind: 'timer',
        board: 'board',
        channel: channelOf({ relay: 'relay', exitInput: 'push', exitSense: 'level', settings: 't' }),
      },
    ],
    roles: {
      ...feeds,
      switches: [{ com: 'COM', nc: 'NC', no: 'NO' }],
      exitInputs: [{ input: 'PUSH', common: 'PC' }],
    },
    symbol: 'battery',
  },
  {
    ...SUPPLY,
    id: 'supply-12v-fire',
    name: 'Supply 12 V 3 A with fire input',
    short: 'fire supply',
    description:
      'Four outputs that drop all at once on the fire input, a contact that opens or closes on alarm. The always-on output stays for controllers.',
    terminals: [
      ...outputs('+V', '0V'),
      ...each(optional('L+', 'L-'), { maxConductors: 4, sizes: [0.22, 4] }),
      ...optional('FI', 'FC'),
    ],
    parts: [
      source({ volts: 13.65, maxAmps: 3, battery: battery(12) }),
      board('+V', '0V', { amps: 0.025 }, [9, 16]),
      dryInput('fire', 'FI', 'FC', 'board'),
      { kind: 'link', id: 'fireCommon', a: 'FC', b: '0V' },
      contact('drop', 'NC', '+V', 'L+', 'dropped', 5),
      { kind: 'link', id: 'lockMinus', a: 'L-', b: '0V' },
    ],
    settings: [
      ...batterySettings,
      choice('latch', 'fire input', {
        latching: 'latching: reset by key',
        following: 'follows the fire panel',
      }),
      choice('trigger', 'fire contact', {
        NC: 'opens on alarm: a cut wire releases',
        NO: 'closes on alarm: a cut wire is not noticed',
      }),
    ],
    functions: [
      {
        kind: 'fireInput',
        input: 'fire',
        state: 'dropped',
        latchSetting: 'latch',
        triggerSetting: 'trigger',
      },
    ],
    roles: { ...feeds, lockSupply: { plus: 'L+', minus: 'L-' }, fireInput: { input: 'FI', common: 'FC' } },
    symbol: 'battery',
  },
  {
    ...SUPPLY,
    id: 'transformer-12v-ac',
    name: 'Bell transformer 12 V AC 1.5 A',
    short: 'transformer, AC',
    description: 'Alternating current for entry strikes, chimes and intercoms. Never for a DC board.',
    terminals: each(needed('AC1', 'AC2'), { maxConductors: 3, sizes: [0.5, 2.5] }),
    parts: [
      source({ a: 'AC1', b: 'AC2', volts: 12.6, tolerance: 0.1, ohms: 0.5, maxAmps: 1.5, current: 'ac' }),
    ],
    roles: { supply: { plus: 'AC1', minus: 'AC2' } },
    symbol: 'transformer',
  },
  {
    ...SUPPLY,
    id: 'poe-splitter-12v',
    name: 'PoE splitter, 12 V 1 A',
    short: 'PoE splitter',
    description: 'Takes 12 V from the network cable. Dead when the network switch is dead.',
    terminals: outputs('+V', '0V'),
    parts: [source({ volts: 12, tolerance: 0.03, ohms: 0.1, maxAmps: 1 })],
    roles: feeds,
    symbol: 'network',
    interfaces: ['ethernet'],
    poe: { class: 4 },
  },
];
