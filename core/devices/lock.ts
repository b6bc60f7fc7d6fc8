import * as z from 'zod';
import { between } from '../fields/index';
import { name, param, pin, positive } from './shape';

const coilAt = z.strictObject({ coil: name, terminal: pin });

/** What decides whether a lock without power is open. */
const mode = z.discriminatedUnion('by', [
  /** The setting with this id is `fail-safe` or `fail-secure`. */
  z.strictObject({ by: z.literal('setting'), setting: name, coil: name }),
  z.strictObject({ by: z.literal('build'), state: z.enum(['fail-safe', 'fail-secure']), coil: name }),
  /** Two supply terminals: the one that is wired decides. */
  z.strictObject({ by: z.literal('terminal'), safe: coilAt, secure: coilAt }),
]);

/** How the mechanism answers to its current. */
export const lock = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('magnet'),
    /** Windings, each of which holds a leaf. */
    parts: z.array(name).min(1).max(8),
    /** Rated holding force in newtons, reached at the rated voltage. */
    forceNewtons: positive,
    ratedVolts: param,
    /** Share of the rated voltage below which the force is no longer the rated class: 0.85. */
    holdShare: between(0.1, 1),
    /** Force below which a person pushes the door open without help, newtons. */
    freeNewtons: between(0, 1e9),
  }),
  z.strictObject({
    kind: z.literal('strike'),
    mode,
    /** Shear locks and bolts jam when they are thrown before the door is fully closed. */
    jams: z.boolean().optional(),
    /** A bolt or an armature, no latch: no handle and no key draws it back. So is whatever jams. */
    noHandle: z.boolean().optional(),
    /**
     * How long its coil may be fed at a stretch: `continuous`, or so many seconds, after which it burns. Where nothing is said, neither is taken
     * for granted.
     */
    duty: z.union([z.literal('continuous'), z.strictObject({ seconds: positive })]).optional(),
    /** Made for a drawer, a locker or a cabinet: nobody can be inside. */
    cabinet: z.literal(true).optional(),
    /** Unlocked, its latch still holds the leaf in the frame until a handle turns: mortise locks. Strikes let go of the latch. */
    keepsLatch: z.boolean().optional(),
  }),
]);
