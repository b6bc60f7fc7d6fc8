import { breakGlass } from './breakGlass/offers';
import { busReader } from './busReader/offers';
import { button } from './button/offers';
import { delayedEgress } from './delayedEgress/offers';
import { fireRelay } from './fireRelay/offers';
import type { Inhabitant } from './inhabitant';
import { keys } from './keys/offers';
import type { Offer, Offers } from './offers';
import { ownCodes } from './ownCodes/offers';
import { reader } from './reader/offers';
import type { DeviceFunction, FunctionKind } from './schemas';
import { sensor } from './sensor/offers';
import { switch_ } from './switch/offers';

/** Nobody lays a hand on it; levers move with the leaf. */
const none = (): readonly Offer[] => [];

const OFFERS: { readonly [K in FunctionKind]: Offers<K> } = {
  breakGlass,
  busHost: none,
  busReader,
  button,
  clock: none,
  decides: none,
  delayedEgress,
  doorContact: none,
  fireInput: none,
  fireRelay,
  input: none,
  interlock: none,
  keys,
  lever: none,
  link: none,
  operator: none,
  output: none,
  ownCodes,
  reader,
  sensor,
  switch: switch_,
  tamper: none,
  timer: none,
};

const of = (spec: DeviceFunction, self: Inhabitant): readonly Offer[] =>
  (OFFERS[spec.kind] as Offers<FunctionKind>)(spec, self);

/** Everything that people can do at a device, each once. */
export function offeredBy(self: Inhabitant): Offer[] {
  const seen = new Set<string>();
  return self.type.functions
    .flatMap((spec) => of(spec, self))
    .filter(({ id }) => !seen.has(id) && seen.add(id));
}
