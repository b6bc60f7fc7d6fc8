import { readFileSync, readdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { fontOfWoff } from './woff';

const require = createRequire(import.meta.url);
const folder = join(dirname(require.resolve('@fontsource/archivo/package.json')), 'files');
const files = readdirSync(folder).filter((name) => /latin-(400|700)-.*\.woff$/.test(name));

/** Sum of a table's 32-bit words, as OpenType defines it; the sum of `head` leaves its own adjustment out. */
function checksumOf(tag: string, table: Buffer): number {
  const bytes = Buffer.alloc(Math.ceil(table.length / 4) * 4);
  table.copy(bytes);
  if (tag === 'head') bytes.writeUInt32BE(0, 8);
  let sum = 0;
  for (let at = 0; at < bytes.length; at += 4) sum = (sum + bytes.readUInt32BE(at)) >>> 0;
  return sum;
}

describe('fontOfWoff', () => {
  it.each(files)('gives every table of %s whole, where the directory says', (name) => {
    const font = fontOfWoff(readFileSync(join(folder, name)));
    const count = font.readUInt16BE(4);
    expect(count).toBeGreaterThan(8);
    const tags: string[] = [];
    for (let at = 12; at < 12 + 16 * count; at += 16) {
      const tag = font.toString('latin1', at, at + 4);
      const [sum, offset, length] = [4, 8, 12].map((field) => font.readUInt32BE(at + field)) as [
        number,
        number,
        number,
      ];
      tags.push(tag);
      expect(offset % 4).toBe(0);
      expect(offset + length).toBeLessThanOrEqual(font.length);
      expect(checksumOf(tag, font.subarray(offset, offset + length))).toBe(sum);
    }
    expect(tags).toEqual([...tags].sort());
    expect(tags).toEqual(expect.arrayContaining(['cmap', 'glyf', 'head', 'hmtx', 'maxp']));
  });

  it('says so where the file is something else', () => {
    expect(() => fontOfWoff(Buffer.from('not a font at all, but long enough'))).toThrow('not a WOFF file');
  });
});
