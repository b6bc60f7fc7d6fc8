import * as z from 'zod';
import { line, word } from '../fields/index';
import { COLLECTIONS, kindOf, type Edit } from '../plan/index';
import { SCHEMAS, settingValueSchema, siteSchema } from '../plan/schemas/index';

/** Edits as they come from outside. Every schema here follows from the kinds and theirs; what they have no verb for stands apart. */

/** Most edits in one batch, counted through batches in it, and how deep they nest. */
export const MOST_EDITS = 20_000;
export const DEEPEST_BATCH = 6;

/** A patch may name any part of a thing; defaults must not sneak into it. */
export function patchOf(schema: z.ZodType, fixed: readonly string[]): z.ZodType {
  const { shape } = schema as z.ZodObject;
  return z.strictObject(
    Object.fromEntries(
      Object.entries(shape)
        .filter(([key]) => !fixed.includes(key))
        .map(([key, field]) => [key, withoutDefault(field as z.ZodType).optional()]),
    ),
  );
}

function withoutDefault(field: z.ZodType): z.ZodType {
  if (field instanceof z.ZodDefault || field instanceof z.ZodPrefault) return field.unwrap() as z.ZodType;
  return field;
}

/** An id of something that is there already: however it was made, it can be named. */
const known = line(200, 1);

const ofKinds = COLLECTIONS.flatMap((collection) => {
  const { verbs, as, key, fixed } = kindOf(collection);
  const schema = SCHEMAS[collection];
  if ('put' in verbs)
    return [z.strictObject({ kind: z.literal(verbs.put), [key]: known, [as]: schema.nullable() })];
  return [
    z.strictObject({ kind: z.literal(verbs.add), [as]: schema }),
    z.strictObject({ kind: z.literal(verbs.remove), id: known }),
    ...(verbs.set
      ? [z.strictObject({ kind: z.literal(verbs.set), id: known, patch: patchOf(schema, fixed) })]
      : []),
  ];
});

const others = [
  z.strictObject({ kind: z.literal('setSite'), patch: patchOf(siteSchema, ['id']) }),
  z.strictObject({
    kind: z.literal('setSetting'),
    device: known,
    setting: word(40),
    value: settingValueSchema.nullable(),
  }),
] as const;

/** One edit that is no batch. `admit` takes batches apart, so that their depth is bounded before anything recurses. */
export const singleEditSchema = z.discriminatedUnion('kind', [...others, ...ofKinds]) as unknown as z.ZodType<
  Exclude<Edit, { kind: 'batch' }>
>;

/** What a batch has besides its edits. */
export const batchLabel = line(200);
