import { useEffect, useState } from 'react';
import type { DoorSummary } from '#core/verdict/index';

interface Answer {
  readonly summaries: readonly DoorSummary[];
  readonly pending: number;
}

/** How long after a lost answer the next is asked for, ms. */
const RETRY_MS = 3000;

/**
 * Summaries of the doors that the page did not bring: the server judges them one by one and says more as it knows more. Asked
 * for only while `missing`.
 */
export function useSummaries(site: string, missing: boolean): readonly DoorSummary[] {
  const [summaries, setSummaries] = useState<readonly DoorSummary[]>([]);
  useEffect(() => {
    if (!missing) return;
    const over = new AbortController();
    const fill = async (known: number): Promise<void> => {
      const answer = await ask(site, known, over.signal);
      if (over.signal.aborted) return;
      if (answer) setSummaries(answer.summaries);
      else await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      if (!over.signal.aborted && answer?.pending !== 0) await fill(answer?.summaries.length ?? known);
    };
    void fill(0);
    return () => over.abort();
  }, [site, missing]);
  return summaries;
}

async function ask(site: string, known: number, signal: AbortSignal): Promise<Answer | null> {
  try {
    const response = await fetch(`/api/sites/${encodeURIComponent(site)}/summaries?known=${known}`, {
      signal,
    });
    return response.ok ? ((await response.json()) as Answer) : null;
  } catch {
    return null;
  }
}
