import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyEdit, blankCard, blankDoor, blankPerson, type Person, type Plan } from '../../plan/index';
import { aSeed, siteWithAccess } from '../../specimens/access';
import { readDay } from './dateCell';
import { peopleCsv } from './peopleCsv';
import { readPeopleRows } from './peopleRows';
import { numberTried } from '../../../scripts/testSlice';

const SIZE = { doors: 6, people: 12, levels: 4 };
const read = (plan: Plan, text: string) => readPeopleRows(plan, text);
const after = (plan: Plan, text: string): Plan => {
  const { edit } = read(plan, text);
  const result = edit ? applyEdit(plan, edit) : null;
  return result?.ok ? result.plan : plan;
};
const site = (...people: Person[]): Plan => ({
  ...siteWithAccess(1, { ...SIZE, people: 0 }),
  doors: { D01: blankDoor('D01', 0), D02: blankDoor('D02', 1) },
  people: Object.fromEntries(people.map((one) => [one.id, one])),
});

describe('a list of people', () => {
  it('read back as it was written changes nobody, with commas and with semicolons', () => {
    fc.assert(
      fc.property(aSeed, fc.boolean(), fc.boolean(), (seed, codes, semicolons) => {
        const plan = siteWithAccess(seed, SIZE);
        const { rows, edit } = read(plan, peopleCsv(plan, { codes, semicolons }));
        expect(edit).toBeNull();
        expect(rows.map(({ outcome }) => outcome.kind)).toEqual(Array(SIZE.people).fill('same'));
      }),
      { numRuns: numberTried(60) },
    );
  });

  it('brings everybody into an empty list, the same but for ids', () => {
    fc.assert(
      fc.property(aSeed, (seed) => {
        const plan = siteWithAccess(seed, SIZE);
        const empty = { ...plan, people: {} };
        const text = peopleCsv(plan, { codes: true })
          .replace(/^\uFEFFid,/, '')
          .replace(/\r\nP\d+,/g, '\r\n');
        const made = Object.values(after(empty, text).people).map(({ id: _id, ...rest }) => rest);
        const wanted = Object.values(plan.people).map(({ id: _id, ...rest }) => rest);
        const byName = (a: { name: string }, b: { name: string }) => (a.name < b.name ? -1 : 1);
        expect(made.sort(byName)).toEqual(wanted.sort(byName));
      }),
      { numRuns: numberTried(40) },
    );
  });

  it('holds no code unless it is asked for', () => {
    const plan = site({ ...blankPerson('P1', 'Ines'), code: '480216' });
    expect(peopleCsv(plan)).not.toContain('480216');
    expect(peopleCsv(plan, { codes: true })).toContain('480216');
  });

  it('is a German one too, with first and last names', () => {
    const plan = site({ ...blankPerson('P07', 'Ines Calloway'), doors: ['D01'], group: 'Alt' });
    const text =
      'Vorname;Nachname;Abteilung;Türen;Gültig bis\nInes;Calloway;Archiv;D01, D02;31.12.2026\nOdd;Fenwick;;;\n';
    expect(read(plan, text).rows.map(({ outcome }) => outcome)).toEqual([
      { kind: 'changed', name: 'Ines Calloway', what: ['group', 'doors', 'until'] },
      { kind: 'new', name: 'Odd Fenwick' },
    ]);
    const next = after(plan, text);
    expect(next.people['P07']).toMatchObject({ group: 'Archiv', doors: ['D01', 'D02'], until: '2026-12-31' });
    expect(next.people['P08']).toMatchObject({ name: 'Odd Fenwick', doors: [] });
  });

  it('changes only what it has a column for, and empties what stands empty', () => {
    const ines = { ...blankPerson('P1', 'Ines'), code: '4711', group: 'A', cards: [blankCard(7, 9)] };
    const next = after(site(ines), 'name,group\nInes,\n').people['P1'];
    expect(next).toEqual({ ...ines, group: '' });
  });

  it('says row by row what it cannot read, and reads the others', () => {
    const plan = site(blankPerson('P1', 'Ines'), blankPerson('P2', 'Odd'), blankPerson('P3', 'odd'));
    const text = [
      'id;name;doors;levels;card;code;from;until',
      'P9;Nobody;;;;;;',
      ';Odd;;;;;;',
      ';Haru;D99;;;;;',
      ';Haru;;Kings;;;;',
      ';Haru;;;900-1;;;',
      ';Haru;;;;12345678901;;',
      ';Haru;;;;;11/12/2026;',
      ';Haru;;;;;30.02.2026;',
      ';Haru;;;;;2026-05-01;2026-04-30',
      ';;;;;1;;',
      ';Haru;D01;Level 1;71-2001;4711;13/05/2026;1. Dez 2026',
      ';haru;;;;;;',
    ].join('\n');
    const { rows } = read(plan, text);
    expect(rows.map(({ outcome }) => (outcome.kind === 'fault' ? outcome.fault.code : outcome.kind))).toEqual(
      [
        'unknown-id',
        'which-person',
        'unknown-door',
        'unknown-level',
        'bad-card',
        'bad-code',
        'bad-day',
        'bad-day',
        'days-crossed',
        'no-name',
        'new',
        'which-person',
      ],
    );
    expect(Object.values(after(plan, text).people).find(({ name }) => name === 'Haru')).toMatchObject({
      doors: ['D01'],
      levels: ['l1'],
      cards: [blankCard(71, 2001)],
      code: '4711',
      from: '2026-05-13',
      until: '2026-12-01',
    });
  });

  it('is not read at all without a heading that names somebody', () => {
    expect(read(site(), 'Ines;4711')).toMatchObject({ unread: true, edit: null });
    expect(read(site(), '')).toMatchObject({ unread: true });
  });

  it('takes names that a spreadsheet would run', () => {
    const plan = site({ ...blankPerson('P1', '=1+1'), group: '@home' });
    expect(peopleCsv(plan)).toContain("'=1+1");
    expect(read(plan, peopleCsv(plan)).rows[0]?.outcome.kind).toBe('same');
  });
});

describe('a day in a cell', () => {
  it.each([
    ['2026-11-26', '2026-11-26'],
    ['26.11.2026', '2026-11-26'],
    ['6.1.27', '2027-01-06'],
    ['26 November 2026', '2026-11-26'],
    ['3. März 2027', '2027-03-03'],
    ['11/26/2026', '2026-11-26'],
    ['26/11/2026', '2026-11-26'],
    ['05/05/2026', '2026-05-05'],
    ['', null],
  ])('%s', (cell, day) => expect(readDay(cell)).toEqual({ ok: true, day }));
  it.each([
    ['05/06/2026', 'which-day'],
    ['31.02.2026', 'not-a-day'],
    ['tomorrow', 'not-a-day'],
    ['2026-13-01', 'not-a-day'],
    ['1 Foo 2026', 'not-a-day'],
  ])('%s is asked about', (cell, fault) => expect(readDay(cell)).toEqual({ ok: false, fault }));
});
