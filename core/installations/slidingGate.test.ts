import { MAGNET_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Yard with a sliding gate and a long-range reader',
    brief: MAGNET_BRIEF,
    devices: [
      'supply-24v-5a',
      'supply-12v-1a',
      'operator-slide',
      'controller-1-dry',
      'reader-long-range',
      'exit-button',
      'safety-edge',
    ],
  },
  {
    // Nobody has said whether a hand moves the gate: what stands still is neither passed nor failed.
    unproven: [
      'supply-dead inside not-proven',
      'dead outside not-proven',
      'dead inside not-proven',
      'fire outside not-proven',
      'fire inside not-proven',
      'controller-hung inside not-proven',
      'controller-dead inside not-proven',
    ],
    seconds: null,
    tasks: ['operator-opens'],
    mistakes: [
      ['its stop bridge off', (plan) => [drop(plan, 'O1.STOP', 'O1.G')], 'operator-stands'],
      ['the gate drive is never asked', (plan) => [drop(plan, 'O1.OPEN', 'K1.COM1')], 'operator-unasked'],
      ['one data line off', (plan) => [drop(plan, 'R1.D1', 'K1.D1-1')], 'card-line-missing'],
      [
        'the two supplies’ 0 V apart, and the reader on the other',
        (plan) => [drop(plan, 'R1.V-', 'PS2.0V')],
        'reader-dead',
      ],
    ],
  },
);
