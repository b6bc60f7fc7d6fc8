import { change, changed, scrapFor, type Change, type ScrapCode } from './changes';
import { codeProblem } from './codeRules';
import { compareMemory } from './compareMemory';
import { AT_DOOR, press, switchOn } from './keypad';
import {
  can,
  type Deed,
  type KeypadLanguage,
  type Memory,
  type Mode,
  type ReplyId,
  type Stroke,
} from './language';
import { keying } from './keying';
import { leastChanges } from './leastChanges';
import { listChanges } from './listChanges';
import { CLOSED, screenSteps } from './screenSteps';
import { lineOf } from './scriptLine';
import type { ScriptStep } from './scriptStep';
import { inCardSeries } from './cardSeries';
import { strokesOf } from './strokes';
import type { Target } from './target';

/** Something of the target that no order of commands reaches. */
export interface ScriptProblem {
  readonly slot: number | null;
  readonly purpose: Deed;
  /**
   * `held-length`: the keypad takes no programming code of another length while it holds codes it cannot clear. `refused`: it would not
   * take it. `closed`: somebody administers it, and nothing they could show is known. `differs`: pressed on the stand-in the keys leave something else than the list, so none are shown.
   */
  readonly problem: 'held-length' | 'refused' | 'closed' | 'differs';
}

export interface Script {
  readonly steps: readonly ScriptStep[];
  /** Everybody is wiped and keyed in anew: nothing less would do. */
  readonly wipes: boolean;
  /** True where no other keys lead there with fewer strokes: every possibility was looked at. */
  readonly isLeast: boolean;
  /** Empty where the script, keyed in, leaves exactly the target; an unclearable slot stays under a code nobody has. */
  readonly problems: readonly ScriptProblem[];
}

interface Ways {
  readonly changes: readonly Change[];
  readonly problems: readonly ScriptProblem[];
  readonly isLeast: boolean;
}

/**
 * The fewest strokes that lead from one memory to the target, in an order the keypad accepts: the programming code first (nobody else is
 * to know it), then times, then slots or entries. Everybody is wiped only where nothing else leads there. What comes out is pressed on
 * the stand-in before anybody sees it. `scrapCode` gives the code to bury an unclearable slot under. `wipesFirst`: everybody is wiped
 * though less would do, because nobody knows what stands in slots that are not named; where the language has a command for it. `nth`: which
 * way into a menu, where several administrators or what they have open it.
 */
export function compileScript(
  language: KeypadLanguage,
  memory: Memory,
  target: Target,
  scrapCode: ScrapCode,
  wipesFirst = false,
  nth = 0,
): Script {
  const first = waysTo(language, memory, target, scrapCode);
  const wipe = wipesFirst || first.problems.length > 0 ? wiped(language, memory, target, scrapCode) : null;
  const wipes = wipe !== null && (wipesFirst || wipe.problems.length < first.problems.length);
  const { changes, problems } = wipes ? wipe : first;
  const found = language.screen
    ? screenSteps(language, language.screen, memory, changes, nth)
    : stepsOf(language, memory, changes);
  const none = { steps: [], wipes: false, isLeast: false };
  if (found === CLOSED)
    return { ...none, problems: [...problems, { slot: null, purpose: 'new-user', problem: 'closed' }] };
  const steps = found;
  const left = pressed(language, memory, steps);
  if (!left || (problems.length === 0 && !reaches(language, left, target, changes)))
    return {
      ...none,
      problems: [...problems, { slot: null, purpose: 'set-code', problem: 'differs' }],
    };
  // Where commands stand in several modes the way between them counts as well, and nothing looks for the shortest.
  const isLeast = !wipes && problems.length === 0 && isFlat(language) && first.isLeast;
  return { steps, wipes, problems, isLeast };
}

const isFlat = ({ modes, screen }: KeypadLanguage): boolean => modes.length === 1 && screen === null;

/** Everybody wiped first, and the way from there; null where there is no command for it. */
function wiped(language: KeypadLanguage, memory: Memory, target: Target, scrapCode: ScrapCode): Ways | null {
  const all = change(language, 'clear-all', {});
  const empty = all && changed(language, memory, all);
  if (!all || !empty) return null;
  const { changes, problems } = waysTo(language, empty, target, scrapCode);
  return { changes: [all, ...changes], problems, isLeast: false };
}

