import { defineConfig, type ViteUserConfig } from 'vitest/config';

/** Every test knows the library, as server, workers and command line do. */
const setupFiles = ['core/devices/library/index.ts', 'scripts/testSetup.ts'];
// Other steps run beside the tests, on slow machines too: a test is stopped when it hangs, not when it waits.
const testTimeout = 240_000;
const PAGES = 'src/**/*.page.test.ts';

/** A worker's module that is loaded in place has a port of its own for `self`: see src/testing/worker. */
const workersInPlace: NonNullable<ViteUserConfig['plugins']>[number] = {
  name: 'workers-in-place',
  transform: (code, id) => {
    const [, port] = /\.worker\.ts\?port=(\d+)/.exec(id) ?? [];
    return port
      ? { code: `const self = globalThis.workerPorts.get(${port});\n${code}`, map: null }
      : undefined;
  },
};

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'units',
          include: ['{core,cli,src,demo,words,docs,scripts}/**/*.test.{ts,tsx}'],
          exclude: [PAGES],
          setupFiles,
          testTimeout,
        },
      },
      {
        plugins: [workersInPlace],
        // What is drawn is what ships: the framework without its own checks, which the browser tests listen to.
        esbuild: { jsxDev: false },
        test: {
          name: 'pages',
          env: { NODE_ENV: 'production' },
          include: [PAGES],
          environment: 'jsdom',
          environmentOptions: { jsdom: { url: 'http://127.0.0.1:4610/' } },
          setupFiles,
          testTimeout,
        },
      },
    ],
  },
});
