import { MAGNET_BRIEF } from '../specimens/doors';
import { drop, move } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Entrance with a door operator and a strike',
    brief: MAGNET_BRIEF,
    devices: [
      'supply-24v-5a',
      'supply-12v-1a',
      'operator-swing-fused',
      'keypad-slots',
      'exit-button',
      { type: 'strike', settings: { mode: 'fail-safe', voltage: '24' } },
      'break-glass-double',
      'fire-relay',
      'flyback-diode',
    ],
  },
  {
    seconds: 15,
    tasks: ['lock-volts-exit', 'lock-volts-fire', 'lock-volts-break'],
    mistakes: [
      ['nothing asks the operator', (plan) => [drop(plan, 'O1.ACT', 'K1.COM')], 'operator-unasked'],
      [
        'the strike on the supply, past the operator',
        (plan) => [move(plan, 'O1.LNC', 'F1.C', 'from', 'PS1.+V')],
        'locked-out',
      ],
      ['the second leg past the break glass', (plan) => [drop(plan, 'EB1.2C', 'O1.V-')], 'loop-broken'],
    ],
  },
);
