import { allergensOf, batchFor, restAfterMixing, type Blend } from '../pastes/index.ts';
import { given, reckon, total, type Minutes, type Provenance, type Reckoned } from '../quantity/index.ts';
import {
  USUAL_PRACTICE,
  type Build,
  type Colour,
  type PartsOf,
  type Practice,
  type Reserve,
} from '../record/index.ts';
import { partsOf, type BatchPart } from './batch-parts.ts';
import { coversOf, sleevesOf } from '../covers/index.ts';
import { coverLine, pieceLine, sleeveLine, type PasteLine } from './paste-line.ts';
import { blendOf } from '../figure/index.ts';

/** One blend in one colour: a lump to mix. */
export interface Batch {
  readonly id: string;
  readonly blend: Blend;
  readonly colour: Colour;
  readonly lines: readonly PasteLine[];
  readonly net: Reckoned;
  /** With trimmings and spare. */
  readonly need: Reckoned;
  /** What to have: the need up to the next 5 g, never less than can be kneaded. */
  readonly mix: Reckoned;
  /** Offcuts kept for it. */
  readonly reserves: readonly Reserve[];
  /** To mix fresh: the batch less the offcuts. */
  readonly fresh: Reckoned;
  readonly parts: readonly BatchPart[];
  /** Where all of it goes; adds up to `mix`. */
  readonly ledger: readonly Reckoned[];
  /** Left over when all goes to plan: spare, rounding and what had to be kneaded at least. */
  readonly spare: Reckoned;
  readonly rest: Minutes;
  readonly allergens: readonly string[];
}

/** Key of a batch: one blend in one colour. */
export const batchKey = (blend: string, colour: string): string => `${blend}/${colour}`;

/** Reckon the paste of the whole build by blend and colour, in the order the pieces are built, covers after them. */
export function pasteList(build: Build): Batch[] {
  const groups = new Map<string, { blend: Blend; colour: Colour; lines: PasteLine[] }>();
  const into = (blend: Blend, colour: string, line: PasteLine) => {
    const key = batchKey(blend.id, colour);
    const group = groups.get(key) ?? {
      blend,
      colour: build.colours.find((c) => c.id === colour)!,
      lines: [],
    };
    group.lines.push(line);
    groups.set(key, group);
  };
  for (const piece of build.pieces) into(blendOf(build, piece), piece.colour, pieceLine(build, piece));
  for (const cover of coversOf(build)) {
    const blend = build.blends.find((b) => b.id === cover.of.cover.blend)!;
    into(blend, cover.of.cover.colour, coverLine(build, cover, blend));
  }
  for (const s of sleevesOf(build)) {
    const blend = build.blends.find((b) => b.id === s.sleeve.blend)!;
    into(blend, s.sleeve.colour, sleeveLine(build, build.mast!, s, blend));
  }
  return [...groups.entries()].map(([id, { blend, colour, lines }]) =>
    batchOf(build, id, blend, colour, lines),
  );
}

/** How people usually begin, or what this person has said. */
const habit = ({ practice }: PartsOf<'practice'>, of: keyof Practice): Provenance =>
  practice[of] === USUAL_PRACTICE[of] ? 'common practice' : 'yours';

/**
 * Paste that has to be there so that every sheet can be rolled in one go: one after the other, the one first of which most comes
 * back, each from what those before it left. Undefined where nothing is covered.
 */
function rolledAtOnce(lines: readonly PasteLine[]): Reckoned | undefined {
  const sheets = lines.flatMap((l) => (l.sheet ? [{ ...l.sheet, make: l.make }] : []));
  sheets.sort((a, b) => b.rolled.value - b.gone.value - (a.rolled.value - a.gone.value));
  let best: Reckoned | undefined;
  const before: Reckoned[] = [];
  for (const { rolled, gone, make } of sheets) {
    const others = reckon(
      'Used up by those of this before the last',
      'g',
      'used up by one × (made − 1)',
      [gone, given('Made', make, 'pieces')],
      (g, k) => g * (k - 1),
    );
    const whole = total('Rolled in one go, after those before it', 'g', [
      rolled,
      ...before,
      ...(make > 1 ? [others] : []),
    ]);
    if (!best || whole.value > best.value) best = whole;
    before.push(...(make > 1 ? [others] : []), gone);
  }
  return best;
}

function batchOf(build: Build, id: string, blend: Blend, colour: Colour, lines: readonly PasteLine[]): Batch {
  const sum = (name: string, of: (l: PasteLine) => Reckoned) => total(name, 'g', lines.map(of));
  const net = sum('In the pieces', (l) => l.net);
  const bench = sum('On the bench', (l) => l.start);
  const withSpare = reckon(
    'Needed',
    'g',
    'on the bench × (1 + spare)',
    [bench, given('Spare', build.practice.spare, '%', habit(build, 'spare'))],
    (g, s) => g * (1 + s / 100),
  );
  const atOnce = rolledAtOnce(lines);
  const need =
    atOnce && atOnce.value > withSpare.value
      ? reckon(
          'Needed',
          'g',
          'what a sheet is rolled from in one go, where that is more than what is used up',
          [atOnce, withSpare],
          (a, b) => Math.max(a, b),
        )
      : withSpare;
  const mix = reckon(
    'Mix',
    'g',
    'up to the next 5 g, at least what can be kneaded',
    [need, given('Least to knead', build.practice.smallestBatch, 'g', habit(build, 'smallestBatch'))],
    batchFor,
    'common practice',
  );
  const reserves = build.reserves.filter((r) => r.batch === id);
  const fresh = reserves.length
    ? reckon(
        'To mix fresh',
        'g',
        'batch − offcuts kept for it',
        [mix, ...reserves.map((r) => given(r.name, r.grams, 'g', 'yours'))],
        (g, ...used) => Math.max(0, g - used.reduce((a, b) => a + b, 0)),
      )
    : mix;
  const spare = reckon('Left over', 'g', 'mixed − on the bench', [mix, bench], (a, b) => a - b);
  const ledger = [
    net,
    sum('In case some break', (l) => l.breakage),
    sum('Cut away', (l) => l.offcut),
    sum('Rim and trimmings', (l) => l.rolling),
    spare,
  ].filter((r, i) => i === 0 || r.value > 1e-9);
  return {
    id,
    blend,
    colour,
    lines,
    net,
    need,
    mix,
    reserves,
    fresh,
    parts: partsOf(build, blend, fresh),
    ledger,
    spare,
    rest: restAfterMixing(blend),
    allergens: [...new Set([...allergensOf(blend), ...reserves.flatMap((r) => r.allergens)])],
  };
}
