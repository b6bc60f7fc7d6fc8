import { STRIKE_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Workshop on a panel with readers on a bus',
    brief: STRIKE_BRIEF,
    devices: [
      'supply-12v-5a',
      'panel-4-bus',
      'reader-rs485-phone',
      'mortise-lock-lever',
      'door-contact',
      'sounder-piezo',
    ],
  },
  {
    seconds: 5,
    tasks: ['forced-alarm', 'alarm-sounder-volts', 'held-seconds', 'lever-dead'],
    mistakes: [
      ['A of the bus off', (plan) => [drop(plan, 'K1.A', 'R1.A')], 'card-line-missing'],
      ['nobody hears the lever', (plan) => [drop(plan, 'K1.EX1', 'L1.L1')], 'leaving-forced'],
      ['no link to the relay’s common', (plan) => [drop(plan, 'PS1.+V', 'K1.COM1')], 'link-missing'],
    ],
  },
);
