import { MAGNET_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Office door fed over the network, with everything',
    brief: MAGNET_BRIEF,
    devices: [
      'controller-1-poe',
      'reader-wiegand',
      { type: 'reader-mullion', place: 'inside' },
      'magnet-lock-small',
      'exit-touchless',
      'break-glass-double',
      'fire-relay',
      'door-contact',
    ],
  },
  {
    seconds: 5,
    tasks: ['lock-volts-entry', 'forced-alarm', 'held-seconds', 'lock-volts-fire'],
    mistakes: [
      ['the fire relay past the lock’s loop', (plan) => [drop(plan, 'F1.NC', 'EB1.1C')], 'loop-broken'],
      ['the inner reader’s line off', (plan) => [drop(plan, 'R2.D0', 'K1.D0-1i')], 'card-line-missing'],
      [
        'the touchless exit without a supply',
        (plan) => [drop(plan, 'K1.+12', 'X1.V+')],
        'sensor-without-supply',
      ],
    ],
  },
);
