import { defineConfig } from 'vitest/config';

/** Browser tests: the built app in Debian's Chromium, two files at a time, each with a server and a browser of its own. */
export default defineConfig({
  test: {
    environment: 'node',
    include: ['tests/browser/**/*.test.ts'],
    testTimeout: 90_000,
    hookTimeout: 90_000,
    maxWorkers: 2,
  },
});
