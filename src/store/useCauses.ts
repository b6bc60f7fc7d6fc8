import { useEffect, useState } from 'react';
import type { CauseReport } from '#core/causes/index';
import type { Plan } from '#core/plan/index';
import type { CausesAnswer, CausesRequest } from '../workers/protocol';

/** Where the search for causes is: nothing to look for, looking, what it found, or that it stumbled. */
export type Causes =
  | { readonly kind: 'none' }
  | { readonly kind: 'looking' }
  | { readonly kind: 'found'; readonly report: CauseReport }
  | { readonly kind: 'stumbled' };

const NONE: Causes = { kind: 'none' };
/** Typing goes on for a moment: the search waits until the plan has stood still this long, ms. */
const PAUSE = 120;

/**
 * Causes of what stands against the open door, from a worker. They belong to one version of the plan: at the next change the
 * search ends and what it found is dropped.
 */
export function useCauses(plan: Plan, version: number, door: string | null, wanted: boolean): Causes {
  const [state, setState] = useState<{ key: string; causes: Causes }>({ key: '', causes: NONE });
  const key = `${version} ${door ?? ''}`;

  useEffect(() => {
    if (!wanted || door === null) return;
    let worker: Worker | null = null;
    let over = false;
    const say = (causes: Causes) => !over && setState({ key, causes });
    say({ kind: 'looking' });
    const timer = setTimeout(() => {
      void import('../workers/startCauses').then(({ startCauses }) => {
        if (over) return;
        worker = startCauses();
        worker.addEventListener('message', ({ data }: MessageEvent<CausesAnswer>) =>
          say({ kind: 'found', report: data.report }),
        );
        worker.addEventListener('error', () => say({ kind: 'stumbled' }));
        worker.postMessage({ version, plan, door } satisfies CausesRequest);
      });
    }, PAUSE);
    return () => {
      over = true;
      clearTimeout(timer);
      worker?.terminate();
    };
  }, [key, wanted, plan, version, door]);

  return wanted && state.key === key ? state.causes : NONE;
}
