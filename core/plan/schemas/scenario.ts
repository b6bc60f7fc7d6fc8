import * as z from 'zod';
import { addressId, innerId, line, whole, word } from '../../fields/index';
import type { Frozen } from '../../fields/index';

/** A day: no scenario of a door is longer, ms. */
const LONGEST_SCENARIO_MS = 86_400_000;

const moment = whole(0, LONGEST_SCENARIO_MS);
const at = moment;
/** Whether a push at the leaf should open it; null where the scenario does not say. */
const push = z.enum(['opens', 'stays-shut']).nullable().default(null);

/** One thing that happens to a door, so many milliseconds after the scenario begins. */
export const actSchema = z.discriminatedUnion('does', [
  /** A card or code. Without a device at the door's first entry; `output` is the channel of the device that judges it. */
  z.strictObject({
    does: z.literal('credential'),
    at,
    valid: z.boolean(),
    device: innerId().nullable().default(null),
    output: whole(0, 63).default(0),
    /** Tells one person from another, where a card that comes twice is watched. */
    who: whole(1, 9).optional(),
  }),
  /** A button, a switch, a key of a station. */
  z.strictObject({
    does: z.literal('press'),
    at,
    device: innerId(),
    key: word(40).nullable().default(null),
    /** How long a hand stays at it, ms, where that is longer than a short press. */
    held: whole(0, 60_000).optional(),
  }),
  z.strictObject({
    does: z.literal('open'),
    at,
    from: z.enum(['inside', 'outside', 'force', 'key']),
    expect: push,
    /** The second leaf, torn open; without it the one that gives way. */
    leaf: z.literal(2).optional(),
  }),
  z.strictObject({ does: z.literal('close'), at }),
  /** The leaves of the doors that wires join to this one. */
  z.strictObject({ does: z.literal('others-open'), at }),
  z.strictObject({ does: z.literal('others-shut'), at }),
  z.strictObject({ does: z.literal('break-glass'), at, device: innerId() }),
  z.strictObject({ does: z.literal('reset-glass'), at, device: innerId() }),
  /** An alarm of the fire panel; that it is over, and the reset of what it latched. */
  z.strictObject({ does: z.literal('fire'), at }),
  z.strictObject({ does: z.literal('fire-gone'), at }),
  z.strictObject({ does: z.literal('fire-reset'), at }),
  z.strictObject({ does: z.literal('mains-off'), at }),
  z.strictObject({ does: z.literal('mains-on'), at }),
  z.strictObject({ does: z.literal('battery-empty'), at }),
  /** No supply gives anything, battery and all; mains-on brings it back. */
  z.strictObject({ does: z.literal('all-dead'), at }),
  z.strictObject({ does: z.literal('network-off'), at }),
  z.strictObject({ does: z.literal('network-on'), at }),
  /** A lockdown of the whole site, called over the network; that it is over. */
  z.strictObject({ does: z.literal('lockdown'), at }),
  z.strictObject({ does: z.literal('lockdown-over'), at }),
  /** The hours of free passage begin, by the clock; and are over. */
  z.strictObject({ does: z.literal('hours'), at }),
  z.strictObject({ does: z.literal('hours-over'), at }),
  /** The program of a device stops. */
  z.strictObject({ does: z.literal('hang'), at, device: innerId() }),
  /** It is started again, and has forgotten what it was doing. */
  z.strictObject({ does: z.literal('restart'), at, device: innerId() }),
  z.strictObject({ does: z.literal('cut'), at, wire: innerId(200) }),
  z.strictObject({ does: z.literal('mend'), at, wire: innerId(200) }),
]);

/** Whether an alarm should sound in a scenario; null where the scenario does not say. */
const heard = z.enum(['sounds', 'quiet']).nullable().default(null);

/** A stretch of a lane: what it showed from a moment on. */
const runSchema = z.strictObject({ at: moment, is: word(40) });

/** Something that happens at a door, act by act, with what should come of it. */
export const scenarioSchema = z.strictObject({
  id: innerId(),
  door: addressId,
  name: line(80, 1),
  order: whole(0, 1_000_000).default(0),
  acts: z.array(actSchema).max(200),
  /** How long it is watched, ms. */
  until: whole(1000, LONGEST_SCENARIO_MS),
  expects: z.strictObject({
    forced: heard,
    held: heard,
    tamper: heard,
    /** What the lock should do at the end. */
    end: z.enum(['locked', 'released']).nullable().default(null),
    /** Whoever is inside can leave at every moment of it. */
    wayOut: z.boolean().default(true),
  }),
  /** Lanes as somebody found them right, by the lane's id; null where nobody has. */
  kept: z.record(word(240), z.array(runSchema).min(1).max(2000)).nullable().default(null),
});

export type Act = Frozen<z.output<typeof actSchema>>;
export type Scenario = Frozen<z.output<typeof scenarioSchema>>;
