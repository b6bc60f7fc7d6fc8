import type { Edit, Plan } from '../plan/index';
import { add, door, drop, move, wire } from './ruleEdits';
import { HELD, OPEN, trap, type Trap } from './trap';

/** The fire relay out of the lock’s power. */
const withoutRelay = (plan: Plan): Edit[] => [
  move(plan, 'PS1.+V', 'F1.C', 'to', 'K1.COM1'),
  drop(plan, 'F1.NC', 'K1.COM1'),
];

/** Sites that are right when they are looked at, and wrong a moment later or for a moment. */
export const moment: readonly Trap[] = [
  trap(
    'moment',
    'a bell button outside shorts the supply, and the lock with it, as long as a thumb is on it',
    () => door('shear-two-outputs'),
    OPEN,
    (plan) => [move(plan, 'B1.b', 'B2.+', 'to', 'B2.-')],
  ),
  trap(
    'moment',
    'fire on the exit input: over with the exit time',
    () => door('magnet-controller'),
    HELD,
    (plan) => [...withoutRelay(plan), wire('F1.C', 'K1.G1'), wire('F1.NO', 'K1.EX1', { number: 'W91' })],
  ),
  trap(
    'moment',
    'fire through an interposing relay on the exit input',
    () => door('magnet-controller'),
    HELD,
    (plan) => [
      ...withoutRelay(plan),
      add(plan, 'relay-interposing', 'IR1'),
      wire('PS1.+V', 'F1.C'),
      wire('F1.NO', 'IR1.A1', { number: 'W91' }),
      wire('IR1.A2', 'PS1.0V', { number: 'W92' }),
      wire('IR1.1C', 'K1.G1', { number: 'W93' }),
      wire('IR1.1NO', 'K1.EX1', { number: 'W94' }),
    ],
  ),
  trap(
    'moment',
    'fire on the keypad’s exit input',
    () => door('strike-keypad-safe'),
    HELD,
    (plan) => [
      move(plan, 'PS1.+V', 'F1.C', 'to', 'K1.COM'),
      drop(plan, 'F1.NC', 'K1.COM'),
      wire('F1.C', 'K1.G'),
      wire('F1.NO', 'K1.PUSH', { number: 'W91' }),
    ],
  ),
  trap(
    'moment',
    'fire at the drive’s activation: it opens, and shuts again',
    () => door('operator-strike'),
    HELD,
    (plan) => [
      move(plan, 'PS1.+V', 'F1.C', 'to', 'O1.LC'),
      drop(plan, 'F1.NC', 'O1.LC'),
      wire('F1.C', 'O1.G'),
      wire('F1.NO', 'O1.ACT', { number: 'W91' }),
    ],
  ),
  trap(
    'moment',
    'the glass on the exit input',
    () => door('magnet-controller'),
    { ...HELD, situation: 'break-glass', says: 'locked-in' },
    (plan) => [
      move(plan, 'K1.NC1', 'EB1.1C', 'to', 'L1.+'),
      drop(plan, 'EB1.1NC', 'L1.+'),
      move(plan, 'L1.-', 'EB1.2NC', 'to', 'PS1.0V'),
      drop(plan, 'EB1.2C', 'PS1.0V'),
      wire('EB1.1C', 'K1.G1'),
      wire('EB1.1NO', 'K1.EX1', { number: 'W91' }),
    ],
  ),
  trap(
    'moment',
    'an exit sensor straight in the lock’s feed: free while a hand is there',
    () => door('magnet-controller'),
    { ...HELD, situation: 'exit' },
    (plan) => [
      drop(plan, 'K1.EX1', 'X1.COM'),
      drop(plan, 'X1.NO', 'K1.G1'),
      move(plan, 'K1.NC1', 'EB1.1C', 'to', 'X1.COM'),
      wire('X1.NC', 'EB1.1C'),
    ],
  ),
];
