import { useEffect, useMemo, useRef, useState } from 'react';
import { planDelta, type Plan } from '#core/plan/index';
import { doorVerdict, type DoorSummary, type DoorVerdict } from '#core/verdict/index';
import { staleDoors } from './staleDoors';
import type { VerdictAnswer, VerdictRequest } from '../../workers/protocol';

export interface Verdicts {
  /** Verdict of the open door, and the version of the plan it judges. */
  readonly verdict: DoorVerdict | null;
  readonly version: number;
  readonly summaries: Readonly<Record<string, DoorSummary>>;
}

/**
 * Verdicts of the open door and summaries of all. The first verdict is worked out with the page, so that
 * nothing moves on load; every later one comes from a worker.
 */
export function useVerdicts(
  plan: Plan,
  version: number,
  door: string | null,
  given: readonly DoorSummary[],
): Verdicts {
  // Judged once for the door the page opened on; the worker takes over from there.
  const first = useMemo(() => (door !== null && plan.doors[door] ? doorVerdict(plan, door) : null), []);
  const [state, setState] = useState<Verdicts>({
    verdict: first,
    version: 0,
    summaries: Object.fromEntries(given.map((one) => [one.door, one])),
  });
  const worker = useRef<Worker | null>(null);
  /** State of the plan that was judged last, and the one that the worker holds; null before it has any. */
  const judged = useRef(plan);
  const sent = useRef<Plan | null>(null);

  useEffect(() => {
    const made = new Worker(new URL('../../workers/verdict.worker.ts', import.meta.url), { type: 'module' });
    worker.current = made;
    sent.current = null;
    made.addEventListener('message', ({ data }: MessageEvent<VerdictAnswer>) => {
      setState((old) => {
        if (data.version < old.version) return old;
        if (data.kind === 'summary')
          return { ...old, summaries: { ...old.summaries, [data.summary.door]: data.summary } };
        const { summary } = data.verdict;
        return {
          verdict: data.verdict,
          version: data.version,
          summaries: { ...old.summaries, [summary.door]: summary },
        };
      });
    });
    return () => made.terminate();
  }, []);

  useEffect(() => {
    if (!worker.current) return;
    const stale = staleDoors(judged.current, plan);
    const change = sent.current ? { delta: planDelta(sent.current, plan) } : { plan };
    judged.current = plan;
    sent.current = plan;
    worker.current.postMessage({ version, change, door, stale } satisfies VerdictRequest);
  }, [plan, version, door]);

  return state.verdict?.door === door ? state : { ...state, verdict: null };
}
