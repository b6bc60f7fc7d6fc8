import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,cli,src,demo,words}/**/*.test.{ts,tsx}'],
    testTimeout: 20_000,
  },
});
