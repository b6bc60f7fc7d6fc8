import { does } from '../../devices/index';
import type { DoorParts } from '../../door/index';
import { languageOf, unseenCards, waitsFor, weakness } from '../../keypads/index';
import { cardsInUse, formatsOf, peopleAt, type Person, type Plan } from '../../plan/index';
import { type Analysis, violation, type Violation } from '../violation';

/** The people of a door, and what its keypad would refuse. */
export const people: Analysis<'plan' | 'door' | 'parts'> = ({ plan, door, parts }) => {
  const at = [{ kind: 'door', id: door.id } as const];
  const here = peopleAt(plan, door.id);
  const findings: Violation[] = [];
  if (here.length === 0 && parts.decider) findings.push(violation('nobody-on-list', at));
  const shared = here.filter(
    (one) => one.code !== '' && here.some((two) => two !== one && two.code === one.code),
  );
  if (shared.length > 0) {
    const subjects = shared.map((person) => ({ kind: 'person', id: person.id }) as const);
    findings.push(
      violation('code-shared', subjects, {
        names: shared.map((person) => person.name).join(', '),
      }),
    );
  }
  return [
    ...findings,
    ...weak(plan, here, parts),
    ...roles(here, parts, door.id),
    ...unseen(plan, here, parts),
  ];
};

type Parts = Pick<DoorParts, 'decider'>;

/** Codes that whoever tries a few would try first. */
function weak(plan: Plan, here: readonly Person[], { decider }: Parts): Violation[] {
  const factory = languageOf(plan, decider?.type.language)?.factoryCode;
  return here.flatMap((person): Violation[] => {
    const why = weakness(person.code, factory);
    return why === null
      ? []
      : [violation('code-weak', [{ kind: 'person', id: person.id }], { name: person.name, why })];
  });
}

/** Cards that the controller would not see as what they are; set to their format in one click, where they are all of one. */
function unseen(plan: Plan, here: readonly Person[], { decider }: Parts): Violation[] {
  if (!decider || waitsFor(decider) === null) return [];
  const wrong = unseenCards(plan, decider, here);
  if (wrong.length === 0) return [];
  const { device, type } = decider;
  const formats = new Set(here.flatMap((person) => cardsInUse(person).map(({ format }) => format)));
  const [only] = formats;
  const setting = type.settings.find(({ role }) => role === 'frame');
  const remedy =
    formats.size === 1 && only !== undefined && setting
      ? { remedy: { kind: 'setSetting', device: device.id, setting: setting.id, value: only } as const }
      : {};
  const bits = [...new Set(wrong.map(({ sent }) => sent.bits?.length ?? 0))].sort((a, b) => a - b);
  return [
    violation(
      'card-unseen',
      [{ kind: 'device', id: device.id }],
      {
        tag: device.tag,
        names: [...new Set(wrong.map(({ person }) => person.name))].sort().join(', '),
        sent: bits.filter(Boolean).join(', '),
        waits: formatsOf(plan).find(({ id }) => id === waitsFor(decider))?.bits ?? 0,
      },
      remedy,
    ),
  ];
}

/** Who administers what is programmed at its own keys: some of those who open it, and not all of them. */
function roles(here: readonly Person[], { decider }: Parts, door: string): Violation[] {
  if (!decider || !does(decider.type, 'ownCodes') || here.length === 0) return [];
  const many = here.filter(({ role }) => role === 'administrator').length;
  const at = [{ kind: 'door', id: door } as const];
  const values = { tag: decider.device.tag };
  if (many === 0) return [violation('nobody-administers', at, values)];
  return many === here.length && many > 2
    ? [violation('all-administer', at, { ...values, count: many })]
    : [];
}
