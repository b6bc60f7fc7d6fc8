import type { DeviceId, Person, Plan, SlotContent } from '../plan/index';
import { codeProblem, type CodeProblem } from './codeRules';
import {
  sameCard,
  type CommandId,
  type FieldId,
  type KeypadLanguage,
  type Memory,
  type ReplyId,
  type Stroke,
  type Token,
} from './language';

/** What a keypad is to hold. */
export interface Target {
  readonly programmingCode: string;
  readonly slots: Readonly<Record<number, SlotContent>>;
  readonly unlockSeconds: number;
}

/** One line of a keying script: strokes to make, and what the keypad should answer to the last of them. */
export interface ScriptStep {
  readonly purpose: 'enter' | 'leave' | CommandId;
  readonly strokes: readonly Stroke[];
  readonly reply: ReplyId;
  readonly slot: number | null;
  /** A slot that cannot be cleared is overwritten with a code that nobody gets. */
  readonly scrap: boolean;
}

export interface TargetProblem {
  readonly slot: number | null;
  readonly problem: CodeProblem | 'no-cards-here' | 'slot-out-of-range' | 'no-slot';
  readonly person: string | null;
}

/**
 * The fewest commands that lead from one memory to the target, in an order the keypad accepts: the
 * programming code first (nobody else is to know it), then slots that go, then slots that come, then times.
 * `scrapCode` gives the code to bury an unclearable slot under.
 */
export function compileScript(
  language: KeypadLanguage,
  memory: Memory,
  target: Target,
  scrapCode: (slot: number) => string,
): ScriptStep[] {
  const steps: ScriptStep[] = [];
  const command = (purpose: CommandId, values: Values, slot: number | null = null, scrap = false) => {
    const tokens = language.commands[purpose];
    if (tokens)
      steps.push({ purpose, strokes: strokesOf(language, tokens, values), reply: 'stored', slot, scrap });
  };
  if (target.programmingCode !== memory.programmingCode) {
    command('programming-code', { programming: target.programmingCode, again: target.programmingCode });
  }
  const gone = Object.keys(memory.slots)
    .map(Number)
    .filter((slot) => needsClearing(memory, target, slot));
  for (const slot of gone) {
    if (language.clears) command('clear-slot', { slot }, slot);
    else if (!target.slots[slot]) {
      const code = scrapCode(slot);
      command('set-code', { slot, code, again: code }, slot, true);
    }
  }
  for (const [key, content] of Object.entries(target.slots)) {
    const slot = Number(key);
    const held = gone.includes(slot) && language.clears ? undefined : memory.slots[slot];
    if (content.code !== null && content.code !== (held?.code ?? null)) {
      command('set-code', { slot, code: content.code, again: content.code }, slot);
    }
    if (content.card && !sameCard(content.card, held?.card ?? null))
      command('set-card', { slot, card: content.card }, slot);
  }
  if (target.unlockSeconds !== memory.times['unlock'])
    command('unlock-time', { seconds: target.unlockSeconds });
  if (steps.length === 0) return [];
  const enter = strokesOf(language, language.enter, {
    programming: memory.programmingCode,
    again: memory.programmingCode,
  });
  return [
    { purpose: 'enter', strokes: enter, reply: 'programming', slot: null, scrap: false },
    ...inSafeOrder(steps, memory, target),
    {
      purpose: 'leave',
      strokes: strokesOf(language, language.leave, {}),
      reply: 'left',
      slot: null,
      scrap: false,
    },
  ];
}

/** A slot that must be emptied first: nobody has it any more, or its code or card moves to another slot. */
function needsClearing(memory: Memory, target: Target, slot: number): boolean {
  const wanted = target.slots[slot];
  const held = memory.slots[slot];
  if (!wanted || !held) return true;
  const losesCode = held.code !== null && wanted.code === null;
  const losesCard = held.card !== null && wanted.card === null;
  const moves = Object.entries(target.slots).some(
    ([other, content]) =>
      Number(other) !== slot &&
      ((held.code !== null && content.code === held.code) ||
        (held.card !== null && sameCard(content.card, held.card))),
  );
  return losesCode || losesCard || moves;
}

