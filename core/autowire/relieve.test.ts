import { terminalOf } from '../specimens/terminalOf';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkContext, runChecks } from '../checks/index';
import { findType } from '../devices/index';
import { conductorsOf, typeIn, type Plan } from '../plan/index';
import { BUSY_LOBBY, lobbyDoor, mustApply, wireBetween } from '../specimens/doors';
import { metres } from '../units/index';
import { autowire } from './index';
import { relieve } from './relieve';
import { SIZES, type Run } from './run';
import { numberTried } from '../../scripts/testSlice';

const crowded = (plan: Plan) =>
  runChecks(checkContext(plan, 'D01')).filter(({ code }) => code === 'terminal-full');

/** The plan with a supply whose terminals take fewer conductors. */
const tightened = (plan: Plan, maxConductors: number): Plan => {
  const type = findType('supply-12v-fire')!;
  const terminals = type.terminals.map((one) => ({ ...one, maxConductors }));
  return {
    ...plan,
    types: { ...plan.types, 'tight@1': { ...type, id: 'tight@1', terminals } },
    devices: { ...plan.devices, 'D01/PS1': { ...plan.devices['D01/PS1']!, type: 'tight@1' } },
  };
};

/** Which terminals are one point, as the least name of each terminal's point. */
function points(wires: readonly { from: string; to: string }[]): (terminal: string) => string {
  const name = new Map<string, string>();
  const of = (terminal: string) => name.get(terminal) ?? terminal;
  for (let changed = true; changed;) {
    changed = false;
    for (const { from, to } of wires) {
      const least = of(from) < of(to) ? of(from) : of(to);
      changed ||= of(from) !== least || of(to) !== least;
      name.set(from, least);
      name.set(to, least);
    }
  }
  return of;
}

describe('relieve', () => {
  it('leaves no full terminal at a door of forty wires, and the lock’s wires where they were', () => {
    const plan = lobbyDoor(...BUSY_LOBBY);
    expect(conductorsOf(plan, 'D01').length).toBeGreaterThanOrEqual(40);
    expect(crowded(plan)).toEqual([]);
    expect(wireBetween(plan, 'PS1.L+', 'K1.COM1')).not.toBe('');
  });

  it('joins what was joined before and nothing else, however small the terminals', () => {
    fc.assert(
      fc.property(fc.subarray(BUSY_LOBBY), fc.integer({ min: 1, max: 4 }), (types, most) => {
        const plan = tightened(lobbyDoor(...types), most);
        const runs = conductorsOf(plan, 'D01').map(({ from, to, gauge }): Run => ({
          from,
          to,
          gauge,
          role: 'plus',
          use: 'power',
        }));
        const moved = relieve(plan, 'D01', runs, []);
        const joints = Object.values(plan.devices).flatMap((device) =>
          typeIn(plan, device).parts.flatMap((part) =>
            part.kind === 'link' && part.when === undefined
              ? [{ from: `${device.id}.${part.a}`, to: `${device.id}.${part.b}` }]
              : [],
          ),
        );
        const [before, after] = [points([...runs, ...joints]), points([...moved, ...joints])];
        for (const terminal of runs.flatMap(({ from, to }) => [from, to])) {
          // A terminal that every wire left stands alone; a point that it named keeps its members.
          if (moved.some(({ from, to }) => from === terminal || to === terminal))
            for (const { from } of moved)
              expect(after(terminal) === after(from)).toBe(before(terminal) === before(from));
        }
        expect(moved).toHaveLength(runs.length);
      }),
      { numRuns: numberTried(30) },
    );
  });

  it('moves neither a bus nor a wire as thick as the lock’s to another device', () => {
    const plan = tightened(lobbyDoor(), 1);
    const thick = (from: string, to: string): Run => ({
      from: terminalOf(`D01/${from}`),
      to: terminalOf(`D01/${to}`),
      gauge: SIZES.lock,
      role: 'plus',
      use: 'power',
    });
    const runs = [thick('PS1.+V', 'X1.V+'), thick('PS1.+V', 'R1.V+')];
    expect(relieve(plan, 'D01', runs, [])).toEqual(runs);
    const bus = runs.map((run): Run => ({ ...run, gauge: SIZES.signal, use: 'bus' }));
    expect(relieve(plan, 'D01', bus, [])).toEqual(bus);
    const thin = runs.map((run): Run => ({ ...run, gauge: SIZES.signal }));
    expect(relieve(plan, 'D01', thin, []).map(({ from }) => from)).toEqual(['D01/PS1.+V', 'D01/X1.V+']);
  });
});

describe('a joint as the remedy of a full terminal', () => {
  it('settles it: one lead into the terminal, the thinnest wires on the joint', () => {
    const wired = lobbyDoor();
    const feed = conductorsOf(wired, 'D01').find(({ from, to }) =>
      [from, to].includes(terminalOf('D01/PS1.+V')),
    )!;
    const plan = ['W80', 'W81'].reduce(
      (now, number, index) =>
        mustApply(now, {
          kind: 'connect',
          conductor: {
            ...feed,
            id: `D01/${number}`,
            number,
            from: terminalOf('D01/PS1.+V'),
            to: [terminalOf('D01/X1.V+'), terminalOf('D01/R1.V+')][index]!,
            origin: 'hand',
          },
        }),
      wired,
    );
    const finding = crowded(plan).find(({ values }) => values['terminal'] === 'PS1.+V');
    const settled = mustApply(plan, finding!.remedy!);
    expect(crowded(settled).map(({ values }) => values['terminal'])).not.toContain('PS1.+V');
    const joint = Object.values(settled.devices).find(({ type }) => type === 'joint')!;
    expect(joint.place).toBe(settled.devices['D01/PS1']!.place);
    expect(conductorsOf(settled, 'D01')).toHaveLength(conductorsOf(plan, 'D01').length + 1);
    // Wiring anew keeps the joint of use rather than crowding the terminal again.
    const anew = mustApply(settled, autowire(settled, 'D01', metres(12)).edit);
    expect(crowded(anew).map(({ values }) => values['terminal'])).not.toContain('PS1.+V');
  });
});
