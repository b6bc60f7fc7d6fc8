/** What a function of a leaflet does. */
export const DEEDS = [
  'set-code',
  'set-card',
  'add-code',
  'add-card',
  'new-user',
  'add-finger',
  'set-role',
  'clear-slot',
  'clear-all',
  'delete-code',
  'delete-card',
  'set-time',
  'programming-code',
] as const;
export type Deed = (typeof DEEDS)[number];

/**
 * What a code must be beyond its length: as long as the programming code, or of another length; not begin like it, nor it like the
 * code; not begin with a zero, where zeros fill it up.
 */
export const CODE_RULES = ['same-length', 'other-length', 'not-alike', 'no-leading-zero'] as const;
export type CodeRule = (typeof CODE_RULES)[number];

/** What a keypad shows and sounds, and when. */
export const REPLY_IDS = [
  'opened',
  'refused',
  'programming',
  'stored',
  'left',
  'timed-out',
  'locked-out',
  'key',
] as const;
export type ReplyId = (typeof REPLY_IDS)[number];

export const LIGHTS = ['green', 'amber', 'red', 'off'] as const;

/** Times that a keypad keeps, by what they are for. */
export const KEPT_TIMES = ['unlock', 'exit', 'held', 'bell', 'unlock2'] as const;

/** The state in which it waits for codes of people. */
export const AT_DOOR = 'door';
