import type { SlotContent } from './schemas/memory';
import type { CardNumber, HeldCard, Person } from './schemas/person';

export const sameCard = (a: CardNumber | null, b: CardNumber | null): boolean =>
  a === b || (a !== null && b !== null && a.facility === b.facility && a.number === b.number);

/** Cards that still open something. */
export const cardsInUse = ({ cards }: Pick<Person, 'cards'>): readonly HeldCard[] =>
  cards.filter(({ lost }) => lost === null);

/** What opens: a code, a card, fingers. */
type Opener = Pick<SlotContent, 'code' | 'card' | 'fingers'>;
type Holder = Pick<Person, 'code' | 'cards'> & Partial<Pick<Person, 'id' | 'fingers'>>;

/** A person's fingers, by numbers of their own: a finger has no other name. */
export const fingersOf = ({ id, fingers }: Pick<Person, 'id' | 'fingers'>): string[] =>
  Array.from({ length: fingers }, (_, index) => `${id}/${index + 1}`);

/** True where this code, this card or one of these fingers is this person's to open with; a lost card is nobody's. */
export const isTheirs = (person: Holder, { code, card, fingers = [] }: Opener): boolean =>
  (person.code !== '' && person.code === code) ||
  (card !== null && cardsInUse(person).some((one) => sameCard(one, card))) ||
  fingersOf({ id: person.id ?? '', fingers: person.fingers ?? 0 }).some((one) => fingers.includes(one));

/** True where a card of this person's stands in a keypad, in use or lost, or a finger that they do not open with any more. */
export const wasTheirs = (person: Holder, { code, card, fingers = [] }: Opener): boolean =>
  (person.code !== '' && person.code === code) ||
  (card !== null && person.cards.some((one) => sameCard(one, card))) ||
  fingers.some((one) => one.startsWith(`${person.id ?? ''}/`));

/** True where the person, or one of their cards, has this slot of a keypad. */
export const hasSlot = (
  { slots, cards }: Pick<Person, 'slots' | 'cards'>,
  keypad: string,
  slot: number,
): boolean => slots[keypad] === slot || cards.some((card) => card.slots[keypad] === slot);
