import fc from 'fast-check';
import { SCHEMAS, siteSchema } from '../admission/index';
import { LIBRARY } from '../devices/library/index';
import { COLLECTIONS, findIn, kindOf, typeIn, type Collection, type Plan } from '../plan/index';
import { arbitraryOf, fieldsOf, nastyValue } from './arbitraryValue';

/** Draws values while a plan grows: what may come next depends on what is there. */
type Draw = <T>(arbitrary: fc.Arbitrary<T>) => T;

const FIELDS = Object.fromEntries(
  COLLECTIONS.map((collection) => [collection, fieldsOf(SCHEMAS[collection])]),
) as Record<Collection, Readonly<Record<string, fc.Arbitrary<unknown>>>>;
const SITE_FIELDS = fieldsOf(siteSchema);

const pick = <T>(draw: Draw, list: readonly T[]): T | undefined =>
  list.length === 0 ? undefined : list[draw(fc.nat(list.length - 1))];
const chance = (draw: Draw, percent: number): boolean => draw(fc.nat(99)) < percent;

/** An entity like one that is there, with some fields otherwise. */
function likeOneThere(draw: Draw, plan: Plan, collection: Collection): Record<string, unknown> {
  const { key } = kindOf(collection);
  const entries = Object.values<object>(plan[collection]);
  const base = { ...(pick(draw, entries) ?? (draw(arbitraryOf(SCHEMAS[collection])) as object)) } as Record<
    string,
    unknown
  >;
  if (chance(draw, 80)) base[key] = `${typeof base[key] === 'string' ? base[key] : ''}-${draw(fc.nat(999))}`;
  // What no two may share gets a new name as well, most of the time.
  for (const name of ['tag', 'number'])
    if (name in base && chance(draw, 80))
      base[name] = `${typeof base[name] === 'string' ? base[name].slice(0, 6) : ''}${draw(fc.nat(99))}`;
  const fields = Object.entries(FIELDS[collection]);
  for (let changes = draw(fc.nat(3)); changes > 0; changes -= 1) {
    const [name, value] = pick(draw, fields)!;
    base[name] = chance(draw, 90) ? draw(value) : draw(nastyValue);
  }
  return base;
}

/** A reference to something there, or to nothing. */
const someId = (draw: Draw, plan: Plan, collection: Collection): unknown =>
  chance(draw, 90) ? (pick(draw, Object.keys(plan[collection])) ?? 'none') : draw(nastyValue);

/** A library type as a site's own, with one spot in it otherwise. */
function ownType(draw: Draw): unknown {
  const base = pick(draw, LIBRARY)!;
  const type = JSON.parse(JSON.stringify({ ...base, id: `own-${base.id}@${1 + draw(fc.nat(3))}` })) as object;
  const spots: [Record<string, unknown>, string][] = [];
  const walk = (value: unknown) => {
    if (typeof value !== 'object' || value === null) return;
    for (const [name, inner] of Object.entries(value)) {
      spots.push([value as Record<string, unknown>, name]);
      walk(inner);
    }
  };
  walk(type);
  for (let changes = draw(fc.nat(2)); changes > 0; changes -= 1) {
    const [holder, name] = pick(draw, spots)!;
    const other = pick(draw, spots)!;
    if (chance(draw, 30)) delete holder[name];
    // A copy: the value itself may hold what it is put into.
    else holder[name] = chance(draw, 60) ? structuredClone(other[0][other[1]]) : draw(nastyValue);
  }
  return type;
}

/** One edit as it might come from anywhere: mostly one that fits, often at an edge, sometimes nonsense. */
export function drawEdit(draw: Draw, plan: Plan, depth = 0): unknown {
  const roll = draw(fc.nat(99));
  if (roll < 4) return { kind: 'setSite', patch: drawPatch(draw, SITE_FIELDS) };
  if (roll < 16) return drawSetting(draw, plan);
  if (roll < 22) return { kind: 'addType', type: ownType(draw) };
  if (roll < 26) {
    const type = pick(draw, [...Object.keys(plan.types), ...LIBRARY.map(({ id }) => id)]);
    return { kind: 'setDevice', id: someId(draw, plan, 'devices'), patch: { type } };
  }
  if (roll < 30 && depth < 2) {
    const edits = Array.from({ length: draw(fc.nat(3)) }, () => drawEdit(draw, plan, depth + 1));
    return { kind: 'batch', label: 'several', edits };
  }
  if (roll < 32) return draw(nastyValue);
  const collection = pick(draw, COLLECTIONS)!;
  const { verbs, as, key } = kindOf(collection);
  const verb = pick(draw, Object.entries(verbs))!;
  switch (verb[0]) {
    case 'add':
      return { kind: verb[1], [as]: likeOneThere(draw, plan, collection) };
    case 'put': {
      const entity = chance(draw, 70) ? likeOneThere(draw, plan, collection) : null;
      const id = entity && chance(draw, 85) ? entity[key] : someId(draw, plan, collection);
      return { kind: verb[1], [key]: id, [as]: entity };
    }
    case 'set':
      return {
        kind: verb[1],
        id: someId(draw, plan, collection),
        patch: drawPatch(draw, FIELDS[collection]),
      };
    default:
      return { kind: verb[1], id: someId(draw, plan, collection) };
  }
}

const drawPatch = (draw: Draw, fields: Readonly<Record<string, fc.Arbitrary<unknown>>>): object =>
  Object.fromEntries(
    Array.from({ length: 1 + draw(fc.nat(1)) }, () => pick(draw, Object.entries(fields))!).map(
      ([name, value]) => [name, draw(value)],
    ),
  );

function drawSetting(draw: Draw, plan: Plan): unknown {
  const id = someId(draw, plan, 'devices');
  const device = typeof id === 'string' ? findIn(plan.devices, id) : undefined;
  const spec = device && pick(draw, typeIn(plan, device).settings);
  if (!spec || chance(draw, 10))
    return { kind: 'setSetting', device: id, setting: draw(nastyValue), value: draw(nastyValue) };
  const values: unknown[] = [
    null,
    ...(spec.kind === 'choice'
      ? spec.options.map(({ value }) => value)
      : spec.kind === 'number'
        ? [spec.min, spec.max, spec.max + 1, spec.initial]
        : ['', spec.example]),
  ];
  const value = chance(draw, 90) ? pick(draw, values) : draw(nastyValue);
  return { kind: 'setSetting', device: id, setting: spec.id, value };
}
