/**
 * The stations of a door, in the order of the work. A station added here asks for its mark (`verdict/marks.ts`), its name
 * (`words/en/findings`) and its view (`src/app/stationViews.tsx`); without one of them nothing compiles.
 */
export const STATIONS = [
  'brief',
  'wire',
  'power',
  'prove',
  'program',
  'timing',
  'test',
  'hand-over',
] as const;
export type StationId = (typeof STATIONS)[number];
