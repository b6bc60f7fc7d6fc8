import { does, type FunctionKind } from '../devices/index';
import type { Placed } from './doorParts';

/** A door among the devices that its circuit reaches: a simulated world is one. */
export interface Populated<P extends Placed = Placed> {
  readonly door: { readonly id: string };
  readonly inhabitants: readonly P[];
}

/** Devices of this door that do one of these things, in tag order. */
export const doorDevices = <P extends Placed>(
  { door, inhabitants }: Populated<P>,
  ...kinds: readonly FunctionKind[]
): P[] => inhabitants.filter(({ device, type }) => device.door === door.id && does(type, ...kinds));

/** Exit devices that people inside can use: a key switch outside is none. */
export const exits = <P extends Placed>(at: Populated<P>): P[] =>
  [...doorDevices(at, 'button'), ...doorDevices(at, 'sensor')].filter(
    ({ device, type }) => type.family === 'exit' && device.place !== 'outside',
  );

/** Whatever decides in this circuit, for this door or another. */
export const deciders = <P extends Placed>({ inhabitants }: Populated<P>): P[] =>
  inhabitants.filter(({ type }) => does(type, 'decides'));

/** Devices of this door that take a card or a code. */
export const entries = <P extends Placed>(at: Populated<P>): P[] => [
  ...doorDevices(at, 'reader'),
  ...doorDevices(at, 'busReader'),
  ...doorDevices(at, 'ownCodes'),
];
