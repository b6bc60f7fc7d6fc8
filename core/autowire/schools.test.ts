import { terminalOf } from '../specimens/terminalOf';
import { describe, expect, it } from 'vitest';
import { newDevice, HARDWARE_SETS } from '../brief/index';
import { checkContext, runChecks } from '../checks/index';
import { conductorsOf, type Edit, type Plan, type Schools } from '../plan/index';
import { doorHold, atRest, buildWorld, lockStatuses, stimulate } from '../simulate/index';
import {
  magnetDoor,
  MAGNET_BRIEF,
  mustApply,
  STRIKE_BRIEF,
  strikeDoor,
  wireBetween,
  wiredDoor,
} from '../specimens/doors';
import { metres, mm2 } from '../units/index';
import { autowire } from './index';
import { everyNth } from '../../scripts/testSlice';

const door = (set: string): Plan => {
  const egress = HARDWARE_SETS.find(({ id }) => id === set)?.electricalEgress;
  return wiredDoor(set, egress ? MAGNET_BRIEF : STRIKE_BRIEF);
};
const teach = (plan: Plan, schools: Partial<Schools>): Plan => {
  const taught = mustApply(plan, {
    kind: 'setDoor',
    id: 'D01',
    patch: { schools: { ...plan.doors['D01']!.schools, ...schools } },
  });
  return mustApply(taught, autowire(taught, 'D01', metres(12)).edit);
};
const bad = (plan: Plan) =>
  runChecks(checkContext(plan, 'D01'))
    .filter(({ severity }) => severity === 'stop' || severity === 'fix')
    .map(({ code }) => code);
const add = (plan: Plan, ...types: string[]): Plan =>
  types.reduce(
    (now, type) => mustApply(now, { kind: 'addDevice', device: newDevice(now, 'D01', type) }),
    plan,
  );
const ends = (plan: Plan) =>
  conductorsOf(plan, 'D01').map(({ from, to }) => `${from.slice(4)} ${to.slice(4)}`);

const OPTIONS: readonly Partial<Schools>[] = [
  { leg: 'plus' },
  { leg: 'minus' },
  { release: 'own-relay' },
  { release: 'timed-supply' },
  { release: 'wet-output' },
  { readerFeed: 'shared' },
  { readerFeed: 'supply' },
  { status: 'own-input' },
  { status: 'with-contact' },
  { fireTrigger: 'NO' },
  { contact: 'plain' },
  { contact: 'end-of-line' },
];

describe('every school at every hardware set', () => {
  it.each(everyNth(HARDWARE_SETS, 4).map(({ id }) => id))(
    '%s: wired sound, whichever school is chosen',
    (set) => {
      for (const option of OPTIONS) {
        // Resistors that hang beside a contact ask for the school that uses them.
        if (set === 'mortise-bus' && option.contact === 'plain') continue;
        expect([option, bad(teach(door(set), option))]).toEqual([option, []]);
      }
    },
  );
  it('comes back to the same wires when the school is changed there and back', () => {
    for (const set of ['magnet-controller', 'shear-two-outputs', 'strike-wet']) {
      const plan = door(set);
      const own = plan.doors['D01']!.schools.leg ?? 'plus';
      const there = teach(plan, { leg: own === 'plus' ? 'minus' : 'plus' });
      expect(ends(teach(there, { leg: own })).sort()).toEqual(ends(plan).sort());
    }
  });
});

