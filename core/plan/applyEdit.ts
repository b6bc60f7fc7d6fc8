import { typeProblems } from '../devices/index';
import { findTypeIn } from './types';
import type { Edit, EditRefusal } from './edit';
import type { Conductor, Device, Plan, TerminalId } from './plan';
import { deviceOf, pinOf } from './plan';

export type EditResult =
  | { readonly ok: true; readonly plan: Plan; readonly inverse: Edit }
  | { readonly ok: false; readonly refusal: EditRefusal };

type Collection =
  'doors' | 'devices' | 'conductors' | 'people' | 'memories' | 'readings' | 'types' | 'cables';

const refuse = (refusal: EditRefusal): EditResult => ({ ok: false, refusal });
const done = (plan: Plan, inverse: Edit): EditResult => ({ ok: true, plan, inverse });
const missing = (what: string, id: string) => refuse({ reason: 'missing', what, id });

function put<C extends Collection>(plan: Plan, collection: C, id: string, value: Plan[C][string]): Plan {
  return { ...plan, [collection]: { ...plan[collection], [id]: value } };
}

function drop(plan: Plan, collection: Collection, id: string): Plan {
  const { [id]: _gone, ...rest } = plan[collection] as Record<string, unknown>;
  return { ...plan, [collection]: rest };
}

/** The values a patch is about to replace: applying them takes the patch back. */
function before<T extends object>(entity: T, patch: Partial<T>): Partial<T> {
  return Object.fromEntries(Object.keys(patch).map((key) => [key, entity[key as keyof T]])) as Partial<T>;
}

/** True where the plan has this terminal. */
export function hasTerminal(plan: Plan, terminal: TerminalId): boolean {
  const device = plan.devices[deviceOf(terminal)];
  const pin = pinOf(terminal);
  return device !== undefined && findTypeIn(plan, device.type)?.terminals.some((t) => t.id === pin) === true;
}

function conductorProblem(plan: Plan, conductor: Conductor): EditRefusal | null {
  if (!plan.doors[conductor.door]) return { reason: 'missing', what: 'door', id: conductor.door };
  for (const end of [conductor.from, conductor.to]) {
    if (!hasTerminal(plan, end)) return { reason: 'unknown-terminal', id: end };
  }
  if (conductor.from === conductor.to) return { reason: 'same-terminal', id: conductor.from };
  const clash = Object.values(plan.conductors).some(
    (other) =>
      other.id !== conductor.id && other.door === conductor.door && other.number === conductor.number,
  );
  return clash ? { reason: 'number-taken', id: conductor.number } : null;
}

function deviceProblem(plan: Plan, device: Device): EditRefusal | null {
  if (!findTypeIn(plan, device.type)) return { reason: 'unknown-type', id: device.type };
  if (device.door !== null && !plan.doors[device.door])
    return { reason: 'missing', what: 'door', id: device.door };
  const clash = Object.values(plan.devices).some(
    (other) => other.id !== device.id && other.door === device.door && other.tag === device.tag,
  );
  return clash ? { reason: 'tag-taken', id: device.tag } : null;
}

/** A wire that another type of this device would leave hanging. */
function lostTerminal(plan: Plan, next: Device): EditRefusal | null {
  if (plan.devices[next.id]?.type === next.type) return null;
  const pins = new Set(findTypeIn(plan, next.type)?.terminals.map(({ id }) => id));
  for (const { from, to } of Object.values(plan.conductors)) {
    for (const end of [from, to]) {
      if (deviceOf(end) === next.id && !pins.has(pinOf(end))) return { reason: 'unknown-terminal', id: end };
    }
  }
  return null;
}

type Apply = { [K in Edit['kind']]: (plan: Plan, edit: Extract<Edit, { kind: K }>) => EditResult };

