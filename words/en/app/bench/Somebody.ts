import { messages } from '../../../messages';

export const say = messages({
  keyItIn: 'Key it in',
  card: (facility: number, card: number, lost: null | string) =>
    `Card ${facility}-${card}${lost === null ? '' : ', reported lost'}`,
  theirNumberAndCode: 'Their number and code',
  theirCode: 'Their code',
  finger: (index: number) => `Finger ${index}`,
  theirFinger: 'Their finger',
  somebodyComesTo: (door: string) => `Somebody comes to ${door}`,
  decidesJudgesCardCode: 'What decides there judges this card or this code, of this person, at this moment.',
  nobodyListSiteYet: 'Nobody is on the list of this site yet.',
  who: 'Who',
  hasNothingThatOpensHere: (person: string) => `${person} has nothing that opens here.`,
  withWord: 'With',
  at: 'At',
  theReaderOutside: 'the reader outside',
  theReaderSendsBits: (count: number) => `The reader sends ${count} bits`,
  holdItToTheReader: 'Hold it to the reader',
  layItOn: 'Lay it on',
});
