import { know } from '#core/devices/index';
import { applyDelta, findIn, findTypeIn, type Plan } from '#core/plan/index';
import { judgeInSteps, summarise, withoutCodes, type Judgement } from '#core/verdict/index';
import { metres } from '#core/units/index';
import type { VerdictAnswer, VerdictRequest } from './protocol';

const answer = (message: VerdictAnswer) => self.postMessage(message);

/** The other doors wait until nothing has changed for so long, ms: whoever is typing waits for none of them. */
const SUMMARIES_AFTER = 700;
/** Remedies are tried once nothing has changed for so long, ms: whoever changes one thing after another does not wait for them. */
const REMEDIES_AFTER = 150;

/** Counts what is asked: another door of the same state of the plan is another question. */
let asked = 0;
/** How often and how long it is yet to judge for practice, ms. */
let practice = { rounds: 30, ms: 2500 };
let held: Plan | null = null;
/** Doors still to be summed up; they wait for the open door, and for a pause. */
const waiting = new Set<string>();

/** The whole library comes behind: what is judged first needs the types in use, what is offered may be any. */
const library = import('#core/devices/library/index');

/** Questions in their order: one that names a type which is yet to come waits, and those behind it. */
let before: Promise<unknown> | null = null;
self.addEventListener('message', ({ data }: MessageEvent<VerdictRequest>) => {
  if ('plan' in data.change) know(data.change.types);
  if (before === null && isKnown(data)) return judge(data);
  const waited = (before ?? library)
    .catch(() => undefined)
    .then(() => {
      judge(data);
      if (before === waited) before = null;
    });
  before = waited;
  return undefined;
});

/** Whether every device that is new in a question is of a type that is here. */
function isKnown({ change }: VerdictRequest): boolean {
  const fresh = 'plan' in change ? change.plan : change.delta.set;
  const types = { ...held?.types, ...fresh.types };
  return Object.values(fresh.devices ?? {}).every(({ type }) => findTypeIn({ types }, type) !== undefined);
}

/** Judges the open door first; the others follow one by one and give way to a newer request. */
function judge(data: VerdictRequest): void {
  const { version, change, door, stale, codes, practise = null } = data;
  const seen = (judgement: Judgement) => (codes ? judgement : withoutCodes(judgement));
  try {
    held = 'plan' in change ? change.plan : held && applyDelta(held, change.delta);
  } catch (error) {
    held = null;
    answer({ kind: 'lost', version, reason: String(error) });
  }
  const plan = held;
  if (!plan) return;
  asked += 1;
  const turn = asked;
  if (door !== null && findIn(plan.doors, door)) {
    const { first, completing } = judgeInSteps(plan, door);
    answer({ kind: 'door', version, judgement: seen(first) });
    setTimeout(tryOnce, REMEDIES_AFTER, { turn, version, plan, door, remedies: completing(), seen });
  }
  if (practise !== null && findIn(plan.doors, practise)) setTimeout(practiseOn, 0, turn, plan, practise);
  for (const one of stale) waiting.add(one);
  if (door !== null) waiting.delete(door);
  setTimeout(() => sumUp(turn, version, plan), SUMMARIES_AFTER);
}

/**
 * What was never run is slow the first times: those are now, in pauses, and not at the changes that come. Each round judges
 * what a change would leave: the same plan again would only be looked up.
 */
function practiseOn(turn: number, plan: Plan, door: string): void {
  if (turn !== asked || practice.rounds <= 0 || practice.ms <= 0) return;
  const start = performance.now();
  judgeInSteps(withAChange(plan, door, practice.rounds), door);
  practice = { rounds: practice.rounds - 1, ms: practice.ms - (performance.now() - start) };
  setTimeout(practiseOn, 0, turn, plan, door);
}

/** The plan with one wire of the door a little longer, by hundredths. */
function withAChange(plan: Plan, door: string, hundredths: number): Plan {
  const wire = Object.values(plan.conductors).find((one) => one.door === door);
  if (!wire) return plan;
  const longer = { ...wire, length: metres(wire.length * (1 + hundredths / 100)) };
  return applyDelta(plan, { set: { conductors: { [wire.id]: longer } }, gone: {} });
}

/** A remedy may be any device of the library; without it, and without a network, none is offered. */
const tryOnce = (work: Trying): unknown =>
  library.then(
    () => tryNext(work),
    () => undefined,
  );

/** Remedies are tried before they are offered, one at a time; a newer question makes them idle, and waits for one at most. */
function tryNext(work: Trying): void {
  const { turn, version, plan, door, remedies, seen } = work;
  if (turn !== asked) return;
  const step = remedies.next();
  if (step.done !== true) setTimeout(tryNext, 0, work);
  else {
    answer({ kind: 'door', version, judgement: seen(step.value) });
    setTimeout(practiseOn, 0, turn, plan, door);
  }
}

interface Trying {
  readonly turn: number;
  readonly version: number;
  readonly plan: Plan;
  readonly door: string;
  readonly remedies: Generator<undefined, Judgement>;
  seen(judgement: Judgement): Judgement;
}

function sumUp(turn: number, version: number, plan: Plan): void {
  const [next] = waiting;
  if (turn !== asked || next === undefined) return;
  waiting.delete(next);
  if (findIn(plan.doors, next)) answer({ kind: 'summary', version, summary: summarise(plan, next) });
  setTimeout(() => sumUp(turn, version, plan), 0);
}
