import * as z from 'zod';
import { kindOf, name } from '../shape';

/** Moves a leaf: lets its lock go, waits, opens, stays, closes, and lets the lock hold again. */
export const operator = kindOf('operator', {
  board: name,
  activate: name,
  /** State of its own relay, which lets a lock go before the leaf moves. */
  relay: name,
  settings: name,
  /** Inputs of a gate drive: shuts at once; stays as it is while open, a stop button; opens again while cut, a safety edge. */
  close: name.optional(),
  stop: name.optional(),
  safety: name.optional(),
  /** Input of a fire alarm, a closed loop: while it is cut the drive opens to nobody, shuts what stands open, and leaves it shut. */
  fire: name.optional(),
  /** Setting with the values off and on: whether that loop is listened to. */
  fireSetting: name.optional(),
  /**
   * What its leaf does once the drive has no power: a spring `shuts` it, as a door closer would; or it `stays` where it is. Where nothing is
   * said, neither is taken for granted.
   */
  unpowered: z.enum(['shuts', 'stays']).optional(),
  /**
   * What its leaf does while it stands and nothing else holds it: a drive with a worm or a lock of its own `holds` it; one that a
   * hand pushes through `yields`. Where nothing is said, nothing is proven of it.
   */
  leaf: z.enum(['holds', 'yields']).optional(),
  /**
   * How hard it pushes: `limited`, a low-energy drive that anybody stops with a hand and that may shut without a sensor; `full`, one that
   * must be told of whoever stands there. Where nothing is said, neither is taken for granted.
   */
  force: z.enum(['limited', 'full']).optional(),
});
