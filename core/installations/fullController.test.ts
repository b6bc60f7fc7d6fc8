import { MAGNET_BRIEF } from '../specimens/doors';
import { drop, move, set } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Laboratory with alarm output, tamper loop and fire input',
    brief: MAGNET_BRIEF,
    devices: [
      'supply-12v-5a',
      { type: 'controller-1-full', settings: { 'alarm.follows': 'forced' } },
      'reader-wiegand',
      { type: 'reader-finger-wiegand', place: 'inside' },
      'magnet-lock',
      'exit-button',
      'break-glass-double',
      'fire-relay',
      'door-contact-eol',
      'siren',
    ],
    schools: { fire: 'supply-input' },
  },
  {
    seconds: 5,
    tasks: ['alarm-sounder-volts', 'forced-alarm', 'lock-volts-entry', 'fire-stays'],
    mistakes: [
      [
        'the fire contact on the other throw',
        (plan) => [move(plan, 'F1.NC', 'K1.FC', 'from', 'F1.NO')],
        'fire-input-alarm',
      ],
      [
        'the contact’s resistors on an input set for none',
        () => [set('K1', 'ch1.eol', 'none')],
        'eol-on-plain-input',
      ],
      ['no wire to the relay’s common', (plan) => [drop(plan, 'PS1.+V', 'K1.COM')], 'link-missing'],
    ],
  },
);
