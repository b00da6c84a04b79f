import type { BonesReport, Check, RaisedReport, tierLoads, Verdict } from '../bones/index.ts';

/** What tells whether a build holds on its way. */
export interface Holding {
  readonly bones: BonesReport;
  readonly raised: RaisedReport | undefined;
  readonly tiers: ReturnType<typeof tierLoads>;
}

/** What was asked, of what. */
export interface AskedOfIt {
  readonly of: string;
  readonly check: Check;
}

/** Everything that is asked of a build on the table and on its way. */
export function askedOf({ bones, raised, tiers }: Holding): AskedOfIt[] {
  const rods = [...bones.rods, ...(bones.mast ? [bones.mast] : [])];
  return [
    { of: 'Everything on the board', check: bones.boardTips.check },
    { of: 'The board', check: bones.slides },
    ...(bones.anchored ? [] : [{ of: 'The figure', check: bones.figureTips.check }]),
    ...rods.flatMap((r) => (r.worst ? [{ of: `Rod ${r.letter}`, check: r.worst }] : [])),
    ...bones.glued.map((g) => ({ of: `The glue of the ${g.piece.name.toLowerCase()}`, check: g.check })),
    ...(raised ? [{ of: 'What is raised on the rod', check: raised.worst }] : []),
    ...tiers.map((t) => ({ of: t.tier.name, check: t.worst })),
  ];
}

/** The one that is used most; undefined where nothing is asked. */
export const hardestOf = (asked: readonly AskedOfIt[]): AskedOfIt | undefined =>
  asked.reduce<AskedOfIt | undefined>(
    (a, b) => (!a || b.check.use.value > a.check.use.value ? b : a),
    undefined,
  );

const VERDICTS: readonly Verdict[] = ['holds', 'tight', 'fails'];
/** The worst verdict of all. */
export const worstVerdict = (asked: readonly AskedOfIt[]): Verdict =>
  asked.reduce<Verdict>(
    (v, { check }) => (VERDICTS.indexOf(check.verdict) > VERDICTS.indexOf(v) ? check.verdict : v),
    'holds',
  );
/** How many hold not, and how many hold barely. */
export const countOf = (asked: readonly AskedOfIt[]): readonly [fails: number, tight: number] => [
  asked.filter((a) => a.check.verdict === 'fails').length,
  asked.filter((a) => a.check.verdict === 'tight').length,
];
