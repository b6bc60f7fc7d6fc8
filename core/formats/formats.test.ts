import { blankCard, blankPerson } from '../plan/index';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { magnetDoor, mustApply, strikeDoor } from '../specimens/doors';
import { factoryMemory, LANGUAGES } from '../keypads/index';
import { loopsSvg, parseAldaba, readAldaba, wiresCsv, writeAldaba } from './index';

const plan = mustApply(
  strikeDoor(),
  {
    kind: 'addPerson',
    person: {
      ...blankPerson('P1', 'Ines Calloway'),
      doors: ['D01'],
      code: '4711',
      cards: [blankCard(7, 42)],
      slots: { 'D01/K1': 3 },
    },
  },
  {
    kind: 'setMemory',
    device: 'D01/K1',
    memory: { device: 'D01/K1', ...factoryMemory(LANGUAGES[0]!), slots: { 3: { code: '4711', card: null } } },
  },
  {
    kind: 'addReading',
    reading: {
      id: 'r1',
      door: 'D01',
      check: 'card',
      value: 12.1,
      passed: true,
      low: 11,
      high: 13,
      by: 'A. Tester',
      at: '2026-11-01T10:00:00.000Z',
      note: '',
      meter: '',
      serial: '',
      withdrawn: null,
    },
  },
);

describe('writeAldaba and readAldaba', () => {
  it('bring a site back without loss', () => {
    for (const one of [plan, magnetDoor()]) {
      const text = JSON.stringify(writeAldaba(one, { secrets: true }));
      expect(parseAldaba(text)).toEqual({ ok: true, plan: one, notes: [] });
    }
  });
  it('leave secrets out unless asked', () => {
    const text = JSON.stringify(writeAldaba(plan, { secrets: false }));
    expect(text).not.toContain('4711');
    expect(text).not.toContain(LANGUAGES[0]!.factoryCode);
  });
  const file = () => JSON.parse(JSON.stringify(writeAldaba(plan, { secrets: true })));
  it('refuse an unknown key, with the path to it', () => {
    const bad = file();
    bad.wires[2].colur = 'RD';
    expect(readAldaba(bad)).toMatchObject({
      ok: false,
      problems: [{ path: 'wires[2]', message: 'unknown key "colur"' }],
    });
  });
  it('refuse a dangling terminal, with the path to it', () => {
    const bad = file();
    bad.wires[1].to = 'D01/L9.+';
    expect(readAldaba(bad)).toMatchObject({
      ok: false,
      problems: [{ path: 'wires[1].to', message: 'there is no terminal "D01/L9.+"' }],
    });
  });
  it('refuse unknown types, bad settings and text that is no JSON', () => {
    const bad = file();
    bad.devices[0].type = 'teapot';
    expect(readAldaba(bad)).toMatchObject({
      ok: false,
      problems: expect.arrayContaining([
        { path: 'devices[0].type', message: '"teapot" is not a device type' },
      ]),
    });
    const worse = file();
    worse.devices[3].settings = { hours: 999 };
    expect(readAldaba(worse).ok).toBe(false);
    expect(parseAldaba('{')).toMatchObject({ ok: false, problems: [{ path: '' }] });
  });
  it('never throw on any JSON', () => {
    fc.assert(fc.property(fc.jsonValue(), (json) => readAldaba(json).ok === false));
  });
});

describe('wiresCsv', () => {
  it('writes a row a wire and disarms formulas', () => {
    const lines = wiresCsv(plan, ['D01']).split('\r\n');
    expect(lines).toHaveLength(Object.keys(plan.conductors).length + 1);
    expect(lines[1]).toBe('D01,W01,PS1.+V,K1.COM,RD,red,1.0 mm²,1,15,K1,Aldaba,');
    const odd = mustApply(plan, { kind: 'setConductor', id: 'D01/W01', patch: { cable: '=cmd()' } });
    expect(wiresCsv(odd, ['D01'])).toContain("'=cmd()");
  });
});

describe('loopsSvg', () => {
  it('draws every loop and escapes what people typed', () => {
    const drawn = loopsSvg(
      mustApply(plan, { kind: 'setDevice', id: 'D01/L1', patch: { tag: '<L&1>' } }),
      'D01',
    );
    expect(drawn).toHaveLength(4);
    expect(drawn[0]?.svg).toContain('&lt;L&amp;1&gt;');
  });
});
