import { describe, expect, it } from 'vitest';
import { checkContext, runChecks, toPutRight } from '../checks/index';
import { LIBRARY } from '../devices/library/index';
import { conductorsOf, type Plan } from '../plan/index';
import { MAGNET_BRIEF } from '../specimens/doors';
import { installed } from '../specimens/installation';

const DECIDERS = LIBRARY.filter(({ functions }) =>
  functions.some((one) => one.kind === 'decides' && one.channels.some(({ contactInput }) => contactInput)),
).filter(({ family, roles }) => family === 'controller' && roles.contactInputs && roles.switches);

const door = (decider: string): Plan =>
  installed({
    name: 'Door',
    brief: MAGNET_BRIEF,
    devices: [
      'supply-12v-5a',
      decider,
      'magnet-lock-monitored',
      'exit-button',
      'break-glass-double',
      'fire-relay',
      'door-contact',
    ],
  });

describe('a magnet’s bond contact', () => {
  it.each(DECIDERS.map(({ id }) => id))(
    'at %s: on an input of its own, or left off; never in series with the door contact',
    (id) => {
      const plan = door(id);
      const ends = conductorsOf(plan, 'D01').flatMap(({ from, to }): [string, string][] => [
        [from, to],
        [to, from],
      ]);
      const beside = ends
        .filter(([one]) => one.startsWith('D01/L1.COM') || one.startsWith('D01/L1.NO'))
        .map(([, two]) => two);
      expect(beside.filter((end) => end.startsWith('D01/C1.'))).toEqual([]);
      const found = runChecks(checkContext(plan, 'D01')).filter(toPutRight);
      expect(found.filter(({ code }) => code === 'leaf-misread')).toEqual([]);
    },
  );
});
