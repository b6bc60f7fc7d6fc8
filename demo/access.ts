import type { Edit, Person } from '#core/plan/index';

/** Who opens what when in the archive: invented, like everything there. */

const WORKDAYS = [1, 2, 3, 4, 5];
const at = (hour: number, minute = 0): number => hour * 60 + minute;

const CALENDARS: readonly Edit[] = [
  {
    kind: 'addCalendar',
    calendar: {
      id: 'house',
      name: 'Of the house',
      order: 0,
      days: [{ name: 'Founders’ day', from: '2026-11-26', to: '2026-11-26', yearly: true }],
    },
  },
  {
    kind: 'addCalendar',
    calendar: {
      id: 'public',
      name: 'Public holidays',
      order: 1,
      days: [
        { name: 'Between the years', from: '2026-12-24', to: '2027-01-02', yearly: true },
        { name: 'First of May', from: '2027-05-01', to: '2027-05-01', yearly: true },
      ],
    },
  },
];

const HOURS: readonly Edit[] = [
  {
    kind: 'addHours',
    hours: {
      id: 'staff',
      name: 'Staff hours',
      order: 0,
      rows: [{ days: WORKDAYS, from: at(7), to: at(19) }],
      holidays: [
        { calendar: 'house', spans: [] },
        { calendar: 'public', spans: [] },
      ],
    },
  },
  {
    kind: 'addHours',
    hours: {
      id: 'reading',
      name: 'Reading hours',
      order: 1,
      rows: [
        { days: WORKDAYS, from: at(9), to: at(17) },
        { days: [6, 7], from: at(9), to: at(13) },
      ],
      holidays: [
        { calendar: 'house', spans: [] },
        { calendar: 'public', spans: [] },
      ],
    },
  },
  {
    kind: 'addHours',
    hours: {
      id: 'mornings',
      name: 'Open mornings',
      order: 2,
      rows: [{ days: WORKDAYS, from: at(8), to: at(12) }],
      holidays: [{ calendar: 'public', spans: [] }],
    },
  },
  {
    kind: 'addHours',
    hours: {
      id: 'night',
      name: 'Night round',
      order: 3,
      rows: [{ days: [1, 2, 3, 4, 5, 6, 7], from: at(21), to: at(6) }],
      holidays: [],
    },
  },
];

const LEVELS: readonly Edit[] = [
  {
    kind: 'addLevel',
    level: {
      id: 'staff',
      name: 'Staff',
      order: 0,
      grants: [{ doors: ['D02', 'D03', 'D07', 'D09', 'D10'], hours: 'staff' }],
      groups: ['Archive'],
      exceptions: [
        {
          name: 'Stocktaking',
          from: '2026-12-05',
          to: '2026-12-06',
          doors: ['D02', 'D03'],
          spans: [{ from: at(8), to: at(16) }],
        },
      ],
      overrides: false,
      until: null,
    },
  },
  {
    kind: 'addLevel',
    level: {
      id: 'readers',
      name: 'Readers',
      order: 1,
      grants: [{ doors: ['D02'], hours: 'reading' }],
      groups: ['Readers'],
      exceptions: [],
      overrides: false,
      until: null,
    },
  },
  {
    kind: 'addLevel',
    level: {
      id: 'rounds',
      name: 'Rounds',
      order: 2,
      grants: [{ doors: ['D02', 'D07', 'D09', 'D10', 'D11', 'D13'], hours: 'night' }],
      groups: [],
      exceptions: [],
      overrides: true,
      until: '2027-06-30',
    },
  },
];

/** What people of the archive are given beside the doors that they open by name. */
const GIVEN: Readonly<Record<string, Partial<Person>>> = {
  P01: { group: 'Archive' },
  P02: { group: 'Archive', doors: ['D01', 'D05'] },
  P03: { group: 'Archive', doors: [], until: '2027-01-31' },
  P04: { group: 'Readers' },
  P05: { levels: ['rounds'] },
  P06: { group: 'Readers', doors: [], until: '2026-12-18' },
};

/** Everything that makes the archive's doors open by hours. D10 waits for the first person in; the others keep none. */
export const ACCESS: readonly Edit[] = [
  ...CALENDARS,
  ...HOURS,
  ...LEVELS,
  ...Object.entries(GIVEN).map(([id, patch]): Edit => ({ kind: 'setPerson', id, patch })),
  { kind: 'setDoor', id: 'D10', patch: { freePassage: 'mornings' } },
  { kind: 'setSetting', device: 'D10/K1', setting: 'ch1.free', value: 'first-in' },
  { kind: 'setSite', patch: { timeZone: 'Europe/Berlin' } },
];
