import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

const ROOT = join(import.meta.dirname, '..');
const EXPORTED = /^export (?:declare )?(?:const|(?:async )?function|interface|type|class) (\w+)/gm;

/** Names every module of the app exports, with the files that do. */
function exported(): Map<string, string[]> {
  const out = new Map<string, string[]>();
  const files = ['core', 'web', 'server'].flatMap((room) =>
    readdirSync(join(ROOT, room), { recursive: true, encoding: 'utf8' }).map((f) => `${room}/${f}`),
  );
  for (const file of files.sort())
    if (/\.ts$/.test(file) && !/\.(test|testing|d)\.ts$|generated/.test(file))
      for (const [, name] of readFileSync(join(ROOT, file), 'utf8').matchAll(EXPORTED))
        out.set(name!, [...(out.get(name!) ?? []), file]);
  return out;
}

/** A shape’s record bears the name of its shape, in a folder where nothing else is looked for. */
const isShape = (file: string): boolean => file.includes('/shapes/');

describe('names', () => {
  it('have one meaning each: what two files export is called by two names', () => {
    const twice = [...exported()].filter(
      ([, files]) => new Set(files).size > 1 && !files.every((f) => isShape(f)),
    );
    expect(twice).toEqual([]);
  });
});
