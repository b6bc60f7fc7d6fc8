import type { DeviceFunction, DeviceType, Roles, Setting, Terminal, Throw } from '../deviceType';
import type { Part } from '../parts';
import {
  board,
  changeover,
  choice,
  dryInput,
  each,
  fuse,
  needed,
  numberSetting,
  of,
  optional,
  PASSIVE,
} from '../build';

/** Operators: drives that move a leaf, a gate or a barrier. One that no lock holds keeps its leaf shut by itself. */

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
        unpowered: 'stays',
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

/** What every swing drive of a door has: the alarm loop of a fire door, and a spring that shuts the leaf when the power is gone. */
const ON_FIRE = {
  part: dryInput('fire', 'FIRE', 'G', 'board'),
  setting: choice('op.fire', 'fire loop FIRE–G', { off: 'not used', on: 'opens on alarm' }),
  terminals: each(optional('FIRE'), { carries: 'signal' }),
  spec: { fire: 'fire', fireSetting: 'op.fire', unpowered: 'shuts' },
  role: { input: 'FIRE', common: 'G' },
} as const;

/** What the drives differ in: their function beside the usual, how they reach the lock, and parts and terminals of their own. */
interface Swing {
  readonly id: string;
  readonly name: string;
  readonly description: string;
  readonly watts: number;
  readonly force: 'limited' | 'full';
  readonly safety?: true;
  readonly lock: Throw;
  readonly fed?: NonNullable<NonNullable<Roles['operator']>['fed']>;
  readonly parts: readonly Part[];
  readonly inrush?: number;
}

/** A drive of a door's leaf: asked at ACT, it lets its lock go first. A hand pushes the leaf through it. */
function swing({ watts, force, safety, lock, fed, parts, ...over }: Swing): DeviceType {
  const spec: DeviceFunction = {
    kind: 'operator',
    board: 'board',
    activate: 'activate',
    relay: 'release',
    settings: 'op',
    leaf: 'yields',
    force,
    ...(safety ? { safety: 'safety' } : {}),
    ...ON_FIRE.spec,
  };
  return {
    ...OPERATOR,
    short: 'door operator',
    place: 'above',
    ...over,
    terminals: [
      ...each(needed('V+', 'V-'), { maxConductors: 3 }),
      ...each(optional('ACT', ...(safety ? ['SAFE'] : [])), { carries: 'signal' }),
      ...each(optional('G'), { maxConductors: 4 }),
      ...optional(lock.com, lock.nc, lock.no),
      ...ON_FIRE.terminals,
    ],
    parts: [
      board('V+', 'V-', { watts }, [20, 30]),
      dryInput('activate', 'ACT', 'G', 'board'),
      ...(safety ? [dryInput('safety', 'SAFE', 'G', 'board')] : []),
      { kind: 'link', id: 'ground', a: 'G', b: 'V-' },
      ...parts,
      ON_FIRE.part,
    ],
    settings: [...times(1, 4, 6), ON_FIRE.setting],
    functions: [spec],
    roles: {
      feed: { plus: 'V+', minus: 'V-' },
      operator: {
        activate: { input: 'ACT', common: 'G' },
        lock,
        ...(fed ? { fed } : {}),
        fire: ON_FIRE.role,
      },
    },
  };
}

const FUSED_PINS = { com: 'LF', nc: 'LNC', no: 'LNO' };

const swings: readonly DeviceType[] = [
  swing({
    id: 'operator-swing',
    name: 'Swing door operator, 24 V, lock terminals',
    description:
      'Low energy: a hand stops its leaf. Opens the door on an activation contact. Its own relay releases the lock first and locks it again when the door is shut. A spring shuts the leaf without power.',
    watts: 6,
    force: 'limited',
    lock: LOCK_PINS,
    parts: changeover('k', LOCK_PINS, 'release', 2, 'board'),
  }),
  // It feeds the lock itself: the strike hangs on two terminals, with no wire to a supply.
  swing({
    id: 'operator-swing-fused',
    name: 'Swing door operator, 24 V, fused lock output',
    description:
      'Low energy: a hand stops its leaf. Opens the door on an activation contact, and feeds the lock from its own 24 V behind a fuse of 1 A at LF. A spring shuts the leaf without power.',
    watts: 8,
    force: 'limited',
    // What the lock is switched by hangs on the fused terminal inside.
    lock: FUSED_PINS,
    fed: {
      'fail-safe': { plus: 'LNC', minus: 'V-' },
      'fail-secure': { plus: 'LNO', minus: 'V-' },
    },
    parts: [fuse('fuse', 'V+', 'LF', 1), ...changeover('k', FUSED_PINS, 'release', 1, 'board')],
  }),
  // With the force to shut a heavy leaf against the wind: it is told of whoever stands there by a closed loop.
  swing({
    id: 'operator-swing-full',
    name: 'Swing door operator, 24 V, full energy, SAFE loop',
    description:
      'For busy or heavy doors. SAFE is a closed loop: while a presence sensor opens it, the leaf stays open or turns round. Its own relay lets the lock go first. A spring shuts the leaf without power.',
    watts: 12,
    force: 'full',
    safety: true,
    lock: LOCK_PINS,
    parts: changeover('k', LOCK_PINS, 'release', 2, 'board'),
    inrush: 10,
  }),
];

/** Automatic operators: each lets the lock go, waits, opens, stays, closes, and lets the lock hold again. */
export const operators: readonly DeviceType[] = [
  ...swings,
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
