import { applyEdit, type Plan } from '#core/plan/index';
import type { Reader } from '../db/open';
import type { LiveSite } from './liveSite';
import { backOf } from './log';

/**
 * The site as it was at a revision: from the nearest later state that is held, what the log keeps takes back one change after
 * the other. Null where there was no such revision, or a change since then was made before the keeping of what takes it back.
 */
export function planAt(db: Reader, live: LiveSite, revision: number): Plan | null {
  if (revision < 1 || revision > live.revision) return null;
  let at = Math.min(...[...live.history.keys(), live.revision].filter((one) => one >= revision));
  let plan = live.history.get(at) ?? live.plan;
  for (; at > revision; at -= 1) {
    const back = backOf(db, live.plan.site.id, at);
    const before = back && applyEdit(plan, back.inverse);
    if (!before?.ok) return null;
    ({ plan } = before);
  }
  return plan;
}
