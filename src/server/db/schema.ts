import type { Configuration } from '#core/access/index';
import type { DeviceType } from '#core/devices/index';
import {
  foreignKey,
  index,
  integer,
  primaryKey,
  real,
  sqliteTable,
  text,
  uniqueIndex,
} from 'drizzle-orm/sqlite-core';
import type {
  Brief,
  Conductor,
  DeadStateChoice,
  Device,
  Door,
  EditBack,
  KeypadRecord,
  Reading,
  Scenario,
  Sides,
  Space,
  Zone,
  Calendar,
  Hours,
  Leaflet,
  Level,
  OwnCardFormat,
  Person,
  Site,
} from '#core/plan/index';

/** Rows of a site. JSON columns hold only what Zod has typed: briefs, settings, keypad memories, edits. */

export const sites = sqliteTable('sites', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  address: text('address').notNull().default(''),
  region: text('region').notNull().default('europe'),
  units: text('units').notNull().default('metric'),
  notes: text('notes').notNull().default(''),
  colours: text('colours', { mode: 'json' }).$type<Site['colours']>().notNull().default({}),
  company: text('company').notNull().default(''),
  contact: text('contact').notNull().default(''),
  reference: text('reference').notNull().default(''),
  lastDoor: integer('last_door').notNull().default(0),
  timeZone: text('time_zone').notNull().default(''),
  revision: integer('revision').notNull().default(0),
});

const siteColumn = () =>
  text('site')
    .notNull()
    .references(() => sites.id, { onDelete: 'cascade' });

export const doors = sqliteTable(
  'doors',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    order: integer('position').notNull(),
    name: text('name').notNull(),
    brief: text('brief', { mode: 'json' }).$type<Brief>().notNull(),
    deadState: text('dead_state', { mode: 'json' }).$type<DeadStateChoice | null>(),
    schools: text('schools', { mode: 'json' }).$type<Door['schools']>().notNull().default({}),
    expectations: text('expectations', { mode: 'json' }).$type<Door['expectations']>().notNull().default([]),
    freePassage: text('free_passage'),
    openingHours: text('opening_hours'),
    notes: text('notes').notNull(),
    lastWire: integer('last_wire').notNull().default(0),
  },
  (t) => [primaryKey({ columns: [t.site, t.id] })],
);

export const devices = sqliteTable(
  'devices',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    door: text('door'),
    tag: text('tag').notNull(),
    type: text('type').notNull(),
    place: text('place').notNull(),
    leaf: integer('leaf').notNull().default(1),
    settings: text('settings', { mode: 'json' }).$type<Device['settings']>().notNull(),
    notes: text('notes').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.site, t.id] }),
    foreignKey({ columns: [t.site, t.door], foreignColumns: [doors.site, doors.id] }),
  ],
);

export const conductors = sqliteTable(
  'conductors',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    door: text('door').notNull(),
    number: text('number').notNull(),
    fromDevice: text('from_device').notNull(),
    fromPin: text('from_pin').notNull(),
    toDevice: text('to_device').notNull(),
    toPin: text('to_pin').notNull(),
    colour: text('colour').notNull(),
    gauge: text('gauge').notNull(),
    length: real('length_m').notNull(),
    cable: text('cable').notNull(),
    origin: text('origin').notNull(),
    assumed: text('assumed', { mode: 'json' }).$type<Conductor['assumed']>().notNull().default([]),
  },
  (t) => [
    primaryKey({ columns: [t.site, t.id] }),
    foreignKey({ columns: [t.site, t.door], foreignColumns: [doors.site, doors.id] }),
    foreignKey({ columns: [t.site, t.fromDevice], foreignColumns: [devices.site, devices.id] }),
    foreignKey({ columns: [t.site, t.toDevice], foreignColumns: [devices.site, devices.id] }),
  ],
);

/** A site's own device types, each version a row. */
export const deviceTypes = sqliteTable(
  'device_types',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    body: text('body', { mode: 'json' }).$type<DeviceType>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.site, t.id] })],
);

export const cables = sqliteTable(
  'cables',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    door: text('door').notNull(),
    name: text('name').notNull(),
    make: text('make').notNull(),
    screen: text('screen').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.site, t.id] }),
    foreignKey({ columns: [t.site, t.door], foreignColumns: [doors.site, doors.id] }),
  ],
);

export const people = sqliteTable(
  'people',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    name: text('name').notNull(),
    role: text('role').notNull(),
    doors: text('doors', { mode: 'json' }).$type<string[]>().notNull(),
    slots: text('slots', { mode: 'json' }).$type<Record<string, number>>().notNull(),
    group: text('group_name').notNull().default(''),
    levels: text('levels', { mode: 'json' }).$type<string[]>().notNull().default([]),
    from: text('valid_from'),
    until: text('valid_until'),
    /** Secrets, as the code is. */
    cards: text('cards', { mode: 'json' }).$type<Person['cards'][number][]>().notNull().default([]),
    fingers: integer('fingers').notNull().default(0),
    phone: text('phone').notNull().default(''),
    /** A secret: never logged, never exported unless asked for. */
    code: text('code').notNull(),
  },
  (t) => [primaryKey({ columns: [t.site, t.id] })],
);

