import { overCore, USUAL_COAT, type CoreOption } from './edits/index.ts';
import { pieceOf, type Build, type Piece } from './record/index.ts';
import { weighIn } from './figure/index.ts';
import type { Verdict } from './bones/index.ts';
import { plan } from './plan.ts';
import { fail, ok, type Mm, type Reckoned, type Result } from './quantity/index.ts';
import { shapeOf } from './solids/index.ts';

/** What a piece may be built over; common practice. */
export const CORE_OPTIONS: Readonly<Record<CoreOption, { name: string; eaten: string; mind: string }>> = {
  solid: {
    name: 'solid paste',
    eaten: 'eaten, all of it',
    mind: 'heavy and slow to firm, and takes texture right through',
  },
  foam: {
    name: 'foam',
    eaten: 'not food',
    mind: 'lightest and firm at once; count it in and out and tell whoever serves. Seal it: crumbs of it cling to paste',
  },
  cereal: {
    name: 'cereal treat',
    eaten: 'eaten',
    mind: 'press it hard, let it set and smooth it with melted chocolate, or every grain shows',
  },
  cake: {
    name: 'dense cake',
    eaten: 'eaten',
    mind: 'chilled and coated first; it sinks under weight, so rods go through to the board',
  },
};

/** One way to build a piece at the same outside size. */
export interface CoreChoice {
  readonly option: CoreOption;
  readonly now: boolean;
  readonly build: Build;
  readonly paste: Reckoned;
  readonly core: Reckoned;
  readonly whole: Reckoned;
  /** Whole figure, board left out. */
  readonly figure: Reckoned;
  /** Rods by verdict, and the hardest worked one. */
  readonly fails: number;
  readonly tight: number;
  readonly worst: Verdict | undefined;
  readonly worstUse: number;
  /** Degrees the figure leans before it tips on its own feet. */
  readonly tips: number;
}

const optionOf = (piece: Piece): CoreOption =>
  piece.form.coat || shapeOf(piece.form.kind).core ? piece.core : 'solid';

/**
 * Solid paste, foam, cereal treat and cake for one piece at the same outside size, each reckoned through the one door:
 * grams of paste and core, and what it does to the bones.
 * @param coat thickness to compare with, mm; the present one, or what is usual, when left out
 */
export function chooseCore(build: Build, id: string, coat?: Mm): Result<CoreChoice[]> {
  const piece = pieceOf(build, id);
  if (!piece) return fail('That piece is no longer in the build.');
  const shape = shapeOf(piece.form.kind);
  if (!shape.coats && !shape.core)
    return fail(`A ${shape.name.toLowerCase()} is made of paste alone: it has no room for a core.`);
  const now = optionOf(piece);
  const present = piece.form.coat?.thickness ?? (shape.core ? piece.form.sizes.coat : undefined);
  const choices = (Object.keys(CORE_OPTIONS) as CoreOption[]).flatMap((option): CoreChoice[] => {
    const thick = option === 'solid' ? undefined : (coat ?? present ?? USUAL_COAT[option]);
    const variant = option === now && thick === present ? build : overCore(build, piece, option, thick);
    if (!variant) return [];
    const { bones } = plan(variant);
    const weight = weighIn(variant, pieceOf(variant, id)!);
    const worst = bones.rods
      .flatMap((r) => (r.worst ? [r.worst] : []))
      .reduce<(typeof bones.rods)[number]['worst']>(
        (a, c) => (!a || c.use.value > a.use.value ? c : a),
        undefined,
      );
    return [
      {
        option,
        now: option === now,
        build: variant,
        paste: weight.paste,
        core: weight.core,
        whole: weight.whole,
        figure: bones.balance.mass,
        fails: bones.counts.fails,
        tight: bones.counts.tight,
        worst: worst?.verdict,
        worstUse: worst?.use.value ?? 0,
        tips: bones.figureTips.lean.value,
      },
    ];
  });
  return ok(choices);
}
