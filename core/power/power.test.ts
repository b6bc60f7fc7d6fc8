import { terminalOf } from '../specimens/terminalOf';
import { describe, expect, it } from 'vitest';
import type { Edit } from '../plan/index';
import { atRest, buildWorld } from '../simulate/index';
import { magnetDoor, mustApply, strikeDoor, wireBetween } from '../specimens/doors';
import { conductorResistance, metres, mm2, type Gauge } from '../units/index';
import {
  AGED_SHARE,
  batteryCurve,
  enough,
  HEADROOM,
  keepsEnough,
  powerBudget,
  smallestGauge,
  smallestGaugeAnew,
} from './index';

function budgetOf(plan = magnetDoor(), ...edits: Edit[]) {
  const changed = mustApply(plan, ...edits);
  const world = buildWorld(changed, 'D01');
  return powerBudget(changed, world, atRest(world));
}

describe('powerBudget', () => {
  const budget = budgetOf();
  const supply = budget.supplies[0]!;
  it('adds up the currents of the loads', () => {
    const sum = supply.loads.reduce((total, load) => total + load.restAmps, 0);
    // The controller's inputs feed a few milliamps of their own through the door contact.
    expect(supply.restAmps).toBeGreaterThan(sum - 0.005);
    expect(supply.restAmps).toBeCloseTo(sum, 2);
  });
  it('takes the worse of rest and release, and a quarter of headroom', () => {
    expect(supply.worstAmps).toBe(Math.max(supply.restAmps, supply.releasedAmps));
    expect(supply.allowedAmps).toBeCloseTo(3 / (1 + HEADROOM), 9);
    expect(supply.releasedAmps).toBeLessThan(supply.restAmps);
  });
  it('draws more in release for a fail-secure strike', () => {
    const strike = budgetOf(strikeDoor()).supplies[0]!;
    expect(strike.releasedAmps).toBeGreaterThan(strike.restAmps + 0.2);
  });
  it('gives battery hours from an aged battery', () => {
    const { battery } = supply;
    expect(battery?.hours).toBeCloseTo((7 * AGED_SHARE) / supply.restAmps, 6);
    const larger = budgetOf(magnetDoor(), {
      kind: 'setSetting',
      device: 'D01/PS1',
      setting: 'battery',
      value: '17',
    });
    expect(larger.supplies[0]?.battery?.hours).toBeGreaterThan((battery?.hours ?? 0) * 2);
  });
  it('gives drops that are current times resistance', () => {
    const drop = budget.drops.find(({ number }) => number === 'W03')!;
    expect(drop.ohms).toBeCloseTo(conductorResistance(mm2(1), metres(15)), 9);
    expect(drop.volts).toBeCloseTo(drop.amps * drop.ohms, 9);
  });
  it('counts a shared return in full: a common wire drops the current of both', () => {
    const plan = magnetDoor();
    // The lock's return goes through the reader's long thin 0 V wire.
    const shared = budgetOf(plan, {
      kind: 'setConductor',
      id: wireBetween(plan, 'EB1.2C', 'PS1.0V'),
      patch: { to: terminalOf('D01/R1.V-') },
    });
    const at = (budget: ReturnType<typeof budgetOf>, tag: string) =>
      budget.voltages.find((fed) => fed.tag === tag)?.rest ?? 0;
    expect(at(shared, 'R1')).toBeLessThan(at(budget, 'R1') - 0.15);
  });
  it('falls with the battery', () => {
    for (const fed of budget.voltages) expect(fed.lowest).toBeLessThan(fed.rest ?? 0);
    expect(budget.voltages.every(enough)).toBe(true);
  });
});

describe('smallestGauge', () => {
  const plan = magnetDoor();
  const wires = [wireBetween(plan, 'EB1.1NC', 'L1.+'), wireBetween(plan, 'L1.-', 'EB1.2NC')];
  const long = mustApply(
    plan,
    ...wires.map((id): Edit => ({ kind: 'setConductor', id, patch: { length: metres(30) } })),
  );
  it('finds a size that is enough, and the next smaller one is not', () => {
    const gauge = smallestGauge(long, buildWorld(long, 'D01'), wires);
    expect(gauge).not.toBeNull();
    const worksAt = (size: string) =>
      budgetOf(
        long,
        ...wires.map((id): Edit => ({ kind: 'setConductor', id, patch: { gauge: size as never } })),
      ).voltages.every(enough);
    expect(worksAt(gauge!)).toBe(true);
    const sizes = ['0.22mm2', '0.34mm2', '0.5mm2', '0.75mm2', '1mm2', '1.5mm2', '2.5mm2', '4mm2'];
    const smaller = sizes[sizes.indexOf(gauge!) - 1];
    if (smaller) expect(worksAt(smaller)).toBe(false);
  });
  it('finds what compiling the door anew for every size finds, whatever the run', () => {
    for (const run of [1, 8, 25, 60, 140, 400]) {
      const at = mustApply(
        plan,
        ...wires.map((id): Edit => ({ kind: 'setConductor', id, patch: { length: metres(run) } })),
      );
      expect(smallestGauge(at, buildWorld(at, 'D01'), wires)).toBe(smallestGaugeAnew(at, 'D01', wires));
    }
  });
  it('says when no size would do', () => {
    const far = mustApply(
      plan,
      ...wires.map((id): Edit => ({ kind: 'setConductor', id, patch: { length: metres(1500) } })),
    );
    expect(smallestGauge(far, buildWorld(far, 'D01'), wires)).toBeNull();
  });
});

describe('batteryCurve', () => {
  it('falls without rising again, until the lock lets go', () => {
    const world = buildWorld(magnetDoor(), 'D01');
    const curve = batteryCurve(world, atRest(world));
    for (let i = 1; i < curve.length; i += 1)
      expect(curve[i]!.volts).toBeLessThanOrEqual(curve[i - 1]!.volts + 1e-9);
    expect(curve[0]?.hold).toBe('held');
    expect(curve.at(-1)?.hold).not.toBe('held');
  });
});

describe('keepsEnough', () => {
  it('says of every device and of all together what the voltages of the budget say', () => {
    let [yes, no] = [0, 0];
    for (const length of [3, 20, 40, 60, 90, 150, 300]) {
      for (const gauge of ['0.22mm2', '0.5mm2', '1mm2', '2.5mm2']) {
        let plan = magnetDoor();
        for (const wire of Object.values(plan.conductors))
          plan = mustApply(plan, {
            kind: 'setConductor',
            id: wire.id,
            patch: { length: metres(length), gauge: gauge as Gauge },
          });
        const world = buildWorld(plan, 'D01');
        const rest = atRest(world);
        const { voltages } = powerBudget(plan, world, rest);
        expect(keepsEnough(world, rest)).toBe(voltages.every(enough));
        for (const device of new Set(voltages.map((one) => one.device))) {
          const fed = voltages.filter((one) => one.device === device).every(enough);
          expect(keepsEnough(world, rest, device)).toBe(fed);
          if (fed) yes += 1;
          else no += 1;
        }
      }
    }
    expect(Math.min(yes, no)).toBeGreaterThan(10);
  });
});
