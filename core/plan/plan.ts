import type { Metres } from '../units/index';
import type { Brief, Door, Schools } from './schemas/door';
import type { Collection, Entities } from './kinds/entities';
import type { Site } from './schemas/site';

/**
 * The plan of a site: the site itself, and every collection as a table by id. Plain data: it crosses workers, JSON and
 * SQLite unchanged. What each collection holds is described once, in `kinds/`.
 */
export type Plan = { readonly site: Site } & {
  readonly [C in Collection]: Readonly<Record<string, Entities[C]>>;
};

export type DoorId = string;
export type DeviceId = string;
export type ConductorId = string;
export type PersonId = string;
/** `door id` + `/` + cable name. */
export type CableId = string;

/** An entry of a table that is really there: a plain index would also find what every object answers to. */
export const findIn = <T>(table: Readonly<Record<string, T>>, id: string): T | undefined =>
  Object.hasOwn(table, id) ? table[id] : undefined;

export const EMPTY_BRIEF: Brief = {
  protects: null,
  escapeRoute: null,
  mechanicalEgress: null,
  rescuers: null,
  keyOverride: null,
  fireDoor: null,
  ownLatch: null,
  bothLeaves: null,
  delayedEgress: null,
  outdoors: false,
  slowWalkers: false,
  readerDistance: 1.5 as Metres,
  assumed: ['outdoors', 'slowWalkers', 'readerDistance'],
};

/** Aldaba's choice where nobody says otherwise. */
export const DEFAULT_SCHOOLS: Schools = {
  leg: 'plus',
  release: 'own-relay',
  readerFeed: 'supply',
  fire: 'lock-power',
  fireTrigger: 'NC',
  fireReach: 'home-run',
  status: 'own-input',
  contact: 'plain',
};

/** The school a door follows in every question. */
export const schoolsOf = (door: Pick<Door, 'schools'>): Schools => ({ ...DEFAULT_SCHOOLS, ...door.schools });
