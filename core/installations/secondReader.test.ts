import { MAGNET_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Staff door with a reader on the keypad’s port',
    brief: MAGNET_BRIEF,
    devices: [
      'supply-12v-5a',
      'keypad-port',
      { type: 'reader-mullion', place: 'inside' },
      'magnet-lock-weather',
      'exit-piezo',
      'break-glass-double',
      'fire-relay',
    ],
  },
  {
    seconds: 5,
    tasks: ['lock-volts-entry', 'lock-volts-break', 'reset-fire'],
    mistakes: [
      [
        'one data line of the second reader off',
        (plan) => [drop(plan, 'R1.D0', 'K1.D0')],
        'card-line-missing',
      ],
      ['the second reader without its 0 V', (plan) => [drop(plan, 'R1.V-', 'PS1.0V')], 'reader-dead'],
      [
        'the piezo button without a supply',
        (plan) => [drop(plan, 'PS1.+V', 'X1.V+')],
        'sensor-without-supply',
      ],
    ],
  },
);
