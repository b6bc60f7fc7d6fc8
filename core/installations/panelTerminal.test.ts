import { STRIKE_BRIEF } from '../specimens/doors';
import { drop, move } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Store room with a panel terminal, serial reader and siren',
    brief: STRIKE_BRIEF,
    devices: [
      'supply-12v-5a',
      { type: 'terminal-panel-serial', place: 'inside' },
      'reader-serial',
      'strike-fail-secure',
      'door-contact-surface',
      'siren-tamper',
      'exit-button',
      'flyback-diode',
    ],
  },
  {
    seconds: 5,
    tasks: ['forced-alarm', 'alarm-sounder-volts', 'held-seconds', 'lock-volts-entry'],
    mistakes: [
      ['transmit on transmit', (plan) => [move(plan, 'K1.TX', 'R1.RX', 'to', 'R1.TX')], 'locked-out'],
      ['the siren’s return off', (plan) => [drop(plan, 'B1.-', 'PS1.0V')], 'loop-broken'],
      ['the door contact off', (plan) => [drop(plan, 'K1.SEN', 'C1.a')], 'contact-unseen'],
    ],
  },
);
