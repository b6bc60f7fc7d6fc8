import * as z from 'zod';
import type { Frozen } from '../fields/index';
import { name, pin } from './shape';

/** Terminals by the job they do, so that loop templates need not know device types. */

/** A pair of terminals. */
const pair = z.strictObject({ plus: pin, minus: pin });
const throwOf = z.strictObject({ com: pin, nc: pin, no: pin });
const dry = z.strictObject({ input: pin, common: pin });
const ends = z.strictObject({ a: pin, b: pin });
const lines = z.strictObject({ d0: pin, d1: pin });
const byState = z.strictObject({ 'fail-safe': pair, 'fail-secure': pair });
/** Terminals of an intercom set, by the part a device plays in it. */
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
    /** Line and key terminal of each channel. */
    channels: z
      .array(z.strictObject({ line: pin, key: pin }))
      .min(1)
      .max(16),
    call: pin,
    callIn: pin,
  }),
  z.strictObject({ part: z.literal('supply'), plus: pin, minus: pin }),
]);

export const rolesSchema = z
  .strictObject({
    /** Feeds others. Several outputs are filled one after another. */
    supply: pair,
    /** Outputs meant for locks, where they differ from the others: they drop on a fire input. */
    lockSupply: pair,
    /** Is fed. */
    feed: pair,
    lock: pair,
    /** Terminal pair of each dead state, where the lock chooses by terminal. */
    lockBy: byState,
    /** More windings, wired in parallel with the first. */
    lockToo: z.array(pair).max(16),
    /** Contacts that switch a lock's power, one per channel. */
    switches: z.array(throwOf).max(16),
    /** Outputs that feed a lock by themselves, one per channel: plus and the switched minus, by dead state. */
    wet: z.array(byState).max(16),
    /** Second relay for the same lock: a hold-open code. */
    second: throwOf,
    /** Poles of an emergency or fire contact that sits in the lock's power. */
    breakers: z.array(z.strictObject({ com: pin, nc: pin })).max(16),
    exitInputs: z.array(dry).max(16),
    contactInputs: z.array(dry).max(16),
    /** Where a magnet's bond sensor or a bolt's own contact is reported. */
    statusInputs: z.array(dry).max(16),
    /** Input that releases everything on the device, closed at rest. */
    fireInput: dry,
    bellInput: dry,
    /** Input that keeps doors shut to those outside. */
    lockdownInput: dry,
    exitContact: ends,
    /** Second pole of an exit device, for another circuit. */
    exitSecond: ends,
    doorContact: ends,
    /** Bond, bolt or latch contact of a lock. */
    statusContact: ends,
    bellContact: ends,
    /** Contact that asks for a lockdown. */
    lockdownContact: ends,
    /** Closed while its lid is on, or its cable whole: for a tamper loop. */
    lidContact: ends,
    /** Closed while nothing is in the way of a leaf that a drive moves. */
    safetyContact: ends,
    /** Closed until somebody stops the drive. */
    stopContact: ends,
    bellOut: pair,
    /** Contact of an output that works a siren or a lamp on an alarm. */
    alarmOut: ends,
    /** Second circuit of a pull station: common and the contact that closes when pulled. */
    alarmContact: ends,
    /** Line that a pull station or monitor module watches. */
    alarmInput: dry,
    dataOut: lines,
    dataInputs: z.array(lines).max(16),
    innerDataInputs: z.array(lines).max(16),
    coil: pair,
    /** Poles of an interposing relay. */
    poles: z.array(throwOf).max(16),
    /** A voltage an intercom gives to release a lock. */
    lockVoltage: pair,
    /** `fed`: where it feeds the lock itself, by dead state. `fire`: the alarm loop that shuts it. */
    operator: z.strictObject({ activate: dry, lock: throwOf, fed: byState.optional(), fire: dry.optional() }),
    /** Delayed egress: opened by a fire, closed for whoever may pass, closed by a push bar; and the contact that holds a lock of another. */
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

export type Roles = Frozen<z.output<typeof rolesSchema>>;
export type Pair = Frozen<z.output<typeof pair>>;
export type Throw = Frozen<z.output<typeof throwOf>>;
export type DryInput = Frozen<z.output<typeof dry>>;
export type IntercomTerminals = Frozen<z.output<typeof intercom>>;
