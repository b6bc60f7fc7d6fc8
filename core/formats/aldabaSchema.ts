import { z } from 'zod';
import { COLOUR_ROLES } from '../plan/index';
import {
  COLOUR_CODES,
  findCableMake,
  parseGauge,
  type ColourCode,
  type Gauge,
  type Metres,
} from '../units/index';
import { asDeviceType, deviceTypeSchema } from './deviceTypeSchema';

/** Schema of an Aldaba site file, version 1. Objects are strict: an unknown key is refused, with its path. */

const id = z
  .string()
  .min(1)
  .max(60)
  .regex(/^[^\s.][^.]*$/, 'must not begin with a space and must not hold a dot');
const name = z.string().max(200);
const text = z.string().max(5000);
const length = z
  .number()
  .min(0)
  .max(2000)
  .transform((value) => value as Metres);
const gauge = z.string().transform((value, context): Gauge => {
  const parsed = parseGauge(value);
  if (parsed) return parsed;
  context.addIssue({ code: 'custom', message: 'is not a size of wire: write 0.75mm2 or 18AWG' });
  return z.NEVER;
});
const card = z.strictObject({
  facility: z.number().int().min(0).max(255),
  number: z.number().int().min(0).max(65535),
});
const code = z.string().regex(/^\d{0,8}$/, 'must be up to eight digits');

export const briefSchema = z.strictObject({
  protects: z.enum(['people', 'valuables', 'equipment', 'general']).nullable().default(null),
  escapeRoute: z.boolean().nullable().default(null),
  mechanicalEgress: z.boolean().nullable().default(null),
  rescuers: z.boolean().nullable().default(null),
  fireDoor: z.boolean().nullable().default(null),
  outdoors: z.boolean().default(false),
  slowWalkers: z.boolean().default(false),
  readerDistance: z
    .number()
    .min(0)
    .max(200)
    .default(1.5)
    .transform((value) => value as Metres),
});

export const deadStateSchema = z.strictObject({
  state: z.enum(['fail-safe', 'fail-secure']),
  overrideReason: text.nullable().default(null),
  by: name.default(''),
});

export const schoolsSchema = z
  .strictObject({
    leg: z.enum(['plus', 'minus']),
    release: z.enum(['own-relay', 'timed-supply', 'wet-output']),
    readerFeed: z.enum(['shared', 'supply']),
    fire: z.enum(['lock-power', 'supply-input']),
    fireTrigger: z.enum(['NC', 'NO']),
    fireReach: z.enum(['home-run', 'daisy-chain']),
    status: z.enum(['own-input', 'with-contact']),
    contact: z.enum(['plain', 'end-of-line']),
  })
  .partial();

export const doorSchema = z.strictObject({
  id,
  order: z.number().int().min(0).max(100_000),
  name,
  brief: briefSchema.prefault({}),
  deadState: deadStateSchema.nullable().default(null),
  schools: schoolsSchema.default({}),
  notes: text.default(''),
});

export const cableSchema = z.strictObject({
  id: z.string().min(3).max(110),
  door: id,
  name: z.string().min(1).max(40),
  make: z
    .string()
    .max(20)
    .refine((value) => findCableMake(value) !== undefined, 'is not a make of cable on the list'),
  screen: z.enum(['none', 'enclosure', 'door', 'both']).default('none'),
});

export const typeSchema = deviceTypeSchema.transform(asDeviceType);

export const deviceSchema = z.strictObject({
  id,
  door: id.nullable(),
  tag: z
    .string()
    .min(1)
    .max(20)
    .regex(/^[^\s./]+$/, 'must not hold spaces, dots or slashes'),
  type: z.string().min(1).max(60),
  place: z.enum(['outside', 'inside', 'frame', 'above', 'enclosure']),
  settings: z.record(z.string().max(40), z.union([z.string().max(200), z.number()])).default({}),
  notes: text.default(''),
});

export const conductorSchema = z.strictObject({
  id,
  door: id,
  number: z.string().min(1).max(12),
  from: z.string().min(3).max(90),
  to: z.string().min(3).max(90),
  colour: z
    .enum(COLOUR_CODES as [string, ...string[]])
    .transform((value) => value as (typeof COLOUR_CODES)[number]),
  gauge,
  length,
  cable: z.string().max(40).default(''),
  origin: z.enum(['aldaba', 'set', 'hand']).default('hand'),
});

export const personSchema = z.strictObject({
  id,
  name: name.min(1),
  role: z.enum(['user', 'administrator']).default('user'),
  doors: z.array(id).default([]),
  code: code.default(''),
  card: card.nullable().default(null),
  slots: z.record(z.string(), z.number().int().min(0).max(99_999)).default({}),
});

export const memorySchema = z.strictObject({
  device: id,
  programmingCode: code,
  slots: z.record(
    z
      .string()
      .regex(/^\d{1,5}$/)
      .transform(Number) as unknown as z.ZodType<number, string>,
    z.strictObject({ code: code.nullable(), card: card.nullable() }),
  ),
  times: z.record(z.string().max(40), z.number()),
});

export const readingSchema = z.strictObject({
  id: z.string().min(1).max(200),
  door: id,
  check: z.string().min(1).max(200),
  value: z.number().nullable(),
  passed: z.boolean(),
  low: z.number().nullable(),
  high: z.number().nullable(),
  by: name,
  at: z.iso.datetime(),
  note: text.default(''),
});

export const siteSchema = z.strictObject({
  id,
  name: name.min(1),
  address: text.default(''),
  region: z.enum(['europe', 'uk', 'north-america', 'other']).default('europe'),
  units: z.enum(['metric', 'american']).default('metric'),
  notes: text.default(''),
  colours: z
    .partialRecord(
      z.enum(COLOUR_ROLES),
      z.enum(COLOUR_CODES as [string, ...string[]]).transform((value) => value as ColourCode),
    )
    .default({}),
});

export const fileSchema = z.strictObject({
  $schema: z.string().optional(),
  format: z.literal('aldaba-site'),
  version: z.literal(1),
  site: siteSchema,
  types: z.array(typeSchema).default([]),
  doors: z.array(doorSchema).default([]),
  devices: z.array(deviceSchema).default([]),
  wires: z.array(conductorSchema).default([]),
  cables: z.array(cableSchema).default([]),
  people: z.array(personSchema).default([]),
  keypads: z.array(memorySchema).default([]),
  readings: z.array(readingSchema).default([]),
});

export type AldabaFile = z.infer<typeof fileSchema>;
