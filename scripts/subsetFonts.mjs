import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import * as fontkit from 'fontkitten';
import { format, resolveConfig } from 'prettier';
import subsetFont from 'subset-font';
import { root } from './prepare.mjs';

/**
 * `node scripts/subsetFonts.mjs`: cuts the three faces of the screen down to what its own words and most names need, for
 * phones on a slow line, and writes the style sheet that names them. Every other letter comes from the whole face, which a
 * browser fetches where it meets one.
 */
const require = createRequire(import.meta.url);
const WRITTEN = /\.(ts|tsx|astro)$/;

/** Every letter beyond ASCII that stands in the project's own words. */
function lettersOf(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return lettersOf(path);
    if (!WRITTEN.test(entry.name) || entry.name.includes('.test.')) return [];
    return [...readFileSync(path, 'utf8')].filter((letter) => letter > '\u007e');
  });
}

const ascii = Array.from({ length: 0x7f - 0x20 }, (_, i) => 0x20 + i);
const west = Array.from({ length: 0x100 - 0xa0 }, (_, i) => 0xa0 + i);
const own = ['src', 'words', 'core', 'demo']
  .flatMap((folder) => lettersOf(join(root, folder)))
  .map((letter) => letter.codePointAt(0));

/** Code points as a style sheet writes them: in runs, lowest first. */
function rangeOf(points) {
  const hex = (point) => point.toString(16).toUpperCase();
  const runs = [];
  for (const point of [...new Set(points)].sort((a, b) => a - b)) {
    const last = runs.at(-1);
    if (last && last[1] === point - 1) last[1] = point;
    else runs.push([point, point]);
  }
  return runs.map(([from, to]) => (from === to ? `U+${hex(from)}` : `U+${hex(from)}-${hex(to)}`)).join(', ');
}

const MONO = '@fontsource/b612-mono/files/b612-mono-latin';
const FACES = [
  {
    family: 'Archivo Variable',
    weight: '400 800',
    from: '@fontsource-variable/archivo/files/archivo-latin-wght-normal.woff2',
    more: '@fontsource-variable/archivo/files/archivo-latin-ext-wght-normal.woff2',
    to: 'archivo.woff2',
    points: [...ascii, ...west, ...own],
    options: { variationAxes: { wght: { min: 400, max: 800 } } },
  },
  ...[400, 700].map((weight) => ({
    family: 'B612 Mono',
    weight,
    from: `${MONO}-${weight}-normal.woff2`,
    to: `b612-mono-${weight}.woff2`,
    points: [...ascii, ...own],
  })),
];

const face = (family, weight, url, range) =>
  `@font-face { font-family: '${family}'; font-display: swap; font-weight: ${weight}; src: url('${url}') format('woff2'); unicode-range: ${range}; }`;

const sheet = [
  `/* Written by scripts/subsetFonts.mjs: each face cut down, and the whole one for the letters that the cut one has not. */`,
];
for (const { family, weight, from, more, to, points, options = {} } of FACES) {
  const whole = readFileSync(require.resolve(from));
  // A letter that the face has not at all belongs to neither: it would fetch both in vain.
  const has = new Set(fontkit.create(whole).characterSet);
  const kept = [...new Set(points)].filter((point) => has.has(point));
  const text = String.fromCodePoint(...kept);
  const cut = await subsetFont(whole, text, { targetFormat: 'woff2', ...options });
  writeFileSync(join(root, 'src/fonts', to), cut);
  if (more) {
    const beyond = fontkit.create(readFileSync(require.resolve(more))).characterSet;
    sheet.push(
      face(family, weight, more, rangeOf(beyond.filter((point) => point >= 0x100 && !has.has(point)))),
    );
  }
  const others = [...has].filter((point) => point >= 0xa0 && !kept.includes(point));
  sheet.push(face(family, weight, from, rangeOf(others)), face(family, weight, `./${to}`, rangeOf(kept)));
  console.log(`${to}: ${whole.length} to ${cut.length} bytes`);
}
const path = join(root, 'src/fonts/fonts.css');
writeFileSync(path, await format(sheet.join('\n'), { ...(await resolveConfig(path)), filepath: path }));
