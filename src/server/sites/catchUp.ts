import {
  planDelta,
  publicDelta,
  publicPlan,
  secretTables,
  type Plan,
  type PlanDelta,
  type SecretTables,
} from '#core/plan/index';
import type { LiveSite } from './liveSite';

/** What a tab needs to stand where the server stands: the difference from what it has, or the site where that is not known. */
export type CatchUp = {
  readonly revision: number;
  /** Who made the changes that the tab has not seen, in order, each once. */
  readonly authors: readonly string[];
} & ({ readonly delta: PlanDelta } | { readonly plan: Plan });

/** From a revision to the newest. The whole site where the revision is not kept any more, or never was. */
export function catchUpFrom(live: LiveSite, since: number, authors: readonly string[] = []): CatchUp {
  const before = live.history.get(since);
  const { revision, plan } = live;
  return before ? { revision, authors, delta: planDelta(before, plan) } : { revision, authors, plan };
}

/** The secrets of a site with the revision they are of. */
export const secretsOf = ({ plan, revision }: LiveSite): { revision: number; tables: SecretTables } => ({
  revision,
  tables: secretTables(plan),
});

/** The same for whoever did not ask for secrets. */
export const withoutSecretsOf = (catchUp: CatchUp): CatchUp =>
  'plan' in catchUp
    ? { ...catchUp, plan: publicPlan(catchUp.plan) }
    : { ...catchUp, delta: publicDelta(catchUp.delta) };
