import { MAGNET_BRIEF } from '../specimens/doors';
import { drop, move, set } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Archive floor: four doors on one board that drops them in a fire',
    brief: MAGNET_BRIEF,
    devices: [
      'supply-12v-5a',
      'controller-4-fire-wet',
      'reader-wiegand',
      'magnet-lock',
      'exit-button',
      'break-glass-double',
      'fire-relay',
      'door-contact-eol',
    ],
    schools: { fire: 'supply-input' },
  },
  {
    seconds: 5,
    tasks: ['lock-volts-fire', 'fire-stays', 'reset-fire', 'lock-volts-break'],
    mistakes: [
      ['the fire contact off the board', (plan) => [drop(plan, 'K1.FI', 'F1.C')], 'fire-input-alarm'],
      ['the board told to wait for a closure', () => [set('K1', 'trigger', 'NO')], 'fire-input-alarm'],
      [
        'the lock on a supply of its own, past the board',
        (plan) => [move(plan, 'K1.NC1', 'EB1.1C', 'from', 'PS1.+V')],
        'held-in-fire',
      ],
    ],
  },
);
