import type { SecretTables } from '#core/plan/index';
import type { CatchUp, Effect, Event } from './saving';

/** How long an answer may take before it counts as lost, ms. */
const PATIENCE_MS = 20_000;

const baseOf = (site: string): string => `/api/sites/${encodeURIComponent(site)}`;

/** Sends edits, and says what came of it: an answer for each, a status, or that nobody was reached. */
export async function sendEdits(
  site: string,
  author: string,
  { base, items, withdraw }: Extract<Effect, { kind: 'send' }>,
): Promise<Extract<Event, { kind: 'answered' | 'failed' | 'unreached' }>> {
  const edits = items.map(({ id, edit }) => ({ id, edit }));
  try {
    const response = await fetch(`${baseOf(site)}/edits`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ base, author, edits, withdraw }),
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    const body = (await response.json().catch(() => null)) as
      (Extract<Event, { kind: 'answered' }> & { error?: { message?: string } }) | null;
    if (response.ok && body && Array.isArray(body.answers)) {
      const { revision, answers, catchUp } = body;
      return { kind: 'answered', revision, answers, catchUp };
    }
    const wait = Number(response.headers.get('retry-after') ?? 0) * 1000;
    return {
      kind: 'failed',
      status: response.ok ? 502 : response.status,
      message: body?.error?.message ?? '',
      ...(wait > 0 ? { after: wait } : {}),
    };
  } catch {
    return { kind: 'unreached' };
  }
}

export interface Changes {
  readonly catchUp: CatchUp;
  /** Null for whoever may not see them. */
  readonly secrets: SecretTables | null;
  /** What seals codes that are not sent yet; for whoever may see them. */
  readonly keepKey?: string;
}

/** What became of a site since a revision, with everything secret where that is for whoever asks; null where the server refuses, undefined where none is reached. */
export async function fetchChanges(
  site: string,
  since: number,
  codes: boolean,
): Promise<Changes | null | undefined> {
  try {
    const response = await fetch(`${baseOf(site)}/changes?since=${since}${codes ? '&secrets=include' : ''}`, {
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    return response.ok ? ((await response.json()) as Changes) : null;
  } catch {
    return undefined;
  }
}
