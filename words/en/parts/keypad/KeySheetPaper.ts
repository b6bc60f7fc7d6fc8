import { messages } from '../../../messages';

export const say = messages({
  keySheets: (site: string) => `Key sheets, ${site}`,
  codesStandDotsThey: 'Codes stand as dots: they are looked up at Program by whoever may see them.',
  moreThanSBetween: (timeoutMs: number, isLine: boolean) =>
    `More than ${timeoutMs} s between keys and it drops out: ${isLine ? 'begin the unfinished line again.' : 'begin again from the first line.'} `,
  everybodyIsWipedFirst: 'All users are erased first. ',
  notAllListCan: 'Not all of the list can be keyed: see Program. ',
  aCodeThatNobodyGets: ', a code that nobody gets',
  keyedByOn: 'Keyed by ______________________ on ______________',
  their: (strokeWords: string) => `their ${strokeWords}`,
});