/** A code still held by a slot that is set later would be refused as taken: set that slot first where possible. */
function inSafeOrder(steps: readonly ScriptStep[], memory: Memory, target: Target): ScriptStep[] {
  const first = (step: ScriptStep) => ['programming-code', 'clear-slot'].includes(step.purpose) || step.scrap;
  const sets = steps.filter((step) => !first(step));
  const ordered: ScriptStep[] = [];
  const waiting = [...sets];
  const held = new Map(Object.entries(memory.slots).map(([slot, { code }]) => [Number(slot), code]));
  for (const step of steps) if (first(step) && step.slot !== null) held.delete(step.slot);
  while (waiting.length > 0) {
    const index = waiting.findIndex((step) => {
      const code = step.slot === null || step.purpose !== 'set-code' ? null : target.slots[step.slot]?.code;
      return !code || [...held].every(([slot, other]) => slot === step.slot || other !== code);
    });
    const [step] = waiting.splice(Math.max(0, index), 1);
    if (!step) break;
    ordered.push(step);
    if (step.purpose === 'set-code' && step.slot !== null)
      held.set(step.slot, target.slots[step.slot]?.code ?? null);
  }
  return [...steps.filter(first), ...ordered];
}

interface Values extends Partial<Record<FieldId, string | number>> {
  readonly card?: SlotContent['card'];
}

function strokesOf(language: KeypadLanguage, tokens: readonly Token[], values: Values): Stroke[] {
  return tokens.flatMap((token): Stroke[] => {
    if ('key' in token) return [{ key: token.key }];
    if ('card' in token) return values.card ? [{ card: values.card }] : [];
    const value = values[token.field] ?? '';
    const width =
      token.field === 'slot' ? language.slots.digits : token.field === 'seconds' ? token.least : 0;
    return [...String(value).padStart(width, '0')].map((key) => ({ key }));
  });
}

/** People of a keypad's door who open it, in the slots the ledger gives them. */
export const peopleOf = (plan: Plan, keypad: DeviceId): Person[] => {
  const door = plan.devices[keypad]?.door;
  return Object.values(plan.people)
    .filter((person) => door !== null && door !== undefined && person.doors.includes(door))
    .sort((a, b) => (a.slots[keypad] ?? 1e9) - (b.slots[keypad] ?? 1e9) || a.name.localeCompare(b.name));
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
  for (const person of peopleOf(plan, keypad)) {
    const slot = person.slots[keypad];
    const add = (problem: TargetProblem['problem']) =>
      problems.push({ slot: slot ?? null, problem, person: person.name });
    const card = language.cards ? person.card : null;
    if (person.card && !language.cards && person.code === '') add('no-cards-here');
    if (person.code === '' && !card) continue;
    if (slot === undefined) {
      add('no-slot');
      continue;
    }
    if (slot < language.slots.first || slot > language.slots.last) {
      add('slot-out-of-range');
      continue;
    }
    const problem = person.code === '' ? null : codeProblem(language, person.code, programmingCode, codes);
    if (problem) add(problem);
    const code = person.code === '' || problem ? null : person.code;
    if (code) codes.push(code);
    if (code || card) slots[slot] = { code, card };
  }
  return { target: { programmingCode, slots, unlockSeconds }, problems };
}

/** The lowest slot of a keypad that no person has and its memory does not hold. */
export function freeSlot(plan: Plan, keypad: DeviceId, language: KeypadLanguage): number | null {
  const taken = new Set<number>(Object.keys(plan.memories[keypad]?.slots ?? {}).map(Number));
  for (const person of Object.values(plan.people)) {
    const slot = person.slots[keypad];
    if (slot !== undefined) taken.add(slot);
  }
  for (let slot = language.slots.first; slot <= language.slots.last; slot += 1)
    if (!taken.has(slot)) return slot;
  return null;
}
