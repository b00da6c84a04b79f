import { readFileSync } from 'node:fs';
import { type Build } from '../record/index.ts';
import type { Result } from '../quantity/index.ts';
import { asBuild } from '../edits/index.ts';
import { readBuild } from './read.ts';

/** What a result holds; a refusal fails the test with its own words. */
export function value<T>(r: Result<T>): T {
  if (!r.ok) throw new Error(r.problem.text);
  return r.value;
}

/** The words of a refusal; empty when nothing was refused. */
export const refusal = (r: Result<unknown>): string => (r.ok ? '' : r.problem.text);

const fromFile = (name: string): Build =>
  value(readBuild(readFileSync(new URL(`../../demo/${name}.spindle.json`, import.meta.url), 'utf8')));

/** Variations of the heron that tests look at by themselves. */
const VARIATIONS: Readonly<Record<string, string>> = {
  'heron-on-a-skewer': 'On a skewer',
  'heron-gilded-wet': 'Gilded wet',
};

/** A demonstration build, read from its file; a variation of one as a build by itself. */
export function demoBuild(name: string): Build {
  const varied = VARIATIONS[name];
  if (varied === undefined) return fromFile(name);
  const heron = fromFile('one-legged-heron');
  return asBuild(
    heron,
    heron.variations!.find((v) => v.name === varied)!,
  );
}
