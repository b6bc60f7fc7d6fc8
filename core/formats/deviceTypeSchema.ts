import { z } from 'zod';
import {
  FAMILIES,
  INTERFACES,
  SYMBOL_IDS,
  type DeviceType,
  type InterfaceId,
  type SymbolId,
} from '../devices/index';
import { COLOUR_CODES, type ColourCode } from '../units/index';

/**
 * Schema of one device type. It checks shapes and ranges; `typeProblems` then checks that names meet: a part's
 * terminals, a contact's state, a table's setting.
 */

const name = z.string().min(1).max(40);
const pin = z.string().min(1).max(12);
const positive = z.number().positive().max(1e9);
const param = z.union([
  z.number().positive().max(1e9),
  z.strictObject({ setting: name, values: z.record(z.string().max(40), positive) }),
]);
const current = z.enum(['dc', 'ac', 'both']);
const between = {
  id: name,
  a: pin,
  b: pin,
  when: z.strictObject({ setting: name, is: z.array(z.string().max(40)).min(1) }).optional(),
};

const part = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('contact'),
    ...between,
    form: z.enum(['NO', 'NC']),
    state: name,
    needs: name.optional(),
    unless: name.optional(),
    ohms: positive,
    maxAmps: positive,
  }),
  z.strictObject({
    kind: z.literal('coil'),
    ...between,
    ohms: param,
    pullInVolts: param,
    dropOutVolts: param,
    maxVolts: param,
    suppressed: z.boolean(),
    current: current.optional(),
  }),
  z.strictObject({
    kind: z.literal('load'),
    ...between,
    ohms: param,
    maxVolts: param,
    suppressed: z.boolean(),
    current: current.optional(),
  }),
  z.strictObject({
    kind: z.literal('electronic'),
    ...between,
    law: z.enum(['current', 'power']),
    draw: positive,
    minVolts: positive,
    startVolts: positive,
    maxVolts: positive,
    current: current.optional(),
  }),
  z.strictObject({
    kind: z.literal('source'),
    ...between,
    volts: positive,
    tolerance: z.number().min(0).max(0.5),
    ohms: positive,
    maxAmps: positive,
    current: z.enum(['dc', 'ac']).optional(),
    battery: z
      .strictObject({ ampHours: param, fullVolts: positive, cutOffVolts: positive, ohms: positive })
      .optional(),
  }),
  z.strictObject({
    kind: z.literal('input'),
    ...between,
    pullVolts: positive,
    pullOhms: positive,
    poweredBy: name,
    closedBelow: z.number().min(0).max(1),
    openAbove: z.number().min(0).max(1),
    supervised: z
      .strictObject({
        closed: z.tuple([z.number(), z.number()]),
        open: z.tuple([z.number(), z.number()]),
      })
      .optional(),
  }),
  z.strictObject({ kind: z.literal('output'), ...between, ohms: positive, maxVolts: positive }),
  z.strictObject({ kind: z.literal('varistor'), ...between, clampVolts: positive, ohms: positive }),
  z.strictObject({ kind: z.literal('diode'), ...between, forwardVolts: positive, ohms: positive }),
  z.strictObject({ kind: z.literal('resistor'), ...between, ohms: param }),
  z.strictObject({ kind: z.literal('link'), ...between }),
]);

const terminal = z.strictObject({
  id: pin,
  maxConductors: z.number().int().min(1).max(64),
  use: z.enum(['needed', 'optional']),
  form: z.enum(['screw', 'lever', 'pigtail', 'plug']).optional(),
  colour: z
    .enum(COLOUR_CODES as [string, ...string[]])
    .transform((value) => value as ColourCode)
    .optional(),
  pin: z.number().int().min(1).max(99).optional(),
  sizes: z.tuple([z.number().positive(), z.number().positive()]).optional(),
  carries: z.enum(['data', 'audio', 'bus', 'signal']).optional(),
  earth: z.boolean().optional(),
});

const label = z.string().max(80);
const setting = z.discriminatedUnion('kind', [
  z.strictObject({
    id: name,
    label,
    kind: z.literal('choice'),
    options: z
      .array(z.strictObject({ value: name, label }))
      .min(1)
      .max(40),
    initial: name,
  }),
  z.strictObject({
    id: name,
    label,
    kind: z.literal('number'),
    unit: z.string().max(10),
    min: z.number(),
    max: z.number(),
    initial: z.number(),
    dip: z.number().int().min(1).max(12).optional(),
  }),
  z.strictObject({
    id: name,
    label,
    kind: z.literal('text'),
    pattern: z.string().max(200).refine(isPattern, 'is not a regular expression'),
    example: z.string().max(60),
    initial: z.string().max(60),
  }),
]);

function isPattern(text: string): boolean {
  try {
    return Boolean(new RegExp(text));
  } catch {
    return false;
  }
}

const channel = z.strictObject({
  relay: name,
  exitInput: z.string().max(40),
  contactInput: name.nullable(),
  d0Input: name.nullable(),
  d1Input: name.nullable(),
  inner: z.strictObject({ d0Input: name, d1Input: name }).optional(),
  settings: name,
});
const bus = z.strictObject({
  a: pin,
  b: pin,
  common: pin,
  addressSetting: name.nullable(),
  terminatorSetting: name.nullable(),
  unitLoads: z.number().positive().max(32),
  crossed: z.boolean().optional(),
});
const kindOnly = <K extends string, S extends z.ZodRawShape>(kind: K, shape: S) =>
  z.strictObject({ kind: z.literal(kind), ...shape });

