import type { BusPort, Channel, FunctionKind, FunctionOf } from '../functions/schemas';
import type { DeviceType } from './deviceType';

export type { FunctionOf } from '../functions/schemas';

type Doing = Pick<DeviceType, 'functions'>;

/** Everything of one kind that a type does, in its order. */
export const functionsOf = <K extends FunctionKind>({ functions }: Doing, kind: K): FunctionOf<K>[] =>
  functions.filter((one): one is FunctionOf<K> => one.kind === kind);

/** The first thing of one kind that a type does; null where it does none. */
export function functionOf<K extends FunctionKind>({ functions }: Doing, kind: K): FunctionOf<K> | null {
  for (const one of functions) if (one.kind === kind) return one as FunctionOf<K>;
  return null;
}

/** True where a type does something of one of these kinds, whatever else it does. */
export function does({ functions }: Doing, ...kinds: readonly FunctionKind[]): boolean {
  for (const { kind } of functions) if (kinds.includes(kind)) return true;
  return false;
}

/** Channels of a type, in order: those by which it decides, then that of a timed relay of its own. Empty where it has none. */
export const channelsOf = ({ functions }: Doing): readonly Channel[] => [
  ...functions.flatMap((one) => (one.kind === 'decides' ? one.channels : [])),
  ...functions.flatMap((one) => (one.kind === 'timer' ? [one.channel] : [])),
];

/** True where nobody works a device by hand who has no key to it. Types from before that was said are known by their symbol. */
export const needsKey = ({ functions, symbol }: Pick<DeviceType, 'functions' | 'symbol'>): boolean =>
  symbol === 'key' ||
  functions.some((one) => (one.kind === 'button' || one.kind === 'switch') && one.key === true);

/** Port of a device on a bus: of one that listens to others, or of one that is listened to; null for neither. */
export const busPortOf = (type: Doing): BusPort | null =>
  (functionOf(type, 'busHost') ?? functionOf(type, 'busReader'))?.bus ?? null;
