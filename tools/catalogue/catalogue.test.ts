import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { compileTemplate } from '@vue/compiler-sfc';
import { heard, saidBy, spokenIn } from './extract.ts';
import { keyOf, worded } from './worded.ts';

const german = JSON.parse(
  readFileSync(join(import.meta.dirname, '../../web/words/de.json'), 'utf8'),
) as Record<string, string>;
const all = heard();
const holes = (text: string): string[] => (text.match(/\{\d+\}/g) ?? []).sort();

describe('the catalogue', () => {
  it('has every word of the views and of what the interface says', () => {
    const missing = [...all.views, ...all.spoken].filter((key) => !Object.hasOwn(german, key));
    expect(missing, 'not said in German yet: see npm run words').toEqual([]);
    expect(all.views.size).toBeGreaterThan(1400);
  });
  it('has nothing that nobody says any more', () => {
    const said = new Set([...all.views, ...all.spoken, ...all.reckoned]);
    expect(Object.keys(german).filter((key) => !said.has(key))).toEqual([]);
  });
  it('puts in what the English puts in', () => {
    expect(Object.entries(german).filter(([key, told]) => `${holes(key)}` !== `${holes(told)}`)).toEqual([]);
    expect(Object.values(german).filter((told) => told.trim() !== told || told === '')).toEqual([]);
  });
  it('has at least the share of what the core says that it had', () =>
    expect([...all.reckoned].filter((key) => Object.hasOwn(german, key)).length).toBeGreaterThan(1000));
});

describe('what is read', () => {
  const compiled = (source: string): { code: string; keys: string[] } => {
    const keys: string[] = [];
    const { code } = compileTemplate({
      source,
      filename: 'x.vue',
      id: 'x',
      compilerOptions: {
        whitespace: 'preserve',
        bindingMetadata: {},
        inline: true,
        nodeTransforms: [worded((key) => keys.push(key))],
      },
    });
    return { code, keys };
  };

  it('neighbouring text and figures are one message', () => {
    const { code, keys } = compiled('<p>About {{ n }} pieces\n   of {{ paste }}</p>');
    expect(keys).toEqual(['About {0} pieces of {1}']);
    expect(code).toContain('$m`About ${_ctx.n} pieces of ${_ctx.paste}`');
  });
  it('a template that is all there is to say is the message itself', () =>
    expect(compiled('<p>{{ `Rod ${r.letter}` }}</p>').keys).toEqual(['Rod {0}']));
  it('so are attributes that are read, and those alone', () => {
    const { code, keys } = compiled(
      '<a class="big red" title="Take it" :aria-label="`Take ${x}`" :alt="y">1</a>',
    );
    expect(keys).toEqual(['Take it', 'Take {0}']);
    expect(code).toContain('$s(_ctx.y)');
    expect(code).toContain('"big red"');
  });
  it('loops and conditions are gone into, code is not', () => {
    const { keys } = compiled(
      '<template v-for="x in xs"><b v-if="x">One</b><i v-else>None of them</i></template><code>as it is</code>',
    );
    expect(keys).toEqual(['One', 'None of them']);
  });
  it('what holds quotes and dollars is written as it is', () => {
    const { code } = compiled('<p>It costs $ {{ n }} `or` ${so}</p>');
    expect(code).toContain('$m`It costs $ ${_ctx.n} \\`or\\` \\${so}`');
  });
  it('a key has numbers for what is put in and single spaces', () =>
    expect(keyOf('  Cut  ${n} of ${m}\n mm ')).toBe('Cut {0} of {1} mm'));
  it('scripts say sentences, names and templates, and neither types nor code', () =>
    expect(
      spokenIn(`import x from 'not this one'; type T = 'nor this one';
        const a = { name: 'Head', id: 'head' }; tell(\`Take \${n} of \${m}\`); f('It is done.'); css('a b { c }');`),
    ).toEqual(['Head', 'Take {0} of {1}', 'It is done.']));
  it('expressions say what they come to', () =>
    expect(saidBy("n === 'one' ? 'a piece' : `${n} pieces`")).toEqual(['a piece', '{0} pieces']));
});
