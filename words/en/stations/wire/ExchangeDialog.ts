import { messages } from '../../../messages';

export const say = messages({
  anotherTypeFor: (tag: string) => `Another type for ${tag}`,
  tagPlaceNotesWhatever: (tag: string, typeIn: string) =>
    `${tag} is a ${typeIn}. Tag, place, notes and whatever fits stay.`,
  makeA: (tag: string, to: string) => `make ${tag} a ${to}`,
  isANow: (tag: string, to: string) => `${tag} is a ${to} now.`,
  type: 'Type',
  chooseAType: 'Choose a type…',
  nothingWouldBeChanged: (refusalWords: string) => `${refusalWords} Nothing would be changed.`,
  exchange: (tag: string) => `Exchange ${tag}`,
  everyWireSettingFits: 'Every wire and setting fits as it is.',
  goesWhichDoesSame: (wire: string, pin: string, now: string) =>
    `${wire} goes from ${pin} to ${now}, which does the same job`,
  removedNoSuchTerminal: (wire: string, to: string) => `${wire} is removed: ${to} has no such terminal`,
  backDelivered: (lost: string, tag: string, count: number) =>
    `${lost} of ${tag} ${count === 1 ? 'goes' : 'go'} back to what it is delivered with`,
  judgingTheDoorWithIt: 'Judging the door with it…',
  verdictFindsNothingNew: (doors: number, doors2: number) =>
    `No new problems${doors > 1 ? ` at the ${doors2} doors it serves` : ''}.`,
  whatNoLongerSuits: 'What no longer suits',
  moreDoorsHangWere: (left: number) => `${left} more doors hang on it and were not judged here.`,
});
