import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,cli,src,demo,words,docs,scripts}/**/*.test.{ts,tsx}'],
    // Every test knows the library, as server, workers and command line do.
    setupFiles: ['core/devices/library/index.ts', 'scripts/testSetup.ts'],
    // Other steps run beside the tests, on slow machines too: a test is stopped when it hangs, not when it waits.
    testTimeout: 240_000,
  },
});
