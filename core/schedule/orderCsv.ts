import Papa from 'papaparse';
import { orderList } from './orderList';
import type { Plan } from '../plan/index';
import { METRES_PER_FOOT, type DecimalSign, type LengthUnit } from '../units/index';

const plain = (value: string): string => (/^[=+\-@\t\r]/.test(value) ? `'${value}` : value);

/** The order list of a site as CSV: what, how much of which unit, and for which doors. Lengths are rounded up to whole ones. */
export function orderCsv(
  plan: Plan,
  { decimal, unit }: { readonly decimal: DecimalSign; readonly unit: LengthUnit },
): string {
  const rows = orderList(plan).map(({ kind, name, count, unit: in_, of }) => [
    kind,
    plain(name),
    String(in_ === 'm' && unit === 'ft' ? Math.ceil(count / METRES_PER_FOOT) : count),
    in_ === 'm' ? unit : 'pieces',
    in_ === 'm' && unit === 'ft' ? of.replaceAll(/ \d+(?=,|$)/g, '') : of,
  ]);
  return Papa.unparse([['kind', 'what', 'quantity', 'unit', 'for doors'], ...rows], {
    newline: '\r\n',
    delimiter: decimal === ',' ? ';' : ',',
  });
}
