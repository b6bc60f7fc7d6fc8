import { isTheirs, opensEver, wasTheirs } from '../../plan/index';
import {
  asksWho,
  can,
  factoryMemory,
  freeSlot,
  hasProgrammingCode,
  languageOf,
  targetOf,
  type KeypadLanguage,
  type Memory,
} from '../../keypads/index';
import type { Device, Plan, SlotContent } from '../../plan/index';
import { type Analysis, violation, type Violation } from '../violation';

export const keypads: Analysis<'plan' | 'parts'> = ({ plan, parts }) => {
  const keypad = parts.decider;
  const language = languageOf(plan, keypad?.type.language);
  if (keypad && keypad.type.language !== undefined && !language)
    return [
      violation('language-unknown', [{ kind: 'device', id: keypad.device.id }], {
        tag: keypad.device.tag,
        language: keypad.type.language,
      }),
    ];
  if (!keypad || !language) return [];
  const id = keypad.device.id;
  const memory = plan.memories[id] ?? { device: id, ...factoryMemory(language) };
  const at = [{ kind: 'device', id } as const];
  const findings: Violation[] = [];
  if (hasProgrammingCode(language) && memory.programmingCode === language.factoryCode) {
    findings.push(violation('factory-code', at, { tag: keypad.device.tag }));
  }
  if (isOpen(language, memory)) findings.push(violation('menu-open', at, { tag: keypad.device.tag }));
  const { problems } = targetOf(plan, id, language, memory.programmingCode, 5);
  findings.push(...strangers(plan, keypad.device, language));
  const unknown = Object.entries(memory.slots).flatMap(([slot, held]) => (held.unknown ? [slot] : []));
  if (memory.rest === 'unknown' || unknown.length > 0)
    findings.push(violation('keypad-unknown', at, { tag: keypad.device.tag, slots: unknown.join(', ') }));
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
      violation('slot-missing', at, { names: noSlot.map((one) => one.person ?? '').join(', ') }, remedy),
    );
  }
  for (const one of problems) {
    if (one.problem === 'no-slot') continue;
    findings.push(
      violation('code-refused', at, {
        tag: keypad.device.tag,
        name: one.person ?? '',
        problem: one.problem,
      }),
    );
  }
  return findings;
};

/** Whether whoever finds the key gets into its menu: it asks nobody who they are, as far as is known. */
const isOpen = ({ modes }: KeypadLanguage, memory: Memory): boolean =>
  modes.some((mode) => mode.as.length > 0 && !asksWho(mode, memory)) &&
  memory.rest === undefined &&
  Object.values(memory.slots).every(({ unknown }) => unknown !== 'all');

/** Code, card and each finger by itself: a slot may hold one person's code and another's finger. */
const openersOf = ({ code, card, fingers = [], unknown }: SlotContent): SlotContent[] =>
  unknown === 'all'
    ? []
    : [
        ...(code === null ? [] : [{ code, card: null }]),
        ...(card ? [{ code: null, card }] : []),
        ...fingers.map((finger) => ({ code: null, card: null, fingers: [finger] })),
      ];

/** What a keypad is recorded to hold, and nobody on its list has: a leaver’s code and card still open, and so does whatever was there before. */
function strangers(plan: Plan, { id, tag, door }: Device, language: KeypadLanguage): Violation[] {
  // Of a slot that is in use by nobody knows what it is said so, and not that it is a stranger's.
  const held = Object.entries(plan.memories[id]?.slots ?? {}).flatMap(([slot, content]) =>
    openersOf(content).map((opener) => [slot, opener] as const),
  );
  if (held.length === 0) return [];
  const people = Object.values(plan.people);
  const opens = people.filter((person) => door !== null && opensEver(plan, person, door));
  const left = held.filter(([, content]) => !opens.some((person) => isTheirs(person, content)));
  const leavers = people.filter((person) => left.some(([, content]) => isTheirs(person, content)));
  const losers = people.filter((person) =>
    left.some(([, content]) => wasTheirs(person, content) && !isTheirs(person, content)),
  );
  const unknown = left.filter(([, content]) => !people.some((person) => wasTheirs(person, content)));
  const at = [{ kind: 'device', id } as const];
  const names = leavers.map(({ name }) => name).sort();
  // Where nothing is cleared, what stands there may be buried under a code that nobody gets.
  const clears = can(language, 'clear-slot', 'delete-code', 'clear-all');
  const told = clears ? [...new Set(unknown.map(([slot]) => slot))] : [];
  return [
    ...(names.length > 0
      ? [violation('leaver-opens', at, { tag, names: names.join(', '), count: names.length })]
      : []),
    ...(losers.length > 0
      ? [
          violation('lost-card-opens', at, {
            tag,
            names: losers
              .map(({ name }) => name)
              .sort()
              .join(', '),
          }),
        ]
      : []),
    ...(told.length > 0
      ? [
          violation('code-of-nobody', at, {
            tag,
            count: told.length,
            slots: language.slots ? told.join(', ') : '',
          }),
        ]
      : []),
  ];
}
