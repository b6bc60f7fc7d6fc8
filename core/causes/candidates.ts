import type { Target } from '../autowire/index';
import { standingCells, toPutRight, type CheckContext, type Finding } from '../checks/index';
import { aroundFindings, aroundSettings } from './aroundFindings';
import { betweenDoors } from './betweenDoors';
import type { Candidate } from './change';
import { COSTS } from './costs';
import { fromTarget } from './fromTarget';
import { feelsSmallParts, missingReleases, smallPartsFor } from './smallParts';

/** Findings that no wire and no setting of the circuit brings about or takes away. */
const BESIDE_THE_CIRCUIT: ReadonlySet<string> = new Set(['C']);
/** What rules propose for what they found. */
const fromRules = (findings: readonly Finding[]): Candidate[] =>
  findings.filter(toPutRight).flatMap((finding): Candidate[] => {
    const { remedy: edit } = finding;
    return edit ? [{ changes: [{ kind: 'remedy', finding, edit }], cost: COSTS.remedy }] : [];
  });

/** Candidates by their cost. */
export const inOrder = (candidates: readonly Candidate[]): Candidate[] =>
  [...candidates].sort((a, b) => a.cost - b.cost);

/** Repairs that may be tried, each kind made only when it is asked for. */
export interface Candidates {
  /** What the rules propose, what brings the wiring nearer to the one Aldaba would lay, what a neighbour's cable tells. */
  likely(): Candidate[];
  /** Parts that are missing, with their wires. */
  parts(): Candidate[];
  settings(): Candidate[];
  /** Every small mistake around the findings. */
  others(): Candidate[];
}

export function candidatesFor(
  context: CheckContext,
  findings: readonly Finding[],
  target: Target,
): Candidates {
  const { plan, door } = context;
  const isCircuit =
    findings.some((one) => toPutRight(one) && !BESIDE_THE_CIRCUIT.has(one.family)) ||
    standingCells(context).size > 0;
  const isFelt = feelsSmallParts(findings);
  const small = () => (isCircuit ? smallPartsFor(context, findings) : []);
  return {
    likely: () => [
      ...(isCircuit ? betweenDoors(plan) : []),
      ...(isCircuit && target.wires.length > 0 ? fromTarget(plan, door.id, target) : []),
      ...fromRules(findings),
    ],
    parts: () => [...missingReleases(context, findings), ...(isFelt ? small() : [])],
    settings: () => inOrder(aroundSettings(context, findings)),
    others: () =>
      isCircuit ? inOrder([...aroundFindings(context, findings), ...(isFelt ? [] : small())]) : [],
  };
}
