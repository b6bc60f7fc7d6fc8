import { describe, expect, it } from 'vitest';
import { LIBRARY } from '#core/devices/library/index';
import { typeSynonyms } from './synonyms';

describe('what people call a device', () => {
  it.each([
    ['maglock', 'lock'],
    ['rex', 'exit'],
    ['pir', 'exit'],
    ['crash bar', 'exit'],
    ['push bar', 'exit'],
    ['door loop', 'joint'],
    ['power transfer', 'joint'],
    ['osdp', 'reader'],
    ['psu', 'supply'],
    ['door position switch', 'contact'],
  ])('%s leads to the right family', (word, family) => {
    const found = LIBRARY.filter((type) => typeSynonyms(type).includes(word));
    expect(found.map((type) => type.family)).toContain(family);
  });
  it('is known of every type of the library but passive odds and ends', () => {
    expect(LIBRARY.filter((type) => typeSynonyms(type) === '').map(({ id }) => id)).toEqual([]);
  });
});
