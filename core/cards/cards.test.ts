import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { roomOf } from './format';
import {
  CARD_FORMATS,
  changedOver,
  fitting,
  formatProblems,
  FORMS,
  frameOf,
  readForm,
  seenAs,
  writeForm,
  type CardFormat,
} from './index';
import { numberTried } from '../../scripts/testSlice';

const [bits26, bits34] = CARD_FORMATS as [CardFormat, CardFormat];
/** Any card that a format has room for. */
const cardOf = (format: CardFormat) =>
  fc.record({
    facility: fc.integer({ min: 0, max: roomOf(format.facility) - 1 }),
    number: fc.integer({ min: 0, max: roomOf(format.number) - 1 }),
  });

it('a frame without a parity is taken for another card over changed data lines', () => {
  const bare: CardFormat = {
    ...bits26,
    id: 'bare',
    parities: [],
    facility: { from: 1, to: 9 },
    number: { from: 10, to: 26 },
  };
  expect(changedOver(bare)).toBe('misread');
  expect(changedOver({ ...bare, facility: { from: 2, to: 9 }, fixed: [{ from: 1, to: 1, value: 1 }] })).toBe(
    'dropped',
  );
});

describe.each(CARD_FORMATS.map((format) => [format.id, format] as const))('%s', (_id, format) => {
  it('covers its frame: every bit is a number’s or a parity', () => {
    const bits = new Set(format.parities.map(({ at }) => at));
    for (const { from, to } of [format.facility!, format.number])
      for (let at = from; at <= to; at += 1) {
        expect(bits.has(at)).toBe(false);
        bits.add(at);
      }
    expect(bits.size).toBe(format.bits);
  });
  it('sends a card that is seen as the same card, and a bit that flips is noticed', () => {
    fc.assert(
      fc.property(cardOf(format), fc.integer({ min: 0, max: format.bits - 1 }), (card, at) => {
        const frame = frameOf(format, card)!;
        expect(frame).toHaveLength(format.bits);
        expect(seenAs(format, frame)).toEqual({ kind: 'card', card });
        const flipped = [...frame]
          .map((bit, index) => (index === at ? String(1 - Number(bit)) : bit))
          .join('');
        expect(seenAs(format, flipped).kind).toBe('parity');
      }),
    );
  });
  it('sent over changed data lines comes to the same whatever card it is: dropped', () => {
    fc.assert(
      fc.property(cardOf(format), (card) => {
        const contrary = [...frameOf(format, card)!].map((bit) => (bit === '0' ? '1' : '0')).join('');
        expect(seenAs(format, contrary).kind).toBe('parity');
      }),
    );
    expect(changedOver(format)).toBe('dropped');
  });
  it('is written and read in every form', () => {
    fc.assert(
      fc.property(cardOf(format), (card) => {
        for (const form of FORMS) {
          const text = writeForm(format, form, card)!;
          const told = readForm(format, form, text);
          expect([form, told]).toEqual([
            form,
            form === 'number' ? { facility: null, number: card.number } : card,
          ]);
        }
      }),
    );
  });
  it('has no room for numbers that are too large', () => {
    expect(frameOf(format, { facility: roomOf(format.facility), number: 0 })).toBeNull();
    expect(frameOf(format, { facility: 0, number: roomOf(format.number) })).toBeNull();
  });
});

describe('a frame of 26 bits', () => {
  it('is the one that is written out by hand', () => {
    // Facility 71 = 01000111, number 2001 = 0000011111010001: 4 ones in bits 2 to 13, 7 in bits 14 to 25.
    expect(frameOf(bits26, { facility: 71, number: 2001 })).toBe('0' + '01000111' + '0000011111010001' + '0');
    expect(writeForm(bits26, 'decimal', { facility: 71, number: 2001 })).toBe(String(71 * 65_536 + 2001));
    expect(writeForm(bits26, 'hex', { facility: 71, number: 2001 })).toBe('4707D1');
    expect(writeForm(bits26, 'reversed-hex', { facility: 71, number: 2001 })).toBe('D10747');
  });
  it('is nothing to a controller that waits for another length', () => {
    expect(seenAs(bits34, frameOf(bits26, { facility: 71, number: 2001 })!)).toEqual({
      kind: 'length',
      came: 26,
    });
  });
});

