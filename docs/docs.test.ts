import { existsSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { FINDING_CODES, STATIONS } from '#core/checks/index';
import { LANGUAGES } from '#core/keypads/index';
import { COLLECTIONS, kindOf } from '#core/plan/index';

/** Holds the page to the code: a file that it names is there, and every kind stands where the page says. */
const page = readFileSync('docs/adding.md', 'utf8');
const read = (path: string) => readFileSync(path, 'utf8');

describe('docs/adding.md', () => {
  it('names only files that are there', () => {
    const paths = [...page.matchAll(/`((?:core|src|words|docs)\/[^`]*?)`/g)].map((match) => match[1]!);
    expect(paths.length).toBeGreaterThan(15);
    // What stands for a new one, or for many, is not a file yet.
    const real = paths.filter((path) => !/[<…]|room\.ts/.test(path));
    for (const path of real) expect([path, existsSync(path)]).toEqual([path, true]);
  });
  it('is right about every kind: each stands in every file of the list', () => {
    for (const collection of COLLECTIONS) {
      const { as } = kindOf(collection);
      const name = as === 'memory' ? 'memory' : as;
      expect([name, existsSync(`core/plan/schemas/${name}.ts`)]).toEqual([name, true]);
      expect([name, existsSync(`core/plan/kinds/${name}.ts`)]).toEqual([name, true]);
      for (const file of [
        'core/plan/kinds/entities.ts',
        'core/plan/kinds/index.ts',
        'core/plan/schemas/index.ts',
        'src/server/db/planRepository.ts',
        'words/en/edits.ts',
      ])
        expect([file, collection, read(file).includes(`${collection}:`)]).toEqual([file, collection, true]);
    }
  });
  it('is right about every rule: its file and its words have its name', () => {
    for (const code of FINDING_CODES) {
      expect([code, existsSync(`core/checks/rules/${code}.ts`)]).toEqual([code, true]);
      expect([code, existsSync(`words/en/findings/rules/${code}.ts`)]).toEqual([code, true]);
    }
  });
  it('is right about stations and languages', () => {
    for (const station of STATIONS) {
      expect(read('src/app/stationViews.tsx')).toMatch(new RegExp(`'?${station}'?:`));
      expect(read('core/verdict/marks.ts')).toMatch(new RegExp(`'?${station}'?`));
    }
    const library = ['slotted', 'listed', 'screened']
      .map((file) => read(`core/keypads/library/${file}.ts`))
      .join('');
    for (const { id } of LANGUAGES) expect(library).toContain(`'${id}'`);
  });
});
