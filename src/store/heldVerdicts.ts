import type { DoorSummary, Judgement } from '#core/verdict/index';
import type { VerdictAnswer } from '../workers/protocol';

/** What a tab holds of verdicts: the judgement of the open door, the version of the plan it is about, and all summaries. */
export interface Held {
  readonly judgement: Judgement | null;
  readonly version: number;
  readonly summaries: Readonly<Record<string, DoorSummary>>;
}

export const doorOf = (judgement: Judgement): string =>
  judgement.ok ? judgement.verdict.door : judgement.door;

/**
 * The state after an answer. One that is older than what is shown changes nothing, nor does one about a door that was left
 * meanwhile: `open` is the door that was asked about last.
 */
export function taken(old: Held, data: Exclude<VerdictAnswer, { kind: 'lost' }>, open: string | null): Held {
  if (data.version < old.version) return old;
  if (data.kind === 'summary')
    return { ...old, summaries: { ...old.summaries, [data.summary.door]: data.summary } };
  const { judgement, version } = data;
  if (doorOf(judgement) !== open) return old;
  if (!judgement.ok) return { ...old, judgement, version };
  const { summary } = judgement.verdict;
  return { judgement, version, summaries: { ...old.summaries, [summary.door]: summary } };
}
