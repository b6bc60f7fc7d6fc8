import { describe, expect, it } from 'vitest';
import { LIBRARY } from '#core/devices/library/index';
import { labelOf } from './ValueFields';

/** Every key of what a type does, however deep. */
const keysOf = (value: unknown): string[] =>
  value === null || typeof value !== 'object'
    ? []
    : Object.entries(value).flatMap(([key, inner]) => [
        ...(Array.isArray(value) ? [] : [key]),
        ...keysOf(inner),
      ]);

describe('labels of what a type does', () => {
  it('are words wherever a setting is named, and no name of the program', () => {
    const named = LIBRARY.flatMap(({ functions }) => keysOf(functions));
    const raw = [...new Set(named)].filter((key) => /Setting$/.test(key) && labelOf(key) === key);
    expect(raw).toEqual([]);
  });
});