describe('the switched leg', () => {
  it('is the minus where that is the school: supply plus goes straight to the break', () => {
    const wires = ends(teach(magnetDoor(), { leg: 'minus' }));
    expect(wires).toContain('PS1.+V EB1.2C');
    expect(wires.some((one) => one.includes('PS1.0V') && one.includes('F1.C'))).toBe(true);
  });
  it('leaves what a hand laid, and says what it took out and laid', () => {
    const plan = magnetDoor();
    const id = wireBetween(plan, 'F1.NC', 'K1.COM1');
    const own = mustApply(plan, { kind: 'setConductor', id, patch: { origin: 'hand' } });
    const taught = mustApply(own, { kind: 'setDoor', id: 'D01', patch: { schools: { leg: 'minus' } } });
    const wiring = autowire(taught, 'D01', metres(12));
    expect(wiring.kept.map((wire) => wire.id)).toEqual([id]);
    expect(wiring.removed.length).toBeGreaterThan(2);
    expect(wiring.added.length).toBeGreaterThan(2);
    expect(wiring.unchanged.length).toBeGreaterThan(8);
  });
});

describe('two outputs on one lock', () => {
  const free = (plan: Plan, output: number) => {
    const world = buildWorld(plan, 'D01');
    const rest = atRest(world);
    expect(doorHold(lockStatuses(world, rest.point))).toBe('held');
    const { state } = stimulate(world, rest, { kind: 'credential', valid: true, output });
    return doorHold(lockStatuses(world, state.point)) === 'free';
  };
  it('stand in series for a magnet: either opens', () => {
    expect([free(door('shear-two-outputs'), 0), free(door('shear-two-outputs'), 1)]).toEqual([true, true]);
  });
  it('stand in parallel for a strike: either opens', () => {
    const bare = mustApply(strikeDoor(), { kind: 'removeDevice', id: 'D01/K1' });
    const two = add(bare, 'keypad-two-relays');
    const wired = mustApply(two, autowire(two, 'D01', metres(12)).edit);
    expect(ends(wired)).toEqual(expect.arrayContaining(['K1.COM K1.COM2', 'K1.NO2 K1.NO']));
    expect([free(wired, 0), free(wired, 1)]).toEqual([true, true]);
    expect(bad(wired)).toEqual([]);
  });
});

describe('exits', () => {
  it.each<[string, string[]]>([
    ['a button', ['exit-button']],
    ['a touchless sensor', ['exit-touchless']],
    ['a motion sensor', ['exit-motion']],
    ['a lit button', ['exit-button-lit']],
    ['a two-pole button that also opens the lock’s power', ['exit-button-double']],
    ['a normally closed button', ['exit-button-nc']],
    ['a button and a sensor in parallel', ['exit-button', 'exit-motion']],
  ])('%s lets people out of a magnet door', (_, types) => {
    const bare = mustApply(magnetDoor(), { kind: 'removeDevice', id: 'D01/X1' });
    const more = add(bare, ...types);
    const wired = mustApply(more, autowire(more, 'D01', metres(12)).edit);
    expect(bad(wired)).toEqual([]);
    const world = buildWorld(wired, 'D01');
    const rest = atRest(world);
    for (const index of types.keys()) {
      const { state } = stimulate(world, rest, { kind: 'press', device: `D01/X${index + 1}` });
      expect(doorHold(lockStatuses(world, state.point))).toBe('free');
    }
  });
});

describe('a serial reader', () => {
  it('is wired transmit to receive, with a common 0 V, and its cards arrive', () => {
    let plan = magnetDoor();
    for (const id of ['D01/K1', 'D01/R1']) plan = mustApply(plan, { kind: 'removeDevice', id });
    const serial = add(plan, 'controller-1-serial', 'reader-serial');
    const wired = mustApply(serial, autowire(serial, 'D01', metres(6)).edit);
    expect(ends(wired)).toEqual(expect.arrayContaining(['K1.TX R1.RX', 'K1.RX R1.TX']));
    expect(bad(wired)).toEqual([]);
    const [tx, rx] = [wireBetween(wired, 'K1.TX', 'R1.RX'), wireBetween(wired, 'K1.RX', 'R1.TX')];
    const straight: Edit[] = [
      { kind: 'setConductor', id: tx, patch: { to: terminalOf('D01/R1.TX') } },
      { kind: 'setConductor', id: rx, patch: { to: terminalOf('D01/R1.RX') } },
    ];
    expect(bad(mustApply(wired, ...straight))).toContain('card-lines-swapped');
  });
});

