import { dataWidth, fitsIn, roomOf, type CardFormat, type CardNumbers } from './format';
import { frameOf, seenAs } from './frame';

/** Ways in which one card is written: on its print, on a screen, in a list. */
export const FORMS = [
  'facility-number',
  'number',
  'decimal',
  'hex',
  'reversed-decimal',
  'reversed-hex',
  'frame-bits',
  'frame-hex',
] as const;
export type FormId = (typeof FORMS)[number];

/** What a text says of a card: both numbers, or the number alone. */
export interface Told {
  readonly facility: number | null;
  readonly number: number;
}

/** Both numbers as one, facility first: what readers that know no facility show. Up to 64 bits, more than a number holds exactly. */
const joined = (format: CardFormat, { facility, number }: CardNumbers): bigint =>
  BigInt(facility) * BigInt(roomOf(format.number)) + BigInt(number);

function parted(format: CardFormat, value: bigint): CardNumbers | null {
  if (value >= 2n ** BigInt(dataWidth(format))) return null;
  const room = BigInt(roomOf(format.number));
  return { facility: Number(value / room), number: Number(value % room) };
}

const bytesOf = (format: CardFormat): number => Math.ceil(dataWidth(format) / 8);

/** The same bytes in the other order, lowest first. */
function reversed(format: CardFormat, value: bigint): bigint {
  const hex = value.toString(16).padStart(bytesOf(format) * 2, '0');
  return BigInt(`0x${(hex.match(/../g) ?? []).reverse().join('')}`);
}

const hexOf = (value: bigint, bits: number): string =>
  value
    .toString(16)
    .toUpperCase()
    .padStart(Math.ceil(bits / 8) * 2, '0');

/** A card in one form; null where the format has no room for it. */
export function writeForm(format: CardFormat, form: FormId, card: CardNumbers): string | null {
  const frame = frameOf(format, card);
  if (frame === null) return null;
  const value = joined(format, card);
  switch (form) {
    case 'facility-number':
      return `${card.facility}-${card.number}`;
    case 'number':
      return String(card.number);
    case 'decimal':
      return String(value);
    case 'hex':
      return hexOf(value, dataWidth(format));
    case 'reversed-decimal':
      return String(reversed(format, value));
    case 'reversed-hex':
      return hexOf(reversed(format, value), dataWidth(format));
    case 'frame-bits':
      return frame;
    case 'frame-hex':
      return hexOf(BigInt(`0b${frame}`), format.bits);
  }
}

/** What a text says of a card when it is taken for one form; null where it is none. Leading zeros mean nothing. */
export function readForm(format: CardFormat, form: FormId, text: string): Told | null {
  const word = text.trim().toUpperCase();
  const decimal = /^\d{1,20}$/.test(word) ? BigInt(word) : null;
  const digits = /^(?:0X)?([0-9A-F]{1,16})$/.exec(word)?.[1];
  const hex = digits === undefined ? null : BigInt(`0x${digits}`);
  const whole = (value: bigint | null) => (value === null ? null : parted(format, value));
  switch (form) {
    case 'facility-number': {
      const [, facility, number] = /^(\d{1,10})\s*[-:,/ ]\s*(\d{1,10})$/.exec(word) ?? [];
      if (facility === undefined || number === undefined) return null;
      const card = { facility: Number(facility), number: Number(number) };
      return fitsIn(format, card) ? card : null;
    }
    case 'number':
      return decimal !== null && decimal < BigInt(roomOf(format.number))
        ? { facility: null, number: Number(decimal) }
        : null;
    case 'decimal':
      return whole(decimal);
    case 'hex':
      return whole(hex);
    case 'reversed-decimal':
    case 'reversed-hex': {
      const value = form === 'reversed-hex' ? hex : decimal;
      return value === null || value >= 256n ** BigInt(bytesOf(format))
        ? null
        : whole(reversed(format, value));
    }
    case 'frame-bits':
    case 'frame-hex': {
      const bits =
        form === 'frame-bits' ? word : hex === null ? '' : hex.toString(2).padStart(format.bits, '0');
      const seen = /^[01]+$/.test(bits) ? seenAs(format, bits) : null;
      return seen?.kind === 'card' ? seen.card : null;
    }
  }
}
