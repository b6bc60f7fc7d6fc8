import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { widthOf } from './format';
import { CARD_FORMATS, fitting, FORMS, frameOf, readForm, seenAs, writeForm, type CardFormat } from './index';

const [bits26, bits34] = CARD_FORMATS as [CardFormat, CardFormat];
/** Any card that a format has room for. */
const cardOf = (format: CardFormat) =>
  fc.record({
    facility: fc.integer({ min: 0, max: 2 ** widthOf(format.facility) - 1 }),
    number: fc.integer({ min: 0, max: 2 ** widthOf(format.number) - 1 }),
  });

describe.each(CARD_FORMATS.map((format) => [format.id, format] as const))('%s', (_id, format) => {
  it('covers its frame: every bit is a number’s or a parity', () => {
    const bits = new Set(format.parities.map(({ at }) => at));
    for (const { from, to } of [format.facility, format.number])
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
    expect(frameOf(format, { facility: 2 ** widthOf(format.facility), number: 0 })).toBeNull();
    expect(frameOf(format, { facility: 0, number: 2 ** widthOf(format.number) })).toBeNull();
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
      { numRuns: 200 },
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
