import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkSheet } from '../commission/index';
import { checkContext, runRules } from '../checks/index';
import { OFFLINE } from '../functions/index';
import { POE_CLASSES, typeProblems, type DeviceType, type Offline } from '../devices/index';
import { LIBRARY } from '../devices/library/index';
import { door, set } from '../specimens/ruleEdits';
import { menuDoor } from '../specimens/menuDoor';
import { mustApply } from '../specimens/doors';
import { letsIn, waysOut } from '../prove/index';
import {
  advance,
  atRest,
  buildWorld,
  doorHold,
  lockStatuses,
  stimulate,
  type SimState,
  type Stimulus,
  type World,
} from './index';
import { numberTried } from '../../scripts/testSlice';

const LOST = { kind: 'network', on: false } as const;
const BACK = { kind: 'network', on: true } as const;
const plan = menuDoor('controller-1-menu');
const worldWith = (offline: Offline): World =>
  buildWorld(mustApply(plan, set('K1', 'offline', offline)), 'D01');
const hold = (world: World, state: SimState) => doorHold(lockStatuses(world, state.point));
const then = (world: World, state: SimState, ...acts: Stimulus[]): SimState =>
  acts.reduce((now, act) => stimulate(world, now, act).state, state);
const WRONG = { kind: 'credential', valid: false } as const;
const exitWorks = (world: World, state: SimState) =>
  waysOut(world, state).works.some(({ kind }) => kind === 'exit');

describe('a controller that has lost its network', () => {
  it.each([
    ['keeps', true, false, true],
    ['facility', true, true, true],
    ['refuses', false, false, true],
    ['nothing', false, false, false],
  ] as const)('set to %s', (offline, known, unknown, exit) => {
    const world = worldWith(offline);
    const lost = then(world, atRest(world), LOST);
    expect(hold(world, lost)).toBe('held');
    expect(letsIn(world, lost)).toBe(known);
    expect(hold(world, then(world, lost, WRONG)) === 'free').toBe(unknown);
    expect(exitWorks(world, lost)).toBe(exit);
    expect(waysOut(world, lost).works.some(({ kind }) => kind === 'break-glass')).toBe(true);
  });

  it('does as before once it is back, whatever was tried meanwhile', () => {
    const acts: readonly Stimulus[] = [
      { kind: 'credential', valid: true },
      WRONG,
      { kind: 'press', device: 'D01/X1' },
      { kind: 'openDoor', from: 'inside' },
      { kind: 'closeDoor' },
      LOST,
    ];
    fc.assert(
      fc.property(fc.constantFrom(...OFFLINE), fc.array(fc.nat(acts.length - 1)), (offline, tried) => {
        const world = worldWith(offline);
        const state = then(world, atRest(world), LOST, ...tried.map((index) => acts[index]!));
        const back = then(world, state, { kind: 'closeDoor' }, BACK);
        const quiet = advance(world, back, back.now + 600_000).state;
        expect(hold(world, quiet)).toBe('held');
        expect([letsIn(world, quiet), exitWorks(world, quiet)]).toEqual([true, true]);
        expect(hold(world, then(world, quiet, WRONG))).toBe('held');
      }),
      { numRuns: numberTried(40) },
    );
  });

  it('has a row of the proof, an item of the check sheet and, open to all, a finding', () => {
    const row = (offline: Offline) => {
      const mine = mustApply(plan, set('K1', 'offline', offline));
      const context = checkContext(mine, 'D01');
      return {
        row: context.proof.rows.find(({ situation }) => situation === 'network-lost'),
        item: checkSheet(mine, 'D01').find(({ id }) => id === 'network-lost'),
        codes: runRules(context).map(({ code }) => code),
      };
    };
    expect(row('keeps').row?.cells.inside.verdict).toBe('pass');
    expect(row('keeps').item?.values).toMatchObject({ in: 1, exit: 'X1' });
    expect(row('refuses').item?.values).toMatchObject({ in: 0, exit: 'X1' });
    expect(row('nothing').item?.values).toMatchObject({ in: 0, exit: '' });
    expect(row('keeps').codes).not.toContain('offline-lets-all-in');
    expect(row('facility').codes).toContain('offline-lets-all-in');
  });

  it('that alone knows of an exit, with no glass beside it, traps: the proof says so', () => {
    const bare = menuDoor('controller-1-menu', set('K1', 'offline', 'nothing'), {
      kind: 'removeDevice',
      id: 'D01/EB1',
    });
    const cell = checkContext(bare, 'D01').proof.rows.find(({ situation }) => situation === 'network-lost')
      ?.cells.inside;
    expect(cell?.works).toEqual([]);
  });
});

describe('what its network cable feeds', () => {
  it('is dead without it, also while mains come and go, and comes back with it', () => {
    const world = buildWorld(door('magnet-poe'), 'D01');
    const runs = (state: SimState) => [...state.boards.values()].some(Boolean);
    const rest = atRest(world);
    expect(runs(rest)).toBe(true);
    const others: readonly Stimulus[] = [
      { kind: 'mains', on: false },
      { kind: 'mains', on: true },
      { kind: 'dead', on: true },
      { kind: 'dead', on: false },
    ];
    fc.assert(
      fc.property(fc.array(fc.nat(3), { maxLength: 6 }), (tried) => {
        const acts = tried.map((index) => others[index]!);
        const lost = then(world, rest, ...acts, LOST, ...acts);
        expect(runs(lost)).toBe(false);
        const back = then(world, lost, { kind: 'dead', on: false }, { kind: 'mains', on: true }, BACK);
        expect([...back.boards]).toEqual([...rest.boards]);
      }),
      { numRuns: numberTried(30) },
    );
  });

  it('never gives more than the cable of its class brings, in the library and in one’s own types', () => {
    const fed = LIBRARY.filter(({ poe }) => poe);
    expect(fed.length).toBeGreaterThan(3);
    for (const type of fed) expect([type.id, typeProblems(type)]).toEqual([type.id, []]);
    const [one] = fed;
    const more: DeviceType = {
      ...one!,
      parts: one!.parts.map((part) =>
        part.kind === 'source'
          ? { ...part, maxAmps: (POE_CLASSES[one!.poe!.class].deviceWatts * 1.01) / part.volts }
          : part,
      ),
    };
    expect(typeProblems(more).map(({ code }) => code)).toContain('beyond-poe');
  });
});

describe('a door that locks as soon as it opens', () => {
  it('lets one person through a release: who follows before it is shut needs a card of their own', () => {
    const world = buildWorld(mustApply(plan, set('K1', 'ch1.relock', 'open')), 'D01');
    const rest = atRest(world);
    const open = then(
      world,
      rest,
      { kind: 'credential', valid: true },
      { kind: 'openDoor', from: 'outside' },
    );
    expect([...open.alarms]).toEqual([]);
    const shut = then(world, open, { kind: 'closeDoor' });
    expect(hold(world, shut)).toBe('held');
    const timed = buildWorld(mustApply(plan, set('K1', 'ch1.relock', 'time')), 'D01');
    const slow = then(
      timed,
      atRest(timed),
      { kind: 'credential', valid: true },
      { kind: 'openDoor', from: 'outside' },
      { kind: 'closeDoor' },
    );
    expect(hold(timed, slow)).toBe('free');
  });
});
