import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parsePointed, pointedHash, type PointedKind } from './pointedAt';

describe('what a link points at', () => {
  it('is read back as it was written, whatever the id', () => {
    const kind = fc.constantFrom<PointedKind>('wire', 'check', 'situation', 'reading');
    fc.assert(
      fc.property(kind, fc.string({ minLength: 1, unit: 'grapheme' }), (of, id) => {
        expect(parsePointed(pointedHash({ kind: of, id }))).toEqual({ kind: of, id });
      }),
    );
  });
  it.each(['', '#', '#wire', '#wire=', '#door=D01', '#check=%E0%A4%A', '#WIRE=1'])(
    'is nothing in %j',
    (hash) => expect(parsePointed(hash)).toBeNull(),
  );
});
