import { does } from '../devices/index';
import { breakGlass } from './breakGlass/answers';
import { button } from './button/answers';
import { clock } from './clock/answers';
import { combine } from './combine';
import { decides } from './decides/answers';
import { delayedEgress } from './delayedEgress/answers';
import { fireInput } from './fireInput/answers';
import { fireRelay } from './fireRelay/answers';
import type { Inhabitant } from './inhabitant';
import { ownInput } from './input/answers';
import { interlock } from './interlock/answers';
import { keys } from './keys/answers';
import { lever } from './lever/answers';
import { link } from './link/answers';
import { operate } from './operator/answers';
import { follow } from './output/follow';
import { ownCodes } from './ownCodes/answers';
import type { Reacts } from './answer';
import type { DeviceFunction, FunctionKind } from './schemas';
import { sensor } from './sensor/answers';
import { NOTHING, type Memory, type React, type Reaction, type Signal } from './signal';
import { switch_ } from './switch/answers';
import { tamper } from './tamper/answers';
import { timer } from './timer/answers';

/** Does nothing by itself: others read it, or it follows what they do (see `follow`). */
const still = (): Reaction => NOTHING;

const REACTIONS: { readonly [K in FunctionKind]: Reacts<K> } = {
  breakGlass,
  busHost: still,
  busReader: still,
  button,
  clock,
  decides,
  delayedEgress,
  doorContact: still,
  fireInput,
  fireRelay,
  input: ownInput,
  interlock,
  keys,
  lever,
  link,
  operator: operate,
  output: still,
  ownCodes,
  reader: still,
  sensor,
  switch: switch_,
  tamper,
  timer,
};

/** How one function answers. */
const answer = (spec: DeviceFunction, self: Inhabitant, memory: Memory, signal: Signal): Reaction =>
  (REACTIONS[spec.kind] as Reacts<FunctionKind>)(spec, self, memory, signal);

/** The reaction of any device: every function of its type answers; what one remembers the next one sees. */
export const react: React = (self, memory, signal) => {
  const { functions } = self.type;
  if (functions.length === 1) return answer(functions[0]!, self, memory, signal);
  let sum = NOTHING;
  const add = (one: Reaction): void => {
    if (one !== NOTHING) sum = sum === NOTHING ? one : combine(sum, one);
  };
  for (const spec of functions) add(answer(spec, self, sum.memory ?? memory, signal));
  if (does(self.type, 'output')) add(follow(self, memory, signal, sum));
  return sum;
};
