import type * as z from 'zod';
import type { Frozen } from '../fields/index';
import type { DeviceFunction } from '../functions/schemas';
import type { deviceTypeSchema } from './deviceTypeSchema';

export type { BusPort, Channel, DeviceFunction, FunctionKind } from '../functions/schemas';
export type { Followed } from '../functions/output/followed';
export type { Acted } from '../functions/input/acted';
export type { Offline } from '../functions/link/offlineModes';
export type { Family } from './families';
export type { DryInput, IntercomTerminals, Pair, Roles, Throw } from './roles';

/** What the schema lets through. */
type Parsed = Frozen<z.output<typeof deviceTypeSchema>>;

/** A type of device, as data: what its schema says, with its functions said as they are today. See `deviceTypeSchema` for each field. */
export type DeviceType = Omit<Parsed, 'behaviour' | 'functions'> & {
  readonly functions: readonly DeviceFunction[];
};

/** Where a device stands, seen from the door it belongs to. */
export type Place = DeviceType['place'];
export type Terminal = DeviceType['terminals'][number];
/** A DIP switch, jumper or menu value of the device. */
export type Setting = DeviceType['settings'][number];
export type SettingValue = string | number;
export type DipBank = NonNullable<DeviceType['banks']>[number];
/** Rows of a bank that say one setting. */
export type DipField = DipBank['fields'][number];
/** How the mechanism answers to its current. */
export type LockSpec = NonNullable<DeviceType['lock']>;
/** What decides whether a lock without power is open. */
export type LockMode = Extract<LockSpec, { readonly kind: 'strike' }>['mode'];
export type CoilAt = Extract<LockMode, { readonly by: 'terminal' }>['safe'];
