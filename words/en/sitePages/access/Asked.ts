import { messages } from '../../../messages';

export const say = messages({
  mayPersonOpenDoor: 'May this person open that door then?',
  person: 'Person',
  door: 'Door',
  day: 'Day',
  time: 'Time',
  yes: 'Yes',
  no: 'No',
  until: (momentWords: string) => `, until ${momentWords}`,
  atKeepsNoHours: (tag: string, door: string, isLevel: boolean, isException: boolean, isDoorShut: boolean) =>
    `${tag} at ${door} keeps no schedule: ${isLevel || isException || isDoorShut ? 'it lets in whoever is keyed in, at any time.' : 'it goes by what is keyed in alone.'}`,
});
