import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blankPerson, type Device, type Plan } from '../plan/index';
import { mustApply, strikeDoor } from '../specimens/doors';
import { codeProblems, codeRulesOf, drawCode, type CodeRules } from './drawCode';
import { codeProblem, LANGUAGES, weakness, type KeypadLanguage } from './index';
import { numberTried } from '../../scripts/testSlice';

const device = (id: string): Device => ({ ...strikeDoor().devices['D01/K1']!, id });
const rulesOf = (languages: readonly KeypadLanguage[], others: readonly string[] = []): CodeRules => ({
  keypads: languages.map((language, i) => ({
    device: device(`D0${i}/K1`),
    language,
    programmingCode: language.factoryCode,
  })),
  others,
});
/** Chance, the same every time. */
const chance = (seed: number) => {
  let state = seed >>> 0;
  return (most: number) => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return Math.floor((state / 2 ** 32) * most);
  };
};

describe('drawCode', () => {
  it('gives a code that every keypad takes, or there is none', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...LANGUAGES), { maxLength: 4 }),
        fc.array(fc.stringMatching(/^\d{4,6}$/), { maxLength: 30 }),
        fc.integer(),
        (languages, others, seed) => {
          const rules = rulesOf(languages, others);
          const code = drawCode(rules, chance(seed));
          if (code === null) {
            // Twin: no length is allowed by all of them.
            const lengths = [1, 2, 3, 4, 5, 6, 7, 8].filter((n) =>
              languages.every(({ code: { least, most }, rules: asked, factoryCode }) => {
                const asLong = n === factoryCode.length;
                return (
                  n >= least &&
                  n <= most &&
                  !(asked.includes('same-length') && !asLong) &&
                  !(asked.includes('other-length') && asLong)
                );
              }),
            );
            expect(lengths).toEqual([]);
            return;
          }
          for (const { language, programmingCode } of rules.keypads)
            expect(codeProblem(language, code, programmingCode, others)).toBeNull();
          expect(weakness(code)).toBeNull();
          expect(others).not.toContain(code);
        },
      ),
      { numRuns: numberTried(80) },
    );
  });
  it('finds the last code that is left', () => {
    const [language] = LANGUAGES as [KeypadLanguage];
    const four = { ...language, code: { least: 3, most: 3 }, rules: [], reserved: [] };
    const all = Array.from({ length: 1000 }, (_, n) => String(n).padStart(3, '0'));
    const others = all.filter((code) => code !== '739');
    expect(drawCode(rulesOf([four], others), chance(1))).toBe('739');
    expect(drawCode(rulesOf([four], all), chance(1))).toBeNull();
  });
});

describe('codeRulesOf', () => {
  const site = (): Plan =>
    mustApply(
      strikeDoor(),
      { kind: 'addPerson', person: { ...blankPerson('P1', 'Ines'), doors: ['D01'], code: '480216' } },
      { kind: 'addPerson', person: { ...blankPerson('P2', 'Odd'), code: '739105' } },
    );
  it('asks the keypads of the doors that somebody opens, and leaves their own code out', () => {
    const plan = site();
    const rules = codeRulesOf(plan, plan.people['P1']!);
    expect(rules.keypads.map((one) => one.device.id)).toEqual(['D01/K1']);
    expect(rules.others).toEqual(['739105']);
    expect(codeProblems(rules, '480216')).toEqual([]);
    expect(codeProblems(rules, '739105')).toMatchObject([{ device: null, problem: 'taken' }]);
    expect(codeProblems(rules, '1')).toMatchObject([{ device: { id: 'D01/K1' }, problem: 'too-short' }]);
    expect(codeRulesOf(plan, plan.people['P2']!).keypads).toEqual([]);
  });
  it('where no keypad asks anything takes four to eight digits', () => {
    const rules = codeRulesOf(site(), blankPerson('P3', 'Haru'));
    expect(codeProblems(rules, '123')).toMatchObject([{ device: null, problem: 'too-short' }]);
    expect(codeProblems(rules, '80513')).toEqual([]);
  });
});
