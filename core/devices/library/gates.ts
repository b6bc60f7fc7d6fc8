import type { DeviceFunction, DeviceType, Roles, Setting, Terminal } from '../deviceType';
import type { Part } from '../parts';
import {
  board,
  changeover,
  dryInput,
  each,
  fuse,
  needed,
  numberSetting,
  of,
  optional,
  PASSIVE,
} from '../build';

/** Drives that move a gate, a barrier or a leaf. One that no lock holds keeps its leaf shut by itself. */

const OPERATOR = {
  ...PASSIVE,
  family: 'operator',
  tagPrefix: 'O',
  symbol: 'operator',
} as const;

const times = (delay: number, opening: number, stay: number): Setting[] => [
  of(numberSetting('op.delay', 'wait between release and opening', 's', [0, 10], delay), 'delay'),
  of(numberSetting('op.opening', 'opening time', 's', [1, 60], opening), 'opening'),
  of(numberSetting('op.stay', 'stays open', 's', [1, 240], stay), 'stay'),
];

const LOCK_PINS = { com: 'LC', nc: 'LNC', no: 'LNO' };

interface Drive {
  readonly id: string;
  readonly name: string;
  readonly short: string;
  readonly description: string;
  readonly watts: number;
  readonly settings: readonly Setting[];
}

/** Every gate drive takes four commands against one common: open, shut, stop (a closed loop), and a safety edge (closed too). */
function gateDrive({ watts, ...over }: Drive): DeviceType {
  const asks: Terminal[] = each(optional('OPEN', 'CLOSE', 'STOP', 'SAFE'), { carries: 'signal' });
  const inputs: Part[] = [
    dryInput('open', 'OPEN', 'G', 'board'),
    dryInput('close', 'CLOSE', 'G', 'board'),
    dryInput('stop', 'STOP', 'G', 'board'),
    dryInput('safety', 'SAFE', 'G', 'board'),
  ];
  return {
    ...OPERATOR,
    ...over,
    place: 'outside',
    ip: 'IP44',
    terminals: [
      ...each(needed('V+', 'V-'), { sizes: [0.5, 4] }),
      ...asks,
      ...each(optional('G'), { maxConductors: 4 }),
      ...optional(...Object.values(LOCK_PINS)),
    ],
    parts: [
      board('V+', 'V-', { watts }, [20, 32]),
      ...inputs,
      { kind: 'link', id: 'ground', a: 'G', b: 'V-' },
      ...changeover('k', LOCK_PINS, 'release', 5, 'board'),
    ],
    functions: [
      {
        kind: 'operator',
        board: 'board',
        activate: 'open',
        relay: 'release',
        settings: 'op',
        close: 'close',
        stop: 'stop',
        safety: 'safety',
        // A worm or a toothed rack: nobody pushes it open.
        leaf: 'holds',
        force: 'full',
      },
    ],
    roles: {
      feed: { plus: 'V+', minus: 'V-' },
      operator: { activate: { input: 'OPEN', common: 'G' }, lock: LOCK_PINS },
    },
    // The motor runs for seconds; at rest its board alone draws.
    inrush: 10,
  };
}

