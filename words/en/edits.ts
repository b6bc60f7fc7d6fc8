import { kindOf, LOGGED_SECRET, VERBS, type Changed, type Collection, type Edit } from '#core/plan/index';
import { spoken } from '../messages';

type Body = Readonly<Record<string, unknown>>;
const text = (value: unknown): string =>
  (typeof value === 'string' || typeof value === 'number') && value !== LOGGED_SECRET ? String(value) : '';
const keysOf = (value: unknown): string[] =>
  typeof value === 'object' && value !== null ? Object.keys(value) : [];

/** What the log says of each kind of thing: one that is forgotten here does not compile. */
const WORDS: Record<
  Collection,
  {
    /** The thing by name, from what the edit carries of it. */
    name(entity: Body): string;
    added(name: string, entity: Body): string;
    fields?: Readonly<Record<string, string>>;
  }
> = {
  types: {
    name: (type) => text(type['name']) || text(type['id']),
    added: (name) => `Device type ${name} made`,
  },
  doors: {
    name: (door) => text(door['id']),
    added: (name) => `Door ${name} added`,
    fields: {
      name: 'name',
      brief: 'brief',
      deadState: 'fail-safe or fail-secure',
      notes: 'notes',
      order: 'place in the list',
      schools: 'wiring methods',
      expectations: 'what is expected of it',
      freePassage: 'unlock schedule',
      openingHours: 'opening hours',
    },
  },
  devices: {
    name: (device) => text(device['id']),
    added: (name, device) => `Device ${name} added: ${text(device['type'])}`,
  },
  conductors: {
    name: (wire) => text(wire['number']) || text(wire['id']),
    added: (name, wire) => `Wire ${name} added: ${text(wire['from'])} – ${text(wire['to'])}`,
  },
  cables: {
    name: (cable) => text(cable['id']),
    added: (name, cable) => `Cable ${name}: ${text(cable['make'])}`,
  },
  people: {
    name: (person) => text(person['name']),
    added: (name) => `${name || 'A person'} added`,
    fields: { from: 'first day', until: 'last day', levels: 'access levels', fingers: 'fingers read in' },
  },
  cardFormats: {
    name: (format) => text(format['name']) || text(format['id']),
    added: (name) => `Card format described: ${name}`,
  },
  languages: {
    name: (language) => text(language['name']) || text(language['id']),
    added: (name) => `Keypad language described: ${name}`,
    fields: { modes: 'its functions', examples: 'its examples', replies: 'what it answers' },
  },
  calendars: {
    name: (calendar) => text(calendar['name']) || text(calendar['id']),
    added: (name) => `Calendar added: ${name}`,
    fields: { days: 'its days' },
  },
  hours: {
    name: (hours) => text(hours['name']) || text(hours['id']),
    added: (name) => `Schedule added: ${name}`,
    fields: { rows: 'the week', holidays: 'holidays' },
  },
  levels: {
    name: (level) => text(level['name']) || text(level['id']),
    added: (name) => `Access level added: ${name}`,
    fields: {
      grants: 'doors and hours',
      groups: 'groups that hold it',
      exceptions: 'exceptions',
      overrides: 'whether it opens doors out of their hours',
      until: 'last day',
    },
  },
  memories: { name: (memory) => text(memory['device']), added: (name) => `Memory of ${name} recorded` },
  readings: {
    name: (reading) => text(reading['check']),
    added: (name, reading) =>
      `Reading entered: ${name}, ${reading['passed'] === true ? 'pass' : 'out of range'}`,
  },
  spaces: {
    name: (space) => text(space['name']) || text(space['id']),
    added: (name) => `Space added: ${name}`,
    fields: { name: 'name', kind: 'what it is', protected: 'whether it is protected' },
  },
  sides: {
    name: (sides) => text(sides['id']),
    added: (name) => `Spaces at ${name} set`,
  },
  zones: {
    name: (zone) => text(zone['name']) || text(zone['id']),
    added: (name) => `Fire zone added: ${name}`,
    fields: {
      relays: 'the relays it trips',
      releases: 'the doors it must release',
      keeps: 'the doors that it must not release',
    },
  },
  scenarios: {
    name: (scenario) => text(scenario['name']) || text(scenario['id']),
    added: (name) => `Scenario kept: ${name}`,
    fields: {
      acts: 'what happens',
      until: 'how long it is watched',
      expects: 'what is expected',
      kept: 'lanes accepted',
    },
  },
};

