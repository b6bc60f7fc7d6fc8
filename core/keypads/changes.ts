import type { CardNumber, SlotContent } from '../plan/index';
import { codeProblem } from './codeRules';
import { samePerson } from './compareMemory';
import { perform } from './deeds';
import { commandFor, sameCard, type Deed, type KeypadLanguage, type Memory, type Placed } from './language';
import { matchTokens } from './matchTokens';
import { strokesOf, type Values } from './strokes';

/** One command with the values it is keyed with. */
export interface Change extends Placed {
  readonly values: Values;
  readonly slot: number | null;
  /** A slot that cannot be cleared is overwritten with a code that nobody gets. */
  readonly scrap: boolean;
}

/** A code to bury an unclearable slot under, as often as one is asked for. */
export type ScrapCode = (slot: number) => string;

/** A change as this language makes it, or null where it has no command for it. */
export function change(
  language: KeypadLanguage,
  does: Deed,
  values: Values,
  slot: number | null = null,
  scrap = false,
): Change | null {
  const single = (values.cards?.length ?? 0) <= 1;
  const placed =
    commandFor(language, does, ({ strokes, time }) =>
      does === 'set-time'
        ? (time ?? 'unlock') === 'unlock'
        : single || strokes.some((token) => 'cards' in token),
    ) ?? null;
  return placed && { ...placed, values, slot, scrap };
}

/** The memory after a change, read from its strokes as the keypad reads them; null where it refuses. */
export function changed(
  language: KeypadLanguage,
  memory: Memory,
  { command, values }: Change,
): Memory | null {
  const match = matchTokens(command.strokes, strokesOf(language, command.strokes, values));
  return match.kind === 'complete' ? perform(language, memory, match.fields, command) : null;
}

/** How many strokes a change takes. */
export const strokesFor = (language: KeypadLanguage, { command, values }: Change): number =>
  strokesOf(language, command.strokes, values).length;

export const setCode = (language: KeypadLanguage, slot: number, code: string, scrap = false) =>
  change(language, 'set-code', { slot, code, again: code }, slot, scrap);
export const setCard = (language: KeypadLanguage, slot: number, card: CardNumber) =>
  change(language, 'set-card', { slot, cards: [card] }, slot);

/** Somebody new with all that a slot shall hold but a second finger; null where the language has no such command. */
export function newUser(language: KeypadLanguage, slot: number, wanted: SlotContent): Change | null {
  const { code, card, fingers: [finger] = [], administers, name } = wanted;
  return change(
    language,
    'new-user',
    {
      slot,
      ...(code === null ? {} : { code, again: code }),
      ...(card ? { cards: [card] } : {}),
      ...(finger === undefined ? {} : { finger }),
      ...(administers ? { administers } : {}),
      ...(name === undefined ? {} : { name }),
    },
    slot,
  );
}

/** The next finger that a slot lacks, and the role where it is another; nothing where it is as it shall be. */
export const personChanges = (
  language: KeypadLanguage,
  slot: number,
  held: SlotContent,
  wanted: SlotContent,
): (Change | null)[] => {
  const finger = wanted.fingers?.find((one) => !held.fingers?.includes(one));
  const administers = wanted.administers === true;
  return [
    finger === undefined ? null : change(language, 'add-finger', { slot, finger }, slot),
    administers === (held.administers === true)
      ? null
      : change(language, 'set-role', { slot, administers }, slot),
  ];
};

/** A code for a slot that cannot be cleared, which the keypad takes and nobody has; null after many tries. */
export function scrapFor(
  language: KeypadLanguage,
  memory: Memory,
  slot: number,
  taken: readonly string[],
  scrapCode: ScrapCode,
): Change | null {
  let code = scrapCode(slot);
  for (let tries = 0; tries < 60 && code !== ''; tries += 1) {
    const own = setCode(language, slot, code, true);
    const isTaken = codeProblem(language, code, memory.programmingCode, taken) !== null;
    if (own && !isTaken && changed(language, memory, own)) return own;
    code = String((Number(code) + 7) % 10 ** code.length).padStart(code.length, '0');
  }
  return null;
}

/** Whether a slot holds what it shall; one that nobody shall have may stand under a code that nobody gets. */
export function isSettled(
  held: SlotContent | undefined,
  wanted: SlotContent | undefined,
  scraps: ReadonlySet<string>,
): boolean {
  if (!wanted)
    return (
      held === undefined ||
      (held.code !== null && scraps.has(held.code) && held.card === null && held.unknown === undefined)
    );
  return (
    held !== undefined &&
    held.unknown === undefined &&
    held.code === wanted.code &&
    sameCard(held.card, wanted.card) &&
    (held.output ?? 1) === 1 &&
    held.toggle !== true &&
    samePerson(held, wanted)
  );
}
