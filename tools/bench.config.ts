import { defineConfig } from 'vite';

/** The benchmark is built as the app is: run from its sources, a helper for the names of functions takes a tenth of the time. */
export default defineConfig({
  build: {
    ssr: 'tools/bench.ts',
    outDir: 'node_modules/.bench',
    emptyOutDir: true,
    target: 'es2022',
    copyPublicDir: false,
  },
});
