/** What a conductor does, as far as its colour is concerned. */
export const COLOUR_ROLES = [
  'plus',
  'minus',
  'exit',
  'exit-common',
  'contact',
  'contact-common',
  'data-0',
  'data-1',
  'bus-a',
  'bus-b',
  'status',
  'alarm',
  'audio',
  'ac-1',
  'ac-2',
  'screen',
] as const;
export type ColourRole = (typeof COLOUR_ROLES)[number];
