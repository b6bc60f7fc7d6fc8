/** The sign between whole and parts: found from a column, set by a person, or not known. */
export type DecimalSign = '.' | ',';

/** Why a figure cannot be read. */
export type NumberFault =
  | { readonly kind: 'not-a-number' }
  /** It may be either of two figures: `1,200` is one and a fifth here, and twelve hundred there. */
  | { readonly kind: 'ambiguous'; readonly one: number; readonly other: number };

export type NumberResult =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly fault: NumberFault };

const fault = (found: NumberFault): NumberResult => ({ ok: false, fault: found });
const NO_NUMBER = fault({ kind: 'not-a-number' });

/** Signs that part groups of three digits and nothing else: spaces of every width, apostrophes. */
const GROUPING = /[\u0020\u00a0\u2009\u202f'’]/g;
const GROUPED = /^\d{1,3}(?:[\u0020\u00a0\u2009\u202f'’]\d{3})+(?=$|[.,])/;

/**
 * Reads a figure without its unit. A point and a comma in one figure tell themselves apart; one sign with exactly three digits
 * behind it is read by `decimal`, and where that is not known it is ambiguous: no figure is ever guessed.
 */
export function readNumber(text: string, decimal: DecimalSign | null = null): NumberResult {
  const match = /^([+\-−–]?)\s*(.+)$/.exec(text.trim());
  if (!match) return NO_NUMBER;
  const sign = match[1] === '' || match[1] === '+' ? 1 : -1;
  let digits = match[2]!;
  if (GROUPING.test(digits)) {
    GROUPING.lastIndex = 0;
    if (!GROUPED.test(digits)) return NO_NUMBER;
    digits = digits.replace(GROUPING, '');
  }
  GROUPING.lastIndex = 0;
  const read = readSigns(digits, decimal);
  if (!read.ok) {
    const { fault: found } = read;
    return found.kind === 'ambiguous'
      ? fault({ kind: 'ambiguous', one: sign * found.one, other: sign * found.other })
      : read;
  }
  return { ok: true, value: sign * read.value };
}

/** Digits with points and commas. */
function readSigns(digits: string, decimal: DecimalSign | null): NumberResult {
  if (!/^[\d.,]+$/.test(digits) || !/\d/.test(digits)) return NO_NUMBER;
  const points = digits.split('.').length - 1;
  const commas = digits.split(',').length - 1;
  if (points === 0 && commas === 0) return { ok: true, value: Number(digits) };
  if (points > 0 && commas > 0) {
    const last: DecimalSign = digits.lastIndexOf('.') > digits.lastIndexOf(',') ? '.' : ',';
    // What stands the other way round than the column is a slip, not another custom.
    if (decimal !== null && decimal !== last) return NO_NUMBER;
    return inCustom(digits, last) ?? NO_NUMBER;
  }
  const sign: DecimalSign = points > 0 ? '.' : ',';
  const other: DecimalSign = sign === '.' ? ',' : '.';
  const asDecimal = inCustom(digits, sign);
  const asGroups = inCustom(digits, other);
  if (decimal !== null) return (decimal === sign ? asDecimal : asGroups) ?? NO_NUMBER;
  if (asDecimal?.ok && asGroups?.ok)
    return fault({ kind: 'ambiguous', one: asDecimal.value, other: asGroups.value });
  return asDecimal ?? asGroups ?? NO_NUMBER;
}

/** A figure with this decimal sign and the other sign between groups; null where it is not written so. */
function inCustom(digits: string, decimal: DecimalSign): NumberResult | null {
  const group = decimal === '.' ? ',' : '\\.';
  const sign = decimal === '.' ? '\\.' : ',';
  const grouped = new RegExp(`^[1-9]\\d{0,2}(?:${group}\\d{3})+(?:${sign}\\d*)?$`);
  const plain = new RegExp(`^\\d*${sign}?\\d*$`);
  if (!grouped.test(digits) && !plain.test(digits)) return null;
  const written = digits.replaceAll(decimal === '.' ? ',' : '.', '').replace(decimal, '.');
  return { ok: true, value: Number(written) };
}

/**
 * The decimal sign that a column of figures tells by itself: `0,75` tells a comma, `1,200` tells nothing. Null where none of them
 * tells, `mixed` where they contradict each other.
 */
export function decimalOf(figures: readonly string[]): DecimalSign | null | 'mixed' {
  const told = new Set<DecimalSign>();
  for (const figure of figures) {
    const digits = figure.replace(/[^\d.,]/g, '').replace(/[.,]$/, '');
    if (!/[.,]/.test(digits)) continue;
    const [point, comma] = [readSigns(digits, '.').ok, readSigns(digits, ',').ok];
    if (point !== comma) told.add(point ? '.' : ',');
  }
  if (told.size > 1) return 'mixed';
  return [...told][0] ?? null;
}
