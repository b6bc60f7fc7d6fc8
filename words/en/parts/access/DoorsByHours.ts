import { messages } from '../../../messages';

export const say = messages({
  doorsByHours: 'Doors by hours',
  freePassageOpeningHours: 'Free passage and opening hours of each door',
  door: 'Door',
  freePassageUnlockedToEverybody: 'Free passage: unlocked to everybody',
  begins: 'begins',
  openingHoursShutOutsideThem: 'Opening hours: shut outside them',
  levelsGivenSoOpen:
    'Levels that are given so open a door outside its opening hours too. Nobody is kept in: opening hours and levels are about coming in.',
  freePassageOf: (door: string) => `free passage of ${door}`,
  none: 'none',
  freePassageOf2: (door: string) => `Free passage of ${door}`,
  howFreePassageOfBegins: (door: string) => `How free passage of ${door} begins`,
  howFreePassageOfBegins2: (door: string) => `how free passage of ${door} begins`,
  notSetAt: (tag: string) => `not set at ${tag}`,
  byTheClock: 'by the clock',
  withTheFirstPersonIn: 'with the first person in',
  keepsNoHours: (tag: string) => `${tag} keeps no hours`,
  nothingDecides: 'nothing decides',
  openingHoursOf: (door: string) => `Opening hours of ${door}`,
  openingHoursOf2: (door: string) => `opening hours of ${door}`,
});
