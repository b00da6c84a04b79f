import { BRIEF_KEYS, type Build } from '../record/index.ts';

/**
 * A build to be made once more: the figure, its pastes and what it learned, with nothing done, weighed, pinned or agreed, and
 * no offcut taken. Its day was another's: it is taken as usual until it is said.
 */
export function begunAgain(build: Build): Build {
  const { pins: _pins, agreed: _agreed, ...steps } = build.steps;
  const { dates: _dates, portions, ...rest } = build;
  // what had to be mended then is not mended again
  const mends = new Set(build.bench.trouble?.map((t) => t.step));
  return {
    ...rest,
    brief: { ...build.brief, said: BRIEF_KEYS.filter((key) => key !== 'due') },
    reserves: [],
    steps: { ...steps, own: steps.own.filter((o) => !mends.has(o.id)) },
    bench: { done: [] },
    ...(portions ? { portions: { ...portions, weighed: [] } } : {}),
  };
}
