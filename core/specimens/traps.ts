import { autowire } from '../autowire/index';
import { newDevice } from '../brief/index';
import { emptyPlan, type Brief, type Edit, type Plan } from '../plan/index';
import { metres } from '../units/index';
import { MAGNET_BRIEF, mustApply, wiredDoor } from './doors';
import { sharedFireSupply } from './fireSites';
import { add, brief, door, move, set, wire } from './ruleEdits';
import { delay } from './delayTraps';
import { moment } from './momentTraps';
import {
  across,
  FROM_D01,
  HELD,
  magnets,
  off,
  OPEN,
  REFUSED,
  stand,
  trap,
  TRAPPED,
  vault,
  type Trap,
  type Where,
} from './trap';
import { twoLeaves } from './twoLeaves';

/** Doors with an exit device that people inside press. */
const RELEASED = [
  'magnet-controller',
  'strike-keypad-safe',
  'magnet-timed',
  'magnet-poe',
  'lobby-pull',
  'operator-strike',
];
/** Doors with one exit device and one glass. */
const TWO_WAYS = ['magnet-controller', 'strike-keypad-safe', 'magnet-poe', 'lobby-pull'];

const placement: readonly Trap[] = [
  ...RELEASED.flatMap((id) => [
    trap(
      'placement',
      `${id}: the exit device outside`,
      () => door(id),
      OPEN,
      () => [stand('X1', 'outside')],
    ),
    trap(
      'placement',
      `${id}: the break glass outside`,
      () => door(id),
      OPEN,
      () => [stand('EB1', 'outside')],
    ),
  ]),
  ...TWO_WAYS.flatMap((id) => [
    trap(
      'placement',
      `${id}: exit and glass both outside`,
      () => door(id),
      TRAPPED,
      () => [stand('X1', 'outside'), stand('EB1', 'outside')],
    ),
    trap(
      'placement',
      `${id}: exit and glass both locked away`,
      () => door(id),
      TRAPPED,
      () => [stand('X1', 'enclosure'), stand('EB1', 'enclosure')],
    ),
  ]),
  ...['strike-keypad', 'gate-keypad', 'dock-intercom', 'shear-two-outputs'].map((id) =>
    trap(
      'placement',
      `${id}: the exit device outside`,
      () => door(id),
      OPEN,
      () => [stand('X1', 'outside')],
    ),
  ),
  trap(
    'placement',
    'the motion sensor looks outside',
    () => door('magnet-timed'),
    OPEN,
    () => [stand('X2', 'outside')],
  ),
  trap(
    'placement',
    'a bell button on the exit input',
    () => door('magnet-controller'),
    OPEN,
    (plan) => [
      add(plan, 'bell-button', 'B9'),
      wire('B9.a', 'K1.EX1'),
      wire('B9.b', 'K1.G1', { number: 'W91' }),
    ],
  ),
  trap(
    'placement',
    'a lid switch outside in the lock’s feed',
    () => door('magnet-controller'),
    OPEN,
    (plan) => [
      { kind: 'addDevice', device: { ...newDevice(plan, 'D01', 'tamper-switch'), place: 'outside' } },
      move(plan, 'K1.NC1', 'EB1.1C', 'to', 'T1.a'),
      wire('T1.b', 'EB1.1C'),
    ],
  ),
  trap(
    'placement',
    'a second button, outside, beside the one inside',
    () => door('strike-keypad-safe'),
    OPEN,
    (plan) => [
      { kind: 'addDevice', device: { ...newDevice(plan, 'D01', 'exit-button'), place: 'outside' } },
      wire('X2.C', 'X1.C'),
      wire('X2.NO', 'X1.NO', { number: 'W91' }),
    ],
  ),
];

