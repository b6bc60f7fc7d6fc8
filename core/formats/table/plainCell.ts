/** A field that a spreadsheet would take for a formula is made plain text by an apostrophe. */
export const plain = (value: string): string =>
  /^[=+\-@\t\r]/.test(value) && !/^[+-]?\d+([.,]\d+)?$/.test(value) ? `'${value}` : value;
