/**
 * What a setting is for, so that nobody has to know what a type calls it. A role that belongs to one door's channel
 * stands with the channel's number.
 */
export const SETTING_ROLES = [
  /** Seconds a credential releases the door for. */
  'unlock',
  /** Seconds an exit request releases the door for. */
  'exit',
  /** Re-lock when the door closes, or when the time is up. */
  'relock',
  /** Seconds until a door that stands open is reported. */
  'held',
  /** What the exit sense does: unlocks, or only reports. */
  'rex',
  /** Exit contact: normally open or normally closed. */
  'form',
  /** Whether the door contact is watched by end-of-line resistors. */
  'eol',
  /** Whether a code releases for a time or changes over: momentary or toggle. */
  'mode',
  /** Wrong cards or codes in a row after which nobody is let in for a time, 0 for never; and that time, seconds. */
  'tries',
  'lockout',
  /** Seconds between an operator's release and the start of its leaf, for opening, and open. */
  'delay',
  'opening',
  'stay',
  /** Hours a battery is asked to last. */
  'hours',
  /** Whether an output feeds a lock or only switches it: wet or dry. */
  'output',
  /** Name of the intercom set. */
  'set',
  /** Which card format it takes: an id of one that is known, or of the site's own. */
  'frame',
  /** How a door's free passage begins: not at all, by the clock, or with the first person in. */
  'free',
  /** What becomes of a card that comes in twice: nothing, a report, or a refusal; and minutes after which that is forgotten, 0 for never. */
  'passback',
  'forgive',
  /** How near a phone must come to a reader: see `PHONE_METRES`. */
  'range',
  /** What still decides while the network is lost: see `OFFLINE`. */
  'offline',
  /** Network address and hardware number. */
  'ip',
  'mac',
] as const;
export type SettingRole = (typeof SETTING_ROLES)[number];

/** Roles of which each channel of a device has its own. */
export const CHANNEL_ROLES: ReadonlySet<SettingRole> = new Set([
  'unlock',
  'exit',
  'relock',
  'held',
  'rex',
  'form',
  'eol',
  'mode',
  'tries',
  'lockout',
  'free',
  'passback',
  'forgive',
]);

/** How far off a reader hears a phone, metres, by its setting: typical of short-range radio in the open; a wall takes a part of it. */
export const PHONE_METRES: Readonly<Record<string, number>> = { near: 0.1, middle: 1, far: 5 };

/** Formats that a text setting may ask for. Each is known here: nobody's own pattern is ever run. */
export const TEXT_FORMATS = {
  /** Any line of text. */
  text: /^.{0,60}$/u,
  /** One capital letter. */
  letter: /^[A-Z]$/,
  /** IPv4 address. */
  ipv4: /^(?:\d{1,3}\.){3}\d{1,3}$/,
  /** Hardware number of a network device, six pairs of hexadecimal digits. */
  mac: /^(?:[0-9A-Fa-f]{2}:){5}[0-9A-Fa-f]{2}$/,
  /** Id of a card format. */
  frame: /^[\w.-]{1,60}$/,
  /** Digits only. */
  digits: /^\d{1,20}$/,
} as const satisfies Record<string, RegExp>;
export type TextFormat = keyof typeof TEXT_FORMATS;
