import {
  checkContext,
  findingKey,
  runRules,
  standingCells,
  toPutRight,
  trialsAt,
  type CheckContext,
  type Finding,
  type Judged,
  type Trial,
} from '../checks/index';
import type { Edit } from '../plan/index';
import { byUse } from './byUse';
import { candidatesFor, inOrder } from './candidates';
import { editOf, type Candidate } from './change';
import { COSTS } from './costs';
import { oddWires } from './differences';
import { lessFed } from './lessFed';
import { halfContacts, isAt, protecting, protections } from './protection';
import { quickLook } from './quickLook';
import { stillMissed } from './smallParts';
import { NO_TARGET, type Target } from '../autowire/index';

/** A repair that was tried on a copy. */
export interface Tried extends Candidate {
  readonly edit: Edit;
  readonly trial: Trial;
  /** What stands against the door after it. */
  readonly left: ReadonlySet<string>;
}

export interface Round {
  /** Repairs after which less stands against the door and nothing new, best first. */
  readonly found: readonly Tried[];
  readonly tried: number;
  /** False where the bound ended the round. */
  readonly exhausted: boolean;
}

/** Beyond this much more than the cheapest repair, nothing is tried once one was found. */
export const ALSO = 0.35;
/** No single change costs more, but one to another device. */
const SINGLE = COSTS['add-parts'];
/** Tried, at most, to find a simpler repair than one that settles all. */
const SIMPLER = 40;
/** Tried, at most, once something is better and nothing yet settles all, where no hint tells what else is wrong. */
const MOST_BEYOND = 40;
/** Tried of the changes around the findings before any two together. */
const MOST_FIRST = 90;
/** What a quick look counts, beside a trial. */
const SCREENED = 0.1;
/** Looked at quickly before the best of them are tried. */
const LOOKED = 60;
/** Parts of a circuit times rows of its proof at an ordinary door: a trial there counts one, at a larger door as much more. */
const ORDINARY = 800;
/** Changes by the uses of terminals, single ones and pairs, that are tried at most. */
const MOST_BY_USE = 40;
/** Pairs that are looked at quickly. */
const MOST_PAIRS = 160;
/** Changes around what is found after a first one, looked at quickly; and first ones that are gone on from. */
const MOST_AROUND = 60;
const MOST_BASES = 3;
/** Second changes tried after one that came near. */
const MOST_SEQUELS = 8;

/** What stands against a door: findings to put right, cells that fail, and cells whose lock falters. */
export const against = ({ findings, proof }: Pick<Judged, 'findings' | 'proof'>): Set<string> =>
  new Set([
    ...findings.filter(toPutRight).map(findingKey),
    ...[...standingCells({ proof })].map((cell) => `cell ${cell}`),
  ]);

type QuickLook = ReturnType<typeof quickLook>;

/** The bound is on the work: a trial at a large door is more of it. */
function weightOf({ world, proof }: CheckContext): number {
  const rows = proof.rows.reduce((sum, { each }) => sum + Math.max(1, each.length), 0);
  return Math.max(1, (world.netlist.branches.length * rows) / ORDINARY);
}

const both = (one: Candidate, two: Candidate): Candidate => ({
  changes: [...one.changes, ...two.changes],
  cost: one.cost + two.cost + COSTS.another,
});

/**
 * One round of the search. First what is likely: what the rules propose, and what brings the wiring nearer to the one that
 * Aldaba would lay. Then every small mistake around the findings, in the order of cost, until one settles all and no other is as
 * cheap. Where nothing makes anything better, two changes: those that came nearest, each with what it uncovers, and
 * with one another.
 */
