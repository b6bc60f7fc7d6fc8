import { type Analysis, hit, type Hit } from '../hit';

/** The people of a door, and what its keypad would refuse. */
export const people: Analysis<'plan' | 'door' | 'parts'> = ({ plan, door, parts }) => {
  const at = [{ kind: 'door', id: door.id } as const];
  const here = Object.values(plan.people).filter((person) => person.doors.includes(door.id));
  const findings: Hit[] = [];
  if (here.length === 0 && parts.decider) findings.push(hit('nobody-on-list', at));
  const shared = here.filter(
    (one) => one.code !== '' && here.some((two) => two !== one && two.code === one.code),
  );
  if (shared.length > 0) {
    const subjects = shared.map((person) => ({ kind: 'person', id: person.id }) as const);
    findings.push(
      hit('code-shared', subjects, {
        names: shared.map((person) => person.name).join(', '),
      }),
    );
  }
  return findings;
};