/** A swing drive that feeds the lock itself through a fuse: the strike hangs on two terminals, with no wire to a supply. */
function fusedSwing(): DeviceType {
  const functions: DeviceFunction[] = [
    {
      kind: 'operator',
      board: 'board',
      activate: 'activate',
      relay: 'release',
      settings: 'op',
      leaf: 'yields',
      force: 'limited',
    },
  ];
  const roles: Roles = {
    feed: { plus: 'V+', minus: 'V-' },
    // What the lock is switched by hangs on the fused terminal inside.
    operator: {
      activate: { input: 'ACT', common: 'G' },
      lock: { com: 'LF', nc: 'LNC', no: 'LNO' },
      fed: {
        'fail-safe': { plus: 'LNC', minus: 'V-' },
        'fail-secure': { plus: 'LNO', minus: 'V-' },
      },
    },
  };
  return {
    ...OPERATOR,
    id: 'operator-swing-fused',
    name: 'Swing door operator, 24 V, fused lock output',
    short: 'door operator',
    description:
      'Low energy: a hand stops its leaf. Opens the door on an activation contact, and feeds the lock from its own 24 V behind a fuse of 1 A at LF.',
    place: 'above',
    terminals: [
      ...each(needed('V+', 'V-'), { maxConductors: 3 }),
      ...each(optional('ACT'), { carries: 'signal' }),
      ...optional('G', 'LF', 'LNC', 'LNO'),
    ],
    parts: [
      board('V+', 'V-', { watts: 8 }, [20, 30]),
      dryInput('activate', 'ACT', 'G', 'board'),
      { kind: 'link', id: 'ground', a: 'G', b: 'V-' },
      fuse('fuse', 'V+', 'LF', 1),
      ...changeover('k', { com: 'LF', nc: 'LNC', no: 'LNO' }, 'release', 1, 'board'),
    ],
    settings: times(1, 4, 6),
    functions,
    roles,
  };
}

/** A swing drive with the force to shut a heavy leaf against the wind: it is told of whoever stands there by a closed loop. */
const fullSwing: DeviceType = {
  ...OPERATOR,
  id: 'operator-swing-full',
  name: 'Swing door operator, 24 V, full energy, SAFE loop',
  short: 'door operator',
  description:
    'For busy or heavy doors. SAFE is a closed loop: while a presence sensor opens it, the leaf stays open or turns round. Its own relay lets the lock go first.',
  place: 'above',
  terminals: [
    ...each(needed('V+', 'V-'), { maxConductors: 3 }),
    ...each(optional('ACT', 'SAFE'), { carries: 'signal' }),
    ...each(optional('G'), { maxConductors: 4 }),
    ...optional(...Object.values(LOCK_PINS)),
  ],
  parts: [
    board('V+', 'V-', { watts: 12 }, [20, 30]),
    dryInput('activate', 'ACT', 'G', 'board'),
    dryInput('safety', 'SAFE', 'G', 'board'),
    { kind: 'link', id: 'ground', a: 'G', b: 'V-' },
    ...changeover('k', LOCK_PINS, 'release', 2, 'board'),
  ],
  settings: times(1, 4, 6),
  functions: [
    {
      kind: 'operator',
      board: 'board',
      activate: 'activate',
      relay: 'release',
      settings: 'op',
      safety: 'safety',
      leaf: 'yields',
      force: 'full',
    },
  ],
  roles: {
    feed: { plus: 'V+', minus: 'V-' },
    operator: { activate: { input: 'ACT', common: 'G' }, lock: LOCK_PINS },
  },
  inrush: 10,
};

export const gates: readonly DeviceType[] = [
  fusedSwing(),
  fullSwing,
  gateDrive({
    id: 'operator-slide',
    name: 'Sliding gate drive, 24 V',
    short: 'gate drive',
    description:
      'Slides a gate open on OPEN, closed on CLOSE. STOP and SAFE are normally closed loops: a cut wire stops it, an obstruction reverses it.',
    watts: 5,
    settings: times(0, 18, 30),
  }),
  gateDrive({
    id: 'operator-gate-swing',
    name: 'Swing gate drive, one leaf, 24 V',
    short: 'gate drive',
    description: 'Pushes a gate leaf. A gate lock is on its relay and releases before the leaf moves.',
    watts: 5,
    settings: times(1, 14, 30),
  }),
  gateDrive({
    id: 'operator-gate-pair',
    name: 'Swing gate drive, two leaves, 24 V',
    short: 'gate drive',
    description: 'Two leaves, one after the other: the lock of the second is released first.',
    watts: 8,
    settings: times(2, 18, 40),
  }),
  gateDrive({
    id: 'operator-barrier',
    name: 'Barrier, 24 V',
    short: 'barrier',
    description: 'A boom across a lane. It holds nobody on foot: people pass beside it.',
    watts: 6,
    settings: times(0, 3, 10),
  }),
];
