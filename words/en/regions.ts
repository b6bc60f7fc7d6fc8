import type { Region } from '#core/plan/index';
import { REGION_ASKS, type RegionAsks, type Strictness } from '#core/regions/index';
import { spoken } from '../messages';

/** What may be asked of a door that is locked by electricity, and how a region asks it. */
interface Question {
  readonly what: string;
  answer(asks: RegionAsks): string;
}

const strictly =
  (asked: string) =>
  (strictness: Strictness): string =>
    ({ asked, confirm: `${asked}; confirm locally`, no: 'not asked' })[strictness];

const sensor = strictly('the door unlocks');
const motion = strictly('one motion is enough');
const line = strictly('the door unlocks, or it is reported');

const QUESTIONS: readonly Question[] = [
  {
    what: 'Manual release of a fail-safe lock',
    answer: ({ manualRelease }) =>
      manualRelease.by === 'button'
        ? `a button that cuts the lock’s own power for ${manualRelease.seconds} s or longer`
        : 'a break glass in the lock’s own power',
  },
  { what: 'The exit sensor loses its power', answer: ({ sensorLoss }) => sensor(sensorLoss) },
  { what: 'Leaving', answer: ({ oneMotion }) => motion(oneMotion) },
  { what: 'The fire alarm line is cut, or its panel is dead', answer: ({ fireLine }) => line(fireLine) },
  {
    what: 'Delayed egress',
    answer: ({ longestDelay }) =>
      longestDelay === null ? 'decided case by case' : `${longestDelay} s at the longest`,
  },
];

/** What each region asks, question by question, in the order of `regions`. */
export const askedIn = spoken((regions: readonly Region[]) =>
  QUESTIONS.map(({ what, answer }) => ({
    what,
    answers: regions.map((region) => answer(REGION_ASKS[region])),
  })),
);