const behaviour = z.discriminatedUnion('kind', [
  kindOnly('passive', {}),
  kindOnly('controller', { board: name, channels: z.array(channel).min(1).max(16), bus: bus.optional() }),
  kindOnly('keypad', { board: name, channels: z.array(channel).min(1).max(4) }),
  kindOnly('timer', { board: name, channel }),
  kindOnly('button', { state: name }),
  kindOnly('keys', { keys: z.record(name, name) }),
  kindOnly('switch', { state: name }),
  kindOnly('sensor', { state: name, board: name }),
  kindOnly('lever', { state: name }),
  kindOnly('breakGlass', { state: name }),
  kindOnly('doorContact', { state: name }),
  kindOnly('fireRelay', { state: name, latchSetting: name }),
  kindOnly('fireInput', { input: name, state: name, latchSetting: name, triggerSetting: name.optional() }),
  kindOnly('reader', { board: name, d0: name, d1: name }),
  kindOnly('busReader', { board: name, bus }),
  kindOnly('operator', { board: name, activate: name, relay: name, settings: name }),
]);

const coilAt = z.strictObject({ coil: name, terminal: pin });
const lock = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('magnet'),
    parts: z.array(name).min(1),
    forceNewtons: positive,
    ratedVolts: param,
    holdShare: z.number().min(0.1).max(1),
    freeNewtons: z.number().min(0),
  }),
  z.strictObject({
    kind: z.literal('strike'),
    mode: z.discriminatedUnion('by', [
      z.strictObject({ by: z.literal('setting'), setting: name, coil: name }),
      z.strictObject({ by: z.literal('build'), state: z.enum(['fail-safe', 'fail-secure']), coil: name }),
      z.strictObject({ by: z.literal('terminal'), safe: coilAt, secure: coilAt }),
    ]),
    jams: z.boolean().optional(),
  }),
]);

const pair = z.strictObject({ plus: pin, minus: pin });
const throwOf = z.strictObject({ com: pin, nc: pin, no: pin });
const dry = z.strictObject({ input: pin, common: pin });
const ends = z.strictObject({ a: pin, b: pin });
const lines = z.strictObject({ d0: pin, d1: pin });
const byState = z.strictObject({ 'fail-safe': pair, 'fail-secure': pair });
const intercom = z.discriminatedUnion('part', [
  z.strictObject({
    part: z.literal('door-station'),
    line: pin,
    common: pin,
    minus: pin,
    channelSetting: name,
    coresSetting: name,
  }),
  z.strictObject({
    part: z.literal('answering-station'),
    plus: pin,
    minus: pin,
    common: pin,
    channels: z.array(z.strictObject({ line: pin, key: pin })).min(1),
    call: pin,
    callIn: pin,
  }),
  z.strictObject({ part: z.literal('supply'), plus: pin, minus: pin }),
]);

const roles = z
  .strictObject({
    supply: pair,
    lockSupply: pair,
    feed: pair,
    lock: pair,
    lockBy: byState,
    lockToo: z.array(pair),
    switches: z.array(throwOf),
    wet: z.array(byState),
    second: throwOf,
    breakers: z.array(z.strictObject({ com: pin, nc: pin })),
    exitInputs: z.array(dry),
    contactInputs: z.array(dry),
    statusInputs: z.array(dry),
    fireInput: dry,
    bellInput: dry,
    exitContact: ends,
    exitSecond: ends,
    doorContact: ends,
    statusContact: ends,
    bellContact: ends,
    bellOut: pair,
    alarmContact: ends,
    alarmInput: dry,
    dataOut: lines,
    dataInputs: z.array(lines),
    innerDataInputs: z.array(lines),
    coil: pair,
    poles: z.array(throwOf),
    lockVoltage: pair,
    operator: z.strictObject({ activate: dry, lock: throwOf }),
    intercom,
    earth: pin,
  })
  .partial();

export const deviceTypeSchema = z.strictObject({
  id: z
    .string()
    .max(60)
    .regex(
      /^[a-z0-9][a-z0-9-]*@\d{1,4}$/,
      'must be small letters, digits and dashes with a version, my-reader@1',
    ),
  version: z.number().int().min(1).max(9999),
  family: z.enum(FAMILIES),
  name: z.string().min(1).max(120),
  short: z.string().min(1).max(30),
  description: z.string().max(400),
  tagPrefix: z.string().regex(/^[A-Z]{1,3}$/, 'must be one to three capital letters'),
  place: z.enum(['outside', 'inside', 'frame', 'above', 'enclosure']),
  terminals: z.array(terminal).max(80),
  nodes: z.array(z.string().regex(/^~[^\s.]{1,11}$/)).optional(),
  parts: z.array(part).max(200),
  settings: z.array(setting).max(80),
  behaviour,
  lock: lock.optional(),
  roles,
  ip: z.string().regex(/^IP\d\d$/, 'must be IP and two digits'),
  symbol: z.enum(SYMBOL_IDS as [string, ...string[]]).transform((value) => value as SymbolId),
  capacity: z.strictObject({ users: z.number().int().min(0), cards: z.number().int().min(0) }).optional(),
  interfaces: z
    .array(
      z.enum(Object.keys(INTERFACES) as [string, ...string[]]).transform((value) => value as InterfaceId),
    )
    .optional(),
  inrush: z.number().min(1).max(50).optional(),
  language: z.string().max(40).optional(),
});

/** What the schema lets through is a device type: the compiler holds the two together. */
export const asDeviceType = (parsed: z.output<typeof deviceTypeSchema>): DeviceType => parsed as DeviceType;
