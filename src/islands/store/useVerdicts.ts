import { useEffect, useRef, useState } from 'react';
import { findIn, planDelta, staleDoors, type Plan } from '#core/plan/index';
import type { DoorSummary, DoorVerdict, Judgement } from '#core/verdict/index';
import type { VerdictAnswer, VerdictRequest } from '../../workers/protocol';

export interface Verdicts {
  /** Verdict of the open door; null while there is none. */
  readonly verdict: DoorVerdict | null;
  /** Why the open door could not be judged; null where it was, or will be. */
  readonly failure: string | null;
  /** Version of the plan that the verdict, or the failure, is about. */
  readonly version: number;
  readonly summaries: Readonly<Record<string, DoorSummary>>;
}

interface Held {
  readonly judgement: Judgement | null;
  readonly version: number;
  readonly summaries: Readonly<Record<string, DoorSummary>>;
}

const STUMBLED = 'The part that judges stopped unexpectedly. It starts again with the next change.';

/**
 * Verdicts of the open door and summaries of all. The first verdict comes with the page, so that nothing moves on load; every
 * later one comes from a worker. Until the plan is complete (codes are fetched apart) the page's verdict stands: the server
 * knew them.
 */
export function useVerdicts(
  plan: Plan,
  version: number,
  complete: boolean,
  door: string | null,
  given: { readonly summaries: readonly DoorSummary[]; readonly judgement: Judgement | null },
): Verdicts {
  const [state, setState] = useState<Held>({
    judgement: given.judgement,
    version: 0,
    summaries: Object.fromEntries(given.summaries.map((one) => [one.door, one])),
  });
  const worker = useRef<Worker | null>(null);
  /** State of the plan that was judged last, and the one that the worker holds; null before it has any. */
  const judged = useRef<Plan | null>(null);
  const sent = useRef<Plan | null>(null);
  const asked = useRef({ door, version });

  useEffect(() => {
    const fail = (reason: string) => {
      sent.current = null;
      const at = asked.current;
      if (at.door === null) return;
      // A verdict that is no more than what was is none.
      const judgement: Judgement = { ok: false, door: at.door, reason };
      setState((old) => ({ ...old, judgement, version: at.version }));
    };
    const start = () => {
      const made = new Worker(new URL('../../workers/verdict.worker.ts', import.meta.url), {
        type: 'module',
      });
      made.addEventListener('message', ({ data }: MessageEvent<VerdictAnswer>) => {
        if (data.kind === 'lost') return fail(data.reason);
        setState((old) => taken(old, data));
        return undefined;
      });
      made.addEventListener('error', () => {
        made.terminate();
        fail(STUMBLED);
        if (worker.current === made) worker.current = start();
      });
      return made;
    };
    worker.current = start();
    sent.current = null;
    return () => {
      worker.current?.terminate();
      worker.current = null;
    };
  }, []);

  useEffect(() => {
    if (!worker.current || !complete) return;
    const stale = judged.current ? staleDoors(judged.current, plan) : [];
    const change = sent.current ? { delta: planDelta(sent.current, plan) } : { plan };
    judged.current = plan;
    sent.current = plan;
    asked.current = { door, version };
    worker.current.postMessage({ version, change, door, stale } satisfies VerdictRequest);
  }, [plan, version, complete, door]);

  const { judgement, summaries } = state;
  const of = judgement && (judgement.ok ? judgement.verdict.door : judgement.door);
  const mine = of === door && door !== null && findIn(plan.doors, door) !== undefined;
  return {
    verdict: mine && judgement?.ok ? judgement.verdict : null,
    failure: mine && judgement && !judgement.ok ? judgement.reason : null,
    version: state.version,
    summaries,
  };
}

/** The state after an answer; one that is older than what is shown changes nothing. */
function taken(old: Held, data: Exclude<VerdictAnswer, { kind: 'lost' }>): Held {
  if (data.version < old.version) return old;
  if (data.kind === 'summary')
    return { ...old, summaries: { ...old.summaries, [data.summary.door]: data.summary } };
  const { judgement, version } = data;
  if (!judgement.ok) return { ...old, judgement, version };
  const { summary } = judgement.verdict;
  return { judgement, version, summaries: { ...old.summaries, [summary.door]: summary } };
}
