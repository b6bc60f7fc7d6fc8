import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { conductorsOf, scopeOf, type Edit, type Plan } from '../plan/index';
import { atRest, buildWorld } from '../simulate/index';
import { mustApply } from '../specimens/doors';
import { random } from '../specimens/random';
import { door } from '../specimens/ruleEdits';
import { siteOf } from '../specimens/site';
import { celsius, conductorResistance, METRIC_SIZES, mm2, type Gauge } from '../units/index';
import { compileNetlist, settle, withConductors, AT_REST } from './index';

/** Every wire of a door in another size, as an edit and as a patch of the circuit. */
function resized(plan: Plan, id: string, gaugeOf: (index: number) => Gauge) {
  const wires = conductorsOf(plan, id);
  const edits = wires.map((wire, n): Edit => ({
    kind: 'setConductor',
    id: wire.id,
    patch: { gauge: gaugeOf(n) },
  }));
  const siemens = new Map(
    wires.map((wire, n) => [wire.id, 1 / conductorResistance(gaugeOf(n), wire.length, celsius(20))]),
  );
  return { plan: mustApply(plan, ...edits), siemens };
}

describe('withConductors', () => {
  const next = random(3);
  const anyGauge = () => mm2(METRIC_SIZES[Math.floor(next() * METRIC_SIZES.length)]!);

  it.each(HARDWARE_SETS.map(({ id }) => id))('is the circuit of %s compiled with those sizes', (set) => {
    const plan = door(set);
    const sizes = conductorsOf(plan, 'D01').map(anyGauge);
    const other = resized(plan, 'D01', (n) => sizes[n]!);
    const patched = withConductors(compileNetlist(scopeOf(plan, 'D01')), other.siemens);
    const compiled = compileNetlist(scopeOf(other.plan, 'D01'));
    expect(patched.branches).toEqual(compiled.branches);
    expect(patched.fast).toEqual(compiled.fast);
    const [one, two] = [settle(patched, AT_REST), settle(compiled, AT_REST)];
    expect(one.on).toEqual(two.on);
    expect(one.volts).toEqual(two.volts);
  });
  it('leaves the circuit that it is made from as it is', () => {
    const world = buildWorld(siteOf({ doors: 3, perSupply: 3 }), 'D002');
    const before = atRest(world).point.volts.slice();
    const branches = structuredClone(world.netlist.branches);
    const wire = conductorsOf(siteOf({ doors: 3, perSupply: 3 }), 'D002')[0]!;
    const thin = withConductors(world.netlist, new Map([[wire.id, 1e-3]]));
    settle(thin, AT_REST);
    expect(world.netlist.branches).toEqual(branches);
    expect(atRest(world).point.volts).toEqual(before);
  });
  it('takes no notice of ids that are no conductor of it', () => {
    const { netlist } = buildWorld(siteOf({ doors: 1 }), 'D001');
    const same = withConductors(netlist, new Map([['nothing', 5]]));
    expect(same.branches).toEqual(netlist.branches);
  });
});