const APPLY: Apply = {
  setSite: (plan, { patch }) =>
    done({ ...plan, site: { ...plan.site, ...patch } }, { kind: 'setSite', patch: before(plan.site, patch) }),

  addDoor: (plan, { door }) =>
    plan.doors[door.id]
      ? refuse({ reason: 'exists', what: 'door', id: door.id })
      : done(put(plan, 'doors', door.id, door), { kind: 'removeDoor', id: door.id }),
  setDoor: (plan, { id, patch }) => {
    const door = plan.doors[id];
    if (!door) return missing('door', id);
    return done(put(plan, 'doors', id, { ...door, ...patch }), {
      kind: 'setDoor',
      id,
      patch: before(door, patch),
    });
  },
  removeDoor: (plan, { id }) => {
    const door = plan.doors[id];
    if (!door) return missing('door', id);
    const parts: Edit[] = [
      ...Object.values(plan.readings)
        .filter((reading) => reading.door === id)
        .map((reading): Edit => ({ kind: 'removeReading', id: reading.id })),
      ...Object.values(plan.conductors)
        .filter((conductor) => conductor.door === id)
        .map((conductor): Edit => ({ kind: 'disconnect', id: conductor.id })),
      ...Object.values(plan.devices)
        .filter((device) => device.door === id)
        .map((device): Edit => ({ kind: 'removeDevice', id: device.id })),
      ...Object.values(plan.cables)
        .filter((cable) => cable.door === id)
        .map((cable): Edit => ({ kind: 'setCable', id: cable.id, cable: null })),
      ...Object.values(plan.people)
        .filter((person) => person.doors.includes(id))
        .map((person): Edit => ({
          kind: 'setPerson',
          id: person.id,
          patch: { doors: person.doors.filter((other) => other !== id) },
        })),
    ];
    return cascade(plan, parts, (rest) => drop(rest, 'doors', id), { kind: 'addDoor', door });
  },

  addDevice: (plan, { device }) => {
    if (plan.devices[device.id]) return refuse({ reason: 'exists', what: 'device', id: device.id });
    const problem = deviceProblem(plan, device);
    if (problem) return refuse(problem);
    return done(put(plan, 'devices', device.id, device), { kind: 'removeDevice', id: device.id });
  },
  setDevice: (plan, { id, patch }) => {
    const device = plan.devices[id];
    if (!device) return missing('device', id);
    const next = { ...device, ...patch };
    const problem = deviceProblem(plan, next) ?? lostTerminal(plan, next);
    if (problem) return refuse(problem);
    return done(put(plan, 'devices', id, next), { kind: 'setDevice', id, patch: before(device, patch) });
  },
  removeDevice: (plan, { id }) => {
    const device = plan.devices[id];
    if (!device) return missing('device', id);
    const parts: Edit[] = [
      ...Object.values(plan.conductors)
        .filter((conductor) => deviceOf(conductor.from) === id || deviceOf(conductor.to) === id)
        .map((conductor): Edit => ({ kind: 'disconnect', id: conductor.id })),
      ...(plan.memories[id] ? [{ kind: 'setMemory', device: id, memory: null } satisfies Edit] : []),
      ...Object.values(plan.people)
        .filter((person) => person.slots[id] !== undefined)
        .map((person): Edit => {
          const { [id]: _slot, ...slots } = person.slots;
          return { kind: 'setPerson', id: person.id, patch: { slots } };
        }),
    ];
    return cascade(plan, parts, (rest) => drop(rest, 'devices', id), { kind: 'addDevice', device });
  },
  setSetting: (plan, { device: id, setting, value }) => {
    const device = plan.devices[id];
    if (!device) return missing('device', id);
    const spec = findTypeIn(plan, device.type)?.settings.find((candidate) => candidate.id === setting);
    if (!spec) return refuse({ reason: 'bad-setting', id: setting });
    if (value !== null) {
      const fits =
        spec.kind === 'choice'
          ? spec.options.some((option) => option.value === value)
          : spec.kind === 'text'
            ? value === '' ||
              (typeof value === 'string' && value.length <= 60 && new RegExp(spec.pattern).test(value))
            : typeof value === 'number' && value >= spec.min && value <= spec.max;
      if (!fits) return refuse({ reason: 'bad-setting', id: `${setting} = ${value}` });
    }
    const { [setting]: old, ...rest } = device.settings;
    const settings = value === null ? rest : { ...rest, [setting]: value };
    const inverse: Edit = { kind: 'setSetting', device: id, setting, value: old ?? null };
    return done(put(plan, 'devices', id, { ...device, settings }), inverse);
  },

  connect: (plan, { conductor }) => {
    if (plan.conductors[conductor.id])
      return refuse({ reason: 'exists', what: 'wire', id: conductor.number });
    const problem = conductorProblem(plan, conductor);
    if (problem) return refuse(problem);
    return done(put(plan, 'conductors', conductor.id, conductor), { kind: 'disconnect', id: conductor.id });
  },
  setConductor: (plan, { id, patch }) => {
    const conductor = plan.conductors[id];
    if (!conductor) return missing('wire', id);
    const next = { ...conductor, ...patch };
    const problem = conductorProblem(plan, next);
    if (problem) return refuse(problem);
    const inverse: Edit = { kind: 'setConductor', id, patch: before(conductor, patch) };
    return done(put(plan, 'conductors', id, next), inverse);
  },
  disconnect: (plan, { id }) => {
    const conductor = plan.conductors[id];
    if (!conductor) return missing('wire', id);
    return done(drop(plan, 'conductors', id), { kind: 'connect', conductor });
  },

  addPerson: (plan, { person }) =>
    plan.people[person.id]
      ? refuse({ reason: 'exists', what: 'person', id: person.name })
      : done(put(plan, 'people', person.id, person), { kind: 'removePerson', id: person.id }),
  setPerson: (plan, { id, patch }) => {
    const person = plan.people[id];
    if (!person) return missing('person', id);
    const inverse: Edit = { kind: 'setPerson', id, patch: before(person, patch) };
    return done(put(plan, 'people', id, { ...person, ...patch }), inverse);
  },
  removePerson: (plan, { id }) => {
    const person = plan.people[id];
    return person ? done(drop(plan, 'people', id), { kind: 'addPerson', person }) : missing('person', id);
  },

  setMemory: (plan, { device, memory }) => {
    if (!plan.devices[device]) return missing('device', device);
    const inverse: Edit = { kind: 'setMemory', device, memory: plan.memories[device] ?? null };
    return done(memory ? put(plan, 'memories', device, memory) : drop(plan, 'memories', device), inverse);
  },

  addReading: (plan, { reading }) => {
    if (plan.readings[reading.id]) return refuse({ reason: 'exists', what: 'reading', id: reading.id });
    if (!plan.doors[reading.door]) return missing('door', reading.door);
    return done(put(plan, 'readings', reading.id, reading), { kind: 'removeReading', id: reading.id });
  },
  removeReading: (plan, { id }) => {
    const reading = plan.readings[id];
    return reading
      ? done(drop(plan, 'readings', id), { kind: 'addReading', reading })
      : missing('reading', id);
  },

  addType: (plan, { type }) => {
    if (findTypeIn(plan, type.id)) return refuse({ reason: 'exists', what: 'device type', id: type.id });
    const [problem] = typeProblems(type);
    if (problem) return refuse({ reason: 'bad-type', id: `${type.id}: ${problem.path}` });
    return done(put(plan, 'types', type.id, type), { kind: 'removeType', id: type.id });
  },
  removeType: (plan, { id }) => {
    const type = plan.types[id];
    if (!type) return missing('device type', id);
    if (Object.values(plan.devices).some((device) => device.type === id))
      return refuse({ reason: 'in-use', id });
    return done(drop(plan, 'types', id), { kind: 'addType', type });
  },

  setCable: (plan, { id, cable }) => {
    if (cable && !plan.doors[cable.door]) return missing('door', cable.door);
    const inverse: Edit = { kind: 'setCable', id, cable: plan.cables[id] ?? null };
    return done(cable ? put(plan, 'cables', id, cable) : drop(plan, 'cables', id), inverse);
  },

  batch: (plan, { edits, label }) => {
    let current = plan;
    const inverses: Edit[] = [];
    for (const edit of edits) {
      const result = applyEdit(current, edit);
      if (!result.ok) return result;
      current = result.plan;
      inverses.unshift(result.inverse);
    }
    return done(current, { kind: 'batch', label, edits: inverses });
  },
};

/** Removes what hangs on a thing, then the thing; the inverse puts the thing back first. */
function cascade(plan: Plan, parts: Edit[], remove: (plan: Plan) => Plan, restore: Edit): EditResult {
  const batch = applyEdit(plan, { kind: 'batch', label: '', edits: parts });
  if (!batch.ok) return batch;
  return done(remove(batch.plan), { kind: 'batch', label: '', edits: [restore, batch.inverse] });
}

/**
 * Applies one edit. Pure: returns the new plan and the edit that takes it back, or why it was refused.
 * A batch is all or nothing.
 */
export function applyEdit(plan: Plan, edit: Edit): EditResult {
  const apply = APPLY[edit.kind] as (plan: Plan, edit: Edit) => EditResult;
  return apply(plan, edit);
}
