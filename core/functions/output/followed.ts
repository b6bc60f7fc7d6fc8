/** What an output follows: a state, as long as it lasts; or an answer, for a moment. */
export const FOLLOWED = [
  'unlocked',
  'held',
  'forced',
  'tamper',
  'alarm',
  'granted',
  'refused',
  /** The network is lost. */
  'link',
] as const;
export type Followed = (typeof FOLLOWED)[number];