describe('a mortise lock', () => {
  it.each(['fail-safe', 'fail-secure'] as const)('is wired to the terminal that makes it %s', (state) => {
    const plan = door('mortise-bus');
    const chosen = mustApply(plan, {
      kind: 'setDoor',
      id: 'D01',
      patch: { deadState: { state, overrideReason: 'as a test', by: 't' } },
    });
    const wired = mustApply(chosen, autowire(chosen, 'D01', metres(12)).edit);
    const used = ends(wired).join(' ');
    expect([used.includes('L1.FS '), used.includes('L1.FSE')]).toEqual(
      state === 'fail-safe' ? [used.includes('L1.FS '), false] : [false, true],
    );
    expect(runChecks(checkContext(wired, 'D01')).map(({ code }) => code)).not.toContain('dead-state-differs');
  });
});

describe('a colour scheme', () => {
  it('of the site decides what Aldaba lays', () => {
    const plan = mustApply(magnetDoor(), {
      kind: 'setSite',
      patch: { colours: { plus: 'OG', minus: 'GY' } },
    });
    const wired = mustApply(plan, autowire(plan, 'D01', metres(12)).edit);
    const colours = new Set(conductorsOf(wired, 'D01').map(({ colour }) => colour));
    expect(colours.has('OG') && colours.has('GY')).toBe(true);
    expect(colours.has('RD') || colours.has('BK')).toBe(false);
  });
  it('never gives two wires of one door the same number', () => {
    const numbers = conductorsOf(magnetDoor(), 'D01').map(({ number }) => number);
    expect(new Set(numbers).size).toBe(numbers.length);
    expect(mm2(1)).toBe('1mm2');
  });
});

describe('the fire contact', () => {
  const hold = (plan: Plan, fire: boolean) => {
    const world = buildWorld(plan, 'D01');
    const rest = atRest(world);
    const state = fire ? stimulate(world, rest, { kind: 'fire' }).state : rest;
    return doorHold(lockStatuses(world, state.point));
  };
  const set = (plan: Plan, value: string) =>
    mustApply(plan, { kind: 'setSetting', device: 'D01/PS1', setting: 'trigger', value });
  const lobby = door('lobby-pull');
  const closing = teach(lobby, { fireTrigger: 'NO' });

  it('opens or closes on alarm; wire and setting follow the school together', () => {
    expect(
      ends(lobby)
        .filter((one) => one.includes('F1.'))
        .join(),
    ).toMatch(/F1\.NC/);
    expect(
      ends(closing)
        .filter((one) => one.includes('F1.'))
        .join(),
    ).toMatch(/F1\.NO/);
    for (const plan of [lobby, closing]) {
      expect([hold(plan, false), hold(plan, true)]).toEqual(['held', 'free']);
      expect(bad(plan)).toEqual([]);
    }
  });
  it('of the other kind than the supply is set to leaves the door open, and is found', () => {
    for (const wrong of [set(lobby, 'NO'), set(closing, 'NC')]) {
      expect(hold(wrong, false)).toBe('free');
      expect(bad(wrong).length).toBeGreaterThan(0);
    }
  });
  it('that closes on alarm does not release where its wire is cut, and a caution says so', () => {
    const cut = (plan: Plan) =>
      mustApply(plan, {
        kind: 'disconnect',
        id: conductorsOf(plan, 'D01').find(({ from, to }) => [from, to].includes(terminalOf('D01/PS1.FI')))!
          .id,
      });
    expect(hold(cut(lobby), false)).toBe('free');
    expect(hold(cut(closing), true)).toBe('held');
    const codes = runChecks(checkContext(closing, 'D01')).map(({ code }) => code);
    expect(codes).toContain('fire-unwatched');
    expect(runChecks(checkContext(lobby, 'D01')).map(({ code }) => code)).not.toContain('fire-unwatched');
  });
});
