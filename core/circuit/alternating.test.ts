import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { terminalId, typeIn, type Edit, type Plan, type TerminalId } from '../plan/index';
import { atRest, buildWorld, stimulate, type SimState, type World } from '../simulate/index';
import { mustApply } from '../specimens/doors';
import { dock, drop, move, wire } from '../specimens/ruleEdits';
import { numberTried } from '../../scripts/testSlice';

const AC = ['PS2', 'H1'];
const terminalsOf = (plan: Plan, tags: (tag: string) => boolean): TerminalId[] =>
  Object.values(plan.devices)
    .filter(({ tag }) => tags(tag))
    .flatMap((device) => typeIn(plan, device).terminals.map(({ id }) => terminalId(device.id, id)));
const name = (terminal: TerminalId) => terminal.slice('D01/'.length);

const wrong = (world: World, { point }: SimState): string[] =>
  point.damages
    .filter(({ kind }) => kind === 'wrong-current')
    .map(({ branch }) => world.netlist.branches[branch]!.id);
function states(plan: Plan): { world: World; rest: SimState; called: SimState } {
  const world = buildWorld(plan, 'D01');
  const rest = atRest(world);
  return { world, rest, called: stimulate(world, rest, { kind: 'press', device: 'D01/H1' }).state };
}

describe('alternating and direct current', () => {
  const plan = dock();
  const [swings, steady] = [
    terminalsOf(plan, (tag) => AC.includes(tag)),
    // The coil belongs to both: the handset works it.
    terminalsOf(plan, (tag) => !AC.includes(tag) && tag !== 'Q1'),
  ];

  it('that share one point are two circuits: nothing suffers, nothing runs otherwise', () => {
    const apart = states(plan);
    fc.assert(
      fc.property(fc.constantFrom(...swings), fc.constantFrom(...steady), (one, two) => {
        const joined = states(mustApply(plan, wire(name(one), name(two))));
        for (const which of ['rest', 'called'] as const) {
          expect([which, wrong(joined.world, joined[which])]).toEqual([which, []]);
          const modes = (at: typeof apart) =>
            at.world.netlist.branches.flatMap(({ id }, index) => (at[which].point.on[index] ? [id] : []));
          expect(modes(joined)).toEqual(expect.arrayContaining(modes(apart)));
        }
      }),
      { numRuns: numberTried(60) },
    );
  });

  it('that meet in an input harm the input, and not the board beside it', () => {
    const edits: Edit[] = [
      move(plan, 'H1.S1', 'Q1.A1', 'to', 'K1.PUSH'),
      move(plan, 'Q1.A2', 'H1.S2', 'from', 'K1.G'),
    ];
    const { world, rest, called } = states(mustApply(plan, ...edits));
    expect(wrong(world, rest)).toEqual([]);
    expect(wrong(world, called)).toEqual(['D01/K1:push']);
  });

  it('are told apart by superposition: a board on both suffers by the alternating part alone', () => {
    const bare = mustApply(plan, drop(plan, 'PS1.+V', 'K1.+12'));
    const { world, rest } = states(
      mustApply(bare, wire('PS2.AC1', 'K1.+12'), wire('PS2.AC2', 'PS1.0V', { number: 'W91' })),
    );
    expect(wrong(world, rest)).toContain('D01/K1:board');
    const branch = world.netlist.branchOf.get('D01/K1:board')!;
    const { a, b } = world.netlist.branches[branch]!;
    const alone = rest.point.alternating!;
    expect(Math.abs(alone[a]! - alone[b]!)).toBeGreaterThan(10);
    expect(rest.boards.get('D01/K1:board')).toBe(false);
  });

  it('costs nothing where there is none: a circuit without an alternating source has no such volts', () => {
    const { 'D01/PS2': _transformer, ...devices } = plan.devices;
    const conductors = Object.fromEntries(
      Object.entries(plan.conductors).filter(
        ([, { from, to }]) => ![from, to].some((end) => end.includes('PS2')),
      ),
    );
    expect(states({ ...plan, devices, conductors }).rest.point.alternating).toBeNull();
  });
});
