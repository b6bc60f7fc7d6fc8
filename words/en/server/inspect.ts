import { messages } from '../../messages';

export const say = messages({
  cannotBeRead: 'cannot be read.',
  isEmptyItHoldsNothing: 'is empty: it holds nothing.',
  isNotADatabase: 'is not a database.',
  holdsNoSite: 'holds no site.',
  isNotWhole: (slice: string) => `is not whole: ${slice}`,
  cannotBeUsed: (message: string) => `cannot be used. ${message}`,
  damagedCannotReadEnd: 'is damaged: it cannot be read to its end.',
  holdsNothingNoTables: 'holds nothing: it has no tables.',
  databaseAnotherProgram: 'is a database of another program.',
  fileServerWorksCopied:
    'is the file that a server works on, copied without what the server had yet to write into it (FILE-wal beside it). Write a backup with “aldaba backup FILE”, or copy both files; if the server had been stopped, add --as-it-is.',
  isDamaged: (whole: string) => `is damaged (${whole}).`,
  notWholeRowBelongs: (table: string) =>
    `is not whole: a row of “${table}” belongs to nothing that is there.`,
  cannotBeRead2: (name: string) => `“${name}” cannot be read.`,
  itDoesNotFitTogether: 'it does not fit together',
  cannotBeRead3: (name: string, message: string) => `“${name}” cannot be read (${message}).`,
});
