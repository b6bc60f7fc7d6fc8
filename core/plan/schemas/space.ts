import * as z from 'zod';
import { innerId, line, whole } from '../../fields/index';
import type { Frozen } from '../../fields/index';

/**
 * What a space is for whoever leaves or breaks in: safe ground outside; a refuge or stairs that count as safe; a lift lobby, whose
 * lifts are recalled in a fire; any other room.
 */
export const SPACE_KINDS = ['outside', 'room', 'stairs', 'refuge', 'lift-lobby'] as const;

/** A room, a stair, the street: something with doors. */
export const spaceSchema = z.strictObject({
  id: innerId(),
  name: line(80, 1),
  kind: z.enum(SPACE_KINDS).default('room'),
  /** What nobody without a card or key may reach from outside. */
  protected: z.boolean().default(false),
  order: whole(0, 1_000_000).default(0),
});

export type Space = Frozen<z.output<typeof spaceSchema>>;
export type SpaceKind = Space['kind'];
