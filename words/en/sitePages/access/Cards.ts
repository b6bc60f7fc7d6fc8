import { messages } from '../../../messages';

export const say = messages({
  twoCardsInHand: 'Two cards in hand',
  printedEachReaderControllers:
    'What is printed on each, and what a reader or the controller’s screen shows of it.',
  cardPrinted: (index: number) => `Card ${index}, printed`,
  cardRead: (index: number) => `Card ${index}, read`,
  noFormatKnownHere:
    'No format that is known here fits: look at the length of the frame, or take two other cards.',
  oneFormatFits: 'One format fits.',
  waysFitHowMany: (count: number) =>
    `${count} ways fit: how many bits the reader sends decides between formats.`,
  secondCardWouldTell: ' A second card would tell for certain.',
  printedAs: (form: string) => `printed as ${form}`,
  readAs: (form: string) => `read as ${form}`,
  aCardInEveryForm: 'A card in every form',
  format: 'Format',
  facility: 'Facility',
  number: 'Number',
  formatNoRoomSuch: 'This format has no room for such numbers.',
  theCardInEveryForm: 'The card in every form',
  bits: (bits: number, seenWords: string) => `${bits} bits ${seenWords}`,
  controllerSetAnotherFormat: (filter: string) => `A controller set to another format: ${filter}.`,
});