function waysTo(language: KeypadLanguage, memory: Memory, target: Target, scrapCode: ScrapCode): Ways {
  const problems: ScriptProblem[] = [];
  const keyed = keying(language, memory);
  const { key } = keyed;
  const code = target.programmingCode;
  const programming =
    code === memory.programmingCode
      ? null
      : change(language, 'programming-code', { programming: code, again: code });
  let waits = code !== memory.programmingCode && !key(programming);
  // What stands against a new programming code is taken away first, whatever that costs.
  const keepsApart = waits;
  if (waits) {
    // What stands against the new code has to go anyhow: none of it is wanted beside it.
    for (const one of inTheWay(language, keyed.memory, code, scrapCode)) key(one);
    waits = !key(programming);
  }
  const seconds = target.unlockSeconds;
  if (can(language, 'set-time') && seconds !== keyed.memory.times['unlock']) {
    const time = change(language, 'set-time', { seconds });
    if (time && !key(time)) problems.push({ slot: null, purpose: 'set-time', problem: 'refused' });
  }
  const found = language.slots
    ? leastChanges(language, keyed.memory, target.slots, scrapCode)
    : listChanges(language, keyed.memory, target.slots);
  for (const one of inCardSeries(language, keyed.memory, found.changes)) key(one);
  if (waits && !key(programming)) {
    const uneven = code.length !== memory.programmingCode.length && language.rules.includes('same-length');
    problems.push({ slot: null, purpose: 'programming-code', problem: uneven ? 'held-length' : 'refused' });
  }
  for (const slot of found.stuck) {
    const purpose = slot === null ? 'delete-card' : target.slots[slot] ? 'set-code' : 'clear-slot';
    problems.push({ slot, purpose, problem: 'refused' });
  }
  return { changes: keyed.changes, problems, isLeast: found.isLeast && !keepsApart };
}

/** Codes that could not stay under another programming code, each taken away. */
function inTheWay(
  language: KeypadLanguage,
  memory: Memory,
  programming: string,
  scrapCode: ScrapCode,
): (Change | null)[] {
  const codes = Object.values(memory.slots).flatMap(({ code }) => code ?? []);
  return Object.entries(memory.slots).flatMap(([key, { code }]) => {
    const slot = Number(key);
    if (code === null || codeProblem(language, code, programming, []) === null) return [];
    return [
      change(language, 'clear-slot', { slot }, slot) ??
        change(language, 'delete-code', { code }, slot) ??
        scrapFor(language, memory, slot, [...codes, programming], scrapCode),
    ];
  });
}

/** Into each mode where its first command comes, out of it where another’s does, and out of all at the end. */
function stepsOf(language: KeypadLanguage, memory: Memory, changes: readonly Change[]): ScriptStep[] {
  const steps: ScriptStep[] = [];
  let code = memory.programmingCode;
  let at: readonly Mode[] = [];
  const way = (mode: Mode): Mode[] => {
    const from = language.modes.find(({ id }) => id === mode.from);
    return from ? [...way(from), mode] : [mode];
  };
  const step = (
    purpose: ScriptStep['purpose'],
    mode: Mode,
    strokes: readonly Stroke[],
    reply: ReplyId,
    more: Partial<ScriptStep> = {},
  ) => steps.push({ ...lineOf(language, purpose, mode, strokes, reply), ...more });
  const goTo = (to: readonly Mode[]) => {
    const same = to.findIndex((mode, index) => at[index] !== mode);
    const kept = same < 0 ? to.length : same;
    for (const mode of at.slice(kept).reverse())
      step('leave', mode, strokesOf(language, mode.leave, {}), 'left');
    for (const mode of to.slice(kept))
      step(
        'enter',
        mode,
        strokesOf(language, mode.enter, { programming: code, again: code }),
        'programming',
        {
          about: { programming: code },
        },
      );
    at = to;
  };
  for (const { mode, command, values, slot, scrap } of changes) {
    goTo(way(mode));
    step(command.does, mode, strokesOf(language, command.strokes, values), 'stored', {
      shows: command.answer ?? language.replies.stored,
      slot,
      about: values,
      scrap,
    });
    if (command.does === 'programming-code') code = String(values.programming);
  }
  goTo([]);
  return steps;
}

/** The memory after all strokes, made on the stand-in; null where an answer is another than the script says. */
function pressed(language: KeypadLanguage, memory: Memory, steps: readonly ScriptStep[]): Memory | null {
  let keypad = switchOn(memory);
  for (const { strokes, reply } of steps) {
    let said: ReplyId = 'key';
    for (const stroke of strokes) ({ keypad, reply: said } = press(language, keypad, stroke, 0));
    if (said !== reply || keypad.strokes.length > 0) return null;
  }
  return keypad.mode === AT_DOOR ? keypad.memory : null;
}

/** True where nothing differs from the list but slots under a code that nobody gets. */
function reaches(
  language: KeypadLanguage,
  memory: Memory,
  target: Target,
  changes: readonly Change[],
): boolean {
  const scraps = new Set(changes.flatMap(({ scrap, values }) => (scrap ? [String(values.code)] : [])));
  const isBuried = (code: string | null | undefined) => typeof code === 'string' && scraps.has(code);
  return (
    memory.programmingCode === target.programmingCode &&
    compareMemory(language, memory, target).every(
      ({ state, held }) => state === 'same' || (state === 'stranger' && isBuried(held?.code)),
    )
  );
}
