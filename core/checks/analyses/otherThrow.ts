import { terminalAt, type BranchOf } from '../../circuit/index';
import {
  allConductors,
  applyEdit,
  type Conductor,
  type Edit,
  type Plan,
  type TerminalId,
} from '../../plan/index';
import type { World } from '../../simulate/index';

/** A contact of a changeover by its index, the end it does not share, and the end of its sister. */
export interface Throw {
  readonly contact: BranchOf<'contact'>;
  readonly on: TerminalId;
  readonly other: TerminalId;
}

/** The other throw of the same blade: worked by the same state, closed when this one is open, with one end shared. */
export function otherThrow({ netlist }: World, index: number): Throw | null {
  const contact = netlist.branches[index];
  if (contact?.kind !== 'contact') return null;
  const sister = netlist.branches.find(
    (one): one is BranchOf<'contact'> =>
      one.kind === 'contact' &&
      one.state === contact.state &&
      one.normallyClosed !== contact.normallyClosed &&
      (one.a === contact.a || one.b === contact.b),
  );
  if (!sister) return null;
  const [on, other] = sister.a === contact.a ? [contact.b, sister.b] : [contact.a, sister.a];
  return { contact, on: terminalAt(netlist, on), other: terminalAt(netlist, other) };
}

const put = ({ id }: Conductor, end: 'from' | 'to', terminal: TerminalId): Edit => ({
  kind: 'setConductor',
  id,
  patch: { [end]: terminal },
});

/** Wires on these pairs of terminals changed over, as one edit. */
export function changeOver(plan: Plan, pairs: readonly Pick<Throw, 'on' | 'other'>[]): Edit {
  const goes = new Map(pairs.flatMap(({ on, other }) => [[on, other] as const, [other, on] as const]));
  const edits = allConductors(plan).flatMap((wire) =>
    (['from', 'to'] as const).flatMap((end) => {
      const to = goes.get(wire[end]);
      return to === undefined ? [] : [put(wire, end, to)];
    }),
  );
  return { kind: 'batch', label: 'move the wire', edits };
}

/** The plan after an edit; null where it is refused. */
export function planAfter(plan: Plan, edit: Edit): Plan | null {
  const result = applyEdit(plan, edit);
  return result.ok ? result.plan : null;
}