describe('two cards in hand', () => {
  it('tell the format, whatever the forms', () => {
    fc.assert(
      fc.property(
        fc
          .constantFrom(...CARD_FORMATS)
          .chain((format) =>
            fc.tuple(
              fc.constant(format),
              fc.tuple(cardOf(format), cardOf(format)),
              fc.constantFrom(...FORMS),
              fc.constantFrom(...FORMS),
            ),
          ),
        ([format, cards, printed, read]) => {
          const hand = cards.map((card) => ({
            printed: writeForm(format, printed, card)!,
            read: writeForm(format, read, card)!,
          }));
          const told = fitting(hand)
            .filter((fit) => fit.format === format)
            .map((fit) => fit.cards);
          const known = printed === 'number' && read === 'number';
          expect(told).toContainEqual(
            known ? cards.map(({ number }) => ({ facility: null, number })) : cards,
          );
        },
      ),
      { numRuns: numberTried(200) },
    );
  });
  it('decide where one card would fit several ways', () => {
    const one = { printed: '71-2001', read: '4655057' };
    const two = { printed: '71-2002', read: '4655058' };
    expect(fitting([one, two]).map(({ format, read }) => [format.id, read])).toEqual([
      ['bits-26', 'decimal'],
      ['bits-34', 'decimal'],
    ]);
    expect(fitting([one, { ...two, read: '4655059' }])).toEqual([]);
    expect(fitting([{ printed: '', read: '1' }])).toEqual([]);
    expect(fitting([{ printed: 'abc', read: '!' }])).toEqual([]);
  });
});

/** Frames of anybody's own: a facility or none, bytes in either order, bits that never change, and parities over any stretch. */
const ownFormat: fc.Arbitrary<CardFormat> = fc
  .record({
    facility: fc.constantFrom(0, 8, 11, 16, 32),
    number: fc.constantFrom(8, 16, 19, 24),
    fixed: fc.integer({ min: 0, max: 6 }),
    lowFirst: fc.boolean(),
    odd: fc.boolean(),
    value: fc.nat(63),
    stretch: fc.tuple(fc.nat(30), fc.nat(30)),
  })
  .map(({ facility, number, fixed, lowFirst, odd, value, stretch }): CardFormat => {
    const start = 2 + fixed;
    const bits = 1 + fixed + facility + number + 1;
    const field = (from: number, width: number) => ({
      from,
      to: from + width - 1,
      ...(lowFirst && width % 8 === 0 ? { lowFirst } : {}),
    });
    const [from, to] = stretch.map((at) => Math.min(2 + at, bits - 1)).sort((a, b) => a - b) as [
      number,
      number,
    ];
    return {
      id: 'own',
      name: 'Own',
      bits,
      facility: facility === 0 ? null : field(start, facility),
      number: field(start + facility, number),
      fixed: fixed === 0 ? [] : [{ from: 2, to: 1 + fixed, value: value % 2 ** fixed }],
      parities: [
        { at: 1, kind: odd ? 'odd' : 'even', from, to },
        // Counts the other parity too, and itself.
        { at: bits, kind: odd ? 'even' : 'odd', from: 1, to: bits },
      ],
    };
  });

describe('a frame of one’s own', () => {
  it('is sent, seen and written in every form as the same card', () => {
    fc.assert(
      fc.property(
        ownFormat.chain((format) => fc.tuple(fc.constant(format), cardOf(format))),
        ([format, card]) => {
          expect(formatProblems(format)).toEqual([]);
          const frame = frameOf(format, card)!;
          expect(seenAs(format, frame)).toEqual({ kind: 'card', card });
          for (const form of FORMS) {
            const told = readForm(format, form, writeForm(format, form, card)!);
            expect([form, told?.number]).toEqual([form, card.number]);
            if (form !== 'number') expect([form, told?.facility]).toEqual([form, card.facility]);
          }
        },
      ),
      { numRuns: numberTried(300) },
    );
  });
  it('has its bits that never change looked at', () => {
    const own: CardFormat = { ...bits26, facility: null, fixed: [{ from: 2, to: 9, value: 71 }] };
    expect(seenAs(own, frameOf(bits26, { facility: 71, number: 2001 })!)).toMatchObject({ kind: 'card' });
    expect(seenAs(own, frameOf(bits26, { facility: 72, number: 2001 })!)).toEqual({ kind: 'fixed', at: 2 });
  });
  it('says what does not hold together', () => {
    const wrong = (patch: Partial<CardFormat>) =>
      formatProblems({ ...bits26, ...patch }).map(({ at, problem }) => [at.join('.'), problem]);
    expect(wrong({ number: { from: 10, to: 27 } })).toContainEqual(['number', 'beyond']);
    expect(wrong({ number: { from: 9, to: 25 } })).toEqual([['number', 'overlaps']]);
    expect(wrong({ number: { from: 10, to: 24, lowFirst: true } })).toEqual([['number', 'no-bytes']]);
    expect(wrong({ bits: 64, number: { from: 27, to: 60 } })).toEqual([['number', 'too-wide']]);
    expect(wrong({ facility: null, fixed: [{ from: 2, to: 3, value: 4 }] })).toEqual([
      ['fixed.0', 'no-room'],
    ]);
    const [first, last] = bits26.parities as [CardFormat['parities'][0], CardFormat['parities'][0]];
    expect(wrong({ parities: [{ ...last, to: 30 }] })).toEqual([['parities.0', 'parity-outside']]);
    expect(wrong({ parities: [{ ...first, to: 26 }, last] })).toEqual([['parities.0', 'parity-early']]);
    expect(wrong({ parities: [first, { ...last, at: 1 }] })).toEqual([['parities.1', 'overlaps']]);
  });
});
