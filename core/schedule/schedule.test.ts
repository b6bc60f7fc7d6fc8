import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { conductorsOf, type Plan } from '../plan/index';
import { magnetDoor, MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { billOfMaterials, cableSchedule, cutList, terminalCards, wireLabels } from './index';

const plan = magnetDoor();
const doors: [string, Plan][] = HARDWARE_SETS.map(({ id, electricalEgress }) => [
  id,
  wiredDoor(id, electricalEgress ? MAGNET_BRIEF : STRIKE_BRIEF),
]);

describe('terminalCards', () => {
  it.each(doors)('of %s land every wire twice and in the order of the terminals', (_, door) => {
    const landings = terminalCards(door, 'D01').flatMap(({ rows }) => rows.flatMap((row) => row.landings));
    expect(landings).toHaveLength(2 * conductorsOf(door, 'D01').length);
  });
  it('say strip length, ferrule and what shares a terminal', () => {
    const card = terminalCards(plan, 'D01').find(({ device }) => device.tag === 'K1')!;
    const common = card.rows.find(({ terminal }) => terminal.id === 'G1')!;
    expect(common.landings.map(({ to }) => to)).toEqual(['X1.NO', 'C1.b']);
    expect(common.landings[0]).toMatchObject({ stripMm: 5, ferrule: { twin: true } });
  });
  it('ask for a cap on a lead that nothing lands on', () => {
    const reader = terminalCards(plan, 'D01').find(({ device }) => device.tag === 'R1')!;
    expect(reader.rows.filter(({ cap }) => cap).map(({ terminal }) => terminal.id)).toEqual(['LED', 'BZ']);
  });
});

describe('cableSchedule', () => {
  it.each(doors)('of %s has every wire once, and no cable with fewer cores than wires', (_, door) => {
    const { cables, single } = cableSchedule(door, 'D01');
    const wires = [...cables.flatMap(({ cores }) => cores.map(({ conductor }) => conductor)), ...single];
    expect(new Set(wires.map(({ id }) => id)).size).toBe(conductorsOf(door, 'D01').length);
    for (const { make, cores, spare } of cables) {
      expect(make?.cores).toBeGreaterThanOrEqual(cores.length);
      expect(spare).toBe((make?.cores ?? 0) - cores.length);
    }
  });
  it('puts data into screened cable and a lock into one thick enough', () => {
    const { cables } = cableSchedule(plan, 'D01');
    expect(cables.find(({ name }) => name === 'R1')?.make?.screened).toBe(true);
    expect(cables.find(({ name }) => name === 'EB1')?.make?.gauge).toBe('1mm2');
  });
  it('cuts with slack at both ends', () => {
    const { cables } = cableSchedule(plan, 'D01');
    for (const { run, cut } of cables) expect(cut).toBeCloseTo(run + 0.6, 9);
    const total = cutList(cables).reduce((sum, row) => sum + row.total, 0);
    expect(total).toBeCloseTo(
      cables.reduce((sum, { cut }) => sum + cut, 0),
      9,
    );
  });
});

describe('billOfMaterials', () => {
  it('counts devices, metres, ferrules and caps', () => {
    const bill = billOfMaterials(plan, 'D01');
    expect(bill.filter(({ kind }) => kind === 'device').reduce((sum, { count }) => sum + count, 0)).toBe(8);
    expect(bill.find(({ kind }) => kind === 'cap')?.count).toBeGreaterThan(1);
    expect(bill.some(({ kind, name }) => kind === 'ferrule' && name.includes('2 × '))).toBe(true);
    const fewer = mustApply(plan, { kind: 'removeDevice', id: 'D01/X1' });
    expect(billOfMaterials(fewer, 'D01').length).toBeLessThan(bill.length);
  });
});

describe('wireLabels', () => {
  it('has one for each end, with both terminals', () => {
    const labels = wireLabels(plan, 'D01');
    expect(labels).toHaveLength(2 * conductorsOf(plan, 'D01').length);
    expect(labels[0]).toEqual({ number: 'W01', here: 'PS1.+V', there: 'F1.C' });
    expect(labels[1]).toEqual({ number: 'W01', here: 'F1.C', there: 'PS1.+V' });
  });
});
