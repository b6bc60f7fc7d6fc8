import { fitsIn, widthOf, type BitField, type CardFormat, type CardNumbers, type Parity } from './format';

/** The frame of a card as it leaves the reader, `0` and `1`, parities set; null where the format has no room for it. */
export function frameOf(format: CardFormat, card: CardNumbers): string | null {
  if (!fitsIn(format, card)) return null;
  const bits = Array<string>(format.bits).fill('0');
  for (const one of format.fixed) write(bits, one, one.value);
  if (format.facility) write(bits, format.facility, card.facility);
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
  | { readonly kind: 'parity'; readonly at: number }
  /** Bits that are the same on every card of the format are others here. */
  | { readonly kind: 'fixed'; readonly at: number };

export function seenAs(format: CardFormat, bits: string): Seen {
  if (bits.length !== format.bits) return { kind: 'length', came: bits.length };
  for (const parity of format.parities)
    if ((bits[parity.at - 1] === '1') !== odd(bits, parity)) return { kind: 'parity', at: parity.at };
  for (const one of format.fixed) if (read(bits, one) !== one.value) return { kind: 'fixed', at: one.from };
  return {
    kind: 'card',
    card: { facility: format.facility ? read(bits, format.facility) : 0, number: read(bits, format.number) },
  };
}

/**
 * What a controller makes of a card whose two data lines are changed over, so that every bit arrives as its contrary: it drops the frame where a
 * parity counts an odd number of bits, itself included, or bits are the same on every card; else it takes it for another card.
 */
export function changedOver(format: CardFormat): 'dropped' | 'misread' {
  // Which of the two it is does not depend on the card.
  const frame = frameOf(format, { facility: 0, number: 0 }) ?? '';
  const contrary = [...frame].map((bit) => (bit === '0' ? '1' : '0')).join('');
  return seenAs(format, contrary).kind === 'card' ? 'misread' : 'dropped';
}

const read = (bits: string, field: BitField): number =>
  Number.parseInt(inOrder(field, bits.slice(field.from - 1, field.to)), 2);

function write(bits: string[], field: BitField, value: number): void {
  const text = inOrder(field, value.toString(2).padStart(widthOf(field), '0'));
  for (let index = 0; index < text.length; index += 1) bits[field.from - 1 + index] = text[index]!;
}

/** The bits of a field as they leave the reader, from how they are written, and the other way round. */
const inOrder = ({ lowFirst }: BitField, bits: string): string =>
  lowFirst ? (bits.match(/.{8}/g) ?? []).reverse().join('') : bits;

/** Whether the parity bit must be 1: the ones of its stretch are odd for an even parity, even for an odd one. */
function odd(bits: string, { at, from, to, kind }: Parity): boolean {
  const ones = [...bits].filter((bit, i) => bit === '1' && i >= from - 1 && i < to && i !== at - 1).length;
  return kind === 'even' ? ones % 2 === 1 : ones % 2 === 0;
}
