import { STRIKE_BRIEF } from '../specimens/doors';
import { drop } from '../specimens/ruleEdits';
import { holds } from './holds';

holds(
  {
    name: 'Cold store with a motor lock on a switched negative',
    brief: STRIKE_BRIEF,
    devices: ['supply-12v-5a', 'controller-1-minus', 'reader-wiegand', 'mortise-interface', 'door-contact'],
    deadState: { state: 'fail-secure', overrideReason: null, by: 'Haru' },
  },
  {
    seconds: 5,
    tasks: ['forced-alarm', 'held-seconds', 'lever-dead'],
    mistakes: [
      ['the lock fed at no mode terminal', (plan) => [drop(plan, 'K1.L+', 'L1.FSE')], 'not-proven'],
      ['the lock’s minus off', (plan) => [drop(plan, 'L1.-', 'K1.L-NO')], 'loop-broken'],
      ['nobody hears the lever', (plan) => [drop(plan, 'K1.EX', 'L1.L1')], 'leaving-forced'],
    ],
  },
);
