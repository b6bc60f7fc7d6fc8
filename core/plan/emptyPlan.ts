import { COLLECTIONS } from './kinds/index';
import type { Plan } from './plan';

/** A site with nothing in it yet. */
export const emptyPlan = (id: string, name: string): Plan =>
  ({
    site: {
      id,
      name,
      address: '',
      region: 'europe',
      units: 'metric',
      notes: '',
      colours: {},
      company: '',
      contact: '',
      reference: '',
      lastDoor: 0,
      timeZone: '',
    },
    ...Object.fromEntries(COLLECTIONS.map((collection) => [collection, {}])),
  }) as Plan;
