import { messages } from '../../../messages';

export const say = messages({
  door: (first: string) => `door ${first}`,
  noDoorsYet: 'No doors yet',
  whoOpensThemWhen: 'Who opens them when stands here once there are doors.',
  oneMoment: 'One moment…',
  aWeek: 'A week',
  whoseWeek: 'Whose week',
  doors: 'Doors',
  people: 'People',
  theWeekBefore: 'The week before',
  weekOf: 'Week of',
  theWeekAfter: 'The week after',
  nobodyOpensDoorWeek: 'Nobody opens this door in this week: give it to a level, or a person at Program.',
  opensNoDoorWeek: 'Opens no door in this week.',
  whichDoorsWhen: (findIn: string) => `${findIn}, which doors when`,
  whoMayOpenItWhen: (id: string, door: string) => `${id} ${door}, who may open it when`,
  hoursSayDayOff: 'by what its schedule says of the holiday',
  freePassage: 'Unlock schedule',
  byName: 'By name',
  nobody: 'Nobody',
  shutOut: ' shut out',
  theClockGoesFromTo: (clockWords: string, clockWords2: string) =>
    `The clock goes from ${clockWords} to ${clockWords2}.`,
});
