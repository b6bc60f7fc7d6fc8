import { doorsInOrder, type Plan } from '#core/plan/index';
import { doorVerdict } from '#core/verdict/index';
import type { VerdictAnswer, VerdictRequest } from './protocol';

const answer = (message: VerdictAnswer) => self.postMessage(message);

let latest = 0;

/** Judges the open door first; the others follow one by one and give way to a newer request. */
self.addEventListener('message', ({ data }: MessageEvent<VerdictRequest>) => {
  const { version, plan, door } = data;
  latest = version;
  if (door !== null && plan.doors[door]) answer({ kind: 'door', version, verdict: doorVerdict(plan, door) });
  const rest = doorsInOrder(plan)
    .map(({ id }) => id)
    .filter((id) => id !== door);
  setTimeout(() => summarise(version, plan, rest), 60);
});

function summarise(version: number, plan: Plan, doors: readonly string[]): void {
  const [next, ...rest] = doors;
  if (version !== latest || next === undefined) return;
  answer({ kind: 'summary', version, summary: doorVerdict(plan, next).summary });
  setTimeout(() => summarise(version, plan, rest), 0);
}
