import { STRIKE_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Flat with a boxed kit and a bell',
    brief: STRIKE_BRIEF,
    devices: ['supply-12v-1a', 'keypad-kit', 'strike-fail-secure', 'exit-button', 'chime', 'flyback-diode'],
  },
  {
    seconds: 5,
    tasks: ['lock-volts-exit', 'relock-seconds', 'wrong-credential'],
    mistakes: [
      ['the bell’s return off', (plan) => [drop(plan, 'B1.-', 'PS1.0V')], 'bell-silent'],
      ['the button on no common', (plan) => [drop(plan, 'X1.NO', 'K1.G')], 'loop-broken'],
      ['the diode taken out', (plan) => [drop(plan, 'D1.K', 'L1.+')], 'no-suppression'],
    ],
  },
);
