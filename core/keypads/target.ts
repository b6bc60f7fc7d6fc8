import {
  cardsInUse,
  fingersOf,
  peopleAt,
  type CardNumber,
  type DeviceId,
  type HeldCard,
  type Person,
  type Plan,
  type SlotContent,
} from '../plan/index';
import { codeProblem, type CodeProblem } from './codeRules';
import {
  can,
  entersByNumber,
  takesCards,
  takesCodes,
  takesFingers,
  takesRoles,
  type KeypadLanguage,
} from './language';
import { plainName } from './letters';

/** What a keypad is to hold. A list has no slots of its own: its entries are numbered as they come. */
export interface Target {
  readonly programmingCode: string;
  readonly slots: Readonly<Record<number, SlotContent>>;
  readonly unlockSeconds: number;
}

export interface TargetProblem {
  readonly slot: number | null;
  readonly problem:
    CodeProblem | 'no-cards-here' | 'no-codes-here' | 'slot-out-of-range' | 'slot-twice' | 'no-slot' | 'full';
  readonly person: string | null;
}

/** People of a keypad's door who open it, in the slots the ledger gives them. */
export const peopleOf = (plan: Plan, keypad: DeviceId): Person[] => {
  const door = plan.devices[keypad]?.door;
  if (door === null || door === undefined) return [];
  return peopleAt(plan, door).sort(
    (a, b) => (a.slots[keypad] ?? 1e9) - (b.slots[keypad] ?? 1e9) || a.name.localeCompare(b.name),
  );
};

/** What the list of people asks of a keypad, and what stands against it. */
export function targetOf(
  plan: Plan,
  keypad: DeviceId,
  language: KeypadLanguage,
  programmingCode: string,
  unlockSeconds: number,
): { target: Target; problems: TargetProblem[] } {
  const problems: TargetProblem[] = [];
  const slots: Record<number, SlotContent> = {};
  const codes: string[] = [];
  const put = (slot: number, content: SlotContent, add: (problem: TargetProblem['problem']) => void) => {
    if (Object.keys(slots).length >= language.capacity) add('full');
    else slots[slot] = content;
  };
  for (const person of peopleOf(plan, keypad)) {
    const slot = person.slots[keypad];
    const add = (problem: TargetProblem['problem']) =>
      problems.push({ slot: slot ?? null, problem, person: person.name });
    const wants = takesCodes(language) ? person.code : '';
    const inUse = cardsInUse(person);
    const cards = takesCards(language) ? inUse : [];
    const fingers = takesFingers(language) ? fingersOf(person) : [];
    if (wants === '' && cards.length === 0 && fingers.length === 0) {
      if (inUse.length > 0) add('no-cards-here');
      else if (person.code !== '') add('no-codes-here');
      continue;
    }
    const others = entersByNumber(language) ? [] : codes;
    const problem = wants === '' ? null : codeProblem(language, wants, programmingCode, others);
    if (problem) add(problem);
    const code = wants === '' || problem ? null : wants;
    if (code) codes.push(code);
    if (language.slots) {
      const { first, last } = language.slots;
      for (const [at, content] of inSlots(person, keypad, code, cards, whoOf(language, person, fingers))) {
        if (at === null) add('no-slot');
        else if (at < first || at > last) add('slot-out-of-range');
        else if (slots[at]) add('slot-twice');
        else put(at, content, add);
      }
      continue;
    }
    const next = () => Object.keys(slots).length + 1;
    if (code) put(next(), { code, card: null }, add);
    for (const card of cards) put(next(), { code: null, card: numbersOf(card) }, add);
  }
  return { target: { programmingCode, slots, unlockSeconds }, problems };
}

/** What stands in a slot for the person beside code and card. */
function whoOf(
  language: KeypadLanguage,
  { name, role }: Person,
  fingers: readonly string[],
): Pick<SlotContent, 'fingers' | 'administers' | 'name'> {
  const letters = can(language, 'new-user') ? plainName(name) : '';
  return {
    ...(fingers.length > 0 ? { fingers } : {}),
    ...(role === 'administrator' && takesRoles(language) ? { administers: true as const } : {}),
    ...(letters === '' ? {} : { name: letters }),
  };
}

const numbersOf = ({ facility, number }: HeldCard): CardNumber => ({ facility, number });

/**
 * What of a person stands in which slot: the code and the first card that has no slot of its own in theirs, each further card in its
 * own. Null for what has none.
 */
function inSlots(
  person: Person,
  keypad: DeviceId,
  code: string | null,
  cards: readonly HeldCard[],
  who: Pick<SlotContent, 'fingers' | 'administers' | 'name'>,
): [number | null, SlotContent][] {
  const own = person.slots[keypad] ?? null;
  const shared = cards.find((card) => card.slots[keypad] === undefined);
  const apart = cards.filter((card) => card !== shared);
  return [
    ...(code !== null || shared || who.fingers
      ? [
          [own, { code, card: shared ? numbersOf(shared) : null, ...who }] satisfies [
            number | null,
            SlotContent,
          ],
        ]
      : []),
    ...apart.map((card): [number | null, SlotContent] => [
      card.slots[keypad] ?? null,
      { code: null, card: numbersOf(card), ...(who.name === undefined ? {} : { name: who.name }) },
    ]),
  ];
}

/** The lowest slot of a keypad that no person has and its memory does not hold; null where it has none, or keeps a list. */
export function freeSlot(plan: Plan, keypad: DeviceId, language: KeypadLanguage): number | null {
  if (!language.slots) return null;
  const taken = new Set<number>(Object.keys(plan.memories[keypad]?.slots ?? {}).map(Number));
  for (const person of Object.values(plan.people)) {
    for (const { [keypad]: slot } of [person.slots, ...person.cards.map(({ slots }) => slots)])
      if (slot !== undefined) taken.add(slot);
  }
  for (let slot = language.slots.first; slot <= language.slots.last; slot += 1)
    if (!taken.has(slot)) return slot;
  return null;
}
