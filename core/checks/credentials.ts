import { factoryMemory, findLanguage, freeSlot, targetOf } from '../keypads/index';
import { finder, type Check } from './context';
import type { Finding } from './finding';

const find = finder('C', 'program');

/** The people of a door, and what its keypad would refuse. */
export const people: Check = ({ plan, door, parts }) => {
  const at = [{ kind: 'door', id: door.id } as const];
  const here = Object.values(plan.people).filter((person) => person.doors.includes(door.id));
  const findings: Finding[] = [];
  if (here.length === 0 && parts.decider) findings.push(find('nobody-on-list', 'note', 'practice', at));
  const shared = here.filter(
    (one) => one.code !== '' && here.some((two) => two !== one && two.code === one.code),
  );
  if (shared.length > 0) {
    const subjects = shared.map((person) => ({ kind: 'person', id: person.id }) as const);
    findings.push(
      find('code-shared', 'fix', 'practice', subjects, {
        names: shared.map((person) => person.name).join(', '),
      }),
    );
  }
  return findings;
};

export const keypads: Check = ({ plan, parts }) => {
  const keypad = parts.decider;
  const language = findLanguage(keypad?.type.language);
  if (!keypad || !language) return [];
  const id = keypad.device.id;
  const memory = plan.memories[id] ?? { device: id, ...factoryMemory(language) };
  const at = [{ kind: 'device', id } as const];
  const findings: Finding[] = [];
  if (memory.programmingCode === language.factoryCode) {
    findings.push(find('factory-code', 'caution', 'practice', at, { tag: keypad.device.tag }));
  }
  const { problems } = targetOf(plan, id, language, memory.programmingCode, 5);
  const noSlot = problems.filter((one) => one.problem === 'no-slot');
  if (noSlot.length > 0) {
    const person = Object.values(plan.people).find((one) => one.name === noSlot[0]?.person);
    const slot = freeSlot(plan, id, language);
    const remedy =
      person && slot !== null
        ? {
            remedy: {
              kind: 'setPerson',
              id: person.id,
              patch: { slots: { ...person.slots, [id]: slot } },
            } as const,
          }
        : {};
    findings.push(
      find(
        'slot-missing',
        'fix',
        'practice',
        at,
        { names: noSlot.map((one) => one.person ?? '').join(', ') },
        remedy,
      ),
    );
  }
  for (const one of problems) {
    if (one.problem === 'no-slot') continue;
    findings.push(
      find('code-refused', 'fix', 'rating', at, {
        tag: keypad.device.tag,
        name: one.person ?? '',
        problem: one.problem,
      }),
    );
  }
  return findings;
};

export const credentialChecks: readonly Check[] = [people, keypads];
