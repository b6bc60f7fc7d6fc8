import type { Opinion } from './opinion';

/** What a verdict says of one side, as plain data: the second reading knows nothing of how it came about. */
export interface Said {
  readonly expectation: string;
  readonly verdict: string;
}

/** What the second reading says against a verdict; null where it says the same, or nothing. */
export function against(
  side: 'outside' | 'inside',
  { expectation, verdict }: Said,
  opinion: Opinion,
): string | null {
  if (verdict !== 'pass' && verdict !== 'fail') return null;
  const passes = verdict === 'pass';
  const differs = (holds: boolean, what: string) => (holds === passes ? null : `${verdict}: ${what}`);
  if (side === 'outside' && expectation === 'must-not')
    return differs(!opinion.opensOutside, opinion.opensOutside ? 'opens to bare hands' : 'opens to no hand');
  if (side === 'inside' && expectation === 'must-freely')
    return differs(opinion.freeInside, opinion.freeInside ? 'is free' : 'is held at some moment');
  if (side === 'inside' && expectation === 'must')
    return differs(opinion.wayOut, opinion.wayOut ? 'has a way out' : 'has no way out at some moment');
  return null;
}

/** What all of several say together: a fail where one fails, and nothing where of one nothing is proven. */
export const together = (all: readonly Said[]): Said | null => {
  const [first] = all;
  if (!first) return null;
  const verdicts = all.map(({ verdict }) => verdict);
  return { ...first, verdict: ['fail', 'not-proven'].find((one) => verdicts.includes(one)) ?? 'pass' };
};
