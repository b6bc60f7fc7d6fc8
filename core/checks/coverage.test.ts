import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { FINDING_CODES } from './index';

/** Findings that only say what was proven right. */
const SOUND = [
  'lock-voltage-sound',
  'battery-sound',
  'break-both-legs',
  'opens-when-dead',
  'stays-shut-when-dead',
  'card-arrives',
];

describe('every rule', () => {
  it('has a test that makes its mistake, or says what is sound', () => {
    const read = (name: string) => readFileSync(new URL(name, import.meta.url), 'utf8');
    const specimens = readdirSync(new URL('../specimens/', import.meta.url)).filter(
      (name) => !name.endsWith('.test.ts'),
    );
    const tested = ['./checks.test.ts', ...specimens.map((name) => `../specimens/${name}`)]
      .map(read)
      .join('\n');
    const untested = FINDING_CODES.filter((code) => !SOUND.includes(code) && !tested.includes(`'${code}'`));
    expect(untested).toEqual([]);
  });
  it('counts more than a hundred kinds', () => {
    expect(FINDING_CODES.length - SOUND.length).toBeGreaterThan(100);
  });
});
