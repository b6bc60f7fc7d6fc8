import type { Plan, Region } from '../plan/index';
import { elsewhere } from './elsewhere';
import { europe } from './europe';
import { northAmerica } from './northAmerica';
import type { RegionAsks } from './region';
import { unitedKingdom } from './unitedKingdom';

export type { About, Reference, RegionAsks, Strictness } from './region';

export const REGION_ASKS: { readonly [R in Region]: RegionAsks } = {
  europe,
  uk: unitedKingdom,
  'north-america': northAmerica,
  other: elsewhere,
};

/** What is asked of the doors of a site. */
export const asksOf = ({ site }: Pick<Plan, 'site'>): RegionAsks => REGION_ASKS[site.region];
