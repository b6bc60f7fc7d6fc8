import { factoryMemory, findLanguage, freeSlot, targetOf } from '../../keypads/index';
import { type Analysis, hit, type Hit } from '../hit';

export const keypads: Analysis<'plan' | 'parts'> = ({ plan, parts }) => {
  const keypad = parts.decider;
  const language = findLanguage(keypad?.type.language);
  if (keypad && keypad.type.language !== undefined && !language)
    return [
      hit('language-unknown', [{ kind: 'device', id: keypad.device.id }], {
        tag: keypad.device.tag,
        language: keypad.type.language,
      }),
    ];
  if (!keypad || !language) return [];
  const id = keypad.device.id;
  const memory = plan.memories[id] ?? { device: id, ...factoryMemory(language) };
  const at = [{ kind: 'device', id } as const];
  const findings: Hit[] = [];
  if (memory.programmingCode === language.factoryCode) {
    findings.push(hit('factory-code', at, { tag: keypad.device.tag }));
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
      hit('slot-missing', at, { names: noSlot.map((one) => one.person ?? '').join(', ') }, remedy),
    );
  }
  for (const one of problems) {
    if (one.problem === 'no-slot') continue;
    findings.push(
      hit('code-refused', at, {
        tag: keypad.device.tag,
        name: one.person ?? '',
        problem: one.problem,
      }),
    );
  }
  return findings;
};
