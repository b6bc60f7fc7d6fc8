import type { Plan } from '../plan/index';
import {
  graphOf,
  openSite,
  pictureOf,
  siteSituations,
  type Picture,
  type SiteOpenings,
} from '../reach/index';

/** What every door of a site lets through, worked out to the end. */
export function openedSite(plan: Plan): SiteOpenings {
  const steps = openSite(plan);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

/** The building in every situation. */
export const picturesOf = (plan: Plan, openings: SiteOpenings): Picture[] =>
  siteSituations(plan).map((situation) => pictureOf(graphOf(plan), openings.get(situation)!, situation));
