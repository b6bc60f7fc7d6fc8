import { type Analysis, hit, type Hit } from '../hit';

/** A door without a lock, a supply or something that decides is not a door yet. */
export const completeness: Analysis<'parts' | 'door'> = ({ parts, door }) => {
  const at = [{ kind: 'door', id: door.id } as const];
  const findings: Hit[] = [];
  if (parts.all.length === 0) return [];
  if (parts.locks.length === 0) findings.push(hit('no-lock', at));
  if (parts.supplies.length === 0) findings.push(hit('no-supply', at));
  if (!parts.decider) findings.push(hit('no-decider', at));
  return findings;
};
