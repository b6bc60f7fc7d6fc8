/** What a spreadsheet takes for the beginning of a formula, in both widths: some take the full-width signs for the others. */
const FORMULA = String.raw`[=+\-@\t\r\uff1d\uff0b\uff0d\uff20]`;
const BEGINS = new RegExp(`^'*${FORMULA}`);
const GUARDED = new RegExp(`^'(?='*${FORMULA})`);

/** A field that a spreadsheet would take for a formula is made plain text by an apostrophe. */
export const plain = (value: string): string =>
  BEGINS.test(value) && !/^[+-]?\d+([.,]\d+)?$/.test(value) ? `'${value}` : value;

/** A field as it was before it was made plain text. */
export const unguarded = (cell: string): string => cell.replace(GUARDED, '');
