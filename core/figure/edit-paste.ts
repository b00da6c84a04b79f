import { checkBlend, checkDensity, type Blend, type OwnPaste } from '../pastes/index.ts';
import { fail, ok, type Grams, type Mm } from '../quantity/index.ts';
import { pieceOf, type Build, type CakeWork, type Portions, type Tier } from './build.ts';
import { freshId, nameTrouble, standing, type Change } from './edit.ts';
import { aloneOf, oneWeighs } from './family.ts';

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
    build.cake.tiers.find((t) => t.cover.blend === id)?.name;
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
  if (!(cake.layer >= 5 && cake.layer <= 200)) return fail('A layer is between 5 and 200 mm high.', 'layer');
  if (!(cake.fillingThickness >= 0 && cake.fillingThickness <= 50))
    return fail('A filling is between nothing and 50 mm thick.', 'fillingThickness');
  if (!(cake.coatThickness >= 0 && cake.coatThickness <= 30))
    return fail('A coat is between nothing and 30 mm thick.', 'coatThickness');
  if (!(cake.chill.hours >= 0 && cake.chill.hours <= 96))
    return fail('A cake is chilled for up to four days.', 'hours');
  if (cake.tins.some((d) => !(d >= 40 && d <= 800)))
    return fail('A tin is between 40 and 800 mm across.', 'tins');
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

const WIDEST_TIER: Mm = 800;

function checkTier(tier: Tier): string | undefined {
  const wrong = nameTrouble(tier.name, 'A tier');
  if (wrong !== undefined) return wrong;
  if (!(tier.width >= 40 && tier.width <= WIDEST_TIER))
    return `A tier is between 40 and ${WIDEST_TIER} mm wide.`;
  if (!(tier.height >= 20 && tier.height <= 400)) return 'A tier is between 20 and 400 mm high.';
  if (!(tier.cover.thickness >= 1 && tier.cover.thickness <= 20))
    return 'A cover is between 1 and 20 mm thick.';
  if (
    tier.posts &&
    !(Number.isInteger(tier.posts.number) && tier.posts.number >= 1 && tier.posts.number <= 12)
  )
    return 'A tier stands on one to twelve posts.';
  if (tier.board && !(tier.board.width >= 30 && tier.board.width <= 900))
    return 'A board under a tier is between 30 and 900 mm wide.';
  return undefined;
}

/** A plain tier under the figure, as wide as the board allows. */
export function addTier(build: Build): Build {
  const { tiers } = build.cake;
  const name = tiers.length === 0 ? 'Tier' : `Tier ${tiers.length + 1}`;
  const tier: Tier = {
    id: freshId(name, standing(build)),
    name,
    shape: 'round',
    width: Math.min(WIDEST_TIER, Math.max(100, Math.round((build.board.width - 50) / 10) * 10)),
    height: 100,
    cover: { thickness: 4, blend: build.blends[0]!.id, colour: build.colours[0]!.id },
  };
  return { ...build, cake: { ...build.cake, tiers: [...tiers, tier] } };
}

export function setTier(build: Build, id: string, patch: Partial<Omit<Tier, 'id'>>): Change {
  const now = build.cake.tiers.find((t) => t.id === id);
  if (!now) return fail('That tier is no longer in the build.');
  const tier = { ...now, ...patch };
  const wrong = checkTier(tier);
  if (wrong !== undefined) return fail(wrong);
  return ok({
    ...build,
    cake: { ...build.cake, tiers: build.cake.tiers.map((t) => (t.id === id ? tier : t)) },
  });
}

/** The board under a tier is no longer said. */
export const withoutTierBoard = (build: Build, id: string): Build => {
  const bare = ({ board: _board, ...tier }: Tier): Tier => tier;
  return {
    ...build,
    cake: { ...build.cake, tiers: build.cake.tiers.map((t) => (t.id === id ? bare(t) : t)) },
  };
};

/** What stands on the tier rests on the cake again. */
export function withoutPosts(build: Build, id: string): Build {
  const bare = ({ posts: _posts, ...tier }: Tier): Tier => tier;
  return {
    ...build,
    cake: { ...build.cake, tiers: build.cake.tiers.map((t) => (t.id === id ? bare(t) : t)) },
  };
}

export const removeTier = (build: Build, id: string): Build => ({
  ...build,
  cake: { ...build.cake, tiers: build.cake.tiers.filter((t) => t.id !== id) },
});

/** What a jeweller’s scale can tell, g. */
const LEAST_WEIGHED: Grams = 0.001;
const MOST_WEIGHINGS = 2000;

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
  if (!(portions.target >= 0.01 && portions.target <= 5000))
    return fail('A portion weighs between a hundredth of a gram and 5 kg.', 'target');
  if (!(portions.within >= LEAST_WEIGHED && portions.within <= 1000 && portions.within < portions.target))
    return fail('Give or take is at least a thousandth of a gram, and less than the portion.', 'within');
  if (!(portions.step >= 0.001 && portions.step <= 10))
    return fail('A scale steps by a thousandth of a gram up to 10 g.', 'step');
  if (!(portions.caseWidth >= 0 && portions.caseWidth <= 500))
    return fail('A case is up to 500 mm wide; nothing when there is none.', 'caseWidth');
  return ok({ ...build, portions });
}

/** Note what the scale says of the next one. */
export function weighedOne(build: Build, grams: Grams): Change {
  if (!build.portions) return fail('Say first what the portions are.');
  if (!(grams >= LEAST_WEIGHED && grams <= 10_000))
    return fail('A weighing lies between a thousandth of a gram and 10 kg.', 'grams');
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
