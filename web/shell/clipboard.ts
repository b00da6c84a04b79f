import { asPart, putIn } from '@core/edits/index.ts';
import { writeBuild } from '@core/files/index.ts';
import { fail, ok, type Result } from '@core/quantity/index.ts';
import { BOARD, type Build } from '@core/record/index.ts';
import { reading } from '../storage/reading.ts';

/** What was taken along last, for browsers that keep their clipboard to themselves. */
let last: string | undefined;

/** A piece with all it carries goes to the clipboard, as the text of a small build. @returns its name */
export async function takeAlong(build: Build, id: string): Promise<Result<string>> {
  const part = asPart(build, id);
  if (!part.ok) return part;
  last = writeBuild(part.value);
  await navigator.clipboard?.writeText(last).catch(() => undefined);
  return ok(part.value.name);
}

/** Beside the middle, so that it is seen, mm. */
const ASIDE = 30;

/** What was taken along, from here or from another page, put on the board. */
export async function putDown(build: Build): Promise<Result<{ readonly build: Build; readonly id: string }>> {
  const clip = await navigator.clipboard?.readText().catch(() => undefined);
  const text = clip?.trim().startsWith('{') ? clip : last;
  if (text === undefined) return fail('Nothing was taken along: select a piece and press Ctrl C first.');
  const { readBuild } = await reading();
  const part = readBuild(text);
  if (!part.ok) return fail(`What is on the clipboard is no part of a figure. ${part.problem.text}`);
  return putIn(build, part.value, { on: BOARD, at: [ASIDE, -ASIDE, 0] });
}
