import { z } from 'zod';
import type { Edit } from '../plan/index';
import {
  cableSchema,
  conductorSchema,
  deviceSchema,
  doorSchema,
  memorySchema,
  personSchema,
  readingSchema,
  siteSchema,
  typeSchema,
} from './aldabaSchema';

/** Edits as they come over the wire: parsed once at the door, trusted afterwards. */

/** A patch may name any part of a thing; defaults must not sneak into it. */
const patchOf = <S extends z.ZodObject>(schema: S, omit: string[]) => {
  const shape = Object.fromEntries(
    Object.entries(schema.shape)
      .filter(([key]) => !omit.includes(key))
      .map(([key, field]) => [key, withoutDefault(field as z.ZodType).optional()]),
  );
  return z.strictObject(shape);
};

function withoutDefault(field: z.ZodType): z.ZodType {
  if (field instanceof z.ZodDefault || field instanceof z.ZodPrefault) return field.unwrap() as z.ZodType;
  return field;
}

const id = z.string().min(1).max(90);
const setting = z.union([z.string().max(200), z.number()]).nullable();

const simple = [
  z.strictObject({ kind: z.literal('setSite'), patch: patchOf(siteSchema, ['id']) }),
  z.strictObject({ kind: z.literal('addDoor'), door: doorSchema }),
  z.strictObject({ kind: z.literal('setDoor'), id, patch: patchOf(doorSchema, ['id']) }),
  z.strictObject({ kind: z.literal('removeDoor'), id }),
  z.strictObject({ kind: z.literal('addDevice'), device: deviceSchema }),
  z.strictObject({
    kind: z.literal('setDevice'),
    id,
    patch: patchOf(deviceSchema, ['id', 'door', 'settings']),
  }),
  z.strictObject({ kind: z.literal('removeDevice'), id }),
  z.strictObject({ kind: z.literal('setSetting'), device: id, setting: z.string().max(40), value: setting }),
  z.strictObject({ kind: z.literal('connect'), conductor: conductorSchema }),
  z.strictObject({ kind: z.literal('setConductor'), id, patch: patchOf(conductorSchema, ['id', 'door']) }),
  z.strictObject({ kind: z.literal('disconnect'), id }),
  z.strictObject({ kind: z.literal('addPerson'), person: personSchema }),
  z.strictObject({ kind: z.literal('setPerson'), id, patch: patchOf(personSchema, ['id']) }),
  z.strictObject({ kind: z.literal('removePerson'), id }),
  z.strictObject({ kind: z.literal('setMemory'), device: id, memory: memorySchema.nullable() }),
  z.strictObject({ kind: z.literal('addReading'), reading: readingSchema }),
  z.strictObject({ kind: z.literal('removeReading'), id }),
  z.strictObject({ kind: z.literal('addType'), type: typeSchema }),
  z.strictObject({ kind: z.literal('removeType'), id }),
  z.strictObject({
    kind: z.literal('setCable'),
    id: z.string().min(3).max(110),
    cable: cableSchema.nullable(),
  }),
] as const;

const batch: z.ZodType = z.lazy(() =>
  z.strictObject({ kind: z.literal('batch'), label: z.string().max(80), edits: z.array(anyEdit).max(2000) }),
);
const anyEdit: z.ZodType = z.union([z.discriminatedUnion('kind', simple), batch]);

/** One edit, however it nests. */
export const editSchema = anyEdit as z.ZodType<Edit>;
