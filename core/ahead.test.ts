import { describe, expect, it } from 'vitest';
import { reckonAhead } from './ahead.ts';
import { contactsOf, contactSteps } from './contacts/index.ts';
import { demoBuild } from './files/demo.testing.ts';
import { place } from './figure/index.ts';
import { plan } from './plan.ts';

describe('what is reckoned ahead', () => {
  it.each(['ferryman-otter', 'one-legged-heron', 'badgers-head'])(
    'comes in many short steps to what is found at one go: %s',
    (name) => {
      const build = demoBuild(name);
      const steps = contactSteps(build);
      let looked = 0;
      let step = steps.next();
      for (; !step.done; step = steps.next()) looked++;
      expect(step.value).toEqual(contactsOf(build));
      // a pair at a time: far fewer than every body with every other, and none of them twice
      const bodies = place(build).length;
      expect(looked).toBeLessThanOrEqual((bodies * (bodies + 1)) / 2);
      expect(looked).toBeGreaterThanOrEqual(contactsOf(build).length);
    },
  );

  it('is the report itself, so that nobody reckons it again', () => {
    const build = demoBuild('trial-acorn');
    for (const done of reckonAhead(build)) expect(done).toBeUndefined();
    const { firming, bones } = plan(build);
    expect(plan(build).firming).toBe(firming);
    expect(plan(build).bones.clashes).toBe(bones.clashes);
  });
});
