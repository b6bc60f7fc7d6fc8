import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import type { Plan } from '../plan/index';
import { atRest, buildWorld } from '../simulate/index';
import { MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { add, move, wire } from '../specimens/ruleEdits';
import { everyNth, numberTried } from '../../scripts/testSlice';
import { wholeOpenings } from '../specimens/wholeOpenings';
import { siteOf } from '../specimens/site';
import { faultsOf, sweep, sweepAnew, type Fault, type FaultResult, type Whose } from './index';

const SETS = HARDWARE_SETS.map(({ id, electricalEgress }) => ({
  id,
  plan: wiredDoor(id, electricalEgress ? MAGNET_BRIEF : STRIKE_BRIEF),
}));

function swept(plan: Plan, door: string, whose: Whose = 'door'): FaultResult[] {
  const world = buildWorld(plan, door);
  return [...sweep(world, atRest(world), faultsOf(world, whose))];
}
/** The sweep and its slow twin say the same, fault for fault and opening for opening. */
function agree(plan: Plan, door: string, whose: Whose = 'door'): FaultResult[] {
  const results = swept(plan, door, whose);
  expect(wholeOpenings(plan, door, results)).toEqual(wholeOpenings(plan, door, sweepAnew(plan, door, whose)));
  return results;
}
const find = (results: readonly FaultResult[], wanted: Partial<Record<string, string>>): FaultResult => {
  const found = results.find(({ fault }) =>
    Object.entries(wanted).every(
      ([key, value]) => (fault as unknown as Record<string, string>)[key] === value,
    ),
  );
  if (!found) throw new Error(`no fault ${JSON.stringify(wanted)}`);
  return found;
};
const wireAt = (plan: Plan, terminal: string): string => {
  const wire = Object.values(plan.conductors).find(({ from, to }) =>
    [from, to].some((end) => end === terminal),
  );
  if (!wire) throw new Error(`no wire on ${terminal}`);
  return wire.id;
};

describe('the sweep of a door', () => {
  it.each(everyNth(SETS, 10))('of $id equals its slow twin, fault for fault', ({ plan }) => {
    agree(plan, 'D01');
  });

  it('equals its slow twin where doors share a supply, whoever’s the fault is', () => {
    const plan = siteOf({ doors: 3, perSupply: 3 });
    agree(plan, 'D002', 'all');
  });

  it('equals its slow twin where every way out of the supply has a fuse; a short then costs less', () => {
    const bare = SETS.find(({ id }) => id === 'magnet-controller')!.plan;
    const plan = mustApply(
      bare,
      add(bare, 'fuse-block-4', 'FB1'),
      wire('PS1.+V', 'FB1.IN'),
      move(bare, 'PS1.+V', 'F1.C', 'from', 'FB1.F1'),
      move(bare, 'PS1.+V', 'K1.+12', 'from', 'FB1.F2'),
      move(bare, 'PS1.+V', 'R1.V+', 'from', 'FB1.F3'),
      move(bare, 'PS1.+V', 'X1.V+', 'from', 'FB1.F4'),
    );
    const results = agree(plan, 'D01');
    expect(results.filter(({ fault }) => fault.kind === 'fuse-open')).toHaveLength(4);
    const short = { kind: 'terminals-touch', a: 'D01/R1.V+', b: 'D01/R1.V-' };
    const atNoon = (all: readonly FaultResult[]) => find(all, short).outcomes.get('rest');
    expect([atNoon(swept(bare, 'D01')), atNoon(results)]).toEqual(['not-proven', 'same']);
  });

  it('equals its slow twin where the door is already wrong: a wire off, anywhere', () => {
    fc.assert(
      fc.property(fc.nat(SETS.length - 1), fc.nat(1000), (set, which) => {
        const { plan } = SETS[set]!;
        const wires = Object.keys(plan.conductors);
        const less = mustApply(plan, { kind: 'disconnect', id: wires[which % wires.length]! });
        agree(less, 'D01');
      }),
      { numRuns: numberTried(6) },
    );
  });

  it('gives the same, whatever was asked before and in whatever order', () => {
    const { plan } = SETS[0]!;
    const world = buildWorld(plan, 'D01');
    const rest = atRest(world);
    const faults = faultsOf(world);
    const straight = [...sweep(world, rest, faults)];
    const back = [...sweep(world, rest, [...faults].reverse())].reverse();
    expect(back).toEqual(straight);
  });
});

describe('what a fault does', () => {
  const magnet = SETS.find(({ id }) => id === 'magnet-controller')!.plan;
  const results = swept(magnet, 'D01');

  it('is told for every wire, contact and device of the door, each once', () => {
    const keys = results.map(({ fault }) => JSON.stringify(fault));
    expect(new Set(keys).size).toBe(keys.length);
    const open = results.flatMap(({ fault }) => (fault.kind === 'wire-open' ? [fault.conductor] : []));
    expect(open.sort()).toEqual(Object.keys(magnet.conductors).sort());
  });

  it('a broken wire to a magnet opens the door, and nothing tells anybody', () => {
    const wire = wireAt(magnet, 'D01/L1.+');
    const { worst, alarms, outcomes } = find(results, { kind: 'wire-open', conductor: wire });
    expect([worst, alarms]).toEqual(['open', []]);
    expect(outcomes.get('fire')).toBe('same');
  });

  it('a fire contact that is welded locks people in where fire should free them', () => {
    const relay = results.filter(
      ({ fault }) => fault.kind === 'contact-welded' && fault.contact === 'D01/F1:k.nc',
    );
    expect(relay).toHaveLength(1);
    expect(relay.some(({ outcomes }) => outcomes.get('fire') === 'out-by-act-only')).toBe(true);
    expect(relay.every(({ outcomes }) => outcomes.get('rest') === 'same')).toBe(true);
  });

  it('an exit button whose wire is off is told where it is pressed, and nowhere else', () => {
    const { worst, outcomes } = find(results, { kind: 'wire-open', conductor: wireAt(magnet, 'D01/X1.COM') });
    expect(worst).toBe('out-by-act-only');
    expect([...outcomes].filter(([, outcome]) => outcome !== 'same').map(([id]) => id)).toEqual(['exit']);
  });

  it('a magnet whose winding is broken holds nothing; a strike drops out', () => {
    expect(find(results, { kind: 'device-dead', device: 'D01/L1' }).worst).toBe('open');
    const strike = SETS.find(({ id }) => id === 'strike-keypad-safe')!.plan;
    expect(find(swept(strike, 'D01'), { kind: 'device-dead', device: 'D01/L1' }).outcomes.get('rest')).toBe(
      'open',
    );
  });

  it('a door contact whose wire is off raises an alarm at once', () => {
    const { alarms } = find(results, { kind: 'wire-open', conductor: wireAt(magnet, 'D01/C1.a') });
    expect(alarms).toContain('forced');
  });

  it('a fault of another door is told only where it is asked for', () => {
    const plan = siteOf({ doors: 2, perSupply: 2 });
    const at = (fault: Fault) => JSON.stringify(fault).includes('D001/K1');
    expect(swept(plan, 'D002').some(({ fault }) => at(fault))).toBe(false);
    expect(swept(plan, 'D002', 'all').some(({ fault }) => at(fault))).toBe(true);
  });
});
