import { BRIEF_KEYS, type Build } from '../record/index.ts';

/**
 * A build to be made once more: the figure, its pastes and what it learned, with nothing done, weighed, pinned or agreed, and
 * no offcut taken. Its day was another's: it is taken as usual until it is said.
 */
export function begunAgain(build: Build): Build {
  const { pins: _pins, agreed: _agreed, ...steps } = build.steps;
  const { dates: _dates, portions, ...rest } = build;
  return {
    ...rest,
    brief: { ...build.brief, said: BRIEF_KEYS.filter((key) => key !== 'due') },
    reserves: [],
    steps,
    bench: { done: [] },
    ...(portions ? { portions: { ...portions, weighed: [] } } : {}),
  };
}
