import { MAGNET_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Reading room with a face terminal and a timed supply',
    brief: MAGNET_BRIEF,
    devices: [
      'supply-12v-2a-timed',
      'terminal-face',
      'magnet-lock',
      'exit-piezo',
      'break-glass-double',
      'fire-relay',
      'door-contact-surface',
    ],
    schools: { release: 'timed-supply', fire: 'supply-input' },
  },
  {
    seconds: 5,
    tasks: ['relock-seconds', 'lock-volts-exit', 'fire-stays'],
    mistakes: [
      [
        'the terminal’s relay off the supply’s PUSH',
        (plan) => [drop(plan, 'PS1.PUSH', 'K1.COM')],
        'locked-out',
      ],
      ['the fire pair off', (plan) => [drop(plan, 'PS1.FI', 'F1.C')], 'fire-input-alarm'],
      ['the button’s supply off', (plan) => [drop(plan, 'PS1.+V', 'X1.V+')], 'sensor-without-supply'],
    ],
  },
);
