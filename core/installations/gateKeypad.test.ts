import { STRIKE_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Wicket gate with a keypad of two outputs',
    brief: STRIKE_BRIEF,
    devices: ['supply-12v-5a', 'keypad-gate', 'gate-lock', 'exit-button', 'flyback-diode', 'chime'],
  },
  {
    seconds: 5,
    tasks: ['lock-volts-entry', 'lock-volts-exit', 'all-dead'],
    mistakes: [
      [
        'the second output left off the lock',
        (plan) => [drop(plan, 'K1.COM', 'K1.COM2')],
        'second-output-idle',
      ],
      ['no wire to the common of the relay', (plan) => [drop(plan, 'PS1.+V', 'K1.COM')], 'locked-out'],
      ['the return of the chime off', (plan) => [drop(plan, 'B1.-', 'PS1.0V')], 'bell-silent'],
    ],
  },
);
