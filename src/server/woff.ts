import { inflateSync } from 'node:zlib';

const HEADER = 44;
const ENTRY = 20;

/**
 * A WOFF 1.0 file as the plain font inside it. The PDF library reads WOFF too, but inflates each table anew, in
 * script, for every document: four fifths of the time of a short one.
 * Source: W3C Recommendation "WOFF File Format 1.0", sections 4 and 5; OpenType 1.9, "Organization of an OpenType Font".
 * Throws where the file is not WOFF.
 */
export function fontOfWoff(woff: Buffer): Buffer {
  if (woff.toString('latin1', 0, 4) !== 'wOFF') throw new Error('this font is not a WOFF file');
  const count = woff.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, index) => {
    const at = HEADER + index * ENTRY;
    const [offset, packed, length] = [4, 8, 12].map((field) => woff.readUInt32BE(at + field)) as [
      number,
      number,
      number,
    ];
    const kept = woff.subarray(offset, offset + packed);
    return {
      tag: woff.subarray(at, at + 4),
      checksum: woff.subarray(at + 16, at + 20),
      data: packed < length ? inflateSync(kept) : kept,
    };
  });
  const head = Buffer.alloc(12 + 16 * count);
  const power = Math.floor(Math.log2(count));
  woff.copy(head, 0, 4, 8);
  head.writeUInt16BE(count, 4);
  head.writeUInt16BE(16 * 2 ** power, 6);
  head.writeUInt16BE(power, 8);
  head.writeUInt16BE(16 * (count - 2 ** power), 10);
  const body: Buffer[] = [];
  let end = head.length;
  tables.forEach(({ tag, checksum, data }, index) => {
    const at = 12 + 16 * index;
    tag.copy(head, at);
    checksum.copy(head, at + 4);
    head.writeUInt32BE(end, at + 8);
    head.writeUInt32BE(data.length, at + 12);
    // Each table begins at a multiple of four.
    const padded = Buffer.alloc(Math.ceil(data.length / 4) * 4);
    data.copy(padded);
    body.push(padded);
    end += padded.length;
  });
  return Buffer.concat([head, ...body]);
}
