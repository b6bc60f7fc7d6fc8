import type { ProofRow } from './proof';

/** What a door lets through: out by itself, by one act, or not; in, or not. `unsure` where it is not proven. */
export interface Opening {
  readonly out: 'free' | 'act' | 'no' | 'unsure';
  readonly in: 'open' | 'shut' | 'unsure';
}

/** What two cells of a proof say of who gets through. */
export function openingOf({ inside, outside }: ProofRow['cells']): Opening {
  const freely = inside.works.some(({ kind }) => kind === 'lever' || kind === 'unlocked');
  const out = inside.got === 'unsure' ? 'unsure' : inside.works.length === 0 ? 'no' : freely ? 'free' : 'act';
  return {
    out,
    in: outside.got === 'unsure' ? 'unsure' : outside.got === 'possible' ? 'open' : 'shut',
  };
}
