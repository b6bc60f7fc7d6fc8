import { byAnybodyOutside } from '../acts/index';
import type { Adjusted, DeadState } from '../plan/index';
import {
  isLatched,
  keyTurns,
  leafByHand,
  leafWithoutLock,
  leverOpens,
  lockStatuses,
  movedByOperatorOnly,
  secondHold,
  type LockStatus,
  type Player,
  type SimState,
  type World,
} from '../simulate/index';
import { fireReleases } from './fireReleases';
import type { Breaks, Cell, Expectation, Means, Missing, ProofRow, Side, SituationId } from './proof';
import { entriesOutside } from './askedAt';
import type { Situation } from './situation';
import { dueNext, releaseFrom, stretchFrom } from './stretch';
import {
  givesWay,
  isSound,
  leavesFreely,
  letsOut,
  patience,
  standsOpen,
  waysFrom,
  type HowFar,
  type Ways,
} from './ways';

/** What can be proven of both sides in a situation, and what the locks do as it comes about. */
export interface Judged {
  readonly cells: ProofRow['cells'];
  readonly locks: readonly LockStatus[];
}

/** A situation as it goes on by itself, with what is asked of it. */
interface Case<T> {
  readonly world: World;
  readonly by: Player<T>;
  readonly situation: Situation;
  readonly moments: readonly T[];
  readonly begun: number;
  readonly locks: readonly LockStatus[];
  readonly general: readonly Missing[];
  readonly howFar: HowFar;
}

/**
 * Judges a situation from the moment at which it has come about until nothing more happens by itself: what must be shut is shut at
 * every moment, whatever anybody outside does with bare hands; out freely is free at every moment; a way out there is from each.
 */
export function cellsFrom<T>(
  world: World,
  situation: Situation,
  by: Player<T>,
  from: T,
  deadState: DeadState | null,
  howFar: HowFar = 'all',
): Judged {
  const { moments, ends } = stretchFrom(by, from);
  const state = by.state(from);
  const locks = lockStatuses(world, state.point);
  const restless = !ends || moments.some((at) => !isSound(by.state(at)));
  const general = missingFor(world, locks, situation, deadState, restless);
  const assumed = deadState ?? 'fail-safe';
  const { brief } = world.door;
  const it = { world, by, situation, moments, begun: state.now, locks, general, howFar };
  const outside = wanted(world, situation, 'outside', situation.outside(brief, assumed, world));
  const inside = wanted(world, situation, 'inside', situation.inside(brief, assumed));
  return {
    cells: { outside: latched(it, outsideCell(it, outside)), inside: insideCell(it, inside) },
    locks,
  };
}

/** What is wanted of a side: as it follows from the brief, and what somebody wants instead. */
interface Wanted {
  readonly derived: Expectation;
  readonly adjusted: Adjusted | null;
}

function wanted(world: World, { id }: Situation, side: Side, derived: Expectation): Wanted {
  const found = world.door.expectations.find((one) => one.situation === id && one.side === side);
  return { derived, adjusted: found && found.wanted !== derived ? found : null };
}

/** What keeps every cell of this situation from being proven. */
function missingFor(
  world: World,
  locks: readonly LockStatus[],
  situation: Situation,
  deadState: DeadState | null,
  restless: boolean,
): Missing[] {
  const missing: Missing[] = [];
  const unlocked = movedByOperatorOnly(world);
  if (locks.length === 0 && !unlocked) missing.push({ kind: 'no-lock' });
  if (leafWithoutLock(world) !== null) missing.push({ kind: 'leaf-without-lock' });
  if (deadState === null && !unlocked) missing.push({ kind: 'no-dead-state' });
  if (restless) missing.push({ kind: 'restless' });
  for (const lock of locks)
    if (lock.hold === 'weak' && !(restless && lock.volts === null))
      missing.push({ kind: 'weak-lock', tag: lock.tag, volts: lock.volts ?? 0 });
  const inFire = situation.id === 'fire' && deadState === 'fail-safe';
  if (inFire && fireReleases(world).length === 0) missing.push({ kind: 'no-fire-release' });
  return missing;
}

/** A moment of a situation as one that breaks it: when it is, whose time was over then, and what somebody does at it. */
function breakAt<T>({ world, by, moments, begun }: Case<T>, index: number, act: string | null): Breaks {
  const before = index > 0 ? dueNext(by.state(moments[index - 1]!)) : undefined;
  return {
    after: by.state(moments[index]!).now - begun,
    by: act,
    timer: before ? (world.byId.get(before.device)?.device.tag ?? null) : null,
  };
}

/** What the outer side comes to: whether anybody gets in, by what, and from when on. */
interface Entry {
  readonly possible: boolean;
  readonly works: readonly Means[];
  readonly breaks: Breaks | null;
}

