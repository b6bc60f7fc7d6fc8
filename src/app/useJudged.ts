import { useMemo, useState } from 'react';
import type { Cause } from '#core/causes/index';
import type { DoorSummary, Judgement } from '#core/verdict/index';
import { say } from '#words/app/useJudged';
import { useSite, useStore } from '../store/context';
import { useCauses } from '../store/useCauses';
import { useSummaries } from '../store/useSummaries';
import { useVerdicts } from '../store/useVerdicts';

/** What a page was given of what the server had judged. */
export interface Known {
  readonly revision: number;
  readonly summaries: readonly DoorSummary[];
  readonly judgement: Judgement | null;
}

/**
 * What is known of the doors: the verdict of the open one and why it is so, a line of each other. Of a site of which something is missing
 * nothing is judged.
 */
export function useJudged(
  { revision, summaries: known, judgement }: Known,
  doorId: string | null,
  incomplete: boolean,
) {
  const store = useStore();
  const { plan, version, complete, reachable, doors: whole } = useSite();
  const [given] = useState(() => ({ revision, summaries: known, judgement, doors: plan.doors }));
  const judging = useVerdicts(
    plan,
    version,
    { complete, alone: !reachable && whole === null, revision: store.revision },
    doorId,
    given,
  );
  const { version: judged, summaries: worked } = judging;
  const verdict = incomplete ? null : judging.verdict;
  const failure = incomplete ? say.databaseFileDamagedSomething : judging.failure;
  // What the page did not know the server goes on judging; what this tab has worked out is newer.
  const filled = useSummaries(
    plan.site.id,
    !incomplete && given.summaries.length < Object.keys(given.doors).length,
  );
  const summaries = useMemo(
    () => (incomplete ? {} : { ...Object.fromEntries(filled.map((one) => [one.door, one])), ...worked }),
    [filled, worked, incomplete],
  );
  // What stands against the door as it is now; an older verdict is not asked about.
  const against = !incomplete && complete && judged === version && (verdict?.summary.toSettle ?? 0) > 0;
  const causes = useCauses(plan, version, doorId, against);
  const [shown, setShown] = useState<{ cause: Cause | null; key: string }>({ cause: null, key: '' });
  const causeKey = `${doorId ?? ''} ${version}`;
  const proposal = useMemo(
    () => ({
      cause: shown.key === causeKey ? shown.cause : null,
      show: (cause: Cause | null) => setShown({ cause, key: causeKey }),
    }),
    [shown, causeKey],
  );
  return { verdict, failure, summaries, judged, causes, proposal };
}
