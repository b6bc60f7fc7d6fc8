import { doorHold, lockStatuses, operatorOpens, stimulate } from '../../simulate/index';
import type { CheckContext } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { asks } from './acts';

type Seen = 'parts' | 'door' | 'world' | 'rest';

/** True where something that people do lets the lock go or moves the leaf, whoever decides it. */
const answersSomehow = ({ world, rest }: Pick<CheckContext, 'world' | 'rest'>): boolean => {
  const before = doorHold(lockStatuses(world, rest.point));
  return asks(world).some((act) => {
    const { state } = stimulate(world, rest, act);
    return doorHold(lockStatuses(world, state.point)) !== before || operatorOpens(world, state);
  });
};

/** A door without a lock or an operator, a supply or something that answers is not a door yet. */
export const completeness: Analysis<Seen> = ({ parts, door, world, rest }) => {
  const at = [{ kind: 'door', id: door.id } as const];
  const findings: Violation[] = [];
  if (parts.all.length === 0) return [];
  if (parts.locks.length + parts.operators.length === 0) findings.push(violation('no-lock', at));
  if (parts.supplies.length === 0) findings.push(violation('no-supply', at));
  // A button alone may work an operator, a handset a strike: no controller is missing there.
  if (!parts.decider && !answersSomehow({ world, rest })) findings.push(violation('no-decider', at));
  return findings;
};
