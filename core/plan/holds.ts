import type { SlotContent } from './schemas/memory';
import type { CardNumber, HeldCard, Person } from './schemas/person';

export const sameCard = (a: CardNumber | null, b: CardNumber | null): boolean =>
  a === b || (a !== null && b !== null && a.facility === b.facility && a.number === b.number);

/** Cards that still open something. */
export const cardsInUse = ({ cards }: Pick<Person, 'cards'>): readonly HeldCard[] =>
  cards.filter(({ lost }) => lost === null);

/** True where this code or this card is this person's to open with; a lost card is nobody's. */
export const isTheirs = (
  person: Pick<Person, 'code' | 'cards'>,
  { code, card }: Pick<SlotContent, 'code' | 'card'>,
): boolean =>
  (person.code !== '' && person.code === code) ||
  (card !== null && cardsInUse(person).some((one) => sameCard(one, card)));

/** True where a card of this person's stands in a keypad, in use or lost. */
export const wasTheirs = (
  person: Pick<Person, 'code' | 'cards'>,
  { code, card }: Pick<SlotContent, 'code' | 'card'>,
): boolean =>
  (person.code !== '' && person.code === code) ||
  (card !== null && person.cards.some((one) => sameCard(one, card)));

/** True where the person, or one of their cards, has this slot of a keypad. */
export const hasSlot = (
  { slots, cards }: Pick<Person, 'slots' | 'cards'>,
  keypad: string,
  slot: number,
): boolean => slots[keypad] === slot || cards.some((card) => card.slots[keypad] === slot);
