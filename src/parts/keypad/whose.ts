import type { KeypadLanguage, SheetLine } from '#core/keypads/index';
import { hasSlot, isTheirs, wasTheirs, type Person } from '#core/plan/index';
import { say } from '#words/parts/keypad/whose';

/** Whose slot a line is about; in a list, whose code or cards. */
export const ownersOf = (
  language: Pick<KeypadLanguage, 'slots'>,
  keypad: string,
  people: readonly Person[],
  { slot, about }: Pick<SheetLine, 'slot' | 'about'>,
): string =>
  people
    .filter((person) =>
      language.slots
        ? slot !== null && hasSlot(person, keypad, slot)
        : isTheirs(person, { code: about.code === undefined ? null : String(about.code), card: null }) ||
          about.cards?.some((card) => wasTheirs(person, { code: null, card })),
    )
    .map(({ name }) => name)
    .join(', ');

/** `slot 003`, in as many digits as are keyed; empty where a line is about none. */
export const slotWords = ({ slots }: Pick<KeypadLanguage, 'slots'>, slot: number | null): string =>
  slots && slot !== null ? say.slot(String(slot).padStart(slots.digits, '0')) : '';
