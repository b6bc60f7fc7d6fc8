import type { Region } from '#core/plan/index';
import type { SiteFinding } from '#core/site/index';
import { spoken, texts } from '../messages';

/** What is said of a site as a whole. */
const SITE_WORDS: Readonly<Record<SiteFinding['code'], { title: string; reason: string }>> = {
  'every-door-opens': {
    title: 'Every door of this site unlocks without power',
    reason:
      'Whoever sets off the fire alarm or cuts the power opens all of them at once. Where people leave by a lever, a door may be fail-secure: mix the two.',
  },
};
export const siteFindingWords = spoken(({ code }: SiteFinding) => SITE_WORDS[code]);

/** Regions, with the standards that a pack points to: named for whoever looks them up, never a substitute for local code. */
export const REGIONS: Readonly<Record<Region, { readonly name: string; readonly standards: string }>> = texts(
  {
    europe: {
      name: 'Europe',
      standards:
        'EN 179 and EN 1125 (exit devices), EN 13637 (electrically controlled exits), EN 60839-11 (access control)',
    },
    uk: {
      name: 'United Kingdom',
      standards: 'BS 7273-4 (release of doors in a fire), BS EN 179, BS EN 1125, BS EN 60839-11',
    },
    'north-america': {
      name: 'North America',
      standards: 'NFPA 101, NFPA 80, IBC chapter 10, UL 294, UL 1034',
    },
    other: { name: 'Elsewhere', standards: 'the local standards' },
  },
);
