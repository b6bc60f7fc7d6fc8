import { STATIONS } from '#core/checks/stations';
import type { StationId } from '#core/checks/index';
import type { StationMark } from '#core/verdict/index';
import { STATION_NAMES } from './findings/index';
import { spoken, texts } from '../messages';

/** How far a station is, in words. */
export const MARK_WORDS: Readonly<Record<StationMark, string>> = texts({
  settled: 'done',
  'to-settle': 'something to fix',
  'to-consider': 'something to consider',
  begun: 'begun',
  'not-begun': 'not begun',
});

/** What is still open before a door goes out, station by station; empty where it may. */
export const openWords = spoken((marks: Readonly<Record<StationId, StationMark>>): string[] =>
  STATIONS.filter((station) => station !== 'hand-over').flatMap((station) => {
    const mark = marks[station];
    return mark === 'settled' || mark === 'to-consider'
      ? []
      : [`${STATION_NAMES[station]}: ${MARK_WORDS[mark]}`];
  }),
);
