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

export function candidatesFor(
  context: CheckContext,
  findings: readonly Finding[],
  target: Target,
): { likely: Candidate[]; settings: Candidate[]; others: Candidate[] } {
  const { plan, door } = context;
  const circuit =
    findings.some((one) => toPutRight(one) && !BESIDE_THE_CIRCUIT.has(one.family)) ||
    standingCells(context).size > 0;
  const small = circuit ? smallPartsFor(context, findings) : [];
  const isFelt = feelsSmallParts(findings);
  return {
    likely: inOrder([
      ...(circuit ? betweenDoors(plan) : []),
      ...(circuit && target.wires.length > 0 ? fromTarget(plan, door.id, target) : []),
      ...fromRules(findings),
      ...missingReleases(context, findings),
      ...(isFelt ? small : []),
    ]),
    settings: inOrder(aroundSettings(context, findings)),
    others: circuit ? inOrder([...aroundFindings(context, findings), ...(isFelt ? [] : small)]) : [],
  };
}
