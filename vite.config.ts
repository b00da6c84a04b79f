/// <reference types="vitest/config" />
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath, URL } from 'node:url';
import { gzipSync } from 'node:zlib';
import vue from '@vitejs/plugin-vue';
import { AntDesignVueResolver } from 'unplugin-vue-components/resolvers';
import Components from 'unplugin-vue-components/vite';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig, type Plugin } from 'vite';
import { leanVue, messages } from './tools/catalogue/plugin.ts';
import { worded } from './tools/catalogue/worded.ts';

/** Compress what is served for ever once, when it is built. */
const compressOnce = (): Plugin => {
  let out = 'dist';
  return {
    name: 'compress-once',
    apply: 'build',
    configResolved: (config) => void (out = config.build.outDir),
    closeBundle: () => {
      const assets = `${out}/assets/`;
      if (!existsSync(assets)) return;
      for (const file of readdirSync(assets))
        if (/\.(js|css|svg|wasm)$/.test(file))
          writeFileSync(`${assets}${file}.gz`, gzipSync(readFileSync(assets + file), { level: 9 }));
    },
  };
};

const common = { environment: 'node' as const, setupFiles: ['tools/property-seed.ts'], testTimeout: 180_000 };

/** A host that knows no way but its files answers with this page whatever is asked for: it is the app itself. */
const answersAll = (): Plugin => {
  let out = 'dist';
  return {
    name: 'answers-all',
    apply: 'build',
    configResolved: (config) => void (out = config.build.outDir),
    closeBundle: () => {
      const page = `${out}/index.html`;
      if (existsSync(page)) writeFileSync(`${out}/404.html`, readFileSync(page));
    },
  };
};

export default defineConfig({
  publicDir: 'web/public',
  plugins: [
    // line breaks between elements are spaces, as the formatter assumes
    vue({
      template: {
        compilerOptions: { whitespace: 'preserve', nodeTransforms: [worded()] },
      },
    }),
    messages(),
    leanVue(),
    Components({
      dts: 'web/components.d.ts',
      dirs: [],
      resolvers: [AntDesignVueResolver({ importStyle: false })],
    }),
    compressOnce(),
    answersAll(),
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Elm Spindle',
        short_name: 'Elm Spindle',
        display: 'standalone',
        start_url: '.',
        background_color: '#eceeed',
        theme_color: '#f7f8f7',
        icons: [{ src: 'mark.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff,woff2,wasm}'],
        navigateFallbackDenylist: [/^\/healthz/],
      },
    }),
  ],
  resolve: {
    alias: [
      { find: '@core', replacement: fileURLToPath(new URL('./core', import.meta.url)) },
      { find: '@web', replacement: fileURLToPath(new URL('./web', import.meta.url)) },
      // one copy of the component library: the resolver imports its ES build
      { find: /^ant-design-vue$/, replacement: 'ant-design-vue/es' },
    ],
  },
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    rolldownOptions: {
      // the core only declares, but for bodies, which enter themselves in their register: what a view does not use stays out
      treeshake: { moduleSideEffects: [{ test: /[\\/]core[\\/](?!solids[\\/]bodies)/, sideEffects: false }] },
      output: {
        codeSplitting: {
          groups: [
            {
              name: 'vue',
              test: /node_modules[\\/](@vue[\\/](?!devtools)|vue[\\/]|vue-router[\\/]|pinia[\\/])/,
              priority: 30,
            },
          ],
        },
      },
    },
  },
  optimizeDeps: {
    include: ['ant-design-vue/es', 'comlink', 'dexie', 'luxon', 'd3-polygon', 'three'],
    exclude: ['manifold-3d'],
  },
  test: {
    // one core is kept free where nothing is said, which is half of two
    maxWorkers: '100%',
    projects: [
      {
        extends: true,
        // the core keeps no state, so its files may share one set of modules, which saves a minute of loading
        test: { ...common, name: 'core', include: ['core/**/*.test.ts'], isolate: false },
      },
      {
        extends: true,
        test: {
          ...common,
          name: 'rest',
          include: ['web/**/*.test.ts', 'server/**/*.test.ts', 'tools/**/*.test.ts', 'demo/**/*.test.ts'],
        },
      },
    ],
  },
});
