import { messages } from '../../../messages';

export const say = messages({
  itsNumberIsMissing: 'Its number is missing.',
  itsFormatIsNotKnown: 'Its format is not known.',
  formatNoRoomThese: 'Its format has no room for these numbers.',
  thisCardStandsHereAlready: 'This card stands here already.',
  cards: 'Cards',
  card: (at: number) => `Card ${at}`,
  facility: 'Facility',
  number: 'Number',
  format: 'Format',
  givenOutOn: 'Given out on',
  by: 'By',
  slotIn: (tag: string) => `Slot in ${tag}`,
  reportedLostOpensNothing: (lost: string) => `Reported lost on ${lost}: it opens nothing.`,
  reportLost: 'Report lost',
  foundAgain: 'Found again',
  takeItBack: 'Undo it',
  giveACard: 'Give a card',
});
