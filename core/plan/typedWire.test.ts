import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { magnetDoor } from '../specimens/doors';
import { METRES_PER_FOOT } from '../units/index';
import { completeWireLine, nameable, parseWireLine, understood } from './index';

const plan = magnetDoor();
const read = (text: string) => {
  const result = parseWireLine(plan, 'D01', text);
  return result.ok ? result.line : result.fault.code;
};
const laid = (text: string) => {
  const line = read(text);
  if (typeof line === 'string') throw new Error(`${text}: ${line}`);
  return line;
};

describe('a wire typed as people write it', () => {
  it.each([
    'PS1.+V K1.COM1 RD 1.0 12m',
    'PS1.+V -> K1.COM1 red 1.0 12 m',
    'PS1.+V → K1.COM1 12 m RD 1.0 mm²',
    'PS1.+V to K1.COM1 rot 1,0 12 metres',
    'PS1.+V - K1.COM1 1.0mm2 red 12m',
    'PS1/+V K1/COM1 RD 1.0 12m',
    'ps1:+v – k1:com1 Red 1 12m',
  ])('%s', (text) => {
    expect(laid(text)).toEqual({
      from: 'D01/PS1.+V',
      to: 'D01/K1.COM1',
      colour: 'RD',
      gauge: '1mm2',
      length: 12,
      assumed: [],
    });
  });
  it.each([
    ['18 AWG', { gauge: '18AWG' }],
    ['#18', { gauge: '18AWG' }],
    ['12 ft', { length: 12 * METRES_PER_FOOT }],
    ["40'", { length: 40 * METRES_PER_FOOT }],
    ['2,5 m', { length: 2.5 }],
    ['0,75', { gauge: '0.75mm2' }],
    ['green-yellow', { colour: 'GNYE' }],
  ])('reads %s', (word, part) => {
    expect(laid(`PS1.+V K1.COM1 ${word}`)).toMatchObject(part);
  });
  it('says what of it was not typed', () => {
    expect(laid('PS1.+V K1.COM1').assumed).toEqual(['length', 'colour', 'gauge']);
    expect(laid('PS1.+V K1.COM1 12 m').assumed).toEqual(['colour', 'gauge']);
    expect(laid('PS1.+V K1.COM1 red 18 AWG').assumed).toEqual(['length']);
  });
  it.each([
    ['PS1.+V to', 'no-second'],
    ['PS1.+V K1', 'no-terminal'],
    ['PS1/XX K1.COM1', 'unknown-terminal'],
    ['PS1.+V K1.COM1 red RD', 'twice'],
    ['PS1.+V K1.COM1 1.0 18 AWG', 'twice'],
    ['PS1.+V K1.COM1 12 bananas', 'unknown-word'],
    ['PS1.+V K1.COM1 redish', 'unknown-word'],
    ['PS1.+V K1.COM1 99 km', 'unknown-word'],
  ])('refuses %s as %s', (text, code) => expect(read(text)).toBe(code));
  it('never throws, and names a place in the line, whatever is typed', () => {
    const word = fc.constantFrom(
      'PS1.+V',
      'K1/COM1',
      'to',
      '->',
      '-',
      'RD',
      'red',
      '18',
      'AWG',
      '1,5',
      'm',
      "12'",
      '.',
      '/',
      '::',
    );
    fc.assert(
      fc.property(fc.array(word, { maxLength: 8 }), (words) => {
        const text = words.join(' ');
        const result = parseWireLine(plan, 'D01', text);
        if (result.ok) return;
        const { start, end } = result.fault;
        expect(start >= 0 && end <= text.length && start <= end).toBe(true);
      }),
    );
  });
  it('offers the devices of the door first', () => {
    const [first] = nameable(plan, 'D01').values();
    expect(first?.door).toBe('D01');
  });
  it('completes the second terminal behind what stands between the two', () => {
    for (const text of ['PS1.+V ', 'PS1.+V to ', 'PS1.+V -> '])
      expect(completeWireLine(plan, 'D01', text, text.length)).toContain('K1.');
    const done = 'PS1.+V to K1.COM1 ';
    expect(completeWireLine(plan, 'D01', done, done.length)).toContain('RD');
  });
});

describe('understood', () => {
  const read = (text: string) => {
    const { fault, ...said } = understood(plan, 'D01', text);
    return { ...said, fault: fault?.code ?? null };
  };
  it('says what of a line is clear while it is typed', () => {
    expect(read('')).toEqual({ fault: 'empty' });
    expect(read('PS1.')).toEqual({ fault: 'unknown-terminal' });
    expect(read('PS1.+V')).toEqual({ from: 'D01/PS1.+V', fault: 'no-second' });
    expect(read('PS1.+V K1.COM1')).toEqual({ from: 'D01/PS1.+V', to: 'D01/K1.COM1', fault: null });
    expect(read('PS1.+V K1.COM1 red 14')).toMatchObject({ colour: 'RD', fault: null, gauge: '14mm2' });
    expect(read('PS1.+V K1.COM1 red purple-ish 14m')).toMatchObject({ colour: 'RD', fault: 'unknown-word' });
  });
  it('and the wire that is laid is what was understood: every line, however far it got', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('PS1.+V', 'K1.COM1', 'red', 'BK', '14m', '0.75', '18AWG', '->', 'x', 'PS1')),
        (words) => {
          const text = words.join(' ');
          const { fault, ...said } = understood(plan, 'D01', text);
          const result = parseWireLine(plan, 'D01', text);
          expect(result.ok).toBe(fault === null);
          if (result.ok) expect(result.line).toMatchObject(said);
          else expect(result.fault).toEqual(fault);
        },
      ),
    );
  });
});
