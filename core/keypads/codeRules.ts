import type { KeypadLanguage } from './language';

export type CodeProblem =
  | 'not-digits'
  | 'too-short'
  | 'too-long'
  | 'not-as-long-as-programming'
  | 'as-long-as-programming'
  | 'is-programming'
  | 'like-programming'
  | 'leading-zero'
  | 'reserved'
  | 'taken';

type Rules = Pick<KeypadLanguage, 'code' | 'rules' | 'reserved'>;

/** Why a keypad would not take this code; null where it would. */
export function codeProblem(
  { code: length, rules, reserved }: Rules,
  code: string,
  programmingCode: string,
  others: readonly string[],
): CodeProblem | null {
  if (!/^\d+$/.test(code)) return 'not-digits';
  if (code.length < length.least) return 'too-short';
  if (code.length > length.most) return 'too-long';
  const asLong = code.length === programmingCode.length;
  if (rules.includes('same-length') && !asLong) return 'not-as-long-as-programming';
  if (rules.includes('other-length') && asLong) return 'as-long-as-programming';
  if (code === programmingCode) return 'is-programming';
  const alike = code.startsWith(programmingCode) || programmingCode.startsWith(code);
  if (rules.includes('not-alike') && alike) return 'like-programming';
  if (rules.includes('no-leading-zero') && code.startsWith('0')) return 'leading-zero';
  if (reserved.includes(code)) return 'reserved';
  return others.includes(code) ? 'taken' : null;
}
