import Papa from 'papaparse';

/**
 * Cells of pasted text or a file: columns by tab, semicolon or comma, whichever the text is made with, quoted cells as RFC 4180
 * has them; else by two spaces or more, else by any space, or as `apart` says. A comma inside figures makes no column.
 */
export function tableOf(text: string, apart: RegExp = /\s{2,}|\s/): string[][] {
  const plain = text.replace(/^\uFEFF/, '');
  const sign = separatorOf(plain);
  if (sign !== null) return Papa.parse<string[]>(plain, { delimiter: sign, skipEmptyLines: false }).data;
  return plain.split(/\r?\n/).map((line) => line.trim().split(apart));
}

function separatorOf(text: string): '\t' | ';' | ',' | null {
  const lines = text.split(/\r?\n/).filter((line) => line.trim() !== '');
  if (lines.some((line) => line.includes('\t'))) return '\t';
  if (lines.some((line) => line.includes(';'))) return ';';
  // A comma parts columns where it comes before any space; in a typed line the first stands in a figure.
  const parting = lines.filter((line) => line.split(',').length > 2 && !/^[^,"]*\s/.test(line));
  return lines.length > 0 && parting.length * 2 > lines.length ? ',' : null;
}