/** The first moment at which the door stands open to whoever is outside; by bare hands, where it does not stand so by itself. */
function opened<T>(it: Case<T>): Entry {
  const { world, by, moments } = it;
  const isOpen = (state: SimState) => standsOpen(world, state);
  const acts = byAnybodyOutside(world);
  for (const [index, at] of moments.entries()) {
    const state = by.state(at);
    if (isOpen(state))
      return {
        possible: true,
        works: [{ kind: 'unlocked' }],
        breaks: index > 0 ? breakAt(it, index, null) : null,
      };
    for (const act of acts) {
      const release = releaseFrom(by, by.act(at, act.stimulus), isOpen, 0);
      const tag = act.at.device.tag;
      if (release)
        return {
          possible: true,
          works: [{ kind: 'exit', tag }],
          breaks: breakAt(it, index, tag),
        };
    }
  }
  return { possible: false, works: [], breaks: null };
}

function entryOf<T>(it: Case<T>, expectation: Expectation): Entry {
  const { world, by, moments } = it;
  const isFree = (state: SimState) => givesWay(world, state);
  switch (expectation) {
    case 'must-not':
      return opened(it);
    case 'must': {
      const release = releaseFrom(by, moments[0]!, isFree);
      const possible = release !== null && release.after <= patience(world);
      return { possible, works: possible ? [{ kind: 'unlocked' }] : [], breaks: null };
    }
    default: {
      const shut = moments.findIndex((at) => !isFree(by.state(at)));
      const first = isFree(by.state(moments[0]!));
      const possible = expectation === 'may' ? first : shut < 0;
      const breaks = shut > 0 ? breakAt(it, shut, null) : null;
      return {
        possible,
        works: possible ? [{ kind: 'unlocked' }] : [],
        breaks: expectation === 'may' ? null : breaks,
      };
    }
  }
}

function outsideCell<T>(it: Case<T>, want: Wanted): Cell {
  const { world, situation, general } = it;
  const missing = [...general];
  const expectation = want.adjusted?.wanted ?? want.derived;
  if (world.door.brief.rescuers === null && expectation === 'may')
    missing.push({ kind: 'brief', question: 'rescuers' });
  const entry = entryOf(it, expectation);
  // A drive that holds its leaf keeps people out; whether a hand can free it nothing in the plan says.
  const hand = movedByOperatorOnly(world) ? leafByHand(world) : 'yields';
  const isUnknown = expectation === 'must-not' ? hand === null : expectation !== 'may' && hand !== 'yields';
  if (isUnknown && !entry.possible) missing.push({ kind: 'leaf-by-hand' });
  if (situation.id === 'credential' && !entry.possible && entriesOutside(world).length === 0)
    missing.push({ kind: 'no-entry' });
  const key = entry.possible ? null : keyFor(world, situation, expectation);
  if (key === 'open') missing.push({ kind: 'brief', question: 'keyOverride' });
  const works: readonly Means[] = key === 'turns' ? [{ kind: 'key' }] : entry.works;
  const made = cell(want, works, [{ kind: 'unlocked' }], () => entry.possible, missing);
  const breaks = made.verdict === 'fail' ? entry.breaks : null;
  if (key !== 'none') return { ...made, breaks };
  return { ...made, breaks, noWayIn: true, verdict: missing.length > 0 ? 'not-proven' : 'fail' };
}

/** Situations in which a fire burns, or may have taken the power. */
const BURNING: ReadonlySet<SituationId> = new Set(['dead', 'fire', 'fire-burnt', 'fire-power']);

/** A fire door must stay latched then, whatever else is asked of it: it may be unlocked, and not stand ajar for the smoke. */
function latched<T>({ world, situation, locks }: Case<T>, made: Cell): Cell {
  if (world.door.brief.fireDoor !== true || !BURNING.has(situation.id)) return made;
  const holds = isLatched(world, locks);
  if (holds === true) return made;
  if (holds === null && world.door.brief.ownLatch === null)
    return {
      ...made,
      verdict: 'not-proven',
      missing: [...made.missing, { kind: 'brief', question: 'ownLatch' }],
    };
  return { ...made, unlatched: true, verdict: made.missing.length > 0 ? 'not-proven' : 'fail' };
}

/** How rescuers get through a door that stays locked then: a key turns, none does, nobody has said. Null where nobody asks. */
function keyFor(world: World, { id }: Situation, expectation: Expectation): 'turns' | 'none' | 'open' | null {
  const { rescuers, keyOverride } = world.door.brief;
  if (rescuers !== true || expectation !== 'must-not' || !BURNING.has(id)) return null;
  if (keyOverride === null) return 'open';
  return keyTurns(world) ? 'turns' : 'none';
}

/** What there is for somebody inside. */
interface Leaving {
  readonly ways: Ways;
  readonly enough: boolean;
  /** At some moment nothing but a push that is answered late lets anybody out. */
  readonly delayed: boolean;
  readonly breaks: Breaks | null;
}

/** In a fire, and where the power may be gone, nobody waits for a delay. */
const usable = ({ works, ...ways }: Ways, { id }: Situation): Ways => ({
  ...ways,
  works: BURNING.has(id) ? works.filter(({ kind }) => kind !== 'delayed') : works,
});

const onlyLate = ({ works }: Ways): boolean =>
  works.length > 0 && works.every(({ kind }) => kind === 'delayed');