const neighbour: readonly Trap[] = [
  trap('neighbour', 'the vault’s strike on the other door’s released contact', vault, FROM_D01, () => [
    across('W90', 'D01/K1.NO1', 'D02/L1.+'),
  ]),
  trap('neighbour', 'the exit button of one door on the keypad of the next', vault, FROM_D01, () => [
    across('W90', 'D01/K1.EX1', 'D02/K1.PUSH'),
    across('W91', 'D01/K1.G1', 'D02/K1.G'),
  ]),
  trap('neighbour', 'the exit inputs of two controllers joined', magnets, FROM_D01, () => [
    across('W90', 'D01/K1.EX1', 'D02/K1.EX1'),
  ]),
  trap('neighbour', 'the next door’s magnet behind the glass of the first', magnets, FROM_D01, (plan) => [
    off(plan, 'D02/K1.NC1', 'D02/EB1.1C'),
    across('W90', 'D01/EB1.1NC', 'D02/EB1.1C'),
  ]),
  trap('neighbour', 'the next door’s magnet behind the relay of the first', magnets, FROM_D01, (plan) => [
    off(plan, 'D02/PS1.+V', 'D02/F1.C'),
    across('W90', 'D01/K1.NC1', 'D02/F1.C'),
  ]),
  trap('neighbour', 'the keypad fed behind the other door’s glass', vault, REFUSED, (plan) => [
    off(plan, 'D02/PS1.+V', 'D02/K1.+12'),
    across('W90', 'D01/EB1.1NC', 'D02/K1.+12'),
  ]),
  trap('neighbour', 'the reader fed behind the other door’s glass', magnets, REFUSED, (plan) => [
    off(plan, 'D02/PS1.+V', 'D02/R1.V+'),
    across('W90', 'D01/EB1.1NC', 'D02/R1.V+'),
  ]),
  trap('neighbour', 'the reader fed behind the other door’s relay', magnets, REFUSED, (plan) => [
    off(plan, 'D02/PS1.+V', 'D02/R1.V+'),
    across('W90', 'D01/K1.NC1', 'D02/R1.V+'),
  ]),
  trap('neighbour', 'a card at one reader read by both controllers', magnets, FROM_D01, () => [
    across('W90', 'D01/R1.D0', 'D02/K1.D0-1'),
    across('W91', 'D01/R1.D1', 'D02/K1.D1-1'),
  ]),
  trap('neighbour', 'a lid at one door in the feed of the next', magnets, FROM_D01, (plan) => [
    { kind: 'addDevice', device: newDevice(plan, 'D01', 'tamper-switch') },
    off(plan, 'D02/K1.NC1', 'D02/EB1.1C'),
    across('W90', 'D02/K1.NC1', 'D01/T1.a'),
    across('W91', 'D01/T1.b', 'D02/EB1.1C'),
  ]),
  trap('neighbour', 'a key switch at one door that opens the next', vault, FROM_D01, (plan) => [
    { kind: 'addDevice', device: newDevice(plan, 'D01', 'key-switch') },
    across('W90', 'D01/X2.C', 'D02/K1.PUSH'),
    across('W91', 'D01/X2.NO', 'D02/K1.G'),
  ]),
];

/** Fire relays beside the first: each with its contact across that of F1. */
const beside = (plan: Plan, count: number): Edit[] =>
  Array.from({ length: count }, (_, n) => {
    const tag = `F${n + 2}`;
    return [
      { kind: 'addDevice', device: { ...newDevice(plan, 'D01', 'fire-relay'), id: `D01/${tag}`, tag } },
      wire(`${tag}.C`, 'F1.C', { number: `W${90 + 2 * n}` }),
      wire(`${tag}.NC`, 'F1.NC', { number: `W${91 + 2 * n}` }),
    ] satisfies Edit[];
  }).flat();

const relay: readonly Trap[] = [
  trap(
    'relay',
    'two fire relays side by side: neither releases alone',
    () => door('magnet-controller'),
    HELD,
    (plan) => beside(plan, 1),
  ),
  trap(
    'relay',
    'three fire relays side by side',
    () => door('magnet-controller'),
    HELD,
    (plan) => beside(plan, 2),
  ),
  trap(
    'relay',
    'two fire relays side by side at a strike',
    () => door('strike-keypad-safe'),
    HELD,
    (plan) => beside(plan, 1),
  ),
];