export function searchRound(
  context: CheckContext,
  findings: readonly Finding[],
  target: Target,
  bounds: { readonly most: number; readonly pairsOf: number },
): Round {
  const { plan, door } = context;
  const attempt = trialsAt(context, findings, runRules);
  const open = against({ findings, proof: context.proof });
  const isHinted = target.wires.length > 0;
  const kept = protecting(context, findings, target);
  const better: Tried[] = [];
  const near: Tried[] = [];
  const done = new Set<string>();
  const weight = isHinted ? 1 : weightOf(context);
  let tried = 0;
  let enough = Infinity;

  const attemptOne = (candidate: Candidate): void => {
    const edit = editOf(candidate, 'put right');
    const text = JSON.stringify(edit);
    if (done.has(text)) return;
    done.add(text);
    const trial = attempt(edit);
    tried += weight;
    if (!trial) return;
    const still = protections(trial.context, target);
    const isOthers = (part: string) => candidate.apart === true && !isAt(plan, door.id, part);
    if ([...kept].some((part) => !still.has(part) && !isOthers(part))) return;
    const left = against(trial.judged);
    // What is added is wired as Aldaba would.
    const isAdded = candidate.changes.some(({ kind }) => kind === 'add-parts');
    const odd = isAdded
      ? 0
      : Math.min(COSTS.mostOddLeft, oddWires(trial.plan, context.door.id, target).length);
    const missed = stillMissed(trial.judged.findings);
    const cost =
      candidate.cost +
      COSTS.halfContact * halfContacts(trial.context) +
      missed +
      COSTS.lessFed * lessFed(context, trial.context) +
      COSTS.oddLeft * odd;
    const one: Tried = { ...candidate, cost, edit, trial, left };
    if (trial.worse || left.size >= open.size) {
      near.push(one);
      return;
    }
    better.push(one);
    if (left.size === 0) enough = Math.min(enough, candidate.cost + missed + ALSO);
  };
  /** The bound ended the last look before all were looked at. */
  let wasCut = false;
  /** What a quick look leaves of some, those first after which least still stands. */
  const shortlist = (candidates: readonly Candidate[], look: QuickLook, most: number): Candidate[] => {
    const seen: { readonly candidate: Candidate; readonly left: number }[] = [];
    for (const candidate of candidates) {
      if (candidate.cost > enough) break;
      wasCut ||= tried >= most;
      if (wasCut) break;
      const text = JSON.stringify(editOf(candidate, 'put right'));
      if (done.has(text)) continue;
      const left = look(editOf(candidate, ''));
      tried += SCREENED * weight;
      if (left === null) done.add(text);
      else seen.push({ candidate, left });
    }
    return seen
      .sort((a, b) => a.left - b.left || a.candidate.cost - b.candidate.cost)
      .map(({ candidate }) => candidate);
  };
  /** False where the bound ended it. */
  const run = (candidates: readonly Candidate[], look?: QuickLook, most = bounds.most): boolean => {
    for (let at = 0; at < candidates.length; at += LOOKED) {
      const some = candidates.slice(at, at + LOOKED);
      wasCut = false;
      for (const candidate of look ? shortlist(some, look, most) : some) {
        if (candidate.cost > enough) continue;
        if (tried >= most) return false;
        attemptOne(candidate);
      }
      if (wasCut || (tried >= most && at + LOOKED < candidates.length)) return false;
    }
    return true;
  };
  /** One change of what is there already: a part more clears much at a door that misses none, and leads nowhere. */
  const isOfWires = ({ changes }: Tried): boolean =>
    changes.length === 1 && changes.every(({ kind }) => kind !== 'add-parts' && kind !== 'exchange-part');
  /** What took something away comes nearer than what changed nothing. */
  const clears = ({ left }: Tried): boolean => [...open].some((key) => !left.has(key));
  const byNearness = (a: Tried, b: Tried): number =>
    Number(clears(b)) - Number(clears(a)) || a.left.size - b.left.size || a.cost - b.cost;
  const nearest = () => [...near].sort(byNearness).slice(0, bounds.pairsOf);
  /** What a change uncovers, put right with it. */
  const sequels = (first: Tried): Candidate[] => {
    const then = checkContext(first.trial.plan, context.door.id);
    const its = candidatesFor(then, runRules(then), target);
    // Without a wiring to compare with, wires are sought: a part more would have shown by itself.
    return inOrder([...its.likely(), ...(isHinted ? its.parts() : [])])
      .slice(0, MOST_SEQUELS)
      .map((second) => both(first, second));
  };
  /** The same where no hint tells: whatever one slip more may be, by the uses of terminals and around what is found then. */
  const slipsAfter = (first: Tried): Candidate[] => {
    // No remedy is needed here: what the trial found will do.
    const { context: then, judged } = first.trial;
    const found = judged.findings;
    const { singles } = byUse(then.plan, context.door.id, found);
    const around = candidatesFor(then, found, NO_TARGET).others();
    const look = quickLook(then, found);
    const seconds = [...singles.slice(0, MOST_SEQUELS), ...around.slice(0, MOST_AROUND)].filter((one) => {
      tried += SCREENED * weight;
      return look(editOf(one, '')) !== null;
    });
    return seconds.map((second) => both(first, second));
  };

  const upTo = (more: number): number => Math.min(bounds.most, tried + more);
  const its = candidatesFor(context, findings, target);
  const others = its.others();
  const isCircuit = others.length > 0;
  const look = quickLook(context, findings);
  let exhausted = run(inOrder([...its.likely(), ...its.parts()]));
  // The likely ones come near: what they uncover is sought before the unlikely.
  if (better.length === 0) exhausted = run(inOrder(nearest().slice(0, 4).flatMap(sequels))) && exhausted;
  // What no hint tells the uses of terminals may: a wire that nobody would lay, and two of them together. A wire on the wrong screw is
  // likelier than what a rule or a part more has settled.
  if (isCircuit && (enough === Infinity || !isHinted)) {
    const { singles, pairs } = byUse(plan, door.id, findings);
    const its = singles.slice(0, MOST_BY_USE).filter(({ cost }) => cost <= enough);
    exhausted = run(its, look, upTo(MOST_BY_USE)) && exhausted;
    if (enough === Infinity)
      exhausted = run(pairs().slice(0, MOST_PAIRS), look, upTo(MOST_BY_USE)) && exhausted;
  }
  // The first of what one slip may be, whatever it is.
  if (enough === Infinity) run(others, look, upTo(MOST_FIRST));
  // One that comes near, and one more.
  if (enough === Infinity && isCircuit) {
    const bases = [...better, ...near].filter(isOfWires).sort(byNearness);
    for (const base of bases.slice(0, MOST_BASES)) {
      if (enough < Infinity || tried >= bounds.most) break;
      run(inOrder([...sequels(base), ...slipsAfter(base)]), undefined, upTo(MOST_BY_USE));
    }
  }
  // Several changes that settle all do not keep one from being looked for that does.
  if (enough > SINGLE + ALSO) {
    // Settings are few, and wires many.
    exhausted = run(its.settings(), look) && exhausted;
    // Once something settles all, a simpler one is looked for, but not for long; nor where something is better already and no hint
    // says that one change must be enough: what is left is sought in the next round.
    const isSettled = enough < Infinity;
    const isBetter = better.length > 0 && !isHinted;
    const most = isSettled ? upTo(SIMPLER) : isBetter ? upTo(MOST_BEYOND) : bounds.most;
    exhausted = (run(others, look, most) || isSettled) && exhausted;
  }
  if (better.length === 0) {
    const last = nearest();
    exhausted = run(inOrder(last.flatMap(sequels))) && exhausted;
    const pairs = last.flatMap((one, index) => last.slice(index + 1).map((two) => both(one, two)));
    if (better.length === 0) exhausted = run(inOrder(pairs)) && exhausted;
  }
  return {
    // A repair that settles more is better than a cheaper one that settles less.
    found: better.sort((a, b) => a.left.size - b.left.size || a.cost - b.cost),
    tried: Math.round(tried),
    exhausted,
  };
}
