/** Families of devices, by what they are in a door. */
export const FAMILIES = [
  'lock',
  'supply',
  'controller',
  'keypad',
  'reader',
  'exit',
  'contact',
  'release',
  'relay',
  'intercom',
  'operator',
  'sounder',
  'network',
  'suppression',
  'joint',
] as const;
export type Family = (typeof FAMILIES)[number];
