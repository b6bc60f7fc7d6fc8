import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { checkContext } from '../checks/index';
import {
  applyEdit,
  conductorsOf,
  deviceOf,
  terminalId,
  type Conductor,
  type Plan,
  type TerminalId,
} from '../plan/index';
import { mustApply } from '../specimens/doors';
import { singleMistakes } from '../specimens/mistakes';
import { door, drop, move, wire } from '../specimens/ruleEdits';
import { terminalOf } from '../specimens/terminalOf';
import { editOf } from './change';
import { costOf, COSTS, moveCost } from './costs';
import { differences, oddWires } from './differences';
import { partition } from './partition';
import { halfContacts, protections } from './protection';
import { NO_TARGET, targetOf } from '../autowire/index';
import { numberTried } from '../../scripts/testSlice';

const SETS = HARDWARE_SETS.map(({ id }) => id);

describe('partition', () => {
  it('joins what a walk along the wires reaches, and nothing else', () => {
    const spot = fc.nat(11).map((n) => terminalId('D', `${n}`));
    fc.assert(
      fc.property(fc.array(fc.record({ from: spot, to: spot }), { maxLength: 14 }), (joined) => {
        const root = partition(joined);
        // The twin walks.
        const reached = (start: TerminalId): Set<TerminalId> => {
          const seen = new Set([start]);
          for (let grew = true; grew;) {
            grew = false;
            for (const { from, to } of joined)
              if (seen.has(from) !== seen.has(to)) {
                seen.add(from).add(to);
                grew = true;
              }
          }
          return seen;
        };
        for (let a = 0; a < 12; a += 1)
          for (let b = 0; b < 12; b += 1) {
            const [one, two] = [terminalId('D', `${a}`), terminalId('D', `${b}`)];
            expect(root(one) === root(two)).toBe(reached(one).has(two));
          }
      }),
      { numRuns: numberTried(200) },
    );
  });
});

describe('differences', () => {
  it.each(SETS)('are none at %s as Aldaba wires it', (id) => {
    const plan = door(id);
    expect(differences(plan, 'D01', targetOf(plan, 'D01'))).toEqual([]);
  });
  it('are none where the same terminals are joined along other ways', () => {
    const plan = door('magnet-controller');
    // R1 takes its 0 V from the controller instead of the supply: one point all the same.
    const [feed] = conductorsOf(plan, 'D01').filter(({ from, to }) =>
      [from, to].includes(terminalOf('D01/R1.V-')),
    );
    const end = feed!.from === terminalOf('D01/R1.V-') ? 'to' : 'from';
    const other = feed![end] === terminalOf('D01/PS1.0V') ? 'D01/K1.0V' : 'D01/PS1.0V';
    const along = mustApply(plan, {
      kind: 'setConductor',
      id: feed!.id,
      patch: { [end]: terminalOf(other) },
    });
    expect(differences(along, 'D01', targetOf(along, 'D01'))).toEqual([]);
  });
  it.each(SETS)('put right one after the other, cheapest first, leave none at %s', (id) => {
    const plan = door(id);
    const all = singleMistakes(plan, 'D01');
    fc.assert(
      fc.property(fc.array(fc.nat(all.length - 1), { minLength: 1, maxLength: 3 }), (picks) => {
        let now: Plan = plan;
        for (const pick of picks) {
          const result = applyEdit(now, all[pick]!.edit);
          if (result.ok) now = result.plan;
        }
        const target = targetOf(now, 'D01');
        for (let steps = 0; ; steps += 1) {
          const left = differences(now, 'D01', target);
          if (left.length === 0) break;
          expect(steps).toBeLessThan(12);
          // Every one of them can be made.
          for (const change of left) expect(applyEdit(now, editOf({ changes: [change] }, '')).ok).toBe(true);
          const best = left.reduce((a, b) => (costOf(now, b) < costOf(now, a) ? b : a));
          now = mustApply(now, editOf({ changes: [best] }, ''));
        }
        expect(oddWires(now, 'D01', target)).toEqual([]);
      }),
      { numRuns: numberTried(12) },
    );
  });
  it('know a wire that went where another goes as the one that is missing', () => {
    const plan = door('strike-keypad');
    const feed = conductorsOf(plan, 'D01').find(({ from, to }) =>
      [from, to].includes(terminalOf('D01/K1.COM')),
    )!;
    const end = feed.from === terminalOf('D01/K1.COM') ? 'from' : 'to';
    const twice = mustApply(plan, {
      kind: 'setConductor',
      id: feed.id,
      patch: { [end]: terminalOf('D01/K1.+12') },
    });
    expect(differences(twice, 'D01', targetOf(twice, 'D01'))).toContainEqual({
      kind: 'move',
      wire: feed.id,
      end,
      from: terminalOf('D01/K1.+12'),
      to: terminalOf('D01/K1.COM'),
    });
  });
  it('leave the wires of other doors alone', () => {
    const plan = door('magnet-controller');
    const other = { ...Object.values(plan.doors)[0]!, id: 'D02', order: 2 };
    const two = mustApply(plan, { kind: 'addDoor', door: other });
    const foreign: Conductor = {
      ...conductorsOf(plan, 'D01')[0]!,
      id: 'D02/W01',
      door: 'D02',
      number: 'W01',
      from: terminalOf('D01/K1.NO2'),
      to: terminalOf('D01/K1.NC2'),
    };
    const joined = mustApply(two, { kind: 'connect', conductor: foreign });
    for (const change of differences(joined, 'D01', targetOf(joined, 'D01')))
      expect(JSON.stringify(change)).not.toContain('D02/W01');
  });
});

