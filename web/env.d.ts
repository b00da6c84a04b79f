/// <reference types="vite/client" />
/// <reference types="vite-plugin-pwa/client" />
// For plain-TypeScript tools; vue-tsc reads the real components.
declare module '*.vue' {
  import type { DefineComponent } from 'vue';
  const component: DefineComponent<object, object, unknown>;
  export default component;
}
declare module 'plotly.js-basic-dist-min' {
  export * from 'plotly.js';
}
