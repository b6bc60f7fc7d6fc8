import {
  awg,
  AWG_SIZES,
  colourNamed,
  mm2,
  parseGauge,
  readNumber,
  readQuantity,
  type ColourCode,
  type DecimalSign,
  type Gauge,
  type LengthUnit,
  type QuantityFault,
} from '../../units/index';
import { findTypeIn, terminalId, type Device, type Plan, type TerminalId } from '../../plan/index';

/** Why a cell cannot be read; `word` is what stands in it. */
export type CellFault =
  | {
      readonly code: 'unknown-device' | 'unknown-terminal' | 'no-terminal';
      readonly word: string;
      readonly choices: readonly string[];
    }
  | { readonly code: 'unknown-colour' | 'unknown-size'; readonly word: string }
  /** A bare 16 may be either. */
  | { readonly code: 'which-size'; readonly word: string; readonly either: readonly [Gauge, Gauge] }
  | { readonly code: 'bad-length'; readonly word: string; readonly fault: QuantityFault };

export type CellResult<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly fault: CellFault };
const ok = <T>(value: T): CellResult<T> => ({ ok: true, value });
const no = <T>(fault: CellFault): CellResult<T> => ({ ok: false, fault });

/** Reads `K1.COM`, `K1:COM`, `K1 / COM`, `keypad K1 COM`: a device of the door by its tag, and its terminal behind it. */
export function readTerminal(
  plan: Plan,
  devices: ReadonlyMap<string, Device>,
  cell: string,
): CellResult<TerminalId> {
  // The name of a device may stand beside its tag; terminals hold signs of their own, such as +V and 0V-1.
  const tokens = cell.match(/[^\s.:/()]+/g) ?? [];
  const at = tokens.findIndex((token) => devices.has(token.toUpperCase()));
  const abroad = /^(\S+\/\S+?)[.:](.+)$/.exec(cell.trim());
  const far = abroad ? devices.get(abroad[1]!.toUpperCase()) : undefined;
  const device = far ?? devices.get((tokens[at] ?? '').toUpperCase());
  if (!device) return no({ code: 'unknown-device', word: cell, choices: [...devices.keys()] });
  const pins = findTypeIn(plan, device.type)?.terminals.map(({ id }) => id) ?? [];
  const rest = far ? abroad![2]! : afterToken(cell, tokens[at]!);
  const wanted = rest.replace(/^[\s.:/)(]+/, '').replace(/[\s)]+$/, '');
  // What stands between tag and terminal, a name of the device, is passed over: the last words are the terminal's.
  const found =
    pins.find((pin) => pin.toUpperCase() === wanted.toUpperCase()) ??
    pins.find(
      (pin) =>
        wanted.toUpperCase().endsWith(` ${pin.toUpperCase()}`) ||
        wanted.toUpperCase().endsWith(`.${pin.toUpperCase()}`),
    );
  if (found) return ok(terminalId(device.id, found));
  return wanted === ''
    ? no({ code: 'no-terminal', word: device.tag, choices: pins })
    : no({ code: 'unknown-terminal', word: cell, choices: pins });
}

const afterToken = (cell: string, token: string): string => cell.slice(cell.indexOf(token) + token.length);

/** Reads `RD`, `red`, `RD red`, `rot`; null for an empty cell. */
export function readColour(cell: string): CellResult<ColourCode | null> {
  const word = cell.trim();
  if (word === '' || word === '—') return ok(null);
  const colour = colourNamed(word);
  return colour ? ok(colour) : no({ code: 'unknown-colour', word });
}

/** Reads `0,75`, `1.0 mm²`, `18 AWG`, `#18`; a bare figure by the column's unit. Null for an empty cell. */
export function readSize(
  cell: string,
  unit: 'AWG' | 'mm2' | null,
  decimal: DecimalSign | null,
): CellResult<Gauge | null> {
  const word = cell.trim();
  if (word === '' || word === '—') return ok(null);
  const match = /^([\d.,]+)\s*(mm2|mm²|qmm|mm)?$/i.exec(word);
  if (!match) {
    const gauge = parseGauge(word);
    return gauge ? ok(gauge) : no({ code: 'unknown-size', word });
  }
  const number = readNumber(match[1]!, decimal ?? (/,/.test(match[1]!) ? ',' : '.'));
  if (!number.ok) return no({ code: 'unknown-size', word });
  const bare = match[2] === undefined;
  const american = (AWG_SIZES as readonly number[]).includes(number.value);
  if (bare && unit === 'AWG') return american ? ok(awg(number.value)) : no({ code: 'unknown-size', word });
  const metric = parseGauge(mm2(number.value));
  if (bare && unit === null && american)
    return metric
      ? no({ code: 'which-size', word, either: [awg(number.value), metric] })
      : ok(awg(number.value));
  return metric ? ok(metric) : no({ code: 'unknown-size', word });
}

/** Reads a length in metres; null for an empty cell. */
export function readLength(
  cell: string,
  unit: LengthUnit,
  decimal: DecimalSign | null,
): CellResult<number | null> {
  const word = cell.trim();
  if (word === '' || word === '—') return ok(null);
  const read = readQuantity(word, 'm', { decimal, bare: unit });
  if (read.kind === 'value') return ok(read.value);
  return no({
    code: 'bad-length',
    word,
    fault: read.kind === 'fault' ? read.fault : { kind: 'not-a-number' },
  });
}
