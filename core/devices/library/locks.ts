import type { DeviceType } from '../deviceType';
import { needed } from '../build';

const voltageJumper = {
  id: 'voltage',
  label: 'voltage jumper',
  kind: 'choice',
  options: [
    { value: '12', label: '12 V' },
    { value: '24', label: '24 V' },
  ],
  initial: '12',
} as const;

export const locks: readonly DeviceType[] = [
  {
    id: 'magnet-lock',
    version: 1,
    family: 'lock',
    name: 'Magnet lock, single, 12/24 V',
    short: 'magnet lock',
    description: 'Holds the door shut with 2700 N while it has power. Opens when dead.',
    tagPrefix: 'L',
    place: 'frame',
    terminals: needed('+', '-'),
    parts: [
      {
        kind: 'load',
        id: 'winding',
        a: '+',
        b: '-',
        ohms: { setting: 'voltage', values: { '12': 27.9, '24': 111.6 } },
        maxVolts: { setting: 'voltage', values: { '12': 15, '24': 30 } },
        suppressed: true,
      },
    ],
    settings: [voltageJumper],
    behaviour: { kind: 'passive' },
    lock: {
      kind: 'magnet',
      part: 'winding',
      forceNewtons: 2700,
      ratedVolts: { setting: 'voltage', values: { '12': 12, '24': 24 } },
      holdShare: 0.85,
      freeNewtons: 150,
    },
    roles: { lock: { plus: '+', minus: '-' } },
  },
  {
    id: 'strike',
    version: 1,
    family: 'lock',
    name: 'Electric strike, selectable, 12/24 V DC',
    short: 'strike',
    description: 'Keeps the latch of a mechanical lock. Fail-safe or fail-secure by a screw on its face.',
    tagPrefix: 'L',
    place: 'frame',
    terminals: needed('+', '-'),
    parts: [
      {
        kind: 'coil',
        id: 'solenoid',
        a: '+',
        b: '-',
        ohms: { setting: 'voltage', values: { '12': 48, '24': 192 } },
        pullInVolts: { setting: 'voltage', values: { '12': 10.2, '24': 20.4 } },
        dropOutVolts: { setting: 'voltage', values: { '12': 3, '24': 6 } },
        maxVolts: { setting: 'voltage', values: { '12': 15, '24': 30 } },
        suppressed: false,
      },
    ],
    settings: [
      {
        id: 'mode',
        label: 'dead state',
        kind: 'choice',
        options: [
          { value: 'fail-secure', label: 'fail-secure: stays locked when dead' },
          { value: 'fail-safe', label: 'fail-safe: opens when dead' },
        ],
        initial: 'fail-secure',
      },
      voltageJumper,
    ],
    behaviour: { kind: 'passive' },
    lock: { kind: 'strike', coil: 'solenoid', modeSetting: 'mode' },
    roles: { lock: { plus: '+', minus: '-' } },
  },
];
