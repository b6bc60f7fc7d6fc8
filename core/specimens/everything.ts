import { findLanguage, toLeaflet } from '../keypads/index';
import { blankCard, blankPerson, typeIn, type Plan } from '../plan/index';
import { mustApply, strikeDoor } from './doors';

/** One of every kind, each naming others: a strike door with people, a recorded keypad, a reading, a type of its own in use. */
export function everything(): Plan {
  const plan = strikeDoor();
  const own = { ...typeIn(plan, plan.devices['D01/X1']!), id: 'own-exit@1', version: 1 };
  return mustApply(
    plan,
    { kind: 'addType', type: own },
    { kind: 'setDevice', id: 'D01/X1', patch: { type: own.id } },
    {
      kind: 'addCardFormat',
      cardFormat: {
        id: 'own-26',
        name: 'Number alone',
        bits: 26,
        facility: null,
        number: { from: 10, to: 25, lowFirst: true },
        fixed: [{ from: 2, to: 9, value: 71 }],
        parities: [{ at: 26, kind: 'odd', from: 14, to: 26 }],
      },
    },
    {
      kind: 'addPerson',
      person: {
        ...blankPerson('P1', 'Ines'),
        doors: ['D01'],
        code: '480216',
        cards: [blankCard(7, 42), { ...blankCard(0, 9), format: 'own-26', slots: { 'D01/K1': 9 } }],
        slots: { 'D01/K1': 3 },
      },
    },
    {
      kind: 'setMemory',
      device: 'D01/K1',
      memory: {
        device: 'D01/K1',
        programmingCode: '731946',
        slots: { 3: { code: '480216', card: null } },
        times: {},
      },
    },
    { kind: 'addLanguage', language: toLeaflet(findLanguage('slots-1000')!, 'own-slots', 'Own') },
    {
      kind: 'addCalendar',
      calendar: {
        id: 'house',
        name: 'Of the house',
        order: 1,
        days: [{ name: 'Founders’ day', from: '2026-11-26', to: '2026-11-26', yearly: true }],
      },
    },
    {
      kind: 'addHours',
      hours: {
        id: 'office',
        name: 'Office',
        order: 1,
        rows: [{ days: [1, 2, 3, 4, 5], from: 420, to: 1140 }],
        holidays: [{ calendar: 'house', spans: [] }],
      },
    },
    { kind: 'setDoor', id: 'D01', patch: { freePassage: 'office', openingHours: 'office' } },
    {
      kind: 'addLevel',
      level: {
        id: 'staff',
        name: 'Staff',
        order: 1,
        grants: [{ doors: ['D01'], hours: 'office' }],
        groups: ['Archive'],
        exceptions: [
          {
            name: 'Move',
            from: '2026-12-01',
            to: '2026-12-02',
            doors: ['D01'],
            spans: [{ from: 0, to: 60 }],
          },
        ],
        overrides: false,
        until: '2027-06-30',
      },
    },
    { kind: 'setPerson', id: 'P1', patch: { levels: ['staff'] } },
    {
      kind: 'addSpace',
      space: { id: 'street', name: 'Street', kind: 'outside', protected: false, order: 1 },
    },
    { kind: 'addSpace', space: { id: 'hall', name: 'Hall', kind: 'room', protected: true, order: 2 } },
    { kind: 'setSides', id: 'D01', sides: { id: 'D01', outside: 'street', inside: 'hall' } },
    {
      kind: 'addZone',
      zone: { id: 'Z1', name: 'Ground floor', order: 1, relays: ['D01/X1'], releases: ['D01'], keeps: [] },
    },
    {
      kind: 'addReading',
      reading: {
        id: 'R1',
        door: 'D01',
        check: 'card',
        value: 12,
        passed: true,
        low: 11,
        high: 13,
        by: 'x',
        at: '2026-11-01T10:00:00.000Z',
        note: '',
        meter: '',
        serial: '',
        withdrawn: null,
      },
    },
    {
      kind: 'addScenario',
      scenario: {
        id: 'D01/S1',
        door: 'D01',
        name: 'Night',
        order: 1,
        acts: [
          { does: 'press', at: 0, device: 'D01/X1', key: null },
          { does: 'cut', at: 500, wire: Object.keys(plan.conductors)[0]! },
          { does: 'open', at: 900, from: 'inside', expect: 'opens' },
        ],
        until: 9000,
        expects: { forced: 'quiet', held: null, tamper: null, end: 'locked', wayOut: true },
        kept: { lock: [{ at: 0, is: 'held' }] },
      },
    },
  );
}
