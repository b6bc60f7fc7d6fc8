import {
  checkContext,
  isLatched,
  lookFirst,
  toPutRight,
  runToEnd,
  tryingRemedies,
  type CheckContext,
  type Finding,
  type Severity,
  type StationId,
} from '../checks/index';
import { neighbourhood } from '../door/index';
import type { DeadState, Plan } from '../plan/index';
import type { PowerBudget } from '../power/index';
import { fireReleases, type Proof } from '../prove/index';
import { releaseByCredential, type Release } from '../timing/index';
import { marksOf, type StationMark } from './marks';

/** All that is known about a door, as plain data: it comes out of a worker. */
export interface DoorVerdict {
  readonly door: string;
  readonly findings: readonly Finding[];
  readonly proof: Proof;
  readonly budget: PowerBudget;
  readonly marks: Readonly<Record<StationId, StationMark>>;
  readonly summary: DoorSummary;
  /** How long a card or code really releases the door, and who times it; null where it does not, or holds. */
  readonly release: Release | null;
}

/** A fire relay that releases a door. */
export interface FireBy {
  /** Its tag, with its door where that is another. */
  readonly tag: string;
  readonly latching: boolean;
}

/** What the ledger shows of a door. */
export interface DoorSummary {
  readonly door: string;
  readonly deadState: DeadState | null;
  /** Findings to be put right: stop and fix. */
  readonly toSettle: number;
  readonly worst: Severity;
  /** False while there is nothing to judge yet. */
  readonly begun: boolean;
  /** Fire relays that release the door, whoever's they are. */
  readonly fire: readonly FireBy[];
  /** False where the door could not be judged: nothing is known of it, least of all that it is sound. */
  readonly judged: boolean;
}

/** A verdict in two steps: the second costs a judgement for every remedy. */
export interface VerdictSteps {
  /** Everything but remedies: none is offered before it was tried, and some are yet to be searched for. */
  readonly first: DoorVerdict;
  /** The same with those remedies that make nothing worse; stops before each is tried. */
  completing(): Generator<undefined, DoorVerdict>;
  /** The same at one go. */
  complete(): DoorVerdict;
}

const firesOf = (context: CheckContext): FireBy[] =>
  fireReleases(context.world, context.rest).map(({ device, type }) => ({
    tag:
      device.door === context.door.id || device.door === null ? device.tag : `${device.door}/${device.tag}`,
    latching: isLatched(context, device.id, type),
  }));

/**
 * Judges one door, remedies last, in the part of the plan that it feels: the site's size costs nothing. Throws where the
 * door is not in the plan.
 */
export function verdictSteps(plan: Plan, door: string): VerdictSteps {
  const context = checkContext(neighbourhood(plan, door), door);
  const findings = lookFirst(context);
  const begun = context.parts.all.length > 0;
  const toSettle = findings.filter(toPutRight).length;
  const first: DoorVerdict = {
    door,
    findings: findings.map(({ remedy: _untried, sought: _later, ...finding }) => finding),
    proof: context.proof,
    budget: context.budget,
    marks: marksOf(context, findings),
    release: releaseByCredential(context.world, context.rest),
    summary: {
      door,
      deadState: context.door.deadState?.state ?? null,
      toSettle,
      worst: findings[0]?.severity ?? 'sound',
      begun,
      fire: firesOf(context),
      judged: true,
    },
  };
  function* completing(): Generator<undefined, DoorVerdict> {
    return { ...first, findings: yield* tryingRemedies(context, findings) };
  }
  return { first, completing, complete: () => runToEnd(completing()) };
}

/** Judges one door, with the remedies that were tried. Throws where the door is not in the plan. */
export const doorVerdict = (plan: Plan, door: string): DoorVerdict => verdictSteps(plan, door).complete();
