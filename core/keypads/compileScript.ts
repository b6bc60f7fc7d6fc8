import type { DeviceId, Person, Plan, SlotContent } from '../plan/index';
import { codeProblem, type CodeProblem } from './codeRules';
import { press, switchOn } from './keypad';
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

/** Something of the target that no order of commands reaches. */
export interface ScriptProblem {
  readonly slot: number | null;
  readonly purpose: CommandId;
  /** `held-length`: the keypad takes no programming code of another length while it holds codes it cannot clear. */
  readonly problem: 'held-length' | 'refused';
}

export interface Script {
  readonly steps: readonly ScriptStep[];
  /** Empty where the script, keyed in, leaves exactly the target; an unclearable slot stays under a code nobody has. */
  readonly problems: readonly ScriptProblem[];
}

/** One command with the values it is keyed with. */
interface Command {
  readonly purpose: CommandId;
  readonly slot: number | null;
  readonly values: Values;
  readonly scrap: boolean;
}

/**
 * The fewest commands that lead from one memory to the target, in an order the keypad accepts: the programming code first
 * (nobody else is to know it), then slots that go, then slots that come, then times. Every command is carried out on a copy
 * of the memory by the keypad's own rules before it goes into the script: one that would be refused waits for the others,
 * and where all wait for each other (two codes that change places) a slot is put out of the way first. `scrapCode` gives
 * the code to bury an unclearable slot under.
 */
export function compileScript(
  language: KeypadLanguage,
  memory: Memory,
  target: Target,
  scrapCode: (slot: number) => string,
): Script {
  const waiting = commandsFor(language, memory, target, scrapCode);
  const script: Command[] = [];
  const moved = new Set<number>();
  let current = memory;
  const perform = (command: Command): boolean => {
    const next = carryOut(language, current, command);
    if (!next) return false;
    current = next;
    script.push(command);
    return true;
  };
  for (;;) {
    const index = waiting.findIndex(perform);
    if (index >= 0) {
      waiting.splice(index, 1);
      continue;
    }
    if (
      waiting.length === 0 ||
      !putAside(language, target, waiting, moved, () => current, perform, scrapCode)
    )
      break;
  }
  const problems = waiting.map(({ slot, purpose }): ScriptProblem => {
    const uneven =
      purpose === 'programming-code' && target.programmingCode.length !== memory.programmingCode.length;
    return { slot, purpose, problem: language.sameLength && uneven ? 'held-length' : 'refused' };
  });
  if (script.length === 0) return { steps: [], problems };
  const step = (purpose: 'enter' | 'leave', tokens: readonly Token[], values: Values): ScriptStep => ({
    purpose,
    strokes: strokesOf(language, tokens, values),
    reply: purpose === 'enter' ? 'programming' : 'left',
    slot: null,
    scrap: false,
  });
  const { programmingCode } = memory;
  return {
    problems,
    steps: [
      step('enter', language.enter, { programming: programmingCode, again: programmingCode }),
      ...script.map(({ purpose, slot, values, scrap }): ScriptStep => {
        const strokes = strokesOf(language, language.commands[purpose] ?? [], values);
        return { purpose, strokes, reply: 'stored', slot, scrap };
      }),
      step('leave', language.leave, {}),
    ],
  };
}

/** The memory after a command is keyed in, stroke by stroke; null where the keypad would refuse it. */
function carryOut(language: KeypadLanguage, memory: Memory, { purpose, values }: Command): Memory | null {
  let keypad = { ...switchOn(memory), mode: 'programming' as 'programming' | 'door' };
  let reply: ReplyId = 'refused';
  for (const stroke of strokesOf(language, language.commands[purpose] ?? [], values)) {
    const answer = press(language, keypad, stroke, 0);
    keypad = answer.keypad;
    reply = answer.reply;
  }
  return reply === 'stored' && keypad.strokes.length === 0 ? keypad.memory : null;
}

/** What has to be keyed in, in the order that is wished for. */
function commandsFor(
  language: KeypadLanguage,
  memory: Memory,
  target: Target,
  scrapCode: (slot: number) => string,
): Command[] {
  const commands: Command[] = [];
  const command = (purpose: CommandId, values: Values, slot: number | null = null, scrap = false) => {
    if (language.commands[purpose]) commands.push({ purpose, slot, values, scrap });
  };
  if (target.programmingCode !== memory.programmingCode)
    command('programming-code', { programming: target.programmingCode, again: target.programmingCode });
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
    if (content.code !== null && content.code !== (held?.code ?? null))
      command('set-code', { slot, code: content.code, again: content.code }, slot);
    if (content.card && !sameCard(content.card, held?.card ?? null))
      command('set-card', { slot, card: content.card }, slot);
  }
  if (target.unlockSeconds !== memory.times['unlock'])
    command('unlock-time', { seconds: target.unlockSeconds });
  return commands;
}

/**
 * Puts one slot out of the way that keeps others waiting: it is cleared, or overwritten with a code that nobody has, and its
 * own commands come later. False where there is none left to try.
 */
function putAside(
  language: KeypadLanguage,
  target: Target,
  waiting: Command[],
  moved: Set<number>,
  current: () => Memory,
  perform: (command: Command) => boolean,
  scrapCode: (slot: number) => string,
): boolean {
  const held = Object.keys(current().slots).map(Number);
  const mayMove = (slot: number) =>
    !moved.has(slot) &&
    (language.clears || waiting.some((one) => one.slot === slot && one.purpose === 'set-code'));
  for (const slot of held.filter(mayMove)) {
    moved.add(slot);
    if (language.clears) {
      if (!perform({ purpose: 'clear-slot', slot, values: { slot }, scrap: false })) continue;
      // What stood there and was right has to be keyed in again.
      const wanted = target.slots[slot];
      const again = (purpose: CommandId) =>
        waiting.some((one) => one.slot === slot && one.purpose === purpose);
      if (wanted?.code && !again('set-code'))
        waiting.push({
          purpose: 'set-code',
          slot,
          values: { slot, code: wanted.code, again: wanted.code },
          scrap: false,
        });
      if (wanted?.card && !again('set-card'))
        waiting.push({ purpose: 'set-card', slot, values: { slot, card: wanted.card }, scrap: false });
      return true;
    }
    let code = scrapCode(slot);
    for (let tries = 0; tries < 50; tries += 1) {
      if (perform({ purpose: 'set-code', slot, values: { slot, code, again: code }, scrap: true }))
        return true;
      code = String((Number(code) + 7) % 10 ** code.length).padStart(code.length, '0');
    }
  }
  return false;
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
