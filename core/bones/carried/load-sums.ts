import { contactsOf } from '../../contacts/index.ts';
import { place, weighIn } from '../../figure/index.ts';
import type { Build } from '../../record/index.ts';
import { given, named, reckon, solved, total, type Grams, type Reckoned } from '../../quantity/index.ts';
import { FIRMISH, seatedOn, standingOf } from './carried.ts';
import { carriedWith, sharesOf } from './flows.ts';
import { balance } from './graph.ts';
import { ownMasses } from './own.ts';
import { pasteOf } from './springs.ts';

/** Further up than this a load is told whole: the carrier there opens its own. Estimate. */
const DEEP = 3;
const METHOD = 'balance of bodies on patches that only push';

/**
 * What rests on one, as a sum that opens upwards: each that stands on it with all it carries, times the share that comes down here.
 * @param k number in `place`
 */
export function loadSum(build: Build, k: number): Reckoned<'g'> {
  const instances = place(build);
  const { shares, with: masses, rests } = standingOf(build);
  const name = (i: number) => instances[i]!.piece.name;
  const parts = (lower: number, depth: number): Reckoned<'g'>[] =>
    (shares.get(lower) ?? []).map(({ upper, share }) => {
      const patches = rests.flatMap((r) => (r.upper === upper && r.contact ? [r] : []));
      return reckon(
        `${name(upper)}, what of it rests here`,
        'g',
        'with all it carries × share that comes down here',
        [
          whole(upper, depth + 1),
          solved(
            'Share that comes down here',
            100 * share,
            '%',
            METHOD,
            patches.map((r) =>
              given(
                `Patch on the ${r.lower < 0 ? 'board' : name(r.lower).toLowerCase()}`,
                r.contact!.area,
                'mm²',
              ),
            ),
            'derived',
          ),
        ],
        (g, s) => (g * s) / 100,
      );
    });
  const whole = (i: number, depth: number): Reckoned<'g'> => {
    const title = `${name(i)} with all it carries`;
    const own = weighIn(build, instances[i]!.piece).whole;
    const above = depth < DEEP ? parts(i, depth) : [];
    if (depth >= DEEP && masses.get(i)!.g > own.value) return given(title, masses.get(i)!.g, 'g');
    return above.length === 0 ? own : total(title, 'g', [named(name(i), own), ...above]);
  };
  return total(`Rests on the ${name(k).toLowerCase()}`, 'g', parts(k, 0));
}

/** Paste is so much softer or stiffer than is known; estimate. */
const SPREAD = [0.5, 2] as const;

/**
 * Least and most that may rest on one, its own paste being half as stiff as the others' or twice: the same where statics alone decide.
 * @param k number in `place`
 */
export function loadBand(build: Build, k: number): readonly [least: Grams, most: Grams] {
  const instances = place(build);
  const own = ownMasses(build);
  const alone = new Map(instances.flatMap((i, n) => (i.first ? [[n, own[n]!] as const] : [])));
  const loads = [1, ...SPREAD].map((times) => {
    const usual = pasteOf(FIRMISH);
    const other = { ...usual, stiffness: usual.stiffness * times };
    const { rests } = balance({
      instances,
      contacts: contactsOf(build),
      own,
      pasteOf: (n) => (n === k ? other : usual),
      joined: (c) => c.b < 0 || seatedOn(instances)(c),
      rods: [],
      limited: false,
    });
    const shares = sharesOf(rests);
    const masses = carriedWith(alone, shares);
    return (shares.get(k) ?? []).reduce((g, { upper, share }) => g + share * masses.get(upper)!.g, 0);
  });
  return [Math.min(...loads), Math.max(...loads)];
}
