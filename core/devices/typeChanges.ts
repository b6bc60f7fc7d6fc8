import type { DeviceType } from './deviceType';

/** One difference between two versions of a type. */
export type TypeChange =
  | { readonly kind: 'name'; readonly name: string }
  | { readonly kind: 'added' | 'removed'; readonly what: TypeThing; readonly id: string }
  | {
      readonly kind: 'changed';
      readonly what: TypeThing;
      readonly id: string;
      /** Fields that differ, with their values as JSON; null for a field that one of the two lacks. */
      readonly fields: readonly {
        readonly field: string;
        readonly before: string | null;
        readonly after: string | null;
      }[];
    }
  | { readonly kind: 'functions' | 'lock' | 'roles' };
export type TypeThing = 'terminal' | 'part' | 'setting';

/** What differs between two versions of a type, for whoever decides about updating. Empty: nothing the circuit sees. */
export function typeChanges(before: DeviceType, after: DeviceType): TypeChange[] {
  const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);
  return [
    ...(before.name === after.name ? [] : [{ kind: 'name', name: after.name } as const]),
    ...compare('terminal', before.terminals, after.terminals),
    ...compare('part', before.parts, after.parts),
    ...compare('setting', before.settings, after.settings),
    ...(['functions', 'lock', 'roles'] as const).flatMap((kind) =>
      same(before[kind], after[kind]) ? [] : [{ kind } as const],
    ),
  ];
}

function compare(
  what: TypeThing,
  old: readonly { readonly id: string }[],
  now: readonly { readonly id: string }[],
): TypeChange[] {
  const had = new Map(old.map((one) => [one.id, one]));
  const has = new Map(now.map((one) => [one.id, one]));
  return [
    ...[...has.keys()].filter((id) => !had.has(id)).map((id): TypeChange => ({ kind: 'added', what, id })),
    ...[...had.keys()].filter((id) => !has.has(id)).map((id): TypeChange => ({ kind: 'removed', what, id })),
    ...[...has].flatMap(([id, one]): TypeChange[] => {
      const was = had.get(id);
      const fields = was ? differences(was, one) : [];
      return fields.length > 0 ? [{ kind: 'changed', what, id, fields }] : [];
    }),
  ];
}

function differences(before: object, after: object) {
  const [a, b] = [before as Record<string, unknown>, after as Record<string, unknown>];
  const text = (value: unknown) => JSON.stringify(value) ?? null;
  return [...new Set([...Object.keys(a), ...Object.keys(b)])]
    .filter((field) => text(a[field]) !== text(b[field]))
    .map((field) => ({ field, before: text(a[field]), after: text(b[field]) }));
}