export const memories = sqliteTable(
  'keypad_memories',
  {
    site: siteColumn(),
    device: text('device').notNull(),
    /** A secret: it holds codes. */
    memory: text('memory', { mode: 'json' }).$type<KeypadRecord>().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.site, t.device] }),
    foreignKey({ columns: [t.site, t.device], foreignColumns: [devices.site, devices.id] }),
  ],
);

export const readings = sqliteTable(
  'readings',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    door: text('door').notNull(),
    check: text('check_id').notNull(),
    value: real('value'),
    passed: integer('passed', { mode: 'boolean' }).notNull(),
    low: real('low'),
    high: real('high'),
    by: text('by').notNull(),
    at: text('at').notNull(),
    note: text('note').notNull(),
    meter: text('meter').notNull().default(''),
    serial: text('serial').notNull().default(''),
    withdrawn: text('withdrawn', { mode: 'json' }).$type<Reading['withdrawn']>(),
  },
  (t) => [
    primaryKey({ columns: [t.site, t.id] }),
    foreignKey({ columns: [t.site, t.door], foreignColumns: [doors.site, doors.id] }),
  ],
);

export const scenarios = sqliteTable(
  'scenarios',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    door: text('door').notNull(),
    body: text('body', { mode: 'json' }).$type<Scenario>().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.site, t.id] }),
    foreignKey({ columns: [t.site, t.door], foreignColumns: [doors.site, doors.id] }),
  ],
);

export const spaces = sqliteTable(
  'spaces',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    body: text('body', { mode: 'json' }).$type<Space>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.site, t.id] })],
);

export const sides = sqliteTable(
  'sides',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    body: text('body', { mode: 'json' }).$type<Sides>().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.site, t.id] }),
    foreignKey({ columns: [t.site, t.id], foreignColumns: [doors.site, doors.id] }),
  ],
);

export const zones = sqliteTable(
  'zones',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    body: text('body', { mode: 'json' }).$type<Zone>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.site, t.id] })],
);

export const calendars = sqliteTable(
  'calendars',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    body: text('body', { mode: 'json' }).$type<Calendar>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.site, t.id] })],
);

export const hours = sqliteTable(
  'hours',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    body: text('body', { mode: 'json' }).$type<Hours>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.site, t.id] })],
);

export const languages = sqliteTable(
  'keypad_languages',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    body: text('body', { mode: 'json' }).$type<Leaflet>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.site, t.id] })],
);

export const cardFormats = sqliteTable(
  'card_formats',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    body: text('body', { mode: 'json' }).$type<OwnCardFormat>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.site, t.id] })],
);

/** What simulated controllers hold: as real ones do, besides the plan and not in it. */
export const controllers = sqliteTable(
  'simulated_controllers',
  {
    site: siteColumn(),
    device: text('device').notNull(),
    network: text('network', { enum: ['up', 'lost'] }).notNull(),
    takenAt: text('taken_at'),
    /** A secret: it holds codes and card numbers. */
    configuration: text('configuration', { mode: 'json' }).$type<Configuration>(),
  },
  (t) => [primaryKey({ columns: [t.site, t.device] })],
);

export const levels = sqliteTable(
  'access_levels',
  {
    site: siteColumn(),
    id: text('id').notNull(),
    body: text('body', { mode: 'json' }).$type<Level>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.site, t.id] })],
);

/** Every acknowledged change, with its author and time. Codes are struck out of the body. */
export const edits = sqliteTable(
  'edits',
  {
    site: siteColumn(),
    revision: integer('revision').notNull(),
    at: text('at').notNull(),
    author: text('author').notNull(),
    /** Name that the sender gave the edit: sent again, it is known by it. */
    editId: text('edit_id'),
    /** Doors the edit touches, for the door's own history. */
    doors: text('doors', { mode: 'json' }).$type<string[]>().notNull(),
    body: text('body', { mode: 'json' }).$type<unknown>().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.site, t.revision] }),
    index('edits_at').on(t.site, t.at),
    uniqueIndex('edits_id').on(t.site, t.editId),
  ],
);

/**
 * What takes each change back: apart from the log, because it holds what stood there before, codes among it. A line of an
 * older version has none.
 */
export const editBacks = sqliteTable(
  'edit_backs',
  {
    site: siteColumn(),
    revision: integer('revision').notNull(),
    body: text('body', { mode: 'json' }).$type<EditBack>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.site, t.revision] })],
);

/** Names of edits that were refused or taken back by their sender: a copy that arrives late is not kept any more. */
export const withdrawnEdits = sqliteTable(
  'withdrawn_edits',
  {
    site: siteColumn(),
    editId: text('edit_id').notNull(),
    at: text('at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.site, t.editId] })],
);

/** Who is signed in, in which browser: belongs to the server rather than to a site. Times in ms since 1970. */
export const sessions = sqliteTable('sessions', {
  /** Hash of the token that the browser keeps. */
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  codes: integer('codes', { mode: 'boolean' }).notNull(),
  device: text('device', { enum: ['phone or tablet', 'computer'] }).notNull(),
  address: text('address').notNull(),
  since: integer('since').notNull(),
  lastSeen: integer('last_seen').notNull(),
  until: integer('until').notNull(),
});

/** What belongs to the server rather than to a site: the hashes of its passphrases. */
export const serverSettings = sqliteTable('server_settings', {
  name: text('name').primaryKey(),
  value: text('value').notNull(),
});
