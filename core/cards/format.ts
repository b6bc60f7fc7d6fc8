/** A number of the frame: which cards of a site belong together, and which card it is. */
export interface CardNumbers {
  readonly facility: number;
  readonly number: number;
}

/** Bits are counted from 1, as they leave the reader; the first of a field is its highest. */
export interface CardFormat {
  readonly id: string;
  readonly name: string;
  readonly bits: number;
  readonly facility: BitRange;
  readonly number: BitRange;
  readonly parities: readonly Parity[];
}

export interface BitRange {
  readonly from: number;
  readonly to: number;
}

/** A bit that makes the ones of a stretch, itself included, even or odd. */
export interface Parity extends BitRange {
  readonly at: number;
  readonly kind: 'even' | 'odd';
}

/**
 * Frames as they are met: 26 bits are an open industry format; of the longer ones several are about under the same length, which is why two
 * cards in hand decide and not the length.
 */
export const CARD_FORMATS: readonly CardFormat[] = [
  {
    id: 'bits-26',
    name: '26 bits, facility 8 and number 16',
    bits: 26,
    facility: { from: 2, to: 9 },
    number: { from: 10, to: 25 },
    parities: [
      { at: 1, kind: 'even', from: 2, to: 13 },
      { at: 26, kind: 'odd', from: 14, to: 25 },
    ],
  },
  {
    id: 'bits-34',
    name: '34 bits, facility 16 and number 16',
    bits: 34,
    facility: { from: 2, to: 17 },
    number: { from: 18, to: 33 },
    parities: [
      { at: 1, kind: 'even', from: 2, to: 17 },
      { at: 34, kind: 'odd', from: 18, to: 33 },
    ],
  },
  {
    id: 'bits-35',
    name: '35 bits, facility 12 and number 21',
    bits: 35,
    facility: { from: 2, to: 13 },
    number: { from: 14, to: 34 },
    parities: [
      { at: 1, kind: 'even', from: 2, to: 18 },
      { at: 35, kind: 'odd', from: 19, to: 34 },
    ],
  },
  {
    id: 'bits-37',
    name: '37 bits, facility 16 and number 19',
    bits: 37,
    facility: { from: 2, to: 17 },
    number: { from: 18, to: 36 },
    parities: [
      { at: 1, kind: 'even', from: 2, to: 19 },
      { at: 37, kind: 'odd', from: 19, to: 36 },
    ],
  },
];

export const widthOf = ({ from, to }: BitRange): number => to - from + 1;

/** Bits of both numbers together, without parities. */
export const dataWidth = ({ facility, number }: CardFormat): number => widthOf(facility) + widthOf(number);

/** Whether a format has room for these numbers. */
export const fitsIn = ({ facility, number }: CardFormat, card: CardNumbers): boolean =>
  card.facility >= 0 &&
  card.number >= 0 &&
  card.facility < 2 ** widthOf(facility) &&
  card.number < 2 ** widthOf(number);
