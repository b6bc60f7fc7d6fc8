import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { breakNow, brokenWorld, defectOf, faultsOf, sweepSite, UNTIL_QUIET_MS } from '../faults/index';
import type { Plan, Space } from '../plan/index';
import {
  fireReleases,
  openingOf,
  prepared,
  sameTrials,
  SITUATIONS,
  cellsOf,
  provenFor,
} from '../prove/index';
import { advance, atRest, buildWorld } from '../simulate/index';
import { mustApply, magnetDoor } from '../specimens/doors';
import { openedSite, picturesOf } from '../specimens/openedSite';
import { vestibule } from '../specimens/vestibule';
import { set, wire } from '../specimens/ruleEdits';
import { quillhaven } from '#demo/quillhaven';
import {
  breaches,
  fixesFor,
  fixesForZone,
  graphOf,
  isSafe,
  pictureOf,
  reachWithFaults,
  SITE_SITUATIONS,
  trapsOf,
  waysToSafety,
  zoneCells,
  type Opening,
  type Openings,
  type SiteGraph,
  type SiteSituation,
} from './index';
import { numberTried } from '../../scripts/testSlice';

const space = (id: string, kind: Space['kind'], isProtected = false): Space => ({
  id,
  name: id,
  kind,
  protected: isProtected,
  order: 0,
});
/** Small sites with doors anywhere, and whatever each lets through. */
const building = fc
  .integer({ min: 2, max: 6 })
  .chain((count) => {
    const ids = Array.from({ length: count }, (_, n) => `S${n}`);
    return fc.record({
      spaces: fc.tuple(
        ...ids.map((id, n) =>
          fc
            .tuple(
              fc.constantFrom<Space['kind']>('room', 'stairs', 'outside', 'refuge', 'lift-lobby'),
              fc.boolean(),
            )
            .map(([kind, isProtected]) => space(id, n === 0 ? 'outside' : kind, isProtected)),
        ),
      ),
      doors: fc.array(
        fc.record({
          outside: fc.constantFrom(...ids),
          inside: fc.constantFrom(...ids),
          out: fc.constantFrom<Opening['out']>('free', 'act', 'no', 'unsure'),
          in: fc.constantFrom<Opening['in']>('open', 'shut', 'unsure'),
        }),
        { maxLength: 8 },
      ),
    });
  })
  .map(({ spaces, doors }) => {
    const graph: SiteGraph = {
      spaces,
      passages: doors.map(({ outside, inside }, n) => ({ door: `D${n}`, outside, inside })),
      unsaid: [],
    };
    const openings: Openings = new Map(doors.map((door, n) => [`D${n}`, { out: door.out, in: door.in }]));
    return { graph, openings };
  });

/** The slow twin: every way through the building that goes through no space twice. */
function ways(
  { passages }: SiteGraph,
  openings: Openings,
  from: string,
  may: (opening: Opening, way: 'out' | 'in') => boolean,
): string[][] {
  const found: string[][] = [];
  const walk = (at: string, been: readonly string[], doors: readonly string[]) => {
    found.push([at, ...doors]);
    for (const { door, outside, inside } of passages) {
      const opening = openings.get(door)!;
      if (inside === at && !been.includes(outside) && may(opening, 'out'))
        walk(outside, [...been, outside], [...doors, door]);
      if (outside === at && !been.includes(inside) && may(opening, 'in'))
        walk(inside, [...been, inside], [...doors, door]);
    }
  };
  walk(from, [from], []);
  return found;
}

