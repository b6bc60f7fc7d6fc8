/** Why a code is guessed soon. */
export type Weakness = 'one-digit' | 'run' | 'repeats' | 'year' | 'factory';

/**
 * A code that whoever tries a few would try first: one digit throughout, digits that run up or down, a group that repeats, a year of
 * somebody's life, or the code the keypad came with. Null for any other.
 */
export function weakness(code: string, factoryCode = ''): Weakness | null {
  if (code === '') return null;
  if (code === factoryCode) return 'factory';
  if (/^(\d)\1*$/.test(code)) return 'one-digit';
  const steps = [...code].slice(1).map((digit, i) => (Number(digit) - Number(code[i]) + 10) % 10);
  if (steps.every((step) => step === 1) || steps.every((step) => step === 9)) return 'run';
  if (/^(\d{1,4})\1+$/.test(code)) return 'repeats';
  return /^(19|20)\d\d$/.test(code) ? 'year' : null;
}
