import { contactsOf, type Contact } from '../../contacts/index.ts';
import { familyOf, place, type Instance } from '../../figure/index.ts';
import { fromBuild, type PartsOf } from '../../record/index.ts';
import { toLocal, toWorld } from '../../solids/index.ts';
import { carriedWith, fallsWith, heldUpBy, sharesOf, type Mass, type Share } from './flows.ts';
import { balance, type Carried } from './graph.ts';
import { ownMasses } from './own.ts';
import { pasteOf } from './springs.ts';

/** Paste an hour old, kPa: who carries whom does not hang on it where that is determinate. Estimate. */
export const FIRMISH = 47;

/** Held up by another to this, it comes off with that one. Estimate. */
export const MOSTLY = 0.5;

/** Who carries whom by touch alone, and each with all it carries. */
export interface StandingFigure extends Carried {
  readonly shares: ReadonlyMap<number, readonly Share[]>;
  readonly with: ReadonlyMap<number, Mass>;
  /** The same of what rests mostly on it, and would come off with it. */
  readonly hanging: ReadonlyMap<number, Mass>;
}

/** Does the one stand on the other by the person's word? Other rooms say what the glue between them holds. */
export const seatedOn =
  (instances: readonly Instance[]) =>
  ({ a, b }: Contact): boolean =>
    b >= 0 && (instances[a]!.carrier === b || instances[b]!.carrier === a);

/** Parts of a build that who carries whom follows from; rods do not change what rests above a joint. */
const STANDS = ['pieces', 'blends', 'cake', 'board', 'card', 'mast'] as const;
type Stands = PartsOf<(typeof STANDS)[number]>;

/** The finished figure at rest: who carries whom, found from the bodies. */
export const standingOf = fromBuild(STANDS, (build): StandingFigure => {
  const instances = place(build);
  const own = ownMasses(build);
  const paste = pasteOf(FIRMISH);
  const carried = balance({
    instances,
    contacts: contactsOf(build),
    own,
    pasteOf: () => paste,
    // whether it stays up is asked elsewhere: here only who would have to hold it
    joined: (c) => c.b < 0 || seatedOn(instances)(c),
    rods: [],
    limited: false,
  });
  const shares = sharesOf(carried.rests);
  const alone = new Map(instances.flatMap((i, k) => (i.first ? [[k, own[k]!] as const] : [])));
  const mostly = new Map([...shares].map(([k, on]) => [k, on.filter((s) => s.share >= MOSTLY)]));
  return {
    ...carried,
    shares,
    with: carriedWith(alone, shares),
    hanging: carriedWith(alone, mostly),
  };
});

/** Of a batch the one that all the others are like, by number. */
export const firstLike = fromBuild(['pieces'], (build): readonly number[] => {
  const firsts = new Map<string, number[]>();
  const instances = place(build);
  instances.forEach(({ piece, first }, k) => {
    if (first) firsts.set(piece.id, [...(firsts.get(piece.id) ?? []), k]);
  });
  return instances.map((i, k) => {
    if (i.first) return k;
    const like = firsts.get(i.piece.id) ?? [k];
    const turned = like.find((f) => {
      const { frame } = instances[f]!;
      return frame.x[0] === i.frame.x[0] && frame.y[1] === i.frame.y[1] && frame.z[0] === i.frame.z[0];
    });
    return turned ?? like[0]!;
  });
});

/** Each body alone and with everything it carries, as one mass; index as in `place`. */
export const carriedMasses = fromBuild(
  STANDS,
  (build): { readonly own: readonly Mass[]; readonly with: readonly Mass[] } => {
    const instances = place(build);
    const standing = standingOf(build);
    const like = firstLike(build);
    return {
      own: ownMasses(build),
      with: instances.map((i, k): Mass => {
        const mass = standing.with.get(like[k]!)!;
        if (i.first) return mass;
        return { g: mass.g, at: toWorld(i.frame, toLocal(instances[like[k]!]!.frame, mass.at)) };
      }),
    };
  },
);

/** One with everything that would fall if it were taken away, by number; of a batch what the person put on it. */
export const fallingWith = (build: Stands, index: number): ReadonlySet<number> =>
  place(build)[index]!.first ? fallsWith(index, standingOf(build).shares) : new Set(familyOf(build, index));

/** Everything that holds one up, down to the ground, which is −1. */
export function holdingUp(build: Stands, index: number): ReadonlySet<number> {
  const instances = place(build);
  if (instances[index]!.first) return new Set([-1, ...heldUpBy(index, standingOf(build).rests)]);
  const out = new Set([-1]);
  for (let c = instances[index]!.carrier; c >= 0; c = instances[c]!.carrier) out.add(c);
  return out;
}
