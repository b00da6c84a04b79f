import { BOARD, BUILD_FORMAT, BUILD_VERSION, MOST_ALIKE, multiplicity, type Build } from '../record/index.ts';
import { pointsOf } from '../figure/index.ts';
import { checkMeasurement } from '../bones/index.ts';
import { checkBlend } from '../pastes/index.ts';
import { fail, isDay, ok, remembered, type Result } from '../quantity/index.ts';
import { checkForm } from '../solids/index.ts';
import { validateBuild } from './generated/validate-build.js';
import { migrated } from './migrations.ts';
import { sentence } from './sentences.ts';
import { LARGEST_FILE } from './write.ts';

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
  for (const p of build.pieces) {
    const n = multiplicity(build, p);
    if (n > MOST_ALIKE) return `There would be ${n} of “${p.name}”: ${MOST_ALIKE} of one piece are the most.`;
  }
  for (const t of build.cake.tiers) {
    if (placed.has(t.id)) return `Tier “${t.name}” has the id of a piece, “${t.id}”.`;
    placed.add(t.id);
    if (t.cover && (!blends.has(t.cover.blend) || !colours.has(t.cover.colour)))
      return `Tier “${t.name}” is covered with a paste that is not in the file.`;
  }
  for (const t of [...build.cake.tiers, build.card])
    if (t?.sleeve && (!blends.has(t.sleeve.blend) || !colours.has(t.sleeve.colour)))
      return 'A sleeve on the rod is of a paste that is not in the file.';
  const { cover, ribbon } = build.board;
  if (cover && (!blends.has(cover.blend) || !colours.has(cover.colour)))
    return 'The board is covered with a paste that is not in the file.';
  if (ribbon && !colours.has(ribbon.colour)) return 'The ribbon has a colour that is not in the file.';
  if (build.portions && !pieces.has(build.portions.piece))
    return `The portions are of a piece that is not in the file: “${build.portions.piece}”.`;
  for (const r of build.reserves)
    if (r.keepBy !== undefined && !isDay(r.keepBy)) return `Offcut “${r.name}”: ${r.keepBy} is no day.`;
  for (const r of build.rods)
    for (const end of pointsOf(r))
      if (end.on !== BOARD && !pieces.has(end.on))
        return `Rod “${r.name}” ends in a piece that is not in the file: “${end.on}”.`;
  for (const d of build.dates ?? []) if (!isDay(d.date)) return `The hours of a date: ${d.date} is no day.`;
  const { from, until, done, said = [] } = build.bench;
  for (const at of [from, until, ...[...done, ...said].map((x) => x.at)])
    if (at !== undefined && !Number.isFinite(Date.parse(at))) return `At the bench: ${at} is no time.`;
  for (const m of build.measured) {
    const checked = checkMeasurement(m);
    if (!checked.ok) return `Test of “${m.of}”: ${checked.problem.text}`;
    if (!isDay(m.on)) return `Test of “${m.of}”: ${m.on} is no day.`;
  }
  for (const { name, ...parts } of build.variations ?? []) {
    const { variations: _variations, card: _card, mast: _mast, portions: _portions, ...shared } = build;
    const wrong = sense({ ...shared, ...parts, id: build.id, name: build.name });
    if (wrong !== undefined) return `Variation “${name}”: ${wrong}`;
  }
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
  return current ? checked(current) : fail(`Files of format ${version} can no longer be read.`, 'version');
}

/** A record of the present version, checked against the schema and for sense. */
function checked(current: unknown): Result<Build> {
  if (!validateBuild(current)) {
    const error = validateBuild.errors?.[0];
    return fail(
      error ? sentence(error, current) : 'Something in the file is not right.',
      error?.instancePath,
    );
  }
  const wrong = sense(current);
  return wrong === undefined ? ok(current) : fail(wrong);
}

/**
 * The gate before anything is kept: only what would open again is. The same check as a file goes through, so that no change
 * can make a build that is refused later.
 */
export const keepable = remembered((build: Build): Result<Build> => {
  const found = checked(build);
  return found.ok ? found : fail(`That cannot be kept. ${found.problem.text}`, found.problem.about);
});

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
