import * as z from 'zod';
import { addressId, innerId, length, line, lines, whole } from '../../fields/index';
import { metres } from '../../units/index';
import { ASSUMED_ANSWERS } from '../assumable';
import { EXPECTATIONS, SIDES_OF_A_DOOR, SITUATION_IDS } from '../situations';
import type { Frozen } from '../../fields/index';

/** Answers about a door; null means nobody has answered yet, and what hangs on it is not proven. */
const briefSchema = z.strictObject({
  protects: z.enum(['people', 'valuables', 'equipment', 'general']).nullable().default(null),
  escapeRoute: z.boolean().nullable().default(null),
  /** A lever or bar that retracts the latch with no power at all. */
  mechanicalEgress: z.boolean().nullable().default(null),
  /** Rescuers must get in when the power is dead. */
  rescuers: z.boolean().nullable().default(null),
  /** A key opens it from outside whatever the power does: a cylinder that draws the latch. It frees no magnet. */
  keyOverride: z.boolean().nullable().default(null),
  fireDoor: z.boolean().nullable().default(null),
  /** A latch of its own, in a keep that no strike opens, holds the leaf in its frame though nothing locks it. */
  ownLatch: z.boolean().nullable().default(null),
  /** Everybody gets out in time only where both leaves open. */
  bothLeaves: z.boolean().nullable().default(null),
  /** For how long the way out may be delayed here, s: 0 where it may not. */
  delayedEgress: whole(0, 60).nullable().default(null),
  /** The outer side is in the weather. */
  outdoors: z.boolean().default(false),
  slowWalkers: z.boolean().default(false),
  /** From the reader or keypad to the handle, in metres. */
  readerDistance: length(200).default(metres(1.5)),
  /** Answers that nobody gave: what stands there is Aldaba's assumption. */
  assumed: z.array(z.enum(ASSUMED_ANSWERS)).max(3).default([]),
});

/** The dead state somebody chose, with the reason when it is not the recommended one. */
const deadStateSchema = z.strictObject({
  state: z.enum(['fail-safe', 'fail-secure']),
  overrideReason: lines(5000).nullable().default(null),
  by: line(200).default(''),
});

/** The questions on which practitioners differ, each with the schools Aldaba knows. */
const schoolsSchema = z
  .strictObject({
    /** Leg of the lock's power that the relay switches. */
    leg: z.enum(['plus', 'minus']),
    /** What switches the lock: the terminal's own relay, a supply with a timed relay, a wet output. */
    release: z.enum(['own-relay', 'timed-supply', 'wet-output']),
    /** Feed of a reader: from the controller's terminals, or from the supply with a common 0 V. */
    readerFeed: z.enum(['shared', 'supply']),
    /** Where the fire release cuts: in the lock's own power, or at a supply's fire input. */
    fire: z.enum(['lock-power', 'supply-input']),
    /** Contact at a supply's fire input: one that opens on alarm and is monitored so, or one that closes. */
    fireTrigger: z.enum(['NC', 'NO']),
    /** How the fire relay of another door reaches this one: by a pair of its own, or on from the door before. */
    fireReach: z.enum(['home-run', 'daisy-chain']),
    /** How a bond or bolt contact is reported: on its own input, or in series with the door contact. */
    status: z.enum(['own-input', 'with-contact']),
    /** Whether the door contact carries end-of-line resistors. */
    contact: z.enum(['plain', 'end-of-line']),
  })
  .partial();

/** What somebody wants of a door in one situation otherwise than it follows from its brief, and why. */
const adjustedSchema = z.strictObject({
  situation: z.enum(SITUATION_IDS),
  side: z.enum(SIDES_OF_A_DOOR),
  wanted: z.enum(EXPECTATIONS),
  reason: lines(1000).refine((text) => text.trim() !== '', 'a reason is wanted'),
  by: line(200).default(''),
});

/** One a situation and side. */
const isOneEach = (list: readonly z.output<typeof adjustedSchema>[]): boolean =>
  new Set(list.map(({ situation, side }) => `${situation} ${side}`)).size === list.length;

export const doorSchema = z.strictObject({
  id: addressId,
  /** Position in the ledger. */
  order: whole(0, 100_000),
  name: line(200),
  brief: briefSchema.prefault({}),
  deadState: deadStateSchema.nullable().default(null),
  /** How this door is wired where practitioners differ; what is not said follows the default. */
  schools: schoolsSchema.default({}),
  /** What is wanted of it in a situation otherwise than follows from its brief. */
  expectations: z
    .array(adjustedSchema)
    .max(SITUATION_IDS.length * SIDES_OF_A_DOOR.length)
    .refine(isOneEach, { error: 'one expectation a situation and side' })
    .default([]),
  /** Hours at which it stands unlocked for everybody. */
  freePassage: innerId().nullable().default(null),
  /** Hours outside of which only levels that override them open it. */
  openingHours: innerId().nullable().default(null),
  notes: lines(5000).default(''),
  /** Highest number of a wire that was taken off: it is on labels and drawings, and is not given again. */
  lastWire: whole(0, 1_000_000).default(0),
});

export type Door = Frozen<z.output<typeof doorSchema>>;
export type Brief = Door['brief'];
export type Adjusted = Door['expectations'][number];
export type DeadStateChoice = NonNullable<Door['deadState']>;
export type DeadState = DeadStateChoice['state'];
export type Schools = Required<Door['schools']>;
