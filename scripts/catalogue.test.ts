import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

/** What shows something to a person, and must take every word of it from `words/`. */
const ROOMS = ['app', 'stations', 'sitePages', 'parts', 'ui'].map((one) => `src/${one}`);

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return filesIn(path);
    return /\.tsx?$/.test(entry.name) && !/\.test\./.test(entry.name) ? [path] : [];
  });

/** Attributes that are read, seen or heard, whatever stands in them. */
const SPOKEN = new Set([
  'label',
  'title',
  'hint',
  'description',
  'aria-label',
  'placeholder',
  'alt',
  'caption',
]);
/** A text of two words or more; a selector, a path of a drawing or a rule of style has other signs in it. */
const isSentence = (text: string): boolean =>
  /[A-Za-z]{2,}\S*\s+\S*[A-Za-z]{2,}/.test(text) &&
  !/[[\]{}<>=;]|:not\(|\)\s*$|var\(|px|Variable|^d MMM|^yyyy|^HH/.test(text);

const isLetters = (text: string): boolean => /[A-Za-z]{2,}/.test(text);

/** What a file shows that does not come from the catalogue. */
export function outside(path: string, text = readFileSync(path, 'utf8')): string[] {
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isThrowStatement(node) || ts.isTypeNode(node)) return;
    if (ts.isJsxElement(node) && node.openingElement.tagName.getText(source) === 'code') return;
    if (ts.isJsxText(node) && isLetters(node.text)) found.push(node.text.trim());
    if (ts.isJsxAttribute(node)) {
      const name = node.name.getText(source);
      const { initializer } = node;
      if (name === 'className' || name === 'style') return;
      if (initializer && ts.isStringLiteral(initializer) && SPOKEN.has(name) && isLetters(initializer.text))
        found.push(initializer.text);
    }
    if (ts.isStringLiteralLike(node) && !ts.isJsxAttribute(node.parent) && isSentence(node.text))
      found.push(node.text);
    if (ts.isTemplateExpression(node)) {
      const parts = [node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)];
      if (parts.some(isSentence)) found.push(parts.join('…'));
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

describe('the catalogue of words', () => {
  it('has every sentence of the interface', () => {
    const found = ROOMS.flatMap(filesIn).flatMap((path) => outside(path).map((text) => `${path}: ${text}`));
    expect(found).toEqual([]);
  });
  it('would miss one that stands in a view', () => {
    const told = (view: string) => outside('View.tsx', view);
    expect(told('export const View = () => <p>Nothing here</p>;')).toEqual(['Nothing here']);
    expect(told('export const View = () => <Field label="Wire" />;')).toEqual(['Wire']);
    expect(told('const why = open ? `left of ${n} wires` : "all of it";')).toHaveLength(2);
    expect(told('const at = document.querySelector("a[href], button");')).toEqual([]);
  });
});
