import { messages } from '../../../messages';

export const say = messages({
  noKeypads: 'No keypads',
  keypadsProgrammedTheirOwn:
    'Keypads that are programmed at their own keys stand here, with what is still to be keyed.',
  asListed: 'as listed',
  nothingToKey: 'nothing to key',
  keypadsEachAsListed: (count: number) => `${count} keypads, each as listed`,
  keypadsKeyed: (count: number, count2: number) => `${count} of ${count2} keypads are to be keyed`,
  sheetsOnPaper: 'Sheets on paper',
  printTheSheets: 'Print the sheets',
  withoutCodes: 'Without codes',
  codesWhoeverPaperCan: 'With codes: whoever has the paper can open',
  keySheetsPrintedWithCodes: 'key sheets printed with codes',
  keypadsOfThisSite: 'Keypads of this site',
  door: 'Door',
  keypad: 'Keypad',
  known: 'Known',
  toBeKeyed: 'To be keyed',
  itsSheet: 'Its sheet',
  neverRecorded: 'never recorded',
  noDayNoted: 'no day noted',
  notAllOfIt: ', not all of it',
});
