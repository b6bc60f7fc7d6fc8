import { messages } from '../../../messages';

export const say = messages({
  nameTheDoor: 'name the door',
  nameOfTheDoor: 'Name of the door',
  oneThatAStrangerUnderstands: 'One that a stranger understands.',
  atMost: (inUnit: number, unit: string) => `At most ${inUnit} ${unit}.`,
  assumedUntilYouEnter: (hint: string) => `${hint} Assumed until you enter it; Enter keeps it as it is.`,
  notes: 'Notes',
  releasesWallAlreadyWho: 'What releases it, what is in the wall already, who to ask.',
});
