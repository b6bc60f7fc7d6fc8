import { readNumber, type DecimalSign, type NumberFault } from './readNumber';
import { METRES_PER_FOOT, OPEN_CIRCUIT } from './quantities';

/** What is asked for, by its unit. Lengths are kept in metres, times in seconds. */
export type Asked = 'Ω' | 'V' | 'A' | 's' | 'm';

export type QuantityFault =
  | NumberFault
  | { readonly kind: 'empty' }
  /** It is a quantity, and another than is asked for: `470mA` where ohms are. */
  | { readonly kind: 'other-quantity'; readonly unit: string; readonly of: string }
  | { readonly kind: 'unknown-unit'; readonly unit: string }
  /** A prefix with no unit behind it where that does not say enough: `70m` may be milliamps or metres. */
  | { readonly kind: 'unit-missing'; readonly prefix: string }
  /** Open circuit is no voltage, no current and no time. */
  | { readonly kind: 'open-not-here' }
  | { readonly kind: 'out-of-range'; readonly value: number; readonly least: number; readonly most: number };

export type QuantityResult =
  | { readonly kind: 'value'; readonly value: number }
  /** The meter shows that nothing conducts. */
  | { readonly kind: 'open' }
  | { readonly kind: 'fault'; readonly fault: QuantityFault };

interface Unit {
  readonly of: Asked | 'other';
  readonly factor: number;
  /** What it is called where it is refused. */
  readonly name: string;
}

/** What each quantity is called where another is asked for. */
const NAMES: Readonly<Record<Asked, string>> = {
  Ω: 'a resistance',
  V: 'a voltage',
  A: 'a current',
  s: 'a time',
  m: 'a length',
};

const unit = (of: Asked, factor: number): Unit => ({ of, factor, name: NAMES[of] });
const foreign = (name: string): Unit => ({ of: 'other', factor: NaN, name });

/** Units as they are written, case kept where it tells milli from mega. */
const UNITS: ReadonlyMap<string, Unit> = new Map([
  ...['Ω', 'Ω', 'ohm', 'ohms', 'Ohm', 'Ohms', 'OHM', 'R'].map((name) => [name, unit('Ω', 1)] as const),
  ...['mΩ', 'mΩ', 'mohm', 'mOhm'].map((name) => [name, unit('Ω', 1e-3)] as const),
  ...['kΩ', 'kΩ', 'KΩ', 'kohm', 'kohms', 'kOhm', 'Kohm', 'k', 'K'].map(
    (name) => [name, unit('Ω', 1e3)] as const,
  ),
  ...['MΩ', 'MΩ', 'Mohm', 'MOhm', 'Megohm', 'megohm', 'M'].map((name) => [name, unit('Ω', 1e6)] as const),
  ...['V', 'v', 'volt', 'volts', 'Volt', 'VDC', 'Vdc', 'V DC', 'VAC', 'Vac'].map(
    (name) => [name, unit('V', 1)] as const,
  ),
  ...['mV', 'mv'].map((name) => [name, unit('V', 1e-3)] as const),
  ...['kV', 'KV'].map((name) => [name, unit('V', 1e3)] as const),
  ...['A', 'a', 'amp', 'amps', 'Amp', 'ampere'].map((name) => [name, unit('A', 1)] as const),
  ...['mA', 'ma'].map((name) => [name, unit('A', 1e-3)] as const),
  ...['µA', 'μA', 'uA'].map((name) => [name, unit('A', 1e-6)] as const),
  ...['s', 'S', 'sec', 'secs', 'second', 'seconds', 'Sek', 'sek'].map(
    (name) => [name, unit('s', 1)] as const,
  ),
  ['ms', unit('s', 1e-3)],
  ...['min', 'minute', 'minutes'].map((name) => [name, unit('s', 60)] as const),
  ...['metre', 'metres', 'meter', 'meters', 'Meter'].map((name) => [name, unit('m', 1)] as const),
  ['mm', unit('m', 1e-3)],
  ['cm', unit('m', 1e-2)],
  ['km', unit('m', 1e3)],
  ...['ft', 'feet', 'foot', 'Ft', 'FT', "'", '′', '’'].map(
    (name) => [name, unit('m', METRES_PER_FOOT)] as const,
  ),
  ...['in', 'inch', 'inches', '"', '″', '”'].map((name) => [name, unit('m', METRES_PER_FOOT / 12)] as const),
  ...['Hz', 'kHz'].map((name) => [name, foreign('a frequency')] as const),
  ...['W', 'kW'].map((name) => [name, foreign('a power')] as const),
  ...['Ah', 'mAh'].map((name) => [name, foreign('a charge')] as const),
  ...['°C', '°F', 'C', 'F'].map((name) => [name, foreign('a temperature or a capacitance')] as const),
  ...['AWG', 'awg', 'mm2', 'mm²'].map((name) => [name, foreign('a size of wire')] as const),
  ['%', foreign('a share')],
]);

