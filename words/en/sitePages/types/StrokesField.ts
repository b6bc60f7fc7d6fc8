import { messages } from '../../../messages';

export const say = messages({
  theProgrammingCode: 'the programming code',
  theNumberOfASlot: 'the number of a slot',
  aCode: 'a code',
  keyedBeforeOnceMore: 'what was keyed before, once more',
  secondsTwoDigits: 'seconds, two digits',
  aCardIsPresented: 'a card is presented',
  oneCardAfterAnother: 'one card after another',
  fingerLaidThreeTimes: 'a finger is laid on three times',
  nameLettersScreenMay: 'a name in letters, at a screen; it may be passed over',
  userAdministratorScreen: 'user or administrator, at a screen',
  theCardThatBeginsAdding: 'the card that begins adding',
  theCardThatBeginsRemoving: 'the card that begins removing',
  fieldsToPutIn: 'Fields to put in',
});
