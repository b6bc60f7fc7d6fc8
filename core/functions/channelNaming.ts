import type { BusPort, Channel } from './schemas';
import type { InputNamed, NamedSetting } from './naming';

/** A channel before anything is said of it. */
export const blankChannel = (n = 1): Channel => ({
  relay: n === 1 ? 'relay' : `relay${n}`,
  exitInput: '',
  contactInput: null,
  d0Input: null,
  d1Input: null,
  settings: `ch${n}`,
});

/** Inputs of a channel by what they are there for. An empty exit input is none. */
export const channelInputs = (
  { exitInput, contactInput, d0Input, d1Input, inner }: Channel,
  index: number | null,
): InputNamed[] => [
  [exitInput === '' ? null : exitInput, 'exit', index],
  [contactInput, 'contact', index],
  ...[d0Input, d1Input, inner?.d0Input, inner?.d1Input].map((part): InputNamed => [part, 'data', index]),
];

export const blankBus: BusPort = {
  a: 'A',
  b: 'B',
  common: 'V-',
  addressSetting: null,
  terminatorSetting: null,
  unitLoads: 1,
};

export const busSettings = ({ addressSetting, terminatorSetting }: BusPort): NamedSetting[] => [
  { key: 'bus.addressSetting', id: addressSetting },
  { key: 'bus.terminatorSetting', id: terminatorSetting, values: ['on'] },
];
