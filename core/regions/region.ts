import type { Region } from '../plan/index';

/**
 * How strictly a thing is asked where a code is taken over as it usually is: `asked` by it, `confirm` where editions, trades or authorities
 * differ, `no` where nobody asks. Whoever decides there has the last word on each.
 */
export type Strictness = 'asked' | 'confirm' | 'no';

/** What a standard is about, as far as a door is concerned. */
export type About =
  | 'exit-devices'
  | 'electric-exits'
  | 'escape'
  | 'fire-release'
  | 'fire-alarm'
  | 'fire-doors'
  | 'smoke'
  | 'access-control'
  | 'locks'
  | 'powered-doors'
  | 'low-energy-doors'
  | 'gates'
  | 'accessibility'
  | 'wiring'
  | 'magnets'
  | 'delayed-egress'
  | 'burglary';

/** A standard by its number and the edition that is meant; none of its words. */
export interface Reference {
  readonly number: string;
  /** Year of the edition that was in print when this table was made; the one that is adopted locally counts. */
  readonly edition: string;
  readonly about: About;
}

/** What a region asks of a door that is locked by electricity. */
export interface RegionAsks {
  readonly id: Region;
  /**
   * What frees by hand a lock that needs power to hold, beside whatever the system does: a break glass that stays broken, or a button that cuts
   * the lock’s power by itself for so many seconds at least.
   */
  readonly manualRelease:
    { readonly by: 'break-glass' } | { readonly by: 'button'; readonly seconds: number };
  /** The lock lets go where a sensor that lets people out loses its power. */
  readonly sensorLoss: Strictness;
  /** One motion is enough to leave. */
  readonly oneMotion: Strictness;
  /** A panel without power, or a cable to it that is cut, releases the door or is reported. */
  readonly fireLine: Strictness;
  /** Longest delay of a delayed way out that is usually allowed, s; null where each case is decided by itself. */
  readonly longestDelay: number | null;
  readonly references: readonly Reference[];
}