/** The first moment at which somebody inside is worse off than is asked for, with the ways that are left then. */
function leaving<T>(it: Case<T>, expectation: Expectation): Leaving {
  const { world, by, situation, moments, howFar } = it;
  const [first] = moments;
  const waysAt = (at: T, far: HowFar) => usable(waysFrom(world, by, at, far), situation);
  const ways = waysAt(first!, howFar);
  const isFree = (state: SimState) => isSound(state) && leavesFreely(world, state);
  // What is asked for by an act is free for as long as that act lasts, and then there is a way out again.
  const momentary = situation.id === 'exit' || situation.id === 'credential-inside';
  let delayed = false;
  for (const [index, at] of moments.entries()) {
    const state = by.state(at);
    const worse = (): Leaving => ({
      ways: index === 0 ? ways : waysAt(at, 'all'),
      enough: false,
      delayed,
      breaks: index > 0 ? breakAt(it, index, null) : null,
    });
    if (expectation === 'must-freely' && (!momentary || index === 0)) {
      const lets = momentary ? letsOut(world, releaseFrom(by, at, isFree)) : isFree(state) ? 'at-once' : 'no';
      if (lets === 'no') return worse();
      delayed ||= lets === 'delayed';
    } else if (!leavesFreely(world, state)) {
      const tried = index === 0 ? ways : waysAt(at, 'first');
      if (tried.works.length === 0) return worse();
      delayed ||= onlyLate(tried);
    }
  }
  return { ways, enough: true, delayed, breaks: null };
}

/** A cell for leaving: enough is a way out, or one that asks for no act at all. */
function insideCell<T>(it: Case<T>, want: Wanted): Cell {
  const { world, general, locks } = it;
  const { brief } = world.door;
  const asked = want.adjusted?.wanted ?? want.derived;
  // Less of a way out that somebody asks for is weighed against what follows from the brief as well.
  const known = new Map<Expectation, Leaving>();
  const look = (expectation: Expectation) => {
    const found = known.get(expectation) ?? leaving(it, expectation);
    known.set(expectation, found);
    return found;
  };
  const { ways, breaks } = look(asked);
  const possible = (expectation: Expectation): boolean =>
    expectation === 'must-not' ? look('must').ways.works.length > 0 : look(expectation).enough;
  const enough = possible(asked);
  const missing = general.filter((one) => one.kind !== 'weak-lock' || !enough);
  if (enough && asked !== 'must-not' && look(asked).delayed && typeof brief.delayedEgress !== 'number')
    missing.push({ kind: 'brief', question: 'delayedEgress' });
  const unsure = movedByOperatorOnly(world) && leafByHand(world) !== 'yields';
  if (!enough && unsure && brief.mechanicalEgress !== true) missing.push({ kind: 'leaf-by-hand' });
  if (!enough && brief.mechanicalEgress === null)
    missing.push({ kind: 'brief', question: 'mechanicalEgress' });
  if (!enough && ways.unsound && !missing.some(({ kind }) => kind === 'restless'))
    missing.push({ kind: 'restless' });
  // Where all must get out at once the second leaf counts as well.
  const half = asked === 'must-freely' && enough && !leverOpens(world) && secondHold(locks) === 'held';
  const burning = BURNING.has(it.situation.id);
  // Plans from before it was asked say nothing either.
  const answered = brief.bothLeaves === true || brief.bothLeaves === false;
  if (half && burning && !answered) missing.push({ kind: 'brief', question: 'bothLeaves' });
  const made = cell(want, ways.works, ways.tried, possible, missing);
  if (half && burning && brief.bothLeaves === true && made.verdict === 'pass')
    return { ...made, verdict: 'fail', halfWidth: true };
  return { ...made, breaks: made.verdict === 'fail' ? breaks : null };
}

/** True where what is possible is what is wanted. */
const meets = (expectation: Expectation, possible: (one: Expectation) => boolean): boolean =>
  expectation === 'may' || possible(expectation) === (expectation !== 'must-not');

/** `possible` tells whether there is a way through as it is asked for. */
function cell(
  { derived, adjusted }: Wanted,
  works: readonly Means[],
  tried: readonly Means[],
  possible: (expectation: Expectation) => boolean,
  general: readonly Missing[],
): Cell {
  const expectation = adjusted?.wanted ?? derived;
  const met = meets(expectation, possible);
  // Nobody makes a way out or in for rescuers dispensable by writing so: it is as much as is not proven.
  const less = adjusted && met && derived !== 'must-not' && !meets(derived, possible);
  const missing: readonly Missing[] = less
    ? [...general, { kind: 'asked-less', reason: adjusted.reason }]
    : general;
  const verdict = missing.length > 0 ? 'not-proven' : met ? 'pass' : 'fail';
  const unsure = general.some((one) => one.kind !== 'brief');
  const got = unsure ? 'unsure' : possible(expectation) ? 'possible' : 'impossible';
  return {
    expectation,
    adjusted,
    got,
    verdict,
    works,
    tried,
    missing,
    unlatched: false,
    noWayIn: false,
    halfWidth: false,
    breaks: null,
  };
}
