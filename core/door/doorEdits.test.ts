import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { FINDING_CODES } from '../checks/index';
import { findType } from '../devices/index';
import { LIBRARY } from '../devices/library/index';
import {
  applyEdit,
  conductorsOf,
  deviceOf,
  devicesOf,
  typeIn,
  wiresOn,
  type DoorId,
  type Edit,
  type Plan,
} from '../plan/index';
import { metres } from '../units/index';
import { doorVerdict } from '../verdict/index';
import { copyDoor } from './copyDoor';
import { exchangeType } from './exchangeType';
import { isRunEntered, runOf } from './index';
import { moveDevice } from './moveDevice';
import { renumberDoor } from './renumberDoor';
import { numberTried } from '../../scripts/testSlice';

const demo = quillhaven();
const DOORS = Object.keys(demo.doors);
/** Joined to no other door, by a wire or by an intercom. */
const alone = (door: DoorId) =>
  devicesOf(demo, door).every((device) => !typeIn(demo, device).roles.intercom) &&
  conductorsOf(demo, door).every(({ from, to }) =>
    [from, to].every((end) => demo.devices[deviceOf(end)]?.door === door),
  );

function must(plan: Plan, edit: Edit): Plan {
  const result = applyEdit(plan, edit);
  if (!result.ok) throw new Error(JSON.stringify(result.refusal));
  const back = applyEdit(result.plan, result.inverse);
  expect(back.ok && back.plan).toEqual(plan);
  return result.plan;
}
/** Findings of a door by code and by what they are about, whatever the door is called. */
const said = (plan: Plan, door: DoorId, ...but: string[]) =>
  doorVerdict(plan, door)
    .findings.filter(({ code }) => !but.includes(code))
    .map(({ code, severity, at }) =>
      [code, severity, ...at.map(({ id }) => id.replaceAll(new RegExp(`\\b${door}\\b`, 'g'), '·'))].join(' '),
    )
    .sort();

describe('copyDoor', () => {
  it.each(DOORS.filter(alone))('gives a door that is judged as %s is', (door) => {
    const wish = { id: 'D90', name: 'Copy', order: 90, run: runOf(demo, door), people: true };
    const { edit, left } = copyDoor(demo, door, wish);
    const plan = must(demo, edit);
    expect(left.every(({ kind }) => kind === 'address')).toBe(true);
    expect(devicesOf(plan, 'D90')).toHaveLength(devicesOf(demo, door).length);
    expect(conductorsOf(plan, 'D90').map(({ number }) => number)).toEqual(
      conductorsOf(demo, door).map(({ number }) => number),
    );
    // What was keyed in and noted is the original's own.
    const own = FINDING_CODES.filter((code) => /^(code|keypad|factory|people|network|address)/.test(code));
    expect(said(plan, 'D90', ...own)).toEqual(said(demo, door, ...own));
  });
  it('is as much longer as its run, and marks what nobody knows', () => {
    const wish = { id: 'D90', name: '', order: 90, people: false };
    const run = runOf(demo, 'D02')!;
    const longer = must(demo, copyDoor(demo, 'D02', { ...wish, run: metres(run + 7) }).edit);
    expect(runOf(longer, 'D90')).toBeCloseTo(run + 7);
    expect(isRunEntered(longer, 'D90')).toBe(true);
    const unknown = must(demo, copyDoor(demo, 'D02', { ...wish, run: null }).edit);
    expect(runOf(unknown, 'D90')).toBe(run);
    expect(isRunEntered(unknown, 'D90')).toBe(false);
    expect(said(unknown, 'D90').some((line) => line.startsWith('wires-assumed'))).toBe(true);
    const [wire] = conductorsOf(unknown, 'D90').filter(({ assumed }) => assumed.length > 0);
    const entered = must(unknown, { kind: 'setConductor', id: wire!.id, patch: { length: metres(3) } });
    expect(entered.conductors[wire!.id]?.assumed).toEqual([]);
  });
  it('leaves addresses out, and says which', () => {
    const { edit, left } = copyDoor(demo, 'D10', {
      id: 'D90',
      name: '',
      order: 90,
      run: null,
      people: false,
    });
    expect(left.filter(({ kind }) => kind === 'address').length).toBeGreaterThan(0);
    expect(JSON.stringify(devicesOf(must(demo, edit), 'D90'))).not.toContain('10.20.4.24');
  });
});

describe('renumberDoor', () => {
  it.each(DOORS)('keeps everything of %s under another number', (door) => {
    const plan = must(demo, renumberDoor(demo, door, 'X7'));
    expect(plan.doors[door]).toBeUndefined();
    expect(JSON.stringify({ ...plan, site: null })).not.toMatch(new RegExp(`"${door}["/.]`));
    const count = (of: Plan) => Object.values(of).map((table) => Object.keys(table).length);
    expect(count(plan).slice(1)).toEqual(count(demo).slice(1));
    expect(said(plan, 'X7')).toEqual(said(demo, door));
    const readings = (of: Plan, id: string) =>
      Object.values(of.readings).flatMap((one) => (one.door === id ? [one.value] : []));
    expect(readings(plan, 'X7')).toEqual(readings(demo, door));
  });
});

