import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    // Other steps run beside the tests, on slow machines too: a test is stopped when it hangs, not when it waits.
    testTimeout: 90_000,
    projects: [
      {
        extends: true,
        // Plain functions on plain data: what one file has loaded does for the next.
        test: { name: 'core', include: ['{core,words,demo}/**/*.test.{ts,tsx}'], isolate: false },
      },
      { extends: true, test: { name: 'around it', include: ['{cli,src,docs,scripts}/**/*.test.{ts,tsx}'] } },
    ],
  },
});
