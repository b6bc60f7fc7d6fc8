import type { DeviceType } from '../deviceType';

const outputs = [
  { id: '+V', maxConductors: 4, use: 'needed' },
  { id: '0V', maxConductors: 4, use: 'needed' },
] as const;

export const supplies: readonly DeviceType[] = [
  {
    id: 'supply-12v-battery',
    version: 1,
    family: 'supply',
    name: 'Supply 12 V 3 A with battery',
    short: 'supply, 12 V',
    description:
      'Boxed supply, floats at 13.65 V, carries the doors on a sealed battery when the mains fails.',
    tagPrefix: 'PS',
    place: 'enclosure',
    terminals: outputs,
    parts: [
      {
        kind: 'source',
        id: 'output',
        a: '+V',
        b: '0V',
        volts: 13.65,
        tolerance: 0.02,
        ohms: 0.06,
        maxAmps: 3,
        battery: {
          ampHours: { setting: 'battery', values: { '7': 7, '12': 12, '17': 17 } },
          fullVolts: 12.8,
          cutOffVolts: 10.8,
          ohms: 0.08,
        },
      },
    ],
    settings: [
      {
        id: 'battery',
        label: 'battery',
        kind: 'choice',
        options: [
          { value: '7', label: '7 Ah' },
          { value: '12', label: '12 Ah' },
          { value: '17', label: '17 Ah' },
        ],
        initial: '7',
      },
      {
        id: 'hours',
        label: 'hours asked of the battery',
        kind: 'number',
        unit: 'h',
        min: 0,
        max: 72,
        initial: 4,
      },
    ],
    behaviour: { kind: 'passive' },
    roles: { supply: { plus: '+V', minus: '0V' } },
  },
  {
    id: 'supply-12v',
    version: 1,
    family: 'supply',
    name: 'Supply 12 V 2 A, no battery',
    short: 'supply, 12 V',
    description: 'Plain 12 V supply. When the mains fails everything on it is dead at once.',
    tagPrefix: 'PS',
    place: 'enclosure',
    terminals: outputs,
    parts: [
      {
        kind: 'source',
        id: 'output',
        a: '+V',
        b: '0V',
        volts: 12.2,
        tolerance: 0.03,
        ohms: 0.08,
        maxAmps: 2,
      },
    ],
    settings: [],
    behaviour: { kind: 'passive' },
    roles: { supply: { plus: '+V', minus: '0V' } },
  },
];
