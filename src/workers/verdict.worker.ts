import { applyDelta, findIn, type Plan } from '#core/plan/index';
import { judgeInSteps, summarise, withoutCodes, type Judgement } from '#core/verdict/index';
import type { VerdictAnswer, VerdictRequest } from './protocol';

const answer = (message: VerdictAnswer) => self.postMessage(message);

/** The other doors wait until nothing has changed for so long, ms: whoever is typing waits for none of them. */
const SUMMARIES_AFTER = 700;

let latest = 0;
let held: Plan | null = null;
/** Doors still to be summed up; they wait for the open door, and for a pause. */
const waiting = new Set<string>();

/** Judges the open door first; the others follow one by one and give way to a newer request. */
self.addEventListener('message', ({ data }: MessageEvent<VerdictRequest>) => {
  const { version, change, door, stale, codes } = data;
  const seen = (judgement: Judgement) => (codes ? judgement : withoutCodes(judgement));
  try {
    held = 'plan' in change ? change.plan : held && applyDelta(held, change.delta);
  } catch (error) {
    held = null;
    answer({ kind: 'lost', version, reason: String(error) });
  }
  const plan = held;
  if (!plan) return;
  latest = version;
  if (door !== null && findIn(plan.doors, door)) {
    const { first, complete } = judgeInSteps(plan, door);
    answer({ kind: 'door', version, judgement: seen(first) });
    // Remedies are tried before they are offered; a newer change makes them idle.
    setTimeout(() => version === latest && answer({ kind: 'door', version, judgement: seen(complete()) }), 0);
  }
  for (const one of stale) waiting.add(one);
  if (door !== null) waiting.delete(door);
  setTimeout(() => sumUp(version, plan), SUMMARIES_AFTER);
});

function sumUp(version: number, plan: Plan): void {
  const [next] = waiting;
  if (version !== latest || next === undefined) return;
  waiting.delete(next);
  if (findIn(plan.doors, next)) answer({ kind: 'summary', version, summary: summarise(plan, next) });
  setTimeout(() => sumUp(version, plan), 0);
}
