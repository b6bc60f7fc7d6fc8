import type { Region } from '#core/plan/index';
import { REGION_ASKS, type About } from '#core/regions/index';
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

/** What regions are called. */
export const REGIONS: Readonly<Record<Region, { readonly name: string }>> = texts({
  europe: { name: 'Europe' },
  uk: { name: 'United Kingdom' },
  'north-america': { name: 'North America' },
  other: { name: 'Elsewhere' },
});

/** What a standard is about. */
const ABOUT: Readonly<Record<About, string>> = texts({
  'exit-devices': 'exit devices',
  'electric-exits': 'electrically controlled exits',
  escape: 'means of egress',
  'fire-release': 'release of doors in a fire',
  'fire-alarm': 'fire alarm',
  'fire-doors': 'fire doors',
  smoke: 'smoke doors',
  'access-control': 'access control',
  locks: 'electrified locks',
  'powered-doors': 'power-operated doors',
  'low-energy-doors': 'low-energy doors',
  gates: 'gates',
  accessibility: 'accessibility',
  wiring: 'low-voltage wiring',
  magnets: 'electromagnetic locks',
  'delayed-egress': 'delayed egress',
  burglary: 'burglary resistance',
});

/**
 * The standards of a region by what they are about, with the editions that Aldaba knows of: for whoever looks them up, never a substitute
 * for local code.
 */
export const standardsOf = spoken((region: Region): string => {
  const { references } = REGION_ASKS[region];
  if (references.length === 0) return 'the local standards';
  const about = [...new Set(references.map((one) => one.about))];
  return about
    .map((what) => {
      const its = references.filter((one) => one.about === what);
      return `${its.map(({ number, edition }) => `${number}:${edition}`).join(', ')} (${ABOUT[what]})`;
    })
    .join('; ');
});