/** What a meter or a plan can say. Ohms beyond the highest are open. */
const RANGE: Readonly<Record<Asked, readonly [number, number]>> = {
  Ω: [-1, OPEN_CIRCUIT],
  V: [-1000, 1000],
  A: [-100, 100],
  s: [0, 86_400],
  m: [0, 2000],
};

/** How meters and people write that nothing conducts. */
const OPEN =
  /^(?:[0o]?\.?[0o]\.?l\.?|\.?[0o]l\.?|open(?: circuit)?|offen|inf(?:inity|inite)?|∞|\+?∞)\s*(?:Ω|Ω|[kKM]Ω|[kKM]Ω|ohms?|[kKM])?$/i;

const fault = (found: QuantityFault): QuantityResult => ({ kind: 'fault', fault: found });

export interface Reading {
  /** Sign between whole and parts, where it is known. */
  readonly decimal?: DecimalSign | null;
  /** Unit of a bare length. */
  readonly bare?: 'm' | 'ft';
}

/**
 * Reads a quantity as people write it off a meter or out of a list, in the unit that is asked for: never another quantity's
 * figure, never a figure that could be two. `4.7k`, `13,1 V`, `470 mA`, `60'6"`, `OL`.
 */
export function readQuantity(
  text: string,
  asked: Asked,
  { decimal = null, bare = 'm' }: Reading = {},
): QuantityResult {
  const plain = text.trim().replace(/^[≈~]\s*/, '');
  if (plain === '') return fault({ kind: 'empty' });
  if (OPEN.test(plain)) return asked === 'Ω' ? { kind: 'open' } : fault({ kind: 'open-not-here' });
  const compound = readFeetAndInches(plain, decimal) ?? readInfixed(plain);
  if (compound !== null) return inRange(compound.value, compound.of, asked, compound.unit);
  const match = /^([+\-−–]?[\d.,'’\u0020\u00a0\u2009\u202f]*\d[.,]?)\s*(.*)$/u.exec(plain);
  if (!match) return fault({ kind: 'not-a-number' });
  const number = readNumber(match[1]!, decimal);
  const written = match[2]!.trim();
  // The unit first: a figure of another quantity is not worth a question about its comma.
  const found = unitOf(written, asked, bare);
  if ('kind' in found) return fault(found);
  if (found.of !== asked) return fault({ kind: 'other-quantity', unit: written, of: found.name });
  if (!number.ok) return fault(number.fault);
  return inRange(number.value * found.factor, found.of, asked, written);
}

function unitOf(written: string, asked: Asked, bare: 'm' | 'ft'): Unit | QuantityFault {
  if (written === '') return unit(asked, asked === 'm' && bare === 'ft' ? METRES_PER_FOOT : 1);
  // A bare m is metres where lengths are asked for, and half a unit anywhere else.
  if (written === 'm' || written === 'M.' || written === 'm.')
    return asked === 'm' ? unit('m', 1) : { kind: 'unit-missing', prefix: 'm' };
  const known = UNITS.get(written) ?? UNITS.get(written.replace(/\.$/, ''));
  if (!known) return { kind: 'unknown-unit', unit: written };
  // k and M alone stand for kilohms and megohms, as on a meter; where ohms are not asked for, they say too little.
  if (/^[kKM]$/.test(written) && asked !== 'Ω') return { kind: 'unit-missing', prefix: written };
  return known;
}

function inRange(value: number, of: Asked, asked: Asked, written: string): QuantityResult {
  if (of !== asked) return fault({ kind: 'other-quantity', unit: written, of: NAMES[of] });
  const [least, most] = RANGE[asked];
  if (!Number.isFinite(value) || value < least || value > most)
    return fault({ kind: 'out-of-range', value, least, most });
  return { kind: 'value', value };
}

interface Compound {
  readonly value: number;
  readonly of: Asked;
  readonly unit: string;
}

/** `60'6"`, `60 ft 6 in`, `60'-6 1/2"`: metres. */
function readFeetAndInches(text: string, decimal: DecimalSign | null): Compound | null {
  const match =
    /^(\d+)\s*(?:'|′|’|ft|feet)\s*-?\s*(\d{1,2}(?:[.,]\d+)?)(?:\s+(\d+)\/(\d+))?\s*(?:"|″|”|''|in|inch|inches)?$/i.exec(
      text,
    );
  if (!match) return null;
  const inches = readNumber(match[2]!, decimal);
  if (!inches.ok || inches.value >= 12) return null;
  const part = match[4] ? Number(match[3]) / Number(match[4]) : 0;
  return { value: (Number(match[1]) + (inches.value + part) / 12) * METRES_PER_FOOT, of: 'm', unit: 'ft' };
}

/** `4k7`, `4R7`, `1M2`: the prefix in the place of the point, as on parts. */
function readInfixed(text: string): Compound | null {
  const match = /^(\d+)([RkKM])(\d+)$/.exec(text);
  if (!match) return null;
  const factor = { R: 1, k: 1e3, K: 1e3, M: 1e6 }[match[2]!] ?? NaN;
  return { value: Number(`${match[1]}.${match[3]}`) * factor, of: 'Ω', unit: match[2]! };
}
