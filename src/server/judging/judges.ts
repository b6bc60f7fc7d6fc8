import { doorsInOrder, findIn, planDelta, staleDoors, type DoorId, type Plan } from '#core/plan/index';
import type { DoorSummary, Judgement } from '#core/verdict/index';
import type { Answer, Ask } from './protocol';

/** Verdicts in full that are kept of a site: whoever opens a door that was just open waits for nothing. */
const KEPT_VERDICTS = 40;

interface SiteJudged {
  plan: Plan;
  state: number;
  readonly summaries: Map<DoorId, DoorSummary>;
  readonly verdicts: Map<DoorId, Judgement>;
  /** Who waits for a door's verdict, and who waits for anything new. */
  readonly askers: Map<DoorId, ((judgement: Judgement | null) => void)[]>;
  waiters: (() => void)[];
  /** State in which each door was last reached by a change. */
  readonly reached: Map<DoorId, number>;
}

/** An answer about an earlier state counts as long as no change has reached the door since. */
const counts = ({ reached }: SiteJudged, door: DoorId, state: number): boolean =>
  (reached.get(door) ?? 0) <= state;

/** What is known of every door of the sites that are open, worked out elsewhere and kept here. */
export interface Judges {
  /** Verdict of a door as the plan stands; null where it does not come within `ms`. */
  verdict(plan: Plan, door: DoorId, ms: number): Promise<Judgement | null>;
  /** Summaries that are known as the plan stands, in the order of the ledger; the others are on their way. */
  summaries(plan: Plan): DoorSummary[];
  /** Resolves when one more summary is known, or after `ms`. */
  more(plan: Plan, ms: number): Promise<void>;
  forget(site: string): void;
}

/** Whatever judges: it takes what is asked, and says whether it has begun to. */
export interface Bench {
  ask(message: Ask): void;
  isReady(): boolean;
}

/** How long a verdict is waited for while whatever judges has not begun yet, ms: it will not come soon. */
const NOT_READY_MS = 20;

/** `start` begins whatever judges; its answers go to the function it is handed. */
export function makeJudges(start: (answer: (message: Answer) => void) => Bench): Judges {
  const sites = new Map<string, SiteJudged>();
  const bench = start((message) => {
    const site = sites.get(message.site);
    if (!site) return;
    if (message.kind === 'summary') {
      if (counts(site, message.summary.door, message.state))
        site.summaries.set(message.summary.door, message.summary);
      const waiters = site.waiters;
      site.waiters = [];
      for (const wake of waiters) wake();
      return;
    }
    if (!counts(site, message.door, message.state)) return;
    keep(site, message.door, message.judgement);
    for (const take of site.askers.get(message.door) ?? []) take(message.judgement);
    site.askers.delete(message.door);
  });
  /** The site as it stands; what a change has reached is not known any more. */
  function observe(plan: Plan): SiteJudged {
    const { id } = plan.site;
    const known = sites.get(id);
    if (known?.plan === plan) return known;
    const doors = known ? staleDoors(known.plan, plan) : doorsInOrder(plan).map((door) => door.id);
    const site: SiteJudged = known ?? {
      plan,
      state: 0,
      summaries: new Map(),
      verdicts: new Map(),
      askers: new Map(),
      waiters: [],
      reached: new Map(),
    };
    const change = known ? { delta: planDelta(known.plan, plan) } : { plan };
    site.plan = plan;
    site.state += 1;
    for (const door of doors) {
      site.summaries.delete(door);
      site.verdicts.delete(door);
      site.reached.set(door, site.state);
    }
    // What was asked of a door as it was is asked of no plan any more.
    for (const door of doors) {
      for (const take of site.askers.get(door) ?? []) take(null);
      site.askers.delete(door);
    }
    sites.set(id, site);
    bench.ask({ kind: 'site', site: id, state: site.state, change, doors });
    return site;
  }

  return {
    async verdict(plan, door, ms) {
      const site = observe(plan);
      const known = site.verdicts.get(door);
      if (known) return known;
      if (!findIn(plan.doors, door)) return null;
      return new Promise((resolve) => {
        const timer = setTimeout(() => resolve(null), bench.isReady() ? ms : Math.min(ms, NOT_READY_MS));
        const take = (judgement: Judgement | null) => {
          clearTimeout(timer);
          resolve(judgement);
        };
        const others = site.askers.get(door);
        if (others) others.push(take);
        else {
          site.askers.set(door, [take]);
          bench.ask({ kind: 'door', site: plan.site.id, state: site.state, door });
        }
      });
    },
    summaries(plan) {
      const site = observe(plan);
      return doorsInOrder(plan).flatMap(({ id }) => site.summaries.get(id) ?? []);
    },
    more(plan, ms) {
      const site = observe(plan);
      if (site.summaries.size >= Object.keys(plan.doors).length) return Promise.resolve();
      return new Promise((resolve) => {
        const timer = setTimeout(resolve, ms);
        site.waiters.push(() => {
          clearTimeout(timer);
          resolve();
        });
      });
    },
    forget(id) {
      sites.delete(id);
      bench.ask({ kind: 'forget', site: id });
    },
  };
}

function keep(site: SiteJudged, door: DoorId, judgement: Judgement): void {
  site.verdicts.delete(door);
  site.verdicts.set(door, judgement);
  for (const old of site.verdicts.keys()) {
    if (site.verdicts.size <= KEPT_VERDICTS) break;
    site.verdicts.delete(old);
  }
  if (judgement.ok) site.summaries.set(door, judgement.verdict.summary);
}
