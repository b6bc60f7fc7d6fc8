import { STRIKE_BRIEF } from '../specimens/doors';
import { drop, move } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Town house with a door station that switches the minus',
    brief: STRIKE_BRIEF,
    devices: [
      'supply-12v-5a',
      'door-station-minus',
      'strike-fail-secure',
      'exit-button',
      'door-contact',
      'flyback-diode',
    ],
  },
  {
    seconds: 5,
    tasks: ['forced-alarm', 'held-seconds', 'door-contact'],
    mistakes: [
      [
        'the strike on the supply’s own ground',
        (plan) => [move(plan, 'L1.-', 'DS1.LK-NO', 'to', 'PS1.0V')],
        'switch-bypassed',
      ],
      ['the station’s minus off', (plan) => [drop(plan, 'DS1.V-', 'PS1.0V')], 'loop-broken'],
      ['the door contact off', (plan) => [drop(plan, 'DS1.DOOR', 'C1.a')], 'contact-unseen'],
    ],
  },
);
