import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { basename, dirname, join, posix } from 'node:path';

/** Scripts that every page of a site begins with, by their place in the manifest of the build. */
const BEGINNINGS = [/^astro-entry:.*\/app\/App$/, /@astrojs\/react\/.*\/client\.js$/];

/** Where every station of a door and every page of a site names the file of its view. */
const VIEW_TABLES = { stations: 'src/app/stationViews.tsx', pages: 'src/app/SitePageView.tsx' };

/** The source file of each view, by its station or page, as its table has it. */
const viewFiles = (root, table) =>
  [
    ...readFileSync(join(root, table), 'utf8').matchAll(
      /^ {2}'?([\w-]+)'?: lazily\(\(\) => import\('([^']+)'\)/gm,
    ),
  ].map(([, view, path]) => [view, posix.join(dirname(table), `${path}.tsx`)]);

/**
 * Writes down which scripts a page of a site begins with, by the view that it opens on, and all that those import: told at the head of
 * the page, they come at once and not one after the other. The manifest itself names folders of this machine, and does not stay.
 */
export function notePreloads(root) {
  const folder = join(root, 'dist/client/.vite');
  const manifest = JSON.parse(readFileSync(join(folder, 'manifest.json'), 'utf8'));
  const add = (key, found) => {
    const { file, imports = [] } = manifest[key];
    if (found.has(`/${file}`)) return found;
    found.add(`/${file}`);
    imports.forEach((one) => add(one, found));
    return found;
  };
  const keyOf = (what, is) => {
    const key = Object.keys(manifest).find(is);
    if (!key) throw new Error(`the build has no script like ${what}`);
    return key;
  };
  // A view of which others use a part is a script by its own name, and not by its file's.
  const isSharedAs = (name, one) =>
    manifest[one].isDynamicEntry && manifest[one].name === name && !manifest[one].src;
  const every = new Set();
  for (const beginning of BEGINNINGS)
    add(
      keyOf(beginning, (one) => beginning.test(one)),
      every,
    );
  const views = Object.entries(VIEW_TABLES).map(([kind, table]) => [
    kind,
    Object.fromEntries(
      viewFiles(root, table).map(([view, file]) => [
        view,
        [
          ...add(
            keyOf(file, (one) => one === file || isSharedAs(basename(file, '.tsx'), one)),
            new Set(),
          ),
        ].filter((one) => !every.has(one)),
      ]),
    ),
  ]);
  writeFileSync(
    join(root, 'dist/server/preloads.json'),
    JSON.stringify({ every: [...every], ...Object.fromEntries(views) }),
  );
  rmSync(folder, { recursive: true });
}
