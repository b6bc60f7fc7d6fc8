import { asksOf } from '../../regions/index';
import { doorSubject } from '../analyses/doorSubject';
import { type Analysis, rule, violation } from '../violation';

/** A delay of the way out that is longer than is usually allowed where the site is. */
const longDelay: Analysis = (context) => {
  const { delayedEgress } = context.door.brief;
  const { longestDelay } = asksOf(context.plan);
  if (longestDelay === null || typeof delayedEgress !== 'number' || delayedEgress <= longestDelay) return [];
  return [
    violation('delay-beyond-region', doorSubject(context), { seconds: delayedEgress, most: longestDelay }),
  ];
};

export const delayBeyondRegion = rule({
  code: 'delay-beyond-region',
  family: 'R',
  station: 'brief',
  severity: 'caution',
  basis: 'local-code',
  find: longDelay,
});
