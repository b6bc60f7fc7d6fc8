import { applyEdit, emptyPlan, type Edit, type EditRefusal, type Plan } from '../plan/index';
import { fileSchema, type AldabaFile } from './aldabaSchema';

/** What is wrong with a file, at which spot: `wires[3].to`. */
export interface FileProblem {
  readonly path: string;
  readonly message: string;
}

export type ReadResult =
  | { readonly ok: true; readonly plan: Plan }
  | { readonly ok: false; readonly problems: readonly FileProblem[] };

/** Reads an Aldaba site file. All or nothing: a file with one problem changes nothing. */
export function readAldaba(json: unknown): ReadResult {
  const parsed = fileSchema.safeParse(json);
  if (!parsed.success) {
    const problems = parsed.error.issues.map(({ path, message, ...issue }) => ({
      path: pathText(path),
      message:
        issue.code === 'unrecognized_keys'
          ? `unknown key ${issue.keys.map((k) => `"${k}"`).join(', ')}`
          : message,
    }));
    return { ok: false, problems };
  }
  return assemble(parsed.data);
}

/** Reads the text of a file; a syntax error becomes a problem like any other. */
export function parseAldaba(text: string): ReadResult {
  try {
    return readAldaba(JSON.parse(text));
  } catch (error) {
    const message = error instanceof SyntaxError ? error.message : String(error);
    return { ok: false, problems: [{ path: '', message: `not JSON: ${message}` }] };
  }
}

/** Builds the plan through the same edits as a person would, so that a file can hold nothing an edit could not. */
function assemble(file: AldabaFile): ReadResult {
  const problems: FileProblem[] = [];
  let plan: Plan = { ...emptyPlan(file.site.id, file.site.name), site: file.site };
  const apply = (path: string, edit: Edit) => {
    const result = applyEdit(plan, edit);
    if (result.ok) plan = result.plan;
    else
      problems.push({ path: `${path}${spotOf(edit, result.refusal)}`, message: refusalText(result.refusal) });
  };
  file.types.forEach((type, i) => apply(`types[${i}]`, { kind: 'addType', type }));
  file.doors.forEach((door, i) => apply(`doors[${i}]`, { kind: 'addDoor', door }));
  file.devices.forEach((device, i) => {
    const { settings, ...rest } = device;
    apply(`devices[${i}]`, { kind: 'addDevice', device: { ...rest, settings: {} } });
    if (!plan.devices[device.id]) return;
    for (const [setting, value] of Object.entries(settings)) {
      apply(`devices[${i}].settings.${setting}`, { kind: 'setSetting', device: device.id, setting, value });
    }
  });
  file.wires.forEach((conductor, i) => apply(`wires[${i}]`, { kind: 'connect', conductor }));
  file.cables.forEach((cable, i) => apply(`cables[${i}]`, { kind: 'setCable', id: cable.id, cable }));
  file.people.forEach((person, i) => {
    for (const [k, door] of person.doors.entries()) {
      if (!plan.doors[door])
        problems.push({ path: `people[${i}].doors[${k}]`, message: `there is no door "${door}"` });
    }
    for (const device of Object.keys(person.slots)) {
      if (!plan.devices[device])
        problems.push({ path: `people[${i}].slots`, message: `there is no device "${device}"` });
    }
    apply(`people[${i}]`, { kind: 'addPerson', person });
  });
  file.keypads.forEach((memory, i) =>
    apply(`keypads[${i}]`, { kind: 'setMemory', device: memory.device, memory }),
  );
  file.readings.forEach((reading, i) => apply(`readings[${i}]`, { kind: 'addReading', reading }));
  return problems.length > 0 ? { ok: false, problems } : { ok: true, plan };
}

/** The key of a refused entry that the refusal is about. */
function spotOf(edit: Edit, refusal: EditRefusal): string {
  if (edit.kind === 'connect') {
    if (refusal.reason === 'unknown-terminal') return edit.conductor.from === refusal.id ? '.from' : '.to';
    if (refusal.reason === 'number-taken') return '.number';
    if (refusal.reason === 'missing') return '.door';
  }
  if (edit.kind === 'addDevice') {
    if (refusal.reason === 'unknown-type') return '.type';
    if (refusal.reason === 'tag-taken') return '.tag';
    if (refusal.reason === 'missing') return '.door';
  }
  return refusal.reason === 'exists' ? '.id' : '';
}

const refusalText = (refusal: EditRefusal): string => {
  switch (refusal.reason) {
    case 'missing':
      return `there is no ${refusal.what} "${refusal.id}"`;
    case 'exists':
      return `there is already a ${refusal.what} "${refusal.id}"`;
    case 'unknown-type':
      return `"${refusal.id}" is not a device type`;
    case 'unknown-terminal':
      return `there is no terminal "${refusal.id}"`;
    case 'same-terminal':
      return `both ends are at "${refusal.id}"`;
    case 'tag-taken':
      return `the tag "${refusal.id}" is taken at this door`;
    case 'number-taken':
      return `the wire number "${refusal.id}" is taken at this door`;
    case 'in-use':
      return `"${refusal.id}" is still in use`;
    case 'bad-type':
      return `the device type is not whole at ${refusal.id}`;
    case 'bad-setting':
      return `"${refusal.id}" is not a value of this device's settings`;
  }
};

function pathText(path: readonly PropertyKey[]): string {
  return path
    .map((step, i) => (typeof step === 'number' ? `[${step}]` : `${i > 0 ? '.' : ''}${String(step)}`))
    .join('');
}

export interface WriteOptions {
  /** Codes and keypad memories are left out unless asked for. */
  readonly secrets: boolean;
}

/** A plan as an Aldaba site file. Entries come sorted by id, so that the same plan gives the same text. */
export function writeAldaba(plan: Plan, { secrets }: WriteOptions): AldabaFile {
  const sorted = <T extends { id: string }>(all: Readonly<Record<string, T>>): T[] =>
    Object.values(all).sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
  const people = sorted(plan.people).map((person) => ({ ...person, code: secrets ? person.code : '' }));
  const keypads = secrets ? Object.values(plan.memories).sort((a, b) => (a.device < b.device ? -1 : 1)) : [];
  return structuredCopy({
    format: 'aldaba-site' as const,
    version: 1 as const,
    site: plan.site,
    types: sorted(plan.types),
    doors: sorted(plan.doors),
    devices: sorted(plan.devices),
    wires: sorted(plan.conductors),
    cables: sorted(plan.cables),
    people,
    keypads,
    readings: sorted(plan.readings),
  });
}

const structuredCopy = (value: object): AldabaFile => JSON.parse(JSON.stringify(value)) as AldabaFile;
