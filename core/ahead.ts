import { contactSteps } from './contacts/index.ts';
import { plan } from './plan.ts';
import type { Build } from './record/index.ts';

/**
 * What is asked of a build sooner or later, worked out bit by bit while nothing else is to be done: whoever asks for it then has it
 * at once. Each step is short; what was worked out is kept by the reckoning itself.
 */
export function* reckonAhead(build: Build): Generator<undefined, void, undefined> {
  yield* contactSteps(build);
  const report = plan(build);
  void report.firming;
  yield;
  void report.bones.rods;
  yield;
  void report.joinings;
  yield;
  void report.bones.clashes;
}
