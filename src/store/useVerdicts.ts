import { useCallback, useEffect, useRef, useState } from 'react';
import { findIn, planDelta, staleDoors, typesUsed, type Plan } from '#core/plan/index';
import type { DoorSummary, DoorVerdict, Judgement } from '#core/verdict/index';
import { say } from '#words/store/useVerdicts';
import type { VerdictAnswer, VerdictRequest } from '../workers/protocol';
import { doorOf, taken, type Held } from './heldVerdicts';

export interface Verdicts {
  /** Verdict of the open door; null while there is none. */
  readonly verdict: DoorVerdict | null;
  /** Why the open door could not be judged; null where it was, or will be. */
  readonly failure: string | null;
  /** Version of the plan that the verdict, or the failure, is about. */
  readonly version: number;
  readonly summaries: Readonly<Record<string, DoorSummary>>;
}

/** What the page brought. */
interface Given {
  readonly revision: number;
  readonly summaries: readonly DoorSummary[];
  readonly judgement: Judgement | null;
}

const STUMBLED = say.partJudgesStoppedUnexpectedly;

/** Once the page has nothing else to do, and no later than this, the worker is begun: the first change finds it there. ms. */
const WARM_WITHIN = 1500;

/** Runs something when nothing else is to be done; gives back what calls it off. */
function whenIdle(run: () => void): () => void {
  if (typeof requestIdleCallback === 'function') {
    const handle = requestIdleCallback(run, { timeout: WARM_WITHIN });
    return () => cancelIdleCallback(handle);
  }
  const timer = setTimeout(run, WARM_WITHIN / 5);
  return () => clearTimeout(timer);
}

/**
 * Verdicts of the open door and summaries of all. The first verdict comes with the page, so that nothing moves on load; every
 * later one comes from a worker, which is begun when there is something to judge. Until the plan is complete (codes are
 * fetched apart) the page's verdict stands: the server knew them. `alone`, without a server, the worker judges without codes. It goes on standing while `revision` is the page's.
 */
export function useVerdicts(
  plan: Plan,
  version: number,
  {
    complete,
    alone = false,
    revision,
  }: { readonly complete: boolean; readonly alone?: boolean; readonly revision: number },
  door: string | null,
  given: Given,
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
  const asked = useRef({ door, version, codes: false });

  const begun = useCallback((): Worker => {
    if (worker.current) return worker.current;
    const fail = (reason: string) => {
      sent.current = null;
      const at = asked.current;
      if (at.door === null) return;
      // A verdict that is no more than what was is none.
      const judgement: Judgement = { ok: false, door: at.door, reason };
      setState((old) => ({ ...old, judgement, version: at.version }));
    };
    const made = new Worker(new URL('../workers/verdict.worker.ts', import.meta.url), { type: 'module' });
    made.addEventListener('message', ({ data }: MessageEvent<VerdictAnswer>) => {
      if (data.kind === 'lost') return fail(data.reason);
      setState((old) => taken(old, data, asked.current.door));
      return undefined;
    });
    made.addEventListener('error', () => {
      made.terminate();
      if (worker.current === made) worker.current = null;
      fail(STUMBLED);
    });
    worker.current = made;
    sent.current = null;
    return made;
  }, []);

  useEffect(
    () => () => {
      worker.current?.terminate();
      worker.current = null;
    },
    [],
  );

  useEffect(() => {
    if (!complete && !alone) return undefined;
    const post = (open: string | null, stale: readonly string[], practise: string | null = null) => {
      const to = begun();
      const change = sent.current
        ? { delta: planDelta(sent.current, plan) }
        : { plan, types: typesUsed(plan) };
      sent.current = plan;
      const request: VerdictRequest = { version, change, door: open, stale, codes: complete, practise };
      to.postMessage(request);
    };
    // What the page brought is the verdict of this very state.
    const isGiven =
      judged.current === null &&
      revision === given.revision &&
      given.judgement !== null &&
      doorOf(given.judgement) === door;
    if (isGiven) {
      judged.current = plan;
      setState((old) => ({ ...old, version: Math.max(old.version, version) }));
      return whenIdle(() => post(null, [], door));
    }
    // The server has taken what was judged already: nothing is to be said again.
    const { door: before, version: last, codes } = asked.current;
    if (sent.current === plan && before === door && last === version && codes === complete) return undefined;
    const stale = judged.current ? staleDoors(judged.current, plan) : [];
    judged.current = plan;
    asked.current = { door, version, codes: complete };
    post(door, stale);
    return undefined;
    // What the page brought never changes.
  }, [plan, version, complete, alone, door, begun, revision, given]);

  const { judgement, summaries } = state;
  const of = judgement && doorOf(judgement);
  const mine = of === door && door !== null && findIn(plan.doors, door) !== undefined;
  return {
    verdict: mine && judgement?.ok ? judgement.verdict : null,
    failure: mine && judgement && !judgement.ok ? judgement.reason : null,
    version: state.version,
    summaries,
  };
}