describe('ways to safety and ways in', () => {
  it('are those of every path that is walked by itself', () => {
    fc.assert(
      fc.property(building, fc.boolean(), ({ graph, openings }, lifts) => {
        const safe = new Set(
          graph.spaces
            .filter((one) => isSafe(one) || (lifts && one.kind === 'lift-lobby'))
            .map(({ id }) => id),
        );
        const fast = waysToSafety(graph, openings, lifts);
        for (const { id } of graph.spaces) {
          const lengths = ways(graph, openings, id, (one, way) =>
            way === 'out' ? one.out === 'free' || one.out === 'act' : one.in === 'open',
          )
            .filter(([end]) => safe.has(end!))
            .map((way) => way.length - 1);
          const shortest = lengths.length === 0 ? null : Math.min(...lengths);
          expect([id, fast.get(id)?.doors.length ?? null]).toEqual([id, shortest]);
        }
        const reached = new Set(
          graph.spaces
            .filter(({ kind, protected: isKept }) => kind === 'outside' || (kind === 'lift-lobby' && !isKept))
            .flatMap(({ id }) =>
              ways(graph, openings, id, (one, way) =>
                way === 'out' ? one.out !== 'no' : one.in !== 'shut',
              ).map(([end]) => end!),
            ),
        );
        const wanted = graph.spaces.filter((one) => one.protected && reached.has(one.id)).map(({ id }) => id);
        expect([...breaches(graph, openings).keys()].sort()).toEqual(wanted.sort());
      }),
      { numRuns: numberTried(400) },
    );
  });

  it('a lift lobby is left by its lift, but not in an alarm nor without mains; and whoever comes by lift stands in it', () => {
    const graph: SiteGraph = {
      spaces: [space('lobby', 'lift-lobby'), space('office', 'room', true), space('stairs', 'outside')],
      passages: [
        { door: 'D1', outside: 'stairs', inside: 'lobby' },
        { door: 'D2', outside: 'lobby', inside: 'office' },
      ],
      unsaid: [],
    };
    const locked: Openings = new Map([
      ['D1', { out: 'no', in: 'shut' }],
      ['D2', { out: 'free', in: 'open' }],
    ]);
    const at = (situation: SiteSituation) => pictureOf(graph, locked, situation);
    for (const situation of ['rest', 'network-lost', 'controller-hung'] as const) {
      expect(at(situation).spaces.get('lobby')).toEqual({
        status: 'out',
        way: { doors: [], act: false, lift: true },
      });
      expect(at(situation).spaces.get('office')?.status).toBe('out');
    }
    for (const situation of ['fire', 'zone:Z1', 'mains-off', 'dead', 'fire-power'] as const)
      for (const one of ['lobby', 'office'])
        expect([situation, at(situation).spaces.get(one)?.status]).toEqual([situation, 'trapped']);
    expect(at('rest').breached.get('office')).toEqual(['D2']);
  });

  it('a space that hangs on a door of which nothing is proven is unproven, never out', () => {
    fc.assert(
      fc.property(building, ({ graph, openings }) => {
        const picture = pictureOf(graph, openings, 'rest');
        for (const [id, { status, way }] of picture.spaces) {
          expect(way !== null).toBe(status === 'out' || status === 'safe');
          const doors = way?.doors ?? [];
          for (const door of doors)
            expect([id, openings.get(door)]).not.toEqual([id, { out: 'unsure', in: 'unsure' }]);
        }
      }),
    );
  });
});

/** Two doors of a small room on one controller, between the street and a hall. */
function roomOf(plan: Plan): Plan {
  return mustApply(
    plan,
    ...(['street', 'lock', 'hall'] as const).map((id, order) => ({
      kind: 'addSpace' as const,
      space: { ...space(id, id === 'street' ? 'outside' : 'room', id === 'hall'), order },
    })),
    { kind: 'setSides', id: 'D01', sides: { id: 'D01', outside: 'street', inside: 'lock' } },
    { kind: 'setSides', id: 'D02', sides: { id: 'D02', outside: 'lock', inside: 'hall' } },
  );
}

describe('with every single fault', () => {
  it('whoever is trapped is whoever the slow way traps: each fault brought about in each circuit, each situation anew', () => {
    // A glass that is bridged covers for nothing.
    const plan = mustApply(
      roomOf(vestibule()),
      wire('EB1.1C', 'EB1.1NC', { number: 'W91' }),
      wire('EB1.2C', 'EB1.2NC', { number: 'W92' }),
    );
    const graph = graphOf(plan);
    const openings = openedSite(plan);
    const fast = new Set(
      reachWithFaults(graph, openings, sweepSite(plan)).flatMap(({ fault, trapped }) =>
        trapped.map(({ space: id, situation }) => JSON.stringify([fault, id, situation])),
      ),
    );
    const slow = new Set<string>();
    const doors = ['D01', 'D02'].map((id) => {
      const world = buildWorld(plan, id);
      const rest = atRest(world);
      fireReleases(world, rest);
      return { id, world, rest, faults: new Set(faultsOf(world).map((fault) => JSON.stringify(fault))) };
    });
    const all = new Set(doors.flatMap(({ faults }) => [...faults]));
    for (const key of all) {
      const fault = JSON.parse(key) as Parameters<typeof defectOf>[1];
      const broken = doors.flatMap(({ id, world, rest, faults }) => {
        if (!faults.has(key)) return [];
        const now = brokenWorld(world, defectOf(world.netlist, fault));
        sameTrials(world, now);
        const begins = breakNow(now, rest, fault);
        return [{ id, now, after: advance(now, begins, begins.now + UNTIL_QUIET_MS).state }];
      });
      for (const situation of SITE_SITUATIONS) {
        const here = new Map(openings.get(situation));
        for (const { id, now, after } of broken) {
          const of = SITUATIONS.find((one) => one.id === situation)!;
          const at = SITUATIONS.find((one) => one.id === 'rest')!;
          const state = prepared(of, now, after);
          const { cells } = cellsOf(now, state ? of : at, state ?? after, provenFor(now));
          here.set(id, openingOf(cells));
        }
        const [before, then] = [openings.get(situation)!, here].map((one) => waysToSafety(graph, one));
        for (const [id, way] of then!)
          if (!way && before!.get(id)) slow.add(JSON.stringify([fault, id, situation]));
      }
    }
    expect([...fast].sort()).toEqual([...slow].sort());
    expect(fast.size).toBeGreaterThan(0);
  });
});

