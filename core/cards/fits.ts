import { CARD_FORMATS, type CardFormat } from './format';
import { FORMS, readForm, type FormId, type Told } from './forms';

/** One card in hand: what is printed on it, and what a reader or a screen shows of it. */
export interface CardInHand {
  readonly printed: string;
  readonly read: string;
}

/** A way in which print and reading of all cards say the same. */
export interface Fit {
  readonly format: CardFormat;
  readonly printed: FormId;
  readonly read: FormId;
  /** What the cards are then, in their order; null for a facility that neither tells. */
  readonly cards: readonly Told[];
}

/**
 * Formats in which every card's print and reading are the same card. Two cards decide where one fits several ways; of ways that tell the
 * same cards in the same format the first is kept, those that tell the facility before those that do not.
 */
export function fitting(
  hand: readonly CardInHand[],
  formats: readonly CardFormat[] = CARD_FORMATS,
): readonly Fit[] {
  const whole = hand.filter(({ printed, read }) => printed.trim() !== '' && read.trim() !== '');
  if (whole.length === 0) return [];
  const found: Fit[] = [];
  for (const format of formats)
    for (const printed of FORMS)
      for (const read of FORMS) {
        const cards = whole.map((one) =>
          same(readForm(format, printed, one.printed), readForm(format, read, one.read)),
        );
        if (cards.every((card) => card !== null)) found.push({ format, printed, read, cards });
      }
  return oncePerMeaning(found.sort((a, b) => unknowns(a) - unknowns(b)));
}

/** What two texts say of one card, where they do not contradict each other. */
function same(one: Told | null, other: Told | null): Told | null {
  if (!one || !other || one.number !== other.number) return null;
  if (one.facility !== null && other.facility !== null && one.facility !== other.facility) return null;
  return { facility: one.facility ?? other.facility, number: one.number };
}

const unknowns = ({ cards }: Fit): number => cards.filter(({ facility }) => facility === null).length;

function oncePerMeaning(fits: readonly Fit[]): Fit[] {
  const seen = new Set<string>();
  return fits.filter(({ format, cards }) => {
    const key = JSON.stringify([format.id, cards]);
    return seen.has(key) ? false : !!seen.add(key);
  });
}
