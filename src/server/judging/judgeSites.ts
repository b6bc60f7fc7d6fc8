import '#core/devices/library/index';
import { applyDelta, findIn, type DoorId, type Plan } from '#core/plan/index';
import { judge, summarise } from '#core/verdict/index';
import type { Answer, Ask } from './protocol';

interface Held {
  plan: Plan;
  state: number;
  readonly waiting: Set<DoorId>;
}

/**
 * Judges sites: doors that are asked for at once, summaries one by one in between. `later` puts a piece of work behind what
 * has come in meanwhile. Runs in a thread of its own, or in the server's where there is none.
 */
export function judgeSites(
  answer: (message: Answer) => void,
  later: (work: () => void) => void,
): (ask: Ask) => void {
  const sites = new Map<string, Held>();
  let working = false;

  const nextDoor = (): { site: string; held: Held; door: DoorId } | null => {
    for (const [site, held] of sites) for (const door of held.waiting) return { site, held, door };
    return null;
  };
  const sumUp = (): void => {
    const next = nextDoor();
    working = next !== null;
    if (!next) return;
    const { site, held, door } = next;
    held.waiting.delete(door);
    if (findIn(held.plan.doors, door))
      answer({ kind: 'summary', site, state: held.state, summary: summarise(held.plan, door) });
    later(sumUp);
  };

  return (ask) => {
    const held = sites.get(ask.site);
    switch (ask.kind) {
      case 'forget':
        sites.delete(ask.site);
        return;
      case 'site': {
        const plan = 'plan' in ask.change ? ask.change.plan : held && applyDelta(held.plan, ask.change.delta);
        if (!plan) return;
        const waiting = new Set([...(held?.waiting ?? []), ...ask.doors]);
        sites.set(ask.site, { plan, state: ask.state, waiting });
        if (!working) {
          working = true;
          later(sumUp);
        }
        return;
      }
      case 'door': {
        if (!held || held.state !== ask.state || !findIn(held.plan.doors, ask.door)) return;
        const { site, state, door } = ask;
        answer({ kind: 'door', site, state, door, judgement: judge(held.plan, door) });
      }
    }
  };
}
