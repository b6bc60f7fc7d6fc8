import fc from 'fast-check';
import * as z from 'zod';

/** Texts that have broken something once: in addresses, headers, tables by name, file formats. */
export const NASTY_TEXTS: readonly string[] = [
  '',
  ' ',
  'D01',
  'D02',
  'K1',
  'Tür 3',
  'Дверь',
  '門',
  'a&b',
  'a+b',
  'a#b',
  'a=b',
  'a/b',
  'a?b',
  'a;b',
  'a:b',
  'a%41',
  '%',
  'a.b',
  'a\nb',
  'a\u0000b',
  '\ud800',
  '😀',
  '<b>&"\'',
  '=cmd()',
  'constructor',
  'toString',
  '__proto__',
  'hasOwnProperty',
  '1.0',
  '01',
  '1',
  '001',
  '99999',
  'x'.repeat(60),
  'x'.repeat(300),
  'x'.repeat(6000),
];

export const NASTY_NUMBERS: readonly number[] = [
  0,
  -0,
  1,
  -1,
  0.1,
  1e-9,
  12,
  99,
  255,
  65_535,
  2 ** 31,
  2 ** 53,
  1e9,
  1e12,
  -1e9,
  1e300,
];

const text = fc.oneof(fc.constantFrom(...NASTY_TEXTS), fc.string({ unit: 'grapheme', maxLength: 12 }));
const number = fc.oneof(
  fc.constantFrom(...NASTY_NUMBERS),
  fc.integer({ min: 0, max: 200 }),
  fc.double({ noNaN: true, noDefaultInfinity: true }),
);

/** Anything that JSON can hold, of the size of one field. */
export const nastyValue: fc.Arbitrary<unknown> = fc.oneof(
  text,
  number,
  fc.boolean(),
  fc.constantFrom(null, [], {}, [[]], { a: 1 }),
);

type Def = { readonly type: string } & Readonly<Record<string, unknown>>;
const defOf = (schema: z.ZodType): Def => (schema as unknown as { _zod: { def: Def } })._zod.def;

/**
 * Values for a schema: mostly of its kind, so that many are let in, some at its edges, some beside it. Made from the schema
 * itself, so that a new field is tried without anybody thinking of it.
 */
export function arbitraryOf(schema: z.ZodType): fc.Arbitrary<unknown> {
  const def = defOf(schema);
  const inner = (key: string) => arbitraryOf(def[key] as z.ZodType);
  switch (def.type) {
    case 'string':
      return text;
    case 'number':
      return number;
    case 'boolean':
      return fc.boolean();
    case 'literal':
      return fc.constantFrom(...(def['values'] as readonly unknown[]));
    case 'enum':
      return fc.constantFrom(...Object.values(def['entries'] as Record<string, string>));
    case 'nullable':
      return fc.oneof(fc.constant(null), inner('innerType'));
    case 'optional':
    case 'default':
    case 'prefault':
      return inner('innerType');
    case 'pipe':
      return inner('in');
    case 'array':
      return fc.array(arbitraryOf(def['element'] as z.ZodType), { maxLength: 3 });
    case 'tuple':
      return fc.tuple(...(def['items'] as z.ZodType[]).map(arbitraryOf));
    case 'record':
      return fc.dictionary(text, arbitraryOf(def['valueType'] as z.ZodType), { maxKeys: 3 });
    case 'union':
      return fc.oneof(...(def['options'] as z.ZodType[]).map(arbitraryOf));
    case 'object':
      return fc.record(
        Object.fromEntries(
          Object.entries(def['shape'] as Record<string, z.ZodType>).map(([key, field]) => [
            key,
            arbitraryOf(field),
          ]),
        ),
        { requiredKeys: Object.keys(def['shape'] as object).filter((_, index) => index % 3 !== 2) },
      );
    default:
      return nastyValue;
  }
}

/** The fields of an object schema, each with values for it. */
export const fieldsOf = (schema: z.ZodType): Readonly<Record<string, fc.Arbitrary<unknown>>> => {
  const def = defOf(schema);
  if (def.type === 'pipe') return fieldsOf(def['in'] as z.ZodType);
  return Object.fromEntries(
    Object.entries(def['shape'] as Record<string, z.ZodType>).map(([key, field]) => [
      key,
      arbitraryOf(field),
    ]),
  );
};
