import { checkBlend, checkDensity, type Blend, type OwnPaste } from '../pastes/index.ts';
import { clamp, fail, ok, takes, inLimits, inWords, type Grams, type Result } from '../quantity/index.ts';
import {
  cakeRecord,
  chillRecord,
  coverRecord,
  MOST_WEIGHINGS,
  pieceOf,
  portionsRecord,
  keepersRecord,
  postsRecord,
  tierBoardRecord,
  tierRecord,
  tinField,
  weighingField,
  type Build,
  type CakeWork,
  type Portions,
  type RolledCover,
  type Tier,
  freshId,
  nameTrouble,
  standing,
  type Change,
} from '../record/index.ts';
import { sleeveTrouble } from './edit-ground.ts';
import { aloneOf, oneWeighs } from '../figure/index.ts';

/** Put a blend in the place of the one with its id. */
export function replaceBlend(build: Build, blend: Blend): Change {
  if (!build.blends.some((b) => b.id === blend.id)) return fail('That blend is no longer in the build.');
  const checked = checkBlend(blend);
  if (!checked.ok) return checked;
  return ok({ ...build, blends: build.blends.map((b) => (b.id === blend.id ? checked.value : b)) });
}

/** Take a blend out that nothing is made of. */
export function removeBlend(build: Build, id: string): Change {
  const used =
    build.pieces.find((p) => p.blend === id)?.name ??
    build.cake.tiers.find((t) => t.cover?.blend === id)?.name ??
    (build.board.cover?.blend === id ? 'Cover of the board' : undefined) ??
    [...build.cake.tiers, build.card].flatMap((t) =>
      t?.sleeve?.blend === id ? ['Sleeve on the rod'] : [],
    )[0];
  if (used !== undefined)
    return fail(`The ${used.toLowerCase()} is made of it: choose another for that first.`, 'blend');
  if (build.blends.length === 1) return fail('A build needs one blend at least.', 'blend');
  return ok({ ...build, blends: build.blends.filter((b) => b.id !== id) });
}

/** Bring every blend made from a paste of the person's own up to what they now know of it. */
export const refreshOwn = (build: Build, own: OwnPaste): Build =>
  build.blends.some((b) => b.own?.id === own.id && b.own !== own)
    ? {
        ...build,
        blends: build.blends.map((b) => (b.own?.id === own.id && b.base === own.like ? { ...b, own } : b)),
      }
    : build;

/** Change how the cake is baked, filled, coated and chilled. */
export function setCake(build: Build, patch: Partial<Omit<CakeWork, 'tiers'>>): Change {
  const cake = { ...build.cake, ...patch };
  const asked = inLimits(cakeRecord, cake, {
    layer: (least, most) => `A layer is between ${least} and ${most} mm high.`,
    fillingThickness: (_, most) => `A filling is between nothing and ${most} mm thick.`,
    coatThickness: (_, most) => `A coat is between nothing and ${most} mm thick.`,
  });
  if (!asked.ok) return asked;
  const chill = inLimits(chillRecord, cake.chill, {
    hours: (_, most) => `A cake is chilled for up to ${inWords(most / 24)} days.`,
  });
  if (!chill.ok) return chill;
  if (cake.tins.some((d) => !takes(tinField, d)))
    return fail(`A tin is between ${tinField.minimum} and ${tinField.maximum} mm across.`, 'tins');
  if (cake.density !== undefined) {
    const checked = checkDensity(cake.density);
    if (!checked.ok) return checked;
  }
  return ok({ ...build, cake: { ...cake, tins: [...new Set(cake.tins)].sort((a, b) => a - b) } });
}

/** Back to what a cake of this kind is taken to weigh. */
export function forgetCakeDensity(build: Build): Build {
  const { density: _density, ...cake } = build.cake;
  return { ...build, cake };
}

function checkTier(tier: Tier): Result<unknown> {
  const wrong = nameTrouble(tier.name, 'A tier');
  if (wrong !== undefined) return fail(wrong);
  const asked = [
    inLimits(tierRecord, tier, {
      width: (least, most) => `A tier is between ${least} and ${most} mm wide.`,
      height: (least, most) => `A tier is between ${least} and ${most} mm high.`,
      gap: (_, most) => `A gap is between nothing and ${most} mm high.`,
      weight: (least, most) => `A tier weighs between ${least} g and ${most / 1000} kg.`,
    }),
    sleeveTrouble(tier.sleeve),
    inLimits(coverRecord, tier.cover ?? {}, {
      thickness: (least, most) => `A cover is between ${least} and ${most} mm thick.`,
    }),
    inLimits(postsRecord, tier.posts ?? {}, {
      number: (least, most) => `A tier stands on ${inWords(least)} to ${inWords(most)} posts.`,
    }),
    inLimits(tierBoardRecord, tier.board ?? {}, {
      width: (least, most) => `A board under a tier is between ${least} and ${most} mm wide.`,
    }),
    inLimits(keepersRecord, tier.keepers ?? {}, {
      number: (least, most) => `${inWords(least)} to ${inWords(most)} sticks keep a tier from turning.`,
      apart: (least, most) => `Sticks stand between ${least} and ${most} mm apart.`,
    }),
  ];
  return asked.find((a) => !a.ok) ?? ok(tier);
}