describe('a scenario', () => {
  const wire = conductorsOf(demo, 'D02')[0]!.id;
  const kept = { lock: [{ at: 0, is: 'held' }], 'relay:D02/K1:relay1': [{ at: 0, is: 'rest' }] };
  const plan = must(demo, {
    kind: 'addScenario',
    scenario: {
      id: 'D02/S1',
      door: 'D02',
      name: 'Night',
      order: 0,
      acts: [
        { does: 'press', at: 0, device: 'D02/X1', key: null },
        { does: 'cut', at: 900, wire },
      ],
      until: 9000,
      expects: { forced: null, held: null, tamper: null, end: 'locked', wayOut: true },
      kept,
    },
  });
  const acts = [
    { does: 'press', at: 0, device: 'X7/X1', key: null },
    { does: 'cut', at: 900, wire: wire.replace('D02/', 'X7/') },
  ];
  it('goes along under another number, with the lanes that were found right', () => {
    const { scenarios } = must(plan, renumberDoor(plan, 'D02', 'X7'));
    const lanes = { lock: kept.lock, 'relay:X7/K1:relay1': kept['relay:D02/K1:relay1'] };
    expect(Object.values(scenarios)).toMatchObject([{ id: 'X7/S1', door: 'X7', acts, kept: lanes }]);
  });
  it('is copied with the door, without the lanes that were found right at the original', () => {
    const wish = { id: 'X7', name: 'Copy', order: 99, run: null, people: false };
    const { scenarios } = must(plan, copyDoor(plan, 'D02', wish).edit);
    expect(Object.keys(scenarios).sort()).toEqual(['D02/S1', 'X7/S1']);
    expect(scenarios['X7/S1']).toMatchObject({ door: 'X7', acts, kept: null });
  });
});

describe('moveDevice', () => {
  it('takes every wire along, to whichever door, and back', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...Object.keys(demo.devices)),
        fc.option(fc.constantFrom(...DOORS)),
        (id, to) => {
          if (demo.devices[id]?.door === to) return;
          const { edit, tag } = moveDevice(demo, id, to);
          const plan = must(demo, edit);
          const [moved] = devicesOf(plan, to).filter((device) => device.tag === tag);
          expect(moved?.type).toBe(demo.devices[id]?.type);
          expect(wiresOn(plan, moved!.id).map(({ number }) => number)).toEqual(
            wiresOn(demo, id).map(({ number }) => number),
          );
        },
      ),
      { numRuns: numberTried(60) },
    );
  });
});

describe('exchangeType', () => {
  it('keeps, moves or takes off every wire, and says which, for any two types', () => {
    const devices = Object.values(demo.devices);
    fc.assert(
      fc.property(fc.constantFrom(...devices), fc.constantFrom(...LIBRARY), (device, to) => {
        const { edit, moved, off, lost } = exchangeType(demo, device, to);
        const plan = must(demo, edit);
        const before = wiresOn(demo, device.id);
        expect(wiresOn(plan, device.id)).toHaveLength(before.length - off.length);
        for (const { wire, now } of moved) {
          const { from, to: other } = plan.conductors[wire.id]!;
          expect([from, other]).toContain(`${device.id}.${now}`);
        }
        const pins = new Set(to.terminals.map(({ id }) => id));
        for (const { from, to: other } of wiresOn(plan, device.id))
          for (const end of [from, other])
            if (deviceOf(end) === device.id) expect(pins.has(end.slice(device.id.length + 1))).toBe(true);
        for (const setting of lost) expect(plan.devices[device.id]?.settings[setting]).toBeUndefined();
      }),
      { numRuns: numberTried(150) },
    );
  });
  it('takes nothing off where a type is put in its own place', () => {
    for (const device of Object.values(demo.devices)) {
      const { moved, off, lost } = exchangeType(demo, device, typeIn(demo, device));
      expect([moved, off, lost]).toEqual([[], [], []]);
    }
  });
  it('puts a supply of another voltage in place with all its wires, and the verdict says what no longer suits', () => {
    const [supply] = devicesOf(demo, 'D02').filter((one) => typeIn(demo, one).family === 'supply');
    const { edit, off } = exchangeType(demo, supply!, findType('supply-24v-battery')!);
    expect(off).toEqual([]);
    const verdict = doorVerdict(must(demo, edit), 'D02');
    expect(
      verdict.findings.some(({ severity, code }) => severity === 'stop' && code === 'over-voltage'),
    ).toBe(true);
  });
});
