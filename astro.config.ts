import { createHash } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import node from '@astrojs/node';
import react from '@astrojs/react';
import { defineConfig } from 'astro/config';
import { pageWorkers } from './scripts/pageWorkers';

/** The inline scripts of a page are the framework's two, the same on every page: their hashes stand in the policy. */
async function inlineScripts(): Promise<string[]> {
  const texts = [
    await import('astro/runtime/client/load.prebuilt.js'),
    await import('astro/runtime/server/astro-island.prebuilt.js'),
  ].map((module) => (module as { default: string }).default);
  return texts.map((text) => `sha256-${createHash('sha256').update(text).digest('base64')}`);
}

/** Every worker that a page may start: a file more is a worker more. */
const WORKERS = readdirSync(new URL('src/workers', import.meta.url)).flatMap((name) =>
  name.endsWith('.worker.ts') ? [name.slice(0, -'.worker.ts'.length)] : [],
);

/** As much of a name as tells what it is. */
const chunkFileNames = ({ name }: { readonly name: string }) => `_astro/${name.slice(0, 10)}.[hash:7].js`;

/** What a page fetches later is named in what it fetches first: names of a few letters weigh less. The server's own files keep theirs. */
const shortNames = {
  name: 'short-names',
  config: (_config: unknown, { isSsrBuild = false }: { isSsrBuild?: boolean }) =>
    isSsrBuild ? {} : { build: { rollupOptions: { output: { chunkFileNames } } } },
};

export default defineConfig({
  output: 'server',
  // src/server/main.ts listens, serves files and guards both.
  adapter: node({ mode: 'middleware' }),
  integrations: [react()],
  devToolbar: { enabled: false },
  // Host and Origin are checked for every request by our own guard, API included.
  security: { checkOrigin: false },
  build: { inlineStylesheets: 'never' },
  vite: {
    define: { __INLINE_SCRIPTS__: JSON.stringify(await inlineScripts()) },
    build: { assetsInlineLimit: 0, manifest: true, reportCompressedSize: false },
    plugins: [pageWorkers(WORKERS), shortNames],
    // Short names of classes: they stand in the styles, in the scripts and in every page.
    css: { modules: { generateScopedName: '_[hash:base64:5]' } },
    // In development alone: see pageWorkers.
    worker: { format: 'es' },
    resolve: {
      alias: [
        {
          find: /^react-dom\/server$/,
          replacement: fileURLToPath(new URL('src/server/reactDomServer.ts', import.meta.url)),
        },
      ],
    },
  },
});
