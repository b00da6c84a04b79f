// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { STARTS } from '@core/starts/index.ts';
import StartPlank from './StartPlank.vue';

it('every start on the plank is drawn as it stands: its pieces in their places, all of them within its picture', () => {
  const page = mount(StartPlank, { props: { chosen: STARTS[0]!.id } });
  const pictures = page.findAll('svg');
  expect(pictures).toHaveLength(STARTS.length);
  for (const [i, picture] of pictures.entries()) {
    const [left, top, wide, tall] = picture.attributes('viewBox')!.split(' ').map(Number) as [
      number,
      number,
      number,
      number,
    ];
    const ups = picture.findAll('path').flatMap((p) => {
      const numbers = [...p.attributes('d')!.matchAll(/-?\d+(?:\.\d+)?/g)].map((m) => Number(m[0]));
      return numbers.filter((_, k) => k % 2 === 1);
    });
    // the topmost of it is at the top of its picture, the lowest at its foot
    expect(Math.min(...ups), STARTS[i]!.id).toBeLessThan(top + 0.2 * tall);
    expect(Math.min(...ups), STARTS[i]!.id).toBeGreaterThan(top - 0.1 * tall);
    expect(left + wide, STARTS[i]!.id).toBeGreaterThan(0);
  }
});
