import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { newDoors } from '../../door/newDoors';
import { applyEdit, conductorsOf } from '../../plan/index';
import { readDoorRows } from './doorRows';
import { tableOf } from './tableOf';

const plan = quillhaven();
const read = (text: string, custom = {}) => readDoorRows(plan, tableOf(text, /\s{2,}/), custom).rows;

describe('readDoorRows', () => {
  it('reads a German list by its headings', () => {
    const rows = read(
      'Tür-Nr.;Bezeichnung;Kabelweg (m);Wie;Personen\nB1;Büro;12,5;D02;ja\nB2;Lager;;Reading room;nein\nB3;Keller;7;D99;x',
    );
    expect(rows.map(({ id, name, run, like, people }) => [id, name, run, like, people])).toEqual([
      ['B1', 'Büro', 12.5, 'D02', true],
      ['B2', 'Lager', null, 'D02', false],
      ['B3', 'Keller', 7, null, true],
    ]);
    expect(rows.map(({ fault }) => fault?.code)).toEqual([undefined, undefined, 'no-such-door']);
  });
  it('reads bare names, and numbers that stand before them', () => {
    expect(read('Office\nStore room\nRoom\n').map(({ id, name }) => `${id} ${name}`)).toEqual([
      'D15 Office',
      'D16 Store room',
      'D17 Room',
    ]);
    expect(read('E1\tOffice\t12 ft')[0]).toMatchObject({ id: 'E1', name: 'Office', run: 12 * 0.3048 });
  });
  it('takes feet where the heading says so', () => {
    expect(read('Door,Name,Run (ft)\nA1,Lobby,100')[0]?.run).toBeCloseTo(30.48);
  });
  it.each([
    ['Door,Name,Run\n../x,Lobby,1', 'bad-number'],
    ['Door,Name,Run\nA1,Lobby,long', 'bad-length'],
    ['Door,Name,People\nA1,Lobby,some', 'bad-people'],
  ])('says what it cannot read in %j', (text, code) => expect(read(text)[0]?.fault?.code).toBe(code));
  it('never throws, and drops no row', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.string({ maxLength: 12 }), { maxLength: 6 }), { maxLength: 6 }),
        (rows) => {
          const filled = rows.filter((cells) => cells.join(' ').trim() !== '').length;
          const { length } = readDoorRows(plan, rows).rows;
          expect(length === filled || length === filled - 1).toBe(true);
        },
      ),
    );
  });
});

describe('newDoors', () => {
  it('makes ten doors like another as one change, each with the run it was given', () => {
    const text = Array.from({ length: 10 }, (_, n) => `Cell ${n + 1}\t${n + 5} m`).join('\n');
    const { edit, faults } = newDoors(plan, read(text, { like: 'D02', people: true }));
    expect(faults.every((fault) => fault === null)).toBe(true);
    const after = applyEdit(plan, edit!);
    if (!after.ok) throw new Error(JSON.stringify(after.refusal));
    expect(Object.keys(after.plan.doors)).toHaveLength(24);
    for (let n = 15; n < 25; n += 1) {
      const wires = conductorsOf(after.plan, `D${n}`);
      expect(wires).toHaveLength(conductorsOf(plan, 'D02').length);
      expect(wires.every(({ assumed }) => assumed.length === 0)).toBe(true);
    }
    const people = Object.values(after.plan.people).filter(({ doors }) => doors.includes('D20'));
    expect(people).toHaveLength(
      Object.values(plan.people).filter(({ doors }) => doors.includes('D02')).length,
    );
    const back = applyEdit(after.plan, after.inverse);
    expect(back.ok && back.plan).toEqual(plan);
  });
  it('makes what it can, and says what stands against the rest', () => {
    const wish = { name: '', like: null, run: null, people: false };
    const { edit, faults } = newDoors(plan, [
      { ...wish, id: 'D02' },
      { ...wish, id: 'E1' },
      { ...wish, id: 'E1' },
      { ...wish, id: 'E2', like: 'D99' },
    ]);
    expect(faults.map((fault) => fault?.code)).toEqual([
      'number-taken',
      undefined,
      'number-taken',
      'no-such-door',
    ]);
    expect(edit).toMatchObject({ kind: 'batch', label: 'add E1' });
  });
});
