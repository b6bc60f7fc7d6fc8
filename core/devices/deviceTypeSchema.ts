import * as z from 'zod';
import { above, between, line, whole, word } from '../fields/index';
import { COLOUR_CODES, type ColourCode } from '../units/index';
import { breakGlass } from '../functions/breakGlass/schema';
import { busReader } from '../functions/busReader/schema';
import { button } from '../functions/button/schema';
import { doorContact } from '../functions/doorContact/schema';
import { fireInput } from '../functions/fireInput/schema';
import { fireRelay } from '../functions/fireRelay/schema';
import { keys } from '../functions/keys/schema';
import { lever } from '../functions/lever/schema';
import { operator } from '../functions/operator/schema';
import { reader } from '../functions/reader/schema';
import { sensor } from '../functions/sensor/schema';
import { switch_ } from '../functions/switch/schema';
import { timer } from '../functions/timer/schema';
import { functionSchema } from '../functions/schemas';
import { busPort, channel, kindOf } from '../functions/shape';
import { FAMILIES, type DeviceType } from './deviceType';
import { INTERFACES, type InterfaceId } from './interfaces';
import { SETTING_ROLES, TEXT_FORMATS, type TextFormat } from './settings';
import type { PoeClass } from './poe';
import { rolesSchema } from './rolesSchema';
import { SYMBOL_IDS, type SymbolId } from './symbols';
import { functionsOfOld, OLD_PATTERNS, withSettingRoles, type OldBehaviour } from './upgradeType';

/**
 * Schema of one device type. It checks shapes and ranges; `typeProblems` then checks that names meet: a part's
 * terminals, a contact's state, a table's setting.
 */

const name = word(40);
const pin = word(12);
const finite = between(-1e9, 1e9);
const positive = above(0, 1e9);
const param = z.union([positive, z.strictObject({ setting: name, values: z.record(name, positive) })]);
const current = z.enum(['dc', 'ac', 'both']);
const partEnds = {
  id: name,
  a: pin,
  b: pin,
  when: z.strictObject({ setting: name, is: z.array(name).min(1).max(40) }).optional(),
};

const part = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('contact'),
    ...partEnds,
    form: z.enum(['NO', 'NC']),
    state: name,
    needs: name.optional(),
    unless: name.optional(),
    ohms: positive,
    maxAmps: positive,
  }),
  z.strictObject({
    kind: z.literal('coil'),
    ...partEnds,
    ohms: param,
    pullInVolts: param,
    dropOutVolts: param,
    maxVolts: param,
    suppressed: z.boolean(),
    current: current.optional(),
  }),
  z.strictObject({
    kind: z.literal('load'),
    ...partEnds,
    ohms: param,
    maxVolts: param,
    suppressed: z.boolean(),
    current: current.optional(),
  }),
  z.strictObject({
    kind: z.literal('electronic'),
    ...partEnds,
    law: z.enum(['current', 'power']),
    draw: positive,
    minVolts: positive,
    startVolts: positive,
    maxVolts: positive,
    current: current.optional(),
  }),
  z.strictObject({
    kind: z.literal('source'),
    ...partEnds,
    volts: positive,
    tolerance: between(0, 0.5),
    ohms: positive,
    maxAmps: positive,
    current: z.enum(['dc', 'ac']).optional(),
    battery: z
      .strictObject({ ampHours: param, fullVolts: positive, cutOffVolts: positive, ohms: positive })
      .optional(),
  }),
  z.strictObject({
    kind: z.literal('input'),
    ...partEnds,
    pullVolts: positive,
    pullOhms: positive,
    poweredBy: name,
    closedBelow: between(0, 1),
    openAbove: between(0, 1),
    supervised: z
      .strictObject({
        closed: z.tuple([finite, finite]),
        open: z.tuple([finite, finite]),
      })
      .optional(),
  }),
  z.strictObject({ kind: z.literal('output'), ...partEnds, ohms: positive, maxVolts: positive }),
  z.strictObject({ kind: z.literal('varistor'), ...partEnds, clampVolts: positive, ohms: positive }),
  z.strictObject({ kind: z.literal('diode'), ...partEnds, forwardVolts: positive, ohms: positive }),
  z.strictObject({ kind: z.literal('resistor'), ...partEnds, ohms: param }),
  z.strictObject({ kind: z.literal('fuse'), ...partEnds, amps: param }),
  z.strictObject({ kind: z.literal('link'), ...partEnds }),
]);

const terminal = z.strictObject({
  id: pin,
  maxConductors: whole(1, 64),
  use: z.enum(['needed', 'optional']),
  form: z.enum(['screw', 'lever', 'pigtail', 'plug']).optional(),
  colour: z
    .enum(COLOUR_CODES as [string, ...string[]])
    .transform((value) => value as ColourCode)
    .optional(),
  pin: whole(1, 99).optional(),
  sizes: z.tuple([positive, positive]).optional(),
  carries: z.enum(['data', 'audio', 'bus', 'signal']).optional(),
  earth: z.boolean().optional(),
});

const label = line(80);
const aim = {
  id: name,
  label,
  role: z.enum(SETTING_ROLES).optional(),
  channel: whole(0, 15).optional(),
};
const textSetting = z.strictObject({
  ...aim,
  kind: z.literal('text'),
  format: z.enum(Object.keys(TEXT_FORMATS) as [TextFormat, ...TextFormat[]]),
  example: line(60),
  initial: line(60),
});
/**
 * The first versions had regular expressions of a type's own. They are never run: a known one is the format that took
 * its place, any other lets every line of text through.
 */
