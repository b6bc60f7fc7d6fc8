import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

const table = readFileSync('docs/words.md', 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('| ') && !line.startsWith('| ---') && !line.startsWith('| we write'))
  .map((line) => line.split('|').map((cell) => cell.trim()));
const twins = table.flatMap(([, word, , never]) =>
  (never ?? '').split(',').map((one) => ({ word: word ?? '', never: one.trim() })),
);

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return filesIn(path);
    return /\.tsx?$/.test(entry.name) && !/\.test\./.test(entry.name) ? [path] : [];
  });

/** Every text of a file that a person may read: what stands between tags, and texts of more than one word. */
function textsOf(path: string): string[] {
  const source = ts.createSourceFile(
    path,
    readFileSync(path, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    ts.ScriptKind.TSX,
  );
  const texts: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return;
    if (ts.isJsxText(node)) texts.push(node.text);
    else if (
      ts.isStringLiteralLike(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddle(node) ||
      ts.isTemplateTail(node)
    ) {
      if (/\s/.test(node.text.trim()) || /^[A-Z][a-z]/.test(node.text)) texts.push(node.text);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return texts.map((text) => text.replace(/\s+/g, ' ').trim()).filter(Boolean);
}

/** Whatever shows something on the screen. */
const INTERFACE = ['app', 'stations', 'sitePages', 'parts', 'store', 'ui'].map((one) => `src/${one}`);

// What people call things is searched, and never shown.
const SEARCHED = 'words/en/synonyms.ts';
const FILES = [
  ...['words/en', 'core/devices/library', ...INTERFACE].flatMap(filesIn).filter((path) => path !== SEARCHED),
  'src/server/pack.ts',
  'src/server/packTests.ts',
];
/** The name of a key, and of a request: no words of ours. */
const NAMES = new Set(['Delete']);

describe('one word for one thing', () => {
  it('has a table of twenty words, each with what is never written for it', () => {
    expect(table.length).toBeGreaterThanOrEqual(20);
    expect(twins.every(({ word, never }) => word !== '' && never !== '')).toBe(true);
  });
  it('finds no twin of a word in anything that a person may read', () => {
    const patterns = twins.map(({ word, never }) => ({
      word,
      never,
      like: new RegExp(`\\b${never}(s|d|ing)?\\b`, 'i'),
    }));
    const found = FILES.flatMap((path) =>
      textsOf(path)
        .filter((text) => !NAMES.has(text))
        .flatMap((text) =>
          patterns
            .filter(({ like }) => like.test(text))
            .map(({ word, never }) => `${path}: “${never}” in “${text.slice(0, 80)}”; write “${word}”`),
        ),
    );
    expect(found).toEqual([]);
  });
  it('would find one', () => {
    expect(textsOf('words/en/app/frame/TopBar.ts').join(' ')).toContain('Find a door, wire or person');
    expect(FILES.length).toBeGreaterThan(150);
  });
});