const capital = (sentence: string): string => sentence.charAt(0).toUpperCase() + sentence.slice(1);

/** What a line of the log says of a change. The body has been through the log's redaction, so it is read with care. */
export const editWords = spoken(function editWords(body: unknown): string {
  if (body === null || typeof body !== 'object') return 'A change';
  const edit = body as Body;
  const kind = text(edit['kind']);
  if (kind === 'batch') {
    const edits = Array.isArray(edit['edits']) ? edit['edits'] : [];
    // What was only seen changes nothing.
    return `${capital(text(edit['label'])) || 'Several changes'}${edits.length > 0 ? ` (${edits.length})` : ''}`;
  }
  if (kind === 'setSetting')
    return `${text(edit['device'])}: ${text(edit['setting'])} = ${text(edit['value']) || 'as delivered'}`;
  if (kind === 'setSite') return `Site changed: ${keysOf(edit['patch']).join(', ')}`;
  if (kind === 'createSite') return `Site imported, ${text(edit['doors'])} doors`;
  if (kind === 'restored') return 'Site put back from a backup';
  const verb = VERBS.get(kind);
  if (!verb) return 'A change';
  const { as, key, word } = kindOf(verb.collection);
  const { name, added, fields } = WORDS[verb.collection];
  const id = text(edit['id']) || text(edit[key]);
  switch (verb.verb) {
    case 'add':
      return added(name((edit[as] ?? {}) as Body), (edit[as] ?? {}) as Body);
    case 'put': {
      if (edit[as] === null) return capital(`${word} ${id} removed`);
      const entity: Body = { [key]: id, ...(typeof edit[as] === 'object' ? (edit[as] as object) : {}) };
      return added(name(entity), entity);
    }
    case 'set':
      return capital(
        `${word} ${id}: ${keysOf(edit['patch'])
          .map((one) => fields?.[one] ?? one)
          .join(', ')}`,
      );
    case 'remove':
      return capital(`${word} ${id} removed`);
  }
});

/** Kinds of things, for whoever lists what an undo would replace. */
export const thingWords = spoken(
  (collection: Collection, id: string, entity: object | null): string =>
    `${kindOf(collection).word} ${entity ? WORDS[collection].name(entity as Body) || id : id}`,
);

const valueWords = (value: unknown): string => {
  if (value === null || value === undefined || value === '') return 'nothing';
  if (typeof value === 'string') return `“${value}”`;
  if (typeof value === 'number') return String(value);
  return typeof value === 'boolean' ? (value ? 'yes' : 'no') : 'other content';
};

/** What of a thing differs between now and then, a line a field. Secrets are named and not shown. */
export const differenceWords = spoken(function differenceWords({
  collection,
  id,
  before,
  after,
}: Changed): string[] {
  const thing = thingWords(collection, id, before ?? after);
  if (!before) return [`${thing} would be there again`];
  if (!after) return [`${thing} would be gone`];
  const { secrets } = kindOf(collection);
  const [now, then] = [before as unknown as Body, after as unknown as Body];
  return [...new Set([...Object.keys(now), ...Object.keys(then)])]
    .filter((field) => JSON.stringify(now[field]) !== JSON.stringify(then[field]))
    .map((field) => {
      const name = `${thing}, ${WORDS[collection].fields?.[field] ?? field}`;
      if (secrets === 'all' || field in secrets) return `${name}: would be what it was before`;
      const words = [now[field], then[field]].map(valueWords);
      if (words[0] === words[1]) return `${name}: would be what it was before`;
      return `${name}: ${words[0]} now, ${words[1]} then`;
    });
});

/** What an edit carries, a line a field, for whoever decides whether to type it again. */
export const typedWords = spoken(function typedWords(edit: Edit): string[] {
  if (edit.kind === 'batch') return edit.edits.flatMap(typedWords);
  const carried = Object.entries(edit).filter(([name]) => name !== 'kind' && name !== 'id');
  return carried.flatMap(([name, value]) =>
    typeof value === 'object' && value !== null
      ? Object.entries(value as Body).map(([field, inner]) => `${field}: ${plainWords(inner)}`)
      : [`${name}: ${plainWords(value)}`],
  );
});

const plainWords = (value: unknown): string => {
  if (value === null || value === undefined || value === '') return '(nothing)';
  return typeof value === 'object' ? JSON.stringify(value) : String(value);
};
