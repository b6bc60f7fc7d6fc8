import type { InputNamed, NamedSetting, Naming, StateRole } from './naming';
import type { DeviceFunction, FunctionKind } from './schemas';
import { breakGlass } from './breakGlass/names';
import { busHost } from './busHost/names';
import { busReader } from './busReader/names';
import { button } from './button/names';
import { clock } from './clock/names';
import { decides } from './decides/names';
import { delayedEgress } from './delayedEgress/names';
import { doorContact } from './doorContact/names';
import { fireInput } from './fireInput/names';
import { fireRelay } from './fireRelay/names';
import { input } from './input/names';
import { interlock } from './interlock/names';
import { keys } from './keys/names';
import { lever } from './lever/names';
import { link } from './link/names';
import { operator } from './operator/names';
import { output } from './output/names';
import { ownCodes } from './ownCodes/names';
import { reader } from './reader/names';
import { sensor } from './sensor/names';
import { switch_ } from './switch/names';
import { tamper } from './tamper/names';
import { timer } from './timer/names';

/** What each kind of function names. A kind that is not here does not compile. */
const NAMES: { readonly [K in FunctionKind]: Naming<K> } = {
  breakGlass,
  busHost,
  busReader,
  button,
  clock,
  decides,
  delayedEgress,
  doorContact,
  fireInput,
  fireRelay,
  input,
  interlock,
  keys,
  lever,
  link,
  operator,
  output,
  ownCodes,
  reader,
  sensor,
  switch: switch_,
  tamper,
  timer,
};

export const FUNCTION_KINDS = Object.keys(NAMES) as readonly FunctionKind[];

const of = ({ kind }: DeviceFunction) => NAMES[kind] as Naming<FunctionKind>;

/** A new function of a kind; `board`: the part that feeds it. */
export const blankFunction = (kind: FunctionKind, board: string): DeviceFunction => NAMES[kind].blank(board);

/** Inputs that a function reads for what they always are there for. */
export const inputsNamed = (spec: DeviceFunction): readonly InputNamed[] =>
  of(spec).inputs?.(spec as never) ?? [];

/** Parts that a function names. */
export const partsNamed = (spec: DeviceFunction): string[] =>
  [...(of(spec).parts?.(spec as never) ?? []), ...inputsNamed(spec).map(([part]) => part)].filter(
    (id) => id !== null && id !== undefined,
  );

/** Settings that a function names, with the key under which each stands. */
export const settingsNamed = (spec: DeviceFunction): readonly NamedSetting[] =>
  of(spec).settings?.(spec as never) ?? [];

/** States that a function sets, and what each stands for. */
export const statesSet = (spec: DeviceFunction): readonly (readonly [state: string, role: StateRole])[] =>
  of(spec).states?.(spec as never) ?? [];

/** States by which a device shows one thing, of all that it does. */
export const statesThat = (
  { functions }: { readonly functions: readonly DeviceFunction[] },
  ...roles: readonly StateRole[]
): string[] =>
  functions.flatMap((spec) =>
    statesSet(spec).flatMap(([state, role]) => (roles.includes(role) ? [state] : [])),
  );
