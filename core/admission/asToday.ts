import { kindOf, VERBS, type Collection, type Edit, type EditBack } from '../plan/index';
import { SCHEMAS } from '../plan/schemas/index';
import { patchOf } from './editSchema';
import { renewed } from './older';

/** An entity that was kept under an older schema, with what has been added since; as it stands where today's schema refuses it. */
function entityToday<T>(collection: Collection, entity: T): T {
  const parsed = SCHEMAS[collection].safeParse(renewed(collection, entity));
  return parsed.success ? (parsed.data as T) : entity;
}

/** An edit from the log as today's schema reads it: whatever it brings back whole is what it would be had it been there all the while. */
export function editToday(edit: Edit): Edit {
  if (edit.kind === 'batch') return { ...edit, edits: edit.edits.map(editToday) };
  const verb = VERBS.get(edit.kind);
  if (!verb || verb.verb === 'remove') return edit;
  if (verb.verb === 'set') return patchToday(verb.collection, edit);
  const { as } = kindOf(verb.collection);
  const entity = (edit as unknown as Readonly<Record<string, unknown>>)[as];
  return entity === null ? edit : ({ ...edit, [as]: entityToday(verb.collection, entity) } as Edit);
}

const patches = new Map<Collection, ReturnType<typeof patchOf>>();

/** A patch in today's fields, each as its schema reads it. */
function patchToday(collection: Collection, edit: Edit): Edit {
  const { patch } = edit as unknown as { readonly patch: object };
  const now = renewed(collection, patch);
  const schema = patches.get(collection) ?? patchOf(SCHEMAS[collection], []);
  patches.set(collection, schema);
  const parsed = schema.safeParse(now);
  return { ...edit, patch: parsed.success ? parsed.data : now } as unknown as Edit;
}

/** What takes a change back, as today's schema reads it. */
export const backToday = ({ inverse, left }: EditBack): EditBack => ({
  inverse: editToday(inverse),
  left: left.map((one) =>
    one.after === null ? one : { ...one, after: entityToday(one.collection, one.after) },
  ) as EditBack['left'],
});
