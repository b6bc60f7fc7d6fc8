import { admit } from '#core/admission/index';
import {
  changedEntries,
  editBack,
  losesSecrets,
  redactEdit,
  touchedDoors,
  type EditRefusal,
  type Plan,
} from '#core/plan/index';
import { noCodes } from '../access/codes';
import type { Db } from '../db/open';
import { savePlan } from '../db/planRepository';
import * as schema from '../db/schema';
import { catchUpFrom, type CatchUp } from './catchUp';
import { advance, liveSite, type LiveSite } from './liveSite';
import { authorsSince, loggedIds, withdrawnIds } from './log';

/** An edit on its way, with the name it keeps however often it is sent. */
export interface SentEdit {
  readonly id: string;
  /** Not looked at yet: admission does that, edit by edit. */
  readonly edit: unknown;
}

export interface Submission {
  /** Revision that the sender had seen. */
  readonly base: number;
  readonly edits: readonly SentEdit[];
  /** Edits that the sender has put aside: a copy of one that is still on its way must not be kept. */
  readonly withdraw?: readonly string[];
  readonly author: string;
  /** ISO 8601. */
  readonly at: string;
  /** False for whoever may not see codes: nothing that takes any away is kept. */
  readonly codes?: boolean;
}

export type EditAnswer =
  /** Kept, now or when it was sent before, as this revision. */
  | { readonly id: string; readonly code: 'kept'; readonly revision: number }
  /** Does not fit or is not an edit at all; the others are not touched by it. */
  | { readonly id: string; readonly code: 'refused'; readonly refusal: EditRefusal }
  /** Would change what others have changed since the base; it and what follows waits until the sender has seen that. */
  | { readonly id: string; readonly code: 'stale' }
  /** Was never kept, and never will be. */
  | { readonly id: string; readonly code: 'withdrawn' };

export interface SubmitAnswer {
  readonly revision: number;
  readonly answers: readonly EditAnswer[];
  /** Where others have changed the site since the base: how to stand where the server stands now. */
  readonly catchUp: CatchUp | null;
}

/**
 * Applies edits to a site in one transaction and answers for each. Sent twice, an edit is kept once. Edits that do not touch
 * what others did since the base are put on top of it here. Null where there is no such site; throws where the database
 * cannot be written, and then nothing is kept.
 */
export function submitEdits(
  db: Db,
  site: string,
  { base, edits, withdraw = [], author, at, codes = true }: Submission,
): SubmitAnswer | null {
  const outcome = db.transaction(
    (tx) => {
      const live = liveSite(db, site, tx);
      if (!live) return null;
      const known = loggedIds(tx, site, [...edits.map(({ id }) => id), ...withdraw]);
      const gone = withdrawnIds(
        tx,
        site,
        edits.map(({ id }) => id),
      );
      const bury = (id: string) =>
        tx.insert(schema.withdrawnEdits).values({ site, editId: id, at }).onConflictDoNothing().run();
      const seen = ownBase(base, edits, known);
      const foreign = changedByOthers(live, seen);
      const steps: Plan[] = [];
      const answers: EditAnswer[] = [];
      let plan = live.plan;
      let waits = false;
      for (const { id, edit: value } of edits) {
        const before = known.get(id);
        if (before !== undefined) {
          answers.push({ id, code: 'kept', revision: before });
          continue;
        }
        if (gone.has(id)) {
          answers.push({ id, code: 'withdrawn' });
          continue;
        }
        if (waits) {
          answers.push({ id, code: 'stale' });
          continue;
        }
        const result = admit(plan, value);
        if (!result.ok) {
          bury(id);
          answers.push({ id, code: 'refused', refusal: result.refusal });
          continue;
        }
        if (!codes && losesSecrets(plan, result.plan)) throw noCodes();
        if (foreign(plan, result.plan)) {
          waits = true;
          answers.push({ id, code: 'stale' });
          continue;
        }
        const revision = live.revision + steps.length + 1;
        tx.insert(schema.edits)
          .values({
            site,
            revision,
            at,
            author,
            editId: id,
            doors: touchedDoors(plan, result.plan),
            body: redactEdit(result.edit!),
          })
          .run();
        const back = editBack(plan, result.plan, result.inverse);
        tx.insert(schema.editBacks).values({ site, revision, body: back }).run();
        plan = result.plan;
        steps.push(plan);
        known.set(id, revision);
        answers.push({ id, code: 'kept', revision });
      }
      for (const id of withdraw) {
        const revision = known.get(id);
        if (revision === undefined) bury(id);
        answers.push(revision === undefined ? { id, code: 'withdrawn' } : { id, code: 'kept', revision });
      }
      if (steps.length > 0) savePlan(tx, live.plan, plan, live.revision + steps.length);
      const missed = seen < live.revision ? authorsSince(tx, site, seen) : [];
      const own = new Set(known.values());
      const authors = missed.filter(({ revision }) => !own.has(revision)).map((one) => one.author);
      return { live, steps, answers, authors: [...new Set(authors)], behind: base < live.revision };
    },
    { behavior: 'immediate' },
  );
  if (!outcome) return null;
  // Only now is anything of it true.
  const live = outcome.steps.length > 0 ? advance(db, outcome.live, outcome.steps) : outcome.live;
  return {
    revision: live.revision,
    answers: outcome.answers,
    catchUp: outcome.behind || base > live.revision ? catchUpFrom(live, base, outcome.authors) : null,
  };
}

/** The base with the sender's own edits counted in, whose answer never arrived. */
function ownBase(base: number, edits: readonly SentEdit[], known: ReadonlyMap<string, number>): number {
  let seen = base;
  for (const { id } of edits) if (known.get(id) === seen + 1) seen += 1;
  return seen;
}

/** Says whether a change touches an entry that differs between the base and the newest state. */
function changedByOthers(live: LiveSite, base: number): (before: Plan, after: Plan) => boolean {
  if (base === live.revision) return () => false;
  const then = live.history.get(base);
  if (!then) return () => true;
  const key = ({ collection, id }: { collection: string; id: string }) => `${collection}\n${id}`;
  const foreign = new Set(changedEntries(then, live.plan).map(key));
  const site = then.site !== live.plan.site;
  return (before, after) =>
    (site && before.site !== after.site) ||
    changedEntries(before, after).some((one) => foreign.has(key(one)));
}
