import type { FunctionKind, FunctionOf } from './schemas';
import type { Inhabitant } from './inhabitant';
import type { Memory, Reaction, Signal } from './signal';

/** How a kind of function answers to what reaches its device: pure. */
export type Reacts<K extends FunctionKind> = (
  spec: FunctionOf<K>,
  self: Inhabitant,
  memory: Memory,
  signal: Signal,
) => Reaction;