describe('moveCost', () => {
  const plan = door('magnet-controller');
  const cost = (from: string, to: string) =>
    moveCost(plan, {
      kind: 'move',
      wire: 'D01/W01',
      end: 'from',
      from: terminalOf(`D01/${from}`),
      to: terminalOf(`D01/${to}`),
    });
  it('grows with the way along the terminals, and more to another device', () => {
    const { terminals } = { terminals: ['NC1', 'NO1'] };
    expect(cost('K1.COM1', `K1.${terminals[0]}`)).toBeLessThan(cost('K1.COM1', 'K1.D1-1'));
    expect(cost('K1.COM1', 'K1.D1-1')).toBeLessThan(cost('K1.COM1', 'F1.NC'));
    expect(cost('K1.COM1', 'F1.NC')).toBeGreaterThanOrEqual(COSTS.exchange + COSTS.otherDevice);
  });
});

describe('protections', () => {
  const plan = door('magnet-controller');
  const of = (at: Plan) => [...protections(checkContext(at, 'D01'), targetOf(at, 'D01'))];
  const isRelease = (part: string) => ['D01/EB1', 'D01/F1'].includes(part.split(':')[0]!);

  it('are the contacts that let the door go, each pole, and the diode', () => {
    expect(of(plan).filter(isRelease)).toHaveLength(3);
    expect(of(door('strike-keypad')).some((part) => part.startsWith('D01/D1:'))).toBe(true);
  });
  it('are less where a wire goes round one', () => {
    const round = mustApply(plan, wire('EB1.1C', 'EB1.1NC'));
    expect(of(round).filter(isRelease)).toHaveLength(2);
  });
  it('are known by their current where nothing is known of the wiring', () => {
    const context = checkContext(plan, 'D01');
    expect([...protections(context, NO_TARGET)].filter(isRelease)).toHaveLength(3);
  });
  it('are not on the throw that Aldaba would not use', () => {
    const lobby = door('lobby-pull');
    const pull = conductorsOf(lobby, 'D01').find(({ from, to }) =>
      [from, to].some((end) => deviceOf(end) === 'D01/EB1' && end.endsWith('2NO')),
    );
    const end = pull && (pull.from.endsWith('2NO') ? 'from' : 'to');
    const wrong = mustApply(lobby, {
      kind: 'setConductor',
      id: pull!.id,
      patch: { [end!]: terminalOf('D01/EB1.2NC') },
    });
    expect(of(wrong).filter((part) => part.includes('EB1') && part.includes('2'))).toEqual([]);
  });
});

describe('halfContacts', () => {
  it('counts a contact that a wire leads to and none away from', () => {
    const plan = door('magnet-controller');
    const count = (at: Plan) => halfContacts(checkContext(at, 'D01'));
    expect(count(plan)).toBe(0);
    expect(count(mustApply(plan, drop(plan, 'K1.NC1', 'EB1.1C')))).toBe(2);
    expect(count(mustApply(plan, move(plan, 'K1.NC1', 'EB1.1C', 'from', 'K1.NO1')))).toBe(0);
  });
});
