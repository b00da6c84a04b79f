import type { Plugin } from 'vite';
import { PASS, TAG } from './worded.ts';

/** Gives each compiled view the two functions its messages are made with. */
export const messages = (): Plugin => ({
  name: 'messages',
  enforce: 'post',
  transform(compiled, id) {
    if (!/\.vue($|\?vue&type=(script|template))/.test(id)) return undefined;
    // a template that is compiled by itself looks for what it holds among what its script has
    const code = [TAG, PASS].reduce((c, name) => c.replaceAll(`$setup.${name}`, name), compiled);
    const used = [TAG, PASS].filter((name) => code.includes(`${name}\``) || code.includes(`${name}(`));
    if (used.length === 0) return undefined;
    const names = used.map((n) => `${n === TAG ? 'say' : 'retold'} as ${n}`).join(', ');
    return { code: `${code}\nimport { ${names} } from '/web/words/say.ts';\n`, map: null };
  },
});

const ALL_OF_VUE = "import * as Vue from 'vue';";

/** vue-i18n takes hold of all of Vue for one function of it, and all of Vue would come with the first view. */
export const leanVue = (): Plugin => ({
  name: 'lean-vue',
  apply: 'build',
  transform(code, id) {
    if (!/node_modules[\\/]vue-i18n[\\/]/.test(id) || !code.includes(ALL_OF_VUE)) return undefined;
    const one =
      "import { getCurrentInstance as instance$ } from 'vue'; const Vue = { getCurrentInstance: instance$ };";
    return { code: code.replace(ALL_OF_VUE, one), map: null };
  },
});
