import type { KeypadLanguage } from './language';

export type CodeProblem =
  'not-digits' | 'too-short' | 'too-long' | 'not-as-long-as-programming' | 'is-programming' | 'taken';

/** Why a keypad would not take this code; null where it would. */
export function codeProblem(
  language: KeypadLanguage,
  code: string,
  programmingCode: string,
  others: readonly string[],
): CodeProblem | null {
  if (!/^\d+$/.test(code)) return 'not-digits';
  if (code.length < language.code.least) return 'too-short';
  if (code.length > language.code.most) return 'too-long';
  if (language.sameLength && code.length !== programmingCode.length) return 'not-as-long-as-programming';
  if (code === programmingCode) return 'is-programming';
  return others.includes(code) ? 'taken' : null;
}
