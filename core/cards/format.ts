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
  /** Null for a frame that tells no facility: what is read of it is facility 0. */
  readonly facility: BitField | null;
  readonly number: BitField;
  readonly parities: readonly Parity[];
  /** Bits that are the same on every card; a controller drops a frame where they differ. */
  readonly fixed: readonly FixedBits[];
}

export interface BitRange {
  readonly from: number;
  readonly to: number;
}

/** `lowFirst`: its bytes leave the reader in the other order, lowest first. Whole bytes only. */
export interface BitField extends BitRange {
  readonly lowFirst?: boolean;
}

export interface FixedBits extends BitRange {
  readonly value: number;
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
    fixed: [],
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
    fixed: [],
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
    fixed: [],
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
    fixed: [],
  },
];

export const widthOf = ({ from, to }: BitRange): number => to - from + 1;

/** Numbers that a field has room for; one, the nought, where there is no field. */
export const roomOf = (field: BitRange | null): number => (field ? 2 ** widthOf(field) : 1);

/** Bits of both numbers together, without parities. */
export const dataWidth = ({ facility, number }: CardFormat): number =>
  (facility ? widthOf(facility) : 0) + widthOf(number);

/** Whether a format has room for these numbers. */
export const fitsIn = ({ facility, number }: CardFormat, card: CardNumbers): boolean =>
  card.facility >= 0 && card.number >= 0 && card.facility < roomOf(facility) && card.number < roomOf(number);

/** Every number of a frame is one that a program holds exactly. */
export const MOST_FIELD_BITS = 32;
export const MOST_FRAME_BITS = 64;

/** What stands against a frame, at which part of it. */
export interface FormatProblem {
  readonly at: readonly (string | number)[];
  readonly problem:
    'beyond' | 'overlaps' | 'too-wide' | 'no-bytes' | 'no-room' | 'parity-outside' | 'parity-early';
}

/** Whether a frame can be sent and read: its parts lie in it, none on another, and a parity stands behind those that it counts. */
export function formatProblems({ bits, facility, number, parities, fixed }: CardFormat): FormatProblem[] {
  const found: FormatProblem[] = [];
  const taken = new Set<number>();
  const take = (at: FormatProblem['at'], { from, to }: BitRange) => {
    if (from > to || to > bits) return found.push({ at, problem: 'beyond' });
    let overlaps = false;
    for (let bit = from; bit <= to; bit += 1) {
      overlaps ||= taken.has(bit);
      taken.add(bit);
    }
    return overlaps && found.push({ at, problem: 'overlaps' });
  };
  const fields: readonly (readonly [string, BitField | null])[] = [
    ['facility', facility],
    ['number', number],
  ];
  for (const [name, field] of fields) {
    if (!field) continue;
    take([name], field);
    if (widthOf(field) > MOST_FIELD_BITS) found.push({ at: [name], problem: 'too-wide' });
    if (field.lowFirst && widthOf(field) % 8 !== 0) found.push({ at: [name], problem: 'no-bytes' });
  }
  fixed.forEach((one, index) => {
    take(['fixed', index], one);
    if (widthOf(one) > MOST_FIELD_BITS || one.value >= roomOf(one))
      found.push({ at: ['fixed', index], problem: 'no-room' });
  });
  parities.forEach((one, index) => {
    take(['parities', index], { from: one.at, to: one.at });
    if (one.from > one.to || one.to > bits)
      found.push({ at: ['parities', index], problem: 'parity-outside' });
    const counted = parities.slice(index + 1).some(({ at }) => at >= one.from && at <= one.to);
    if (counted) found.push({ at: ['parities', index], problem: 'parity-early' });
  });
  return found;
}