describe('the archive', () => {
  const plan = quillhaven();
  const openings = openedSite(plan);
  const traps = trapsOf(graphOf(plan), picturesOf(plan, openings));

  it('has one trap, told with what its door does, and left by the fix that is offered', () => {
    expect(traps.map(({ space: id, situations }) => [id, situations])).toEqual([
      ['staff', ['controller-hung']],
    ]);
    const [trap] = traps;
    expect(trap!.doors).toEqual([{ door: 'D10', side: 'inside', opening: { out: 'no', in: 'shut' } }]);
    const fixes = fixesFor(plan, trap!, openings);
    expect(fixes.map(({ door, what }) => [door, what])).toEqual([['D10', 'add-glass']]);
    const fixed = mustApply(plan, fixes[0]!.edit);
    expect(trapsOf(graphOf(fixed), picturesOf(fixed, openedSite(fixed)))).toEqual([]);
  });

  it('has one relay that does not latch, which its zone shows; a relay that is not tripped is offered', () => {
    const asked = (of: Plan) => zoneCells(of, openedSite(of)).filter(({ asked: what }) => what !== null);
    const failed = (of: Plan) =>
      asked(of)
        .filter(({ verdict }) => verdict === 'fail')
        .map(({ zone, door, asked: what }) => [zone, door, what]);
    expect(failed(plan)).toEqual([['Z1', 'D03', 'release']]);
    const cell = asked(plan).find(({ verdict }) => verdict === 'fail')!;
    expect([cell.opening.out, cell.burnt.out]).toEqual(['free', 'act']);
    const [latch] = fixesForZone(plan, cell);
    expect([latch?.what, latch?.code]).toEqual(['finding', 'fire-not-latched']);
    const latched = mustApply(plan, latch!.edit);
    expect(failed(latched)).toEqual([]);
    const zone = latched.zones['Z2']!;
    const less = mustApply(latched, {
      kind: 'setZone',
      id: 'Z2',
      patch: { relays: zone.relays.filter((id) => id !== 'D14/F1') },
    });
    expect(failed(less)).toEqual([['Z2', 'D14', 'release']]);
    const [fix] = fixesForZone(
      less,
      asked(less).find(({ verdict }) => verdict === 'fail')!,
    );
    expect(fix?.what).toBe('trip-relay');
    expect(failed(mustApply(less, fix!.edit))).toEqual([]);
    // What must stay shut and does not is told as well.
    const kept = mustApply(latched, { kind: 'setZone', id: 'Z1', patch: { keeps: ['D01'], releases: [] } });
    expect(failed(kept)).toEqual([['Z1', 'D01', 'keep']]);
  });

  it('asks nothing of a door of which nobody has said where it stands', () => {
    const bare = mustApply(plan, {
      kind: 'setSides',
      id: 'D10',
      sides: { id: 'D10', outside: null, inside: null },
    });
    expect(graphOf(bare).unsaid).toEqual(['D10']);
    expect(trapsOf(graphOf(bare), picturesOf(bare, openedSite(bare)))).toEqual([]);
  });
});

describe('a fix', () => {
  it('is offered only where it helps: none where the door itself has every way out already', () => {
    const plan = mustApply(
      magnetDoor(),
      { kind: 'addSpace', space: space('street', 'outside') },
      { kind: 'addSpace', space: space('hall', 'room') },
      { kind: 'setSides', id: 'D01', sides: { id: 'D01', outside: 'hall', inside: 'street' } },
      set('K1', 'ch1.unlock', 6),
    );
    const openings = openedSite(plan);
    const traps = trapsOf(graphOf(plan), picturesOf(plan, openings));
    // The sides are the wrong way round: the hall is left by nobody while the door is shut.
    expect(traps.map(({ space: id }) => id)).toEqual(['hall']);
    expect(fixesFor(plan, traps[0]!, openings)).toEqual([]);
  });
});
