import { readFileSync } from 'node:fs';
import { type Build } from '../record/index.ts';
import type { Result } from '../quantity/index.ts';
import { readBuild } from './read.ts';

/** What a result holds; a refusal fails the test with its own words. */
export function value<T>(r: Result<T>): T {
  if (!r.ok) throw new Error(r.problem.text);
  return r.value;
}

/** The words of a refusal; empty when nothing was refused. */
export const refusal = (r: Result<unknown>): string => (r.ok ? '' : r.problem.text);

/** A demonstration build, read from its file. */
export const demoBuild = (name: string): Build =>
  value(readBuild(readFileSync(new URL(`../../demo/${name}.spindle.json`, import.meta.url), 'utf8')));
