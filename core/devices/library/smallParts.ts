import type { DeviceType, Terminal } from '../deviceType';
import { choice, EOL_OHMS, fuse, needed, PASSIVE } from '../build';

const lever = (...ids: string[]): Terminal[] =>
  ids.map((id) => ({ id, maxConductors: 1, use: 'optional', form: 'lever', sizes: [0.14, 4] }));
const lead = (...ids: string[]): Terminal[] =>
  needed(...ids).map((terminal) => ({ ...terminal, form: 'pigtail', maxConductors: 2, sizes: [0.14, 2.5] }));

const SUPPRESSION = { ...PASSIVE, family: 'suppression', place: 'frame' } as const;
const JOINT = { ...PASSIVE, family: 'joint', tagPrefix: 'J', place: 'above' } as const;

const varistor = (id: string, class_: string, clampVolts: number): DeviceType => ({
  ...SUPPRESSION,
  id,
  name: `Varistor, ${class_}`,
  short: 'varistor',
  description: `Across a coil, either way round: takes the spike above ${clampVolts} V. For supplies up to ${class_}.`,
  tagPrefix: 'V',
  terminals: lead('1', '2'),
  parts: [{ kind: 'varistor', id: 'body', a: '1', b: '2', clampVolts, ohms: 2 }],
  symbol: 'varistor',
});

/** A resistor across an input's pair. */
const endOfLine = (id: string, ohms: number, label: string): DeviceType => ({
  ...SUPPRESSION,
  id,
  name: `End-of-line resistor, ${label}`,
  short: 'end-of-line resistor',
  description: 'At the far end of a watched pair, so that a cut or a short shows.',
  tagPrefix: 'E',
  terminals: lead('1', '2'),
  parts: [{ kind: 'resistor', id: 'body', a: '1', b: '2', ohms }],
  symbol: 'resistor',
});

/** Ratings of the miniature fuses that are kept in a van, amps. */
const FUSE_SIZES = { '0.5': 0.5, '1': 1, '1.6': 1.6, '2': 2, '3.15': 3.15, '5': 5 };
const fuseSetting = (id: string, label: string) =>
  choice(id, label, Object.fromEntries(Object.keys(FUSE_SIZES).map((size) => [size, `${size} A`])), '1');
const fitted = (setting: string) => ({ setting, values: FUSE_SIZES });

/** A bar with an input and a fuse for each way out. */
const fuseBlock = (ways: number): DeviceType => {
  const numbers = Array.from({ length: ways }, (_, index) => index + 1);
  return {
    ...JOINT,
    id: `fuse-block-${ways}`,
    name: `Fuse block, ${ways} ways`,
    short: 'fuse block',
    description:
      'Splits one positive through a fuse each: a short behind one leaves the others powered. The negative is joined elsewhere.',
    tagPrefix: 'FB',
    place: 'enclosure',
    terminals: [
      { id: 'IN', maxConductors: 2, use: 'needed', form: 'screw', sizes: [0.22, 6] },
      ...numbers.map((n): Terminal => ({
        id: `F${n}`,
        maxConductors: 2,
        use: 'optional',
        form: 'screw',
        sizes: [0.14, 2.5],
      })),
    ],
    parts: numbers.map((n) => fuse(`fuse${n}`, 'IN', `F${n}`, fitted(`fuse${n}`))),
    settings: numbers.map((n) => fuseSetting(`fuse${n}`, `fuse ${n}`)),
    symbol: 'fuse',
  };
};

/** Suppression, end-of-line resistors, fuses and joints. */
export const smallParts: readonly DeviceType[] = [
  {
    ...SUPPRESSION,
    id: 'flyback-diode',
    name: 'Flyback diode',
    short: 'diode',
    description: 'Across a DC coil, stripe to positive: takes the spike when the contact opens.',
    tagPrefix: 'D',
    terminals: lead('A', 'K'),
    parts: [{ kind: 'diode', id: 'junction', a: 'A', b: 'K', forwardVolts: 0.7, ohms: 0.05 }],
    symbol: 'diode',
  },
  varistor('varistor-18v', '14 V DC', 18),
  varistor('varistor-38v', '30 V DC', 38),
  endOfLine('eol-2k2', EOL_OHMS, '2.2 kΩ'),
  endOfLine('eol-4k7', 4700, '4.7 kΩ'),
  endOfLine('eol-10k', 10_000, '10 kΩ'),
  {
    ...JOINT,
    id: 'fuse-inline',
    name: 'Fuse in a lead',
    short: 'fuse',
    description:
      'A holder in the positive of one device: a fault behind it blows it, and nothing else loses power.',
    tagPrefix: 'FU',
    place: 'enclosure',
    terminals: lead('1', '2'),
    parts: [fuse('fuse', '1', '2', fitted('fuse'))],
    settings: [fuseSetting('fuse', 'fuse')],
    symbol: 'fuse',
  },
  fuseBlock(4),
  fuseBlock(8),
  {
    ...JOINT,
    id: 'joint',
    name: 'Joint, four ways',
    short: 'joint',
    description: 'A lever connector that joins up to four conductors.',
    terminals: lever('1', '2', '3', '4'),
    parts: [
      { kind: 'link', id: 'a', a: '1', b: '2' },
      { kind: 'link', id: 'b', a: '2', b: '3' },
      { kind: 'link', id: 'c', a: '3', b: '4' },
    ],
    symbol: 'joint',
  },
  {
    ...JOINT,
    id: 'joint-8',
    name: 'Joint, eight ways',
    short: 'joint',
    description: 'A lever connector for a common that many conductors share.',
    terminals: lever('1', '2', '3', '4', '5', '6', '7', '8'),
    parts: [1, 2, 3, 4, 5, 6, 7].map((n) => ({
      kind: 'link' as const,
      id: `l${n}`,
      a: String(n),
      b: String(n + 1),
    })),
    symbol: 'joint',
  },
  {
    ...JOINT,
    id: 'joint-3',
    name: 'Joint, three ways',
    short: 'joint',
    description: 'A lever connector that joins three conductors.',
    terminals: lever('1', '2', '3'),
    parts: [
      { kind: 'link', id: 'a', a: '1', b: '2' },
      { kind: 'link', id: 'b', a: '2', b: '3' },
    ],
    symbol: 'joint',
  },
  {
    ...JOINT,
    id: 'joint-2',
    name: 'Joint, two ways',
    short: 'joint',
    description: 'A lever connector that joins two conductors.',
    terminals: lever('1', '2'),
    parts: [{ kind: 'link', id: 'a', a: '1', b: '2' }],
    symbol: 'joint',
  },
  {
    ...JOINT,
    id: 'earth-bar',
    name: 'Earth bar',
    short: 'earth bar',
    description: 'Where the screens of cables are earthed, at one end only.',
    place: 'enclosure',
    tagPrefix: 'PE',
    terminals: [
      { id: 'PE', maxConductors: 24, use: 'optional', form: 'screw', sizes: [0.14, 6], earth: true },
    ],
    parts: [],
    roles: { earth: 'PE' },
    symbol: 'earth',
  },
];
