/** The number in `W07` or `D12`; 0 for one that somebody wrote another way. */
export function countedNumber(text: string, letter: string): number {
  const digits = text.startsWith(letter) ? text.slice(letter.length) : '';
  return /^\d{1,6}$/.test(digits) ? Number(digits) : 0;
}

/** Number `n` as it is written on a label: `W07`. */
export const writtenNumber = (letter: string, n: number): string => `${letter}${String(n).padStart(2, '0')}`;
