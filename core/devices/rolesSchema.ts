import * as z from 'zod';
import { word } from '../fields/index';

/** Names of settings and of terminals, as `deviceTypeSchema` takes them. */
const name = word(40);
const pin = word(12);
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
    channels: z
      .array(z.strictObject({ line: pin, key: pin }))
      .min(1)
      .max(16),
    call: pin,
    callIn: pin,
  }),
  z.strictObject({ part: z.literal('supply'), plus: pin, minus: pin }),
]);

/** Terminals by the job they do. */
export const rolesSchema = z
  .strictObject({
    supply: pair,
    lockSupply: pair,
    feed: pair,
    lock: pair,
    lockBy: byState,
    lockToo: z.array(pair).max(16),
    switches: z.array(throwOf).max(16),
    wet: z.array(byState).max(16),
    second: throwOf,
    breakers: z.array(z.strictObject({ com: pin, nc: pin })).max(16),
    exitInputs: z.array(dry).max(16),
    contactInputs: z.array(dry).max(16),
    statusInputs: z.array(dry).max(16),
    fireInput: dry,
    bellInput: dry,
    lockdownInput: dry,
    exitContact: ends,
    exitSecond: ends,
    doorContact: ends,
    statusContact: ends,
    bellContact: ends,
    lockdownContact: ends,
    lidContact: ends,
    safetyContact: ends,
    stopContact: ends,
    bellOut: pair,
    alarmOut: ends,
    alarmContact: ends,
    alarmInput: dry,
    dataOut: lines,
    dataInputs: z.array(lines).max(16),
    innerDataInputs: z.array(lines).max(16),
    coil: pair,
    poles: z.array(throwOf).max(16),
    lockVoltage: pair,
    operator: z.strictObject({ activate: dry, lock: throwOf, fed: byState.optional() }),
    egress: z.strictObject({
      fire: dry,
      bypass: dry.optional(),
      push: dry.optional(),
      holds: z.strictObject({ com: pin, nc: pin }).optional(),
    }),
    intercom,
    earth: pin,
  })
  .partial();
