import { BOARD, BUILD_FORMAT, BUILD_VERSION, type Build } from '../figure/index.ts';
import { checkBlend } from '../pastes/index.ts';
import { fail, ok, type Result } from '../quantity/index.ts';
import { checkForm } from '../solids/index.ts';
import { validateBuild } from './generated/validate-build.js';
import { migrated } from './migrations.ts';

/** Larger than any build and small enough to read without a stall: 8 MB. */
export const LARGEST_FILE = 8_000_000;

/** A JSON pointer in words: `/pieces/3/form/sizes` → `pieces, number 4, form, sizes`. */
function placeInWords(pointer: string, record: unknown): string {
  const parts = pointer.split('/').slice(1);
  let at: unknown = record;
  const words: string[] = [];
  for (const part of parts) {
    at = (at as Record<string, unknown> | undefined)?.[part];
    const named = (at as { name?: unknown } | undefined)?.name;
    if (/^\d+$/.test(part))
      words.push(typeof named === 'string' && named ? `“${named}”` : `number ${Number(part) + 1}`);
    else words.push(part);
  }
  return words.join(', ');
}

interface SchemaError {
  readonly instancePath: string;
  readonly keyword: string;
  readonly params: Record<string, unknown>;
  readonly message?: string;
}

function sentence(error: SchemaError, record: unknown): string {
  const where = error.instancePath ? `In ${placeInWords(error.instancePath, record)}: ` : '';
  const { params } = error;
  switch (error.keyword) {
    case 'required':
      return `${where}“${String(params.missingProperty)}” is missing.`;
    case 'additionalProperties':
      return `${where}“${String(params.additionalProperty)}” does not belong there.`;
    case 'enum':
      return `${where}it has to be one of ${(params.allowedValues as string[]).slice(0, 12).join(', ')}.`;
    case 'const':
      return `${where}it has to be ${JSON.stringify(params.allowedValue)}.`;
    case 'minimum':
      return `${where}it has to be at least ${String(params.limit)}.`;
    case 'maximum':
      return `${where}it has to be at most ${String(params.limit)}.`;
    case 'type':
      return `${where}it has to be ${params.type === 'integer' ? 'a whole number' : `a ${String(params.type)}`}.`;
    case 'maxItems':
      return `${where}there are more than ${String(params.limit)}.`;
    default:
      return `${where}${error.message ?? 'it is not right'}.`;
  }
}

/** What the schema cannot say: names that point at nothing, loops, sizes that cannot be made. */
function sense(build: Build): string | undefined {
  for (const [what, records] of [
    ['pieces', build.pieces],
    ['rods', build.rods],
    ['blends', build.blends],
    ['colours', build.colours],
  ] as const) {
    const seen = new Set<string>();
    for (const r of records) {
      if (seen.has(r.id)) return `Two ${what} have the same id, “${r.id}”.`;
      seen.add(r.id);
    }
  }
  for (const blend of build.blends) {
    const checked = checkBlend(blend);
    if (!checked.ok) return `Blend “${blend.name}”: ${checked.problem.text}`;
  }
  const blends = new Set(build.blends.map((b) => b.id));
  const colours = new Set(build.colours.map((c) => c.id));
  const pieces = new Set(build.pieces.map((p) => p.id));
  if (pieces.has(BOARD)) return 'No piece may have the id “board”.';
  const placed = new Set<string>([BOARD]);
  for (const p of build.pieces) {
    if (!blends.has(p.blend))
      return `Piece “${p.name}” is made of a blend that is not in the file: “${p.blend}”.`;
    if (!colours.has(p.colour))
      return `Piece “${p.name}” has a colour that is not in the file: “${p.colour}”.`;
    const form = checkForm(p.form);
    if (!form.ok) return `Piece “${p.name}”: ${form.problem.text}`;
    if (!pieces.has(p.seat.on) && p.seat.on !== BOARD)
      return `Piece “${p.name}” stands on something that is not in the file: “${p.seat.on}”.`;
    if (!placed.has(p.seat.on)) return `Piece “${p.name}” comes before what carries it, or carries itself.`;
    placed.add(p.id);
  }
  for (const r of build.rods)
    for (const end of [r.from, r.to])
      if (end.on !== BOARD && !pieces.has(end.on))
        return `Rod “${r.name}” ends in a piece that is not in the file: “${end.on}”.`;
  return undefined;
}

/** Check plain data and make a Build of it, bringing older versions forward. Nothing is changed when it is refused. */
export function readRecord(data: unknown): Result<Build> {
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    return fail('This file does not hold a build.');
  const record = data as Record<string, unknown>;
  if (record.format !== BUILD_FORMAT)
    return fail('This file was not saved by Elm Spindle: its “format” is something else.', 'format');
  const version = record.version;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return fail('The file does not say which version of the format it is.', 'version');
  if (version > BUILD_VERSION)
    return fail(
      `This file was saved by a newer Elm Spindle (format ${version}; this one reads up to ${BUILD_VERSION}).`,
      'version',
    );
  const current = migrated(record, version);
  if (!current) return fail(`Files of format ${version} can no longer be read.`, 'version');
  if (!validateBuild(current)) {
    const error = (validateBuild.errors as SchemaError[] | null)?.[0];
    return fail(
      error ? sentence(error, current) : 'Something in the file is not right.',
      error?.instancePath,
    );
  }
  const build = current as unknown as Build;
  const wrong = sense(build);
  return wrong === undefined ? ok(build) : fail(wrong);
}

/** Read the text of a file. */
export function readBuild(text: string): Result<Build> {
  if (text.length > LARGEST_FILE) return fail('The file is larger than any build: 8 MB is the most.');
  let data: unknown;
  try {
    data = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    return fail('This is not a readable build file: it breaks off or is damaged.');
  }
  return readRecord(data);
}
