import { basename } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

/** Where the page's workers lie, and where the built ones are served from. */
const SOURCES = fileURLToPath(new URL('../src/workers/', import.meta.url));
const SERVED = '_astro';
/** How a source names its worker. */
const NAMED = /new URL\(\s*'[./]*(?:workers\/)?(\w+)\.worker\.ts',\s*import\.meta\.url,?\s*\)/g;

interface Emitter {
  emitFile(file: { type: 'asset'; fileName: string; source: Uint8Array }): string;
}

/** The worker that every page begins: it is bundled alone, without what only others need. The others come where they are asked for. */
const EVERY_PAGE = 'verdict';

/** Workers in one go, with one file for what several of them share; the files, and the name of each worker's by the worker's. */
async function bundle(names: readonly string[]) {
  const { outputFiles, metafile } = await build({
    entryPoints: names.map((name) => `${SOURCES}${name}.worker.ts`),
    outdir: SERVED,
    entryNames: '[name]-[hash]',
    chunkNames: 'w-[hash]',
    bundle: true,
    splitting: true,
    format: 'esm',
    target: 'es2022',
    minify: true,
    legalComments: 'none',
    metafile: true,
    write: false,
    define: { 'import.meta.env.DEV': 'false', 'import.meta.env.PROD': 'true' },
  });
  const entries = Object.entries(metafile.outputs).flatMap(([path, { entryPoint }]) =>
    entryPoint ? [[basename(entryPoint, '.worker.ts'), basename(path)] as const] : [],
  );
  return { files: outputFiles.map(({ path, contents }) => ({ name: basename(path), contents })), entries };
}

async function bundleWorkers(names: readonly string[]) {
  const both = await Promise.all([[EVERY_PAGE], names.filter((name) => name !== EVERY_PAGE)].map(bundle));
  return {
    files: both.flatMap(({ files }) => files),
    entries: new Map(both.flatMap(({ entries }) => entries)),
  };
}

/**
 * Bundles the page's workers by themselves: left to the page's bundler each is a build of its own of nearly the whole core, made once
 * for the browser and once for the server, which starts none.
 */
export function pageWorkers(names: readonly string[]) {
  let bundled: ReturnType<typeof bundleWorkers> | null = null;
  return {
    name: 'page-workers',
    apply: 'build' as const,
    enforce: 'pre' as const,
    async transform(this: Emitter, code: string, id: string, { ssr = false }: { ssr?: boolean } = {}) {
      if (!code.includes('.worker.ts')) return undefined;
      if (ssr) return { code: code.replace(NAMED, "''"), map: null };
      if (!bundled) {
        bundled = bundleWorkers(names);
        for (const { name, contents } of (await bundled).files)
          this.emitFile({ type: 'asset', fileName: `${SERVED}/${name}`, source: contents });
      }
      const { entries } = await bundled;
      const at = (whole: string, name: string) => {
        const file = entries.get(name);
        if (!file) throw new Error(`${id} starts a worker that is none of the page's: ${whole}`);
        return `'/${SERVED}/${file}'`;
      };
      return { code: code.replace(NAMED, at), map: null };
    },
  };
}
