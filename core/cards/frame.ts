import { fitsIn, type BitRange, type CardFormat, type CardNumbers, type Parity } from './format';

/** The frame of a card as it leaves the reader, `0` and `1`, parities set; null where the format has no room for it. */
export function frameOf(format: CardFormat, card: CardNumbers): string | null {
  if (!fitsIn(format, card)) return null;
  const bits = Array<string>(format.bits).fill('0');
  write(bits, format.facility, card.facility);
  write(bits, format.number, card.number);
  for (const parity of format.parities) bits[parity.at - 1] = odd(bits.join(''), parity) ? '1' : '0';
  return bits.join('');
}

/** What a controller that is set to a format makes of the bits that arrive. */
export type Seen =
  | { readonly kind: 'card'; readonly card: CardNumbers }
  /** Another number of bits than it waits for: it sees nothing. */
  | { readonly kind: 'length'; readonly came: number }
  /** A parity is wrong: it drops the frame. */
  | { readonly kind: 'parity'; readonly at: number };

export function seenAs(format: CardFormat, bits: string): Seen {
  if (bits.length !== format.bits) return { kind: 'length', came: bits.length };
  for (const parity of format.parities)
    if ((bits[parity.at - 1] === '1') !== odd(bits, parity)) return { kind: 'parity', at: parity.at };
  return {
    kind: 'card',
    card: { facility: read(bits, format.facility), number: read(bits, format.number) },
  };
}

const read = (bits: string, { from, to }: BitRange): number => Number.parseInt(bits.slice(from - 1, to), 2);

function write(bits: string[], { from, to }: BitRange, value: number): void {
  const text = value.toString(2).padStart(to - from + 1, '0');
  for (let index = 0; index < text.length; index += 1) bits[from - 1 + index] = text[index]!;
}

/** Whether the parity bit must be 1: the ones of its stretch are odd for an even parity, even for an odd one. */
function odd(bits: string, { from, to, kind }: Parity): boolean {
  const ones = [...bits.slice(from - 1, to)].filter((bit) => bit === '1').length;
  return kind === 'even' ? ones % 2 === 1 : ones % 2 === 0;
}
