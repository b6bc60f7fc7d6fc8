import { messages } from '../../../messages';

export const say = messages({
  doorsByHours: 'Doors by hours',
  freePassageOpeningHours: 'Unlock schedule and opening hours of each door',
  door: 'Door',
  freePassageUnlockedToEverybody: 'Unlock schedule: unlocked for everybody',
  begins: 'begins',
  openingHoursShutOutsideThem: 'Opening hours: closed outside them',
  levelsGivenSoOpen:
    'Access levels marked this way open a door outside its opening hours too. Nobody is kept in: opening hours and access levels only decide who comes in.',
  freePassageOf: (door: string) => `unlock schedule of ${door}`,
  none: 'none',
  freePassageOf2: (door: string) => `Unlock schedule of ${door}`,
  howFreePassageOfBegins: (door: string) => `How the unlock schedule of ${door} starts`,
  howFreePassageOfBegins2: (door: string) => `how the unlock schedule of ${door} starts`,
  notSetAt: (tag: string) => `not set at ${tag}`,
  byTheClock: 'by the clock',
  withTheFirstPersonIn: 'with the first person in',
  keepsNoHours: (tag: string) => `${tag} keeps no schedule`,
  nothingDecides: 'nothing decides',
  openingHoursOf: (door: string) => `Opening hours of ${door}`,
  openingHoursOf2: (door: string) => `opening hours of ${door}`,
});
