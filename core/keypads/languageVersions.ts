import {
  allDevices,
  changeType,
  nextTypeId,
  typeBase,
  type Edit,
  type Leaflet,
  type Plan,
} from '../plan/index';

/** A name without its version: `own-twelve-keys@3` is the third of `own-twelve-keys`. */
export const languageBase = typeBase;

type WithLanguages = Pick<Plan, 'languages'>;

const ofBase = ({ languages }: WithLanguages, id: string): Leaflet[] =>
  Object.values(languages).filter((one) => languageBase(one.id) === languageBase(id));

/** The newest version of a language of the site, where it is newer than this one. */
export function newerLanguage(plan: WithLanguages, leaflet: Leaflet): Leaflet | null {
  const [newest] = ofBase(plan, leaflet.id).sort((a, b) => b.version - a.version);
  return newest && newest.version > leaflet.version ? newest : null;
}

/** Whether a type, and with it a keypad, is programmed in it: then it is not changed under it. */
export const isUsed = (plan: Plan, id: string): boolean =>
  Object.values(plan.types).some(({ language }) => language === id);

/**
 * What keeps a language that was changed: in its place where nothing is programmed in it, as its next version beside it where
 * something is.
 */
export function keepLanguage(plan: Plan, leaflet: Leaflet): Edit {
  const before = plan.languages[leaflet.id];
  const version = Math.max(0, ...ofBase(plan, leaflet.id).map((one) => one.version)) + 1;
  if (before && isUsed(plan, leaflet.id))
    return {
      kind: 'addLanguage',
      language: { ...leaflet, id: `${languageBase(leaflet.id)}@${version}`, version },
    };
  const { id, ...patch } = { ...leaflet, version };
  return before
    ? { kind: 'setLanguage', id, patch }
    : { kind: 'addLanguage', language: { ...leaflet, version } };
}

/** Every type of the site that is programmed in one version gets a next version with another, and its devices with it. */
export function updateLanguage(plan: Plan, from: Leaflet, to: Leaflet): Edit {
  const edits: Edit[] = [];
  const types = { ...plan.types };
  for (const type of Object.values(plan.types)) {
    if (type.language !== from.id) continue;
    const devices = allDevices(plan).filter((device) => device.type === type.id);
    const id = nextTypeId({ types }, typeBase(type.id));
    const next = { ...type, id, version: Number(id.slice(id.lastIndexOf('@') + 1)), language: to.id };
    types[id] = next;
    edits.push({ kind: 'addType', type: next });
    for (const device of devices) edits.push(changeType(device, next).edit);
  }
  return { kind: 'batch', label: `use version ${to.version} of ${to.name}`, edits };
}

/** One line of a leaflet that is not what it was; null where one of the two has no such line. */
export interface LeafletChange {
  /** What it is about: a rule of the keypad, the way into a state, or a function, by the text of its kind. */
  readonly what: string;
  readonly before: string | null;
  readonly after: string | null;
}

/** What differs between two versions of a language, line by line. */
export function languageChanges(before: Leaflet, after: Leaflet): LeafletChange[] {
  const [old, now] = [linesOf(before), linesOf(after)];
  return [...new Set([...old.keys(), ...now.keys()])]
    .map((what) => ({ what, before: old.get(what) ?? null, after: now.get(what) ?? null }))
    .filter((line) => line.before !== line.after);
}

/** A leaflet as lines, each under what it is about. A function that stands twice in one state is told apart by its number. */
function linesOf({ id: _id, version: _version, modes, replies, resets, examples, ...rest }: Leaflet) {
  const lines = new Map<string, string>();
  const put = (what: string, text: string) => {
    let name = what;
    for (let n = 2; lines.has(name); n += 1) name = `${what} (${n})`;
    lines.set(name, text);
  };
  for (const [what, value] of Object.entries(rest))
    put(what, typeof value === 'string' ? value : JSON.stringify(value));
  for (const { id, title, from, enter, as, leave, commands } of modes) {
    put(`${id}: way in`, [`from ${from}`, title, enter, ...as].filter(Boolean).join('; '));
    put(`${id}: way out`, leave);
    for (const { does, strokes, ...more } of commands)
      put(`${id}: ${does}`, [strokes, ...Object.values(more).map((one) => JSON.stringify(one))].join(' '));
  }
  for (const [reply, said] of Object.entries(replies)) put(`answer: ${reply}`, JSON.stringify(said));
  for (const { by, how, wipes } of resets) put(`reset: ${by}`, `${how} ${wipes}`);
  for (const { strokes, answer, holds } of examples)
    put('example', `${strokes} ${answer} ${JSON.stringify(holds)}`);
  return lines;
}
