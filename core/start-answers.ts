import { everyRod, type BonesReport, type CheckedRod, type Verdict } from './bones/index.ts';
import type { EaterPlace } from './eaters.ts';
import { plan } from './plan.ts';
import { byFormula, formatLength, formula, named, total, type Reckoned } from './quantity/index.ts';
import type { Build } from './record/index.ts';
import { startOf, type Wanted } from './starts/index.ts';

/** Something to beware of, where it comes from, and how much it matters. */
export interface Beware {
  readonly level: 'must' | 'should' | 'note';
  readonly at: EaterPlace | 'start' | 'figure';
  readonly says: string;
}

/** What a figure comes to before it is put on the board: everything but its days. */
export interface StartAnswers {
  /** To mix in all, and by colour, the most first. */
  readonly mix: Reckoned;
  readonly colours: readonly { readonly name: string; readonly hex: string; readonly mix: Reckoned }[];
  readonly batches: number;
  /** The largest ball to roll, and what it is for; over a core it is rolled out. */
  readonly largest: { readonly name: string; readonly ball: Reckoned; readonly over: boolean };
  readonly sticks: {
    readonly number: number;
    readonly words: string;
    readonly verdict: Verdict;
    /** So many times what is asked of the hardest pressed, where all hold. */
    readonly holds: Reckoned | undefined;
  };
  readonly stands: { readonly verdict: Verdict; readonly words: string };
  /** What will not hold, hovers or tips, a sentence each. */
  readonly wrong: readonly string[];
  readonly beware: readonly Beware[];
}

const HOLDS = formula({
  name: 'Holds so many times what is asked',
  takes: ['×'],
  unit: '×',
  rule: '1 ÷ used',
  f: (used) => 1 / used,
});

const GRAVE: Readonly<Record<Verdict, number>> = { fails: 2, tight: 1, holds: 0 };
const worst = (of: readonly Verdict[]): Verdict =>
  of.reduce<Verdict>((a, b) => (GRAVE[b] > GRAVE[a] ? b : a), 'holds');

/** Sticks by what they are, a pair as two. */
function sticksIn(bones: BonesReport): string {
  const of = new Map<string, number>();
  for (const { stock, rod } of everyRod(bones))
    of.set(stock.name, (of.get(stock.name) ?? 0) + (rod.pair ? 2 : 1));
  return [...of].map(([name, n]) => `${n} × ${name}`).join(', ');
}

const hardest = (rods: readonly CheckedRod[]): CheckedRod | undefined =>
  rods.reduce<CheckedRod | undefined>(
    (a, b) => ((b.worst?.use.value ?? 0) > (a?.worst?.use.value ?? 0) ? b : a),
    undefined,
  );

/** More height lost than this is told, as a share. Estimate. */
const MOST_LOST = 0.05;

/** Too little asked to tell how many times it holds. */
const NOTHING_ASKED = 0.02;

function sticksOf(bones: BonesReport): StartAnswers['sticks'] {
  const rods = everyRod(bones);
  const verdict = worst([
    ...rods.flatMap((r) => (r.verdict === 'idle' ? [] : [r.verdict])),
    ...bones.clashes.map((c) => c.verdict),
  ]);
  const use = hardest(rods)?.worst?.use;
  const asked = use !== undefined && use.value > NOTHING_ASKED;
  return {
    number: bones.tally.number,
    words: sticksIn(bones),
    verdict,
    holds: verdict === 'holds' && asked ? byFormula(HOLDS, [{ ...use, unit: '×' }]) : undefined,
  };
}

function standsOf(bones: BonesReport): StartAnswers['stands'] {
  const board = bones.boardTips.check.verdict;
  if (board === 'fails') return { verdict: board, words: 'board and all it tips on the way' };
  if (bones.anchored) return { verdict: board, words: 'its sticks hold it on the board' };
  const { verdict } = bones.figureTips.check;
  return { verdict, words: verdict === 'fails' ? 'on its own feet it tips' : 'it stands on its own feet' };
}

/**
 * What a figure as it was said comes to: paste, sticks, whether it stands, what to beware of. Its days are asked for apart.
 * @param told what its start was told; absent for a build that comes from none
 */
export function startAnswers(build: Build, startId: string, told: Wanted): StartAnswers {
  const { figure, paste, pasteSums, bones, stands, eaters, doses, height } = plan(build);
  const large = figure.pieces.reduce((a, b) => (b.weight.paste.value > a.weight.paste.value ? b : a));
  const piece = build.pieces.find((p) => p.id === large.id)!;
  const colours = build.colours.flatMap(({ id, name, hex }) => {
    const of = paste.filter((b) => b.colour.id === id);
    if (of.length === 0) return [];
    const mix = total(
      `${name}, to mix`,
      'g',
      of.map((b) => named(b.blend.name, b.mix)),
    );
    return [{ name, hex, mix }];
  });
  const wrong = [
    ...everyRod(bones)
      .filter((r) => r.verdict === 'fails')
      .map((r) => `The stick “${r.rod.name.toLowerCase()}” won’t hold: ${r.worst?.title.toLowerCase()}.`),
    ...bones.clashes.filter((c) => c.verdict === 'fails').map((c) => `${c.title}.`),
    ...stands.hovers.map((h) => h.text),
  ];
  const ends = height.finished.value;
  const sinks: Beware[] =
    ends < (1 - MOST_LOST) * figure.height
      ? [
          {
            level: 'must',
            at: 'figure',
            says: `Fresh, it sinks under its own weight and would end ${formatLength(ends)} high: set what is heavy on when its legs are firm, or take a stiffer paste.`,
          },
        ]
      : [];
  const beware: Beware[] = [
    ...sinks,
    ...startOf(startId)
      .cautions.filter((c) => c.when?.(told) ?? true)
      .map((c): Beware => ({ level: 'note', at: 'start', says: c.says })),
    ...eaters.notes.map((n): Beware => ({ level: n.level, at: n.at, says: `${n.why} ${n.what}` })),
    ...bones.hazards
      .filter((h) => h.level === 'must')
      .map((h): Beware => ({ level: 'should', at: 'sticks', says: `${h.why} ${h.what}` })),
    ...[...bones.asks, ...figure.warnings, ...[...doses.values()].flat()].map((says): Beware => ({
      level: 'note',
      at: 'figure',
      says,
    })),
  ];
  const order = { must: 0, should: 1, note: 2 };
  return {
    mix: pasteSums.mix,
    colours: colours.sort((a, b) => b.mix.value - a.mix.value),
    batches: pasteSums.batches,
    largest: {
      name: large.name,
      ball: large.weight.ball,
      over: piece.form.coat !== undefined || piece.form.kind === 'skinOverBall',
    },
    sticks: sticksOf(bones),
    stands: standsOf(bones),
    wrong,
    beware: beware.sort((a, b) => order[a.level] - order[b.level]),
  };
}
