import { does, needsKey, type FunctionKind } from '../devices/index';
import type { Placed } from './doorParts';
import { standAt } from './stand';

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

/** Exit devices that people inside can use: one outside, in an enclosure, or behind a key is none. */
export const exits = <P extends Placed>(at: Populated<P>): P[] =>
  [...doorDevices(at, 'button'), ...doorDevices(at, 'sensor')].filter(
    ({ device, type }) => type.family === 'exit' && standAt(device) === 'inside' && !needsKey(type),
  );

/** Break glasses that people inside can reach. */
export const glassesInside = <P extends Placed>(at: Populated<P>): P[] =>
  doorDevices(at, 'breakGlass').filter(({ device }) => standAt(device) === 'inside');

/** Whatever decides in this circuit, for this door or another. */
export const deciders = <P extends Placed>({ inhabitants }: Populated<P>): P[] =>
  inhabitants.filter(({ type }) => does(type, 'decides'));

/** Devices of this door that take a card or a code. */
export const entries = <P extends Placed>(at: Populated<P>): P[] => [
  ...doorDevices(at, 'reader'),
  ...doorDevices(at, 'busReader'),
  ...doorDevices(at, 'ownCodes'),
];
