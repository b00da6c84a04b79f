import { defineConfig } from 'vitest/config';

/** Browser tests: the built app in Debian's Chromium, one file after the other. */
export default defineConfig({
  test: {
    environment: 'node',
    include: ['tests/browser/**/*.test.ts'],
    testTimeout: 240_000,
    hookTimeout: 240_000,
    fileParallelism: false,
  },
});
