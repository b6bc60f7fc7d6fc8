import { devicesOf, doorsOf, typeIn, type Device, type Person, type Plan } from '../plan/index';
import { codeProblem, type CodeProblem } from './codeRules';
import { type KeypadLanguage } from './language';
import { languageOf } from './leaflets';
import { weakness } from './weakCode';

/** What one keypad asks of a code. */
export interface Asks {
  readonly device: Device;
  readonly language: KeypadLanguage;
  readonly programmingCode: string;
}

/** What a code must be for everything that a person opens by it, and codes that others have. */
export interface CodeRules {
  readonly keypads: readonly Asks[];
  /** Codes of everybody else on the site: with one code of two people nobody can tell who came in. */
  readonly others: readonly string[];
}

/** Where no keypad asks anything: what controllers take, and what people can keep in mind. */
const USUAL = { least: 4, most: 8, wanted: 6 };

/** The rules of every keypad at the doors that somebody opens, by name or by a level. */
export function codeRulesOf(plan: Plan, person: Person): CodeRules {
  const keypads = doorsOf(plan, person).flatMap((door) =>
    devicesOf(plan, door).flatMap((device): Asks[] => {
      const language = languageOf(plan, typeIn(plan, device).language);
      if (!language) return [];
      const programmingCode = plan.memories[device.id]?.programmingCode ?? language.factoryCode;
      return [{ device, language, programmingCode }];
    }),
  );
  const others = Object.values(plan.people).flatMap(({ id, code }) =>
    id === person.id || code === '' ? [] : [code],
  );
  return { keypads, others };
}

/** Why a code will not do, and at which keypad; null there where it is for the whole site. Empty where it will. */
export function codeProblems(
  { keypads, others }: CodeRules,
  code: string,
): { readonly device: Device | null; readonly problem: CodeProblem }[] {
  const found = keypads.flatMap(({ device, language, programmingCode }) => {
    const problem = codeProblem(language, code, programmingCode, []);
    return problem === null ? [] : [{ device, problem }];
  });
  if (others.includes(code)) return [...found, { device: null, problem: 'taken' }];
  if (keypads.length > 0 || found.length > 0) return found;
  const usual = { code: USUAL, rules: [], reserved: [] };
  const problem = codeProblem(usual, code, '', []);
  return problem === null ? [] : [{ device: null, problem }];
}

/** Draws at one length before another is tried: more than a keypad refuses of a hundred is not met in practice. */
const DRAWS = 400;

/**
 * A code that every keypad takes, nobody else has and nobody tries first; null where there is none. Of the lengths that are allowed the
 * one nearest to six digits. `below` draws a whole number below its argument: chance comes from outside.
 */
export function drawCode(rules: CodeRules, below: (most: number) => number): string | null {
  const factory = rules.keypads.map(({ language }) => language.factoryCode);
  const lengths = Array.from({ length: 8 }, (_, index) => index + 1).sort(
    (a, b) => Math.abs(a - USUAL.wanted) - Math.abs(b - USUAL.wanted),
  );
  const fits = (code: string) =>
    codeProblems(rules, code).length === 0 &&
    weakness(code) === null &&
    factory.every((one) => weakness(code, one) === null);
  for (const length of lengths) {
    for (let draw = 0; draw < DRAWS; draw += 1) {
      const code = Array.from({ length }, () => below(10)).join('');
      if (fits(code)) return code;
    }
    // Few codes are many draws: of short ones none is left untried.
    if (length > 4) continue;
    const start = below(10 ** length);
    for (let at = 0; at < 10 ** length; at += 1) {
      const code = String((start + at) % 10 ** length).padStart(length, '0');
      if (fits(code)) return code;
    }
  }
  return null;
}
