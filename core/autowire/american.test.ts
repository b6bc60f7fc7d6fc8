import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { checkContext, runChecks } from '../checks/index';
import { conductorsOf, parseWireLine, type Plan } from '../plan/index';
import { MAGNET_BRIEF, magnetDoor, mustApply, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { areaOf, CABLE_MAKES, metres, SHELF_SIZES } from '../units/index';
import { autowire } from './index';

const american = (plan: Plan): Plan => mustApply(plan, { kind: 'setSite', patch: { units: 'american' } });
const wrong = (plan: Plan): string[] =>
  runChecks(checkContext(plan, 'D01'))
    .filter(({ severity }) => severity === 'stop' || severity === 'fix')
    .map(({ code }) => code);

describe('a door wired where wire is sold by gauge', () => {
  it.each(HARDWARE_SETS.map(({ id, electricalEgress }) => [id, electricalEgress] as const))(
    '%s: every wire and cable is one of the American shelf, and the door is as sound as elsewhere',
    (set, egress) => {
      const metric = wiredDoor(set, egress ? MAGNET_BRIEF : STRIKE_BRIEF);
      const site = american(metric);
      const plan = mustApply(site, autowire(site, 'D01', metres(12)).edit);
      const wires = conductorsOf(plan, 'D01');
      expect(wires.map(({ from, to }) => `${from} ${to}`)).toEqual(
        conductorsOf(metric, 'D01').map(({ from, to }) => `${from} ${to}`),
      );
      for (const { gauge } of wires) expect(SHELF_SIZES.american).toContain(gauge);
      const shelf = CABLE_MAKES.american.map(({ id }) => id);
      for (const { make } of Object.values(plan.cables)) expect(shelf).toContain(make);
      expect(wrong(plan)).toEqual(wrong(metric));
    },
  );
  it('goes thicker where the run is long, still by the shelf', () => {
    const site = american(magnetDoor());
    const plan = mustApply(site, autowire(site, 'D01', metres(30)).edit);
    const thickest = Math.max(...conductorsOf(plan, 'D01').map(({ gauge }) => areaOf(gauge)));
    expect(thickest).toBeGreaterThan(1);
    expect(wrong(plan).filter((code) => code.startsWith('voltage'))).toEqual([]);
    for (const { gauge } of conductorsOf(plan, 'D01')) expect(SHELF_SIZES.american).toContain(gauge);
  });
  it('keeps what was laid until somebody wires it anew', () => {
    expect(conductorsOf(american(magnetDoor()), 'D01')).toEqual(conductorsOf(magnetDoor(), 'D01'));
  });
  it('reads a bare number of a typed line as a gauge, and takes 18 AWG where none is typed', () => {
    const line = (text: string) => {
      const read = parseWireLine(american(magnetDoor()), 'D01', `PS1.+V K1.COM1 ${text}`);
      return read.ok ? [read.line.gauge, read.line.assumed.includes('gauge')] : read.fault.code;
    };
    expect([line('18'), line('#16'), line('1.5mm2'), line('')]).toEqual([
      ['18AWG', false],
      ['16AWG', false],
      ['1.5mm2', false],
      ['18AWG', true],
    ]);
    expect(line('17')).toBe('unknown-word');
  });
});
