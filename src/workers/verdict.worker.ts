import { applyDelta, type Plan } from '#core/plan/index';
import { doorVerdict } from '#core/verdict/index';
import type { VerdictAnswer, VerdictRequest } from './protocol';

const answer = (message: VerdictAnswer) => self.postMessage(message);

let latest = 0;
let held: Plan | null = null;
/** Doors still to be summed up; they wait for the open door, and for a pause. */
const waiting = new Set<string>();

/** Judges the open door first; the others follow one by one and give way to a newer request. */
self.addEventListener('message', ({ data }: MessageEvent<VerdictRequest>) => {
  const { version, change, door, stale } = data;
  const plan = 'plan' in change ? change.plan : held && applyDelta(held, change.delta);
  if (!plan) return;
  held = plan;
  latest = version;
  if (door !== null && plan.doors[door]) answer({ kind: 'door', version, verdict: doorVerdict(plan, door) });
  for (const one of stale) waiting.add(one);
  if (door !== null) waiting.delete(door);
  setTimeout(() => summarise(version, plan), 200);
});

function summarise(version: number, plan: Plan): void {
  const [next] = waiting;
  if (version !== latest || next === undefined) return;
  waiting.delete(next);
  if (plan.doors[next]) answer({ kind: 'summary', version, summary: doorVerdict(plan, next).summary });
  setTimeout(() => summarise(version, plan), 0);
}