const oldTextSetting = textSetting
  .omit({ format: true })
  .extend({ pattern: z.string().max(200) })
  .transform(({ pattern, ...rest }) => ({ ...rest, format: OLD_PATTERNS[pattern] ?? ('text' as const) }));
const setting = z.union([
  z.discriminatedUnion('kind', [
    z.strictObject({
      ...aim,
      kind: z.literal('choice'),
      options: z
        .array(z.strictObject({ value: name, label }))
        .min(1)
        .max(40),
      initial: name,
    }),
    z.strictObject({
      ...aim,
      kind: z.literal('number'),
      unit: line(10),
      min: finite,
      max: finite,
      initial: finite,
      dip: whole(1, 12).optional(),
    }),
    textSetting,
  ]),
  oldTextSetting,
]);

/** What types did of old, one thing each: still read. */
const OLD = [
  kindOf('passive', {}),
  kindOf('controller', { board: name, channels: z.array(channel).min(1).max(16), bus: busPort.optional() }),
  kindOf('keypad', { board: name, channels: z.array(channel).min(1).max(4) }),
] as const;
/** Functions that are today as they were then. */
const ALWAYS = [
  timer,
  button,
  keys,
  switch_,
  sensor,
  lever,
  breakGlass,
  doorContact,
  fireRelay,
  fireInput,
  reader,
  busReader,
  operator,
] as const;
const oldBehaviour = z.discriminatedUnion('kind', [...OLD, ...ALWAYS]);

const row = whole(1, 32);
const bank = z.strictObject({
  id: name,
  fields: z
    .array(
      z.strictObject({
        setting: name,
        rows: z.array(row).min(1).max(16),
        code: z.union([z.literal('binary'), z.record(name, z.string().regex(/^[01]{1,16}$/))]),
      }),
    )
    .min(1)
    .max(32),
  forbidden: z
    .array(z.record(name, z.union([z.string().max(200), between(-1e6, 1e6)])))
    .max(32)
    .optional(),
});

const coilAt = z.strictObject({ coil: name, terminal: pin });
const lock = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('magnet'),
    parts: z.array(name).min(1).max(8),
    forceNewtons: positive,
    ratedVolts: param,
    holdShare: between(0.1, 1),
    freeNewtons: between(0, 1e9),
  }),
  z.strictObject({
    kind: z.literal('strike'),
    mode: z.discriminatedUnion('by', [
      z.strictObject({ by: z.literal('setting'), setting: name, coil: name }),
      z.strictObject({ by: z.literal('build'), state: z.enum(['fail-safe', 'fail-secure']), coil: name }),
      z.strictObject({ by: z.literal('terminal'), safe: coilAt, secure: coilAt }),
    ]),
    jams: z.boolean().optional(),
    noHandle: z.boolean().optional(),
    keepsLatch: z.boolean().optional(),
  }),
]);

export const deviceTypeSchema = z.strictObject({
  id: z
    .string()
    .max(60)
    .regex(
      /^[a-z0-9][a-z0-9-]*@\d{1,4}$/,
      'must be small letters, digits and dashes with a version, my-reader@1',
    ),
  version: whole(1, 9999),
  family: z.enum(FAMILIES),
  name: line(120, 1),
  short: line(30, 1),
  description: line(400),
  tagPrefix: z.string().regex(/^[A-Z]{1,3}$/, 'must be one to three capital letters'),
  place: z.enum(['outside', 'inside', 'frame', 'above', 'enclosure']),
  terminals: z.array(terminal).max(80),
  nodes: z
    .array(z.string().regex(/^~[^\s.]{1,11}$/))
    .max(80)
    .optional(),
  parts: z.array(part).max(200),
  settings: z.array(setting).max(80),
  banks: z.array(bank).max(8).optional(),
  functions: z.array(functionSchema).max(12).optional(),
  behaviour: oldBehaviour.optional(),
  lock: lock.optional(),
  roles: rolesSchema,
  ip: z.string().regex(/^IP\d\d$/, 'must be IP and two digits'),
  symbol: z.enum(SYMBOL_IDS as [string, ...string[]]).transform((value) => value as SymbolId),
  capacity: z.strictObject({ users: whole(0, 1_000_000_000), cards: whole(0, 1_000_000_000) }).optional(),
  interfaces: z
    .array(
      z.enum(Object.keys(INTERFACES) as [string, ...string[]]).transform((value) => value as InterfaceId),
    )
    .optional(),
  poe: z
    .strictObject({
      class: z.union([1, 2, 3, 4, 5, 6, 7, 8].map((n) => z.literal(n as PoeClass))),
    })
    .optional(),
  inrush: between(1, 50).optional(),
  /** As long as the id of a language may be. */
  language: word(100).optional(),
});

/**
 * What the schema lets through is a device type: the compiler holds the two together. Old ones get setting roles, and the
 * one thing that they did becomes the first of their functions.
 */
export function asDeviceType(parsed: z.output<typeof deviceTypeSchema>): DeviceType {
  const { behaviour, functions = [], ...type } = parsed;
  const old = behaviour ? functionsOfOld(behaviour as OldBehaviour) : [];
  return withSettingRoles({ ...type, functions: [...old, ...functions] } as DeviceType);
}