const FORGETS: Where = { ...HELD, situation: 'fire-power' };
const latch: readonly Trap[] = [
  trap(
    'latch',
    'a following relay on a supply that forgets without power',
    () => door('lobby-pull'),
    FORGETS,
    () => [set('F1', 'latch', 'following')],
  ),
  trap(
    'latch',
    'the same, seen from a second door on that supply',
    sharedFireSupply,
    { ...FORGETS, door: 'D02' },
    () => [set('F1', 'latch', 'following')],
  ),
];

/** A door that a drive alone moves. */
function driven(type: string, its: Brief): Plan {
  const bare = mustApply(emptyPlan('s', 'A drive'), {
    kind: 'addDoor',
    door: { ...wiredDoor('strike-keypad', its).doors['D01']!, deadState: null, lastWire: 0 },
  });
  const equipped = [
    'supply-24v-battery',
    'supply-12v-battery',
    type,
    'safety-edge',
    'keypad-slots',
    'exit-button',
  ].reduce((plan, one) => mustApply(plan, { kind: 'addDevice', device: newDevice(plan, 'D01', one) }), bare);
  return mustApply(equipped, autowire(equipped, 'D01', metres(8)).edit);
}
const drive: readonly Trap[] = (
  [
    ['a swing leaf without a lock', MAGNET_BRIEF],
    [
      'a vault behind a swing leaf without a lock',
      { ...MAGNET_BRIEF, protects: 'valuables', rescuers: false },
    ],
  ] satisfies [string, Brief][]
).map(([name, its]) =>
  trap(
    'drive',
    name,
    () => driven('operator-swing', its),
    OPEN,
    () => [],
  ),
);

const BOTH = (plan: Plan) => brief(plan, { bothLeaves: true });
const leaf: readonly Trap[] = [
  trap(
    'leaf',
    'the leaf that people use held past everything',
    twoLeaves,
    { ...TRAPPED, situation: 'fire' },
    (plan) => [move(plan, 'EB1.1NC', 'L1.+', 'from', 'F1.C'), move(plan, 'L1.-', 'EB1.2NC', 'to', 'R1.V-')],
  ),
  ...(
    [
      ['half the width in a fire', true, 'fail', 'not-released'],
      ['half the width, and nobody has said whether it is enough', null, 'not-proven', 'not-proven'],
    ] as const
  ).map(([name, bothLeaves, verdict, says]) =>
    trap('leaf', name, twoLeaves, { ...HELD, verdict, says }, (plan) => [
      bothLeaves === null ? brief(plan, { bothLeaves }) : BOTH(plan),
      move(plan, 'EB1.1NC', 'L2.+', 'from', 'F1.C'),
      move(plan, 'L2.-', 'EB1.2NC', 'to', 'R1.V-'),
    ]),
  ),
];

const NOBODY: Where = {
  door: 'D01',
  situation: 'credential',
  side: 'outside',
  verdict: 'not-proven',
  says: 'not-proven',
};
const missing: readonly Trap[] = [
  ...['magnet-controller', 'lobby-pull', 'mortise-bus', 'magnet-poe', 'strike-wet'].map((id) =>
    trap(
      'missing',
      `${id}: the only reader taken out`,
      () => door(id),
      NOBODY,
      () => [{ kind: 'removeDevice', id: 'D01/R1' }],
    ),
  ),
  ...(['dead', 'fire', 'fire-burnt'] as const).slice(0, 2).map((situation) =>
    trap(
      'missing',
      `rescuers and no key, ${situation}`,
      () => door('strike-keypad'),
      { ...OPEN, situation, says: 'locked-out' },
      (plan) => [brief(plan, { rescuers: true, keyOverride: false })],
    ),
  ),
];

export const TRAPS: readonly Trap[] = [
  ...placement,
  ...moment,
  ...neighbour,
  ...relay,
  ...latch,
  ...drive,
  ...leaf,
  ...missing,
  ...delay,
];
