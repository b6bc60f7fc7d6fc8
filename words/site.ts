import type { SiteFinding } from '#core/site/index';

/** What is said of a site as a whole. */
const SITE_WORDS: Readonly<Record<SiteFinding['code'], { title: string; reason: string }>> = {
  'every-door-opens': {
    title: 'Every door of this site opens when dead',
    reason:
      'Whoever sets off the fire alarm or cuts the power opens all of them at once. Where people leave by a lever, a door may stay locked when dead: mix.',
  },
};
export const siteFindingWords = ({ code }: SiteFinding) => SITE_WORDS[code];