/** Rolled paste as thick as most covers are, of the first blend. Common practice. */
export const usualCover = (build: Build): RolledCover => ({
  thickness: 4,
  blend: build.blends[0]!.id,
  colour: build.colours[0]!.id,
});

/** A plain tier under the figure, as wide as the board allows. */
export function addTier(build: Build): Build {
  const { tiers } = build.cake;
  const name = tiers.length === 0 ? 'Tier' : `Tier ${tiers.length + 1}`;
  const tier: Tier = {
    id: freshId(name, standing(build)),
    name,
    shape: 'round',
    width: clamp(Math.round((build.board.width - 50) / 10) * 10, 100, tierRecord.properties.width.maximum),
    height: 100,
    cover: usualCover(build),
    stuck: false,
  };
  return { ...build, cake: { ...build.cake, tiers: [...tiers, tier] } };
}

/** Change a plain tier; refused where its sizes lie outside the record. */
export function setTier(build: Build, id: string, patch: Partial<Omit<Tier, 'id'>>): Change {
  const now = build.cake.tiers.find((t) => t.id === id);
  if (!now) return fail('That tier is no longer in the build.');
  const tier = { ...now, ...patch };
  const asked = checkTier(tier);
  if (!asked.ok) return asked;
  return ok({
    ...build,
    cake: { ...build.cake, tiers: build.cake.tiers.map((t) => (t.id === id ? tier : t)) },
  });
}

/** What a tier may be without. */
export type TierExtra = 'board' | 'posts' | 'cover' | 'gap' | 'sleeve' | 'keepers' | 'weight';

/** A tier without one of the things it may have. */
export const withoutOnTier = (build: Build, id: string, extra: TierExtra): Build => ({
  ...build,
  cake: {
    ...build.cake,
    tiers: build.cake.tiers.map((t) => {
      if (t.id !== id) return t;
      const { [extra]: _gone, ...rest } = t;
      if (extra !== 'gap') return rest as Tier;
      const { sleeve: _sleeve, ...flat } = rest as Tier;
      return flat;
    }),
  },
});

/** Take a plain tier out. */
export const removeTier = (build: Build, id: string): Build => ({
  ...build,
  cake: { ...build.cake, tiers: build.cake.tiers.filter((t) => t.id !== id) },
});

const GIVE_OR_TAKE = (least: Grams): string =>
  `Give or take is at least ${least} g, and less than the portion.`;

/** Say what a portion is and how it is weighed. */
export function setPortions(build: Build, patch: Partial<Portions> & Pick<Portions, 'piece'>): Change {
  if (!pieceOf(build, patch.piece)) return fail('That piece is no longer in the build.');
  const before = build.portions?.piece === patch.piece ? build.portions : undefined;
  const portions: Portions = {
    target: Number(Math.max(0.1, oneWeighs(aloneOf(build, patch.piece))).toFixed(1)),
    within: 0.5,
    step: 0.1,
    caseWidth: 0,
    weighed: [],
    ...before,
    ...patch,
  };
  const asked = inLimits(portionsRecord, portions, {
    target: (least, most) => `A portion weighs between ${least} g and ${most / 1000} kg.`,
    within: GIVE_OR_TAKE,
    step: (least, most) => `A scale steps by ${least} g up to ${most} g.`,
    caseWidth: (_, most) => `A case is up to ${most} mm wide; nothing when there is none.`,
  });
  if (!asked.ok) return asked;
  if (portions.within >= portions.target)
    return fail(GIVE_OR_TAKE(portionsRecord.properties.within.minimum), 'within');
  return ok({ ...build, portions });
}

/** Note what the scale says of the next one. */
export function weighedOne(build: Build, grams: Grams): Change {
  if (!build.portions) return fail('Say first what the portions are.');
  const { minimum, maximum } = weighingField;
  if (!takes(weighingField, grams))
    return fail(`A weighing lies between ${minimum} g and ${maximum / 1000} kg.`, 'grams');
  if (build.portions.weighed.length >= MOST_WEIGHINGS)
    return fail(`${MOST_WEIGHINGS} weighings are kept; take them back to go on.`, 'grams');
  return ok({ ...build, portions: { ...build.portions, weighed: [...build.portions.weighed, grams] } });
}

/** Take the last weighing back, or all of them. */
export const unweigh = (build: Build, all = false): Build =>
  build.portions
    ? { ...build, portions: { ...build.portions, weighed: all ? [] : build.portions.weighed.slice(0, -1) } }
    : build;

/** Portions are no longer looked at. */
export function withoutPortions(build: Build): Build {
  const { portions: _portions, ...rest } = build;
  return rest;
}
