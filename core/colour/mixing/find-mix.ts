import { apartBy } from '../apart.ts';
import { labOf, type Lab } from '../lab.ts';
import { coloured, type DyePart, type PotDye } from './kubelka-munk.ts';
import { hexOfSpectrum, labOfSpectrum, spectrumOf, type Spectrum } from './spectrum.ts';

/** A pot that may be taken. */
export interface MixPot extends PotDye {
  readonly name: string;
}

/** Drops of some pots for a colour. */
export interface FoundMix {
  readonly parts: readonly { readonly name: string; /** For 100 g. */ readonly drops: number }[];
  /** What it looks like, `#rrggbb`. */
  readonly hex: string;
  /** CIEDE2000 from what is wanted. */
  readonly off: number;
}

/** One more pot has to be worth so much, CIEDE2000. Estimate. */
const ONE_MORE = 0.4;
/** No more drops of a pot for 100 g: paste turns sticky. Common practice. */
const MOST_DROPS = 60;
/** Fewer for 100 g is no dose. Estimate. */
const LEAST_DROPS = 0.25;
/** Pots at most in one colour, and colours told at most. Steps of the method; estimate. */
const [MOST_IN_ONE, TOLD] = [3, 3];
/** Pots that help least alone are not tried together. A step of the method; estimate. */
const TRIED = 7;
/** Simplex: steps at most, and how flat is flat. Steps of the method; estimate. */
const [STEPS, FLAT] = [90, 1e-5];

interface At {
  readonly x: readonly number[];
  readonly f: number;
}

/** Downhill simplex (Nelder and Mead 1965), standard coefficients. */
export function downhill(cost: (x: readonly number[]) => number, from: readonly number[], size = 0.7): At {
  const at = (x: readonly number[]): At => ({ x, f: cost(x) });
  const n = from.length;
  let corners = [at(from), ...from.map((_, i) => at(from.map((v, j) => (i === j ? v + size : v))))];
  for (let step = 0; step < STEPS; step++) {
    corners.sort((a, b) => a.f - b.f);
    const [best, worst, next] = [corners[0]!, corners[n]!, corners[n - 1]!];
    if (worst.f - best.f < FLAT) break;
    const middle = from.map((_, j) => corners.slice(0, n).reduce((s, c) => s + c.x[j]!, 0) / n);
    const along = (k: number) => at(middle.map((v, j) => v + k * (v - worst.x[j]!)));
    const mirrored = along(1);
    if (mirrored.f < best.f) {
      const further = along(2);
      corners[n] = further.f < mirrored.f ? further : mirrored;
    } else if (mirrored.f < next.f) corners[n] = mirrored;
    else {
      const nearer = along(mirrored.f < worst.f ? 0.5 : -0.5);
      if (nearer.f < Math.min(mirrored.f, worst.f)) corners[n] = nearer;
      else corners = corners.map((c, i) => (i === 0 ? c : at(c.x.map((v, j) => (v + best.x[j]!) / 2))));
    }
  }
  return corners.sort((a, b) => a.f - b.f)[0]!;
}

const dropsOf = (x: number): number => Math.min(MOST_DROPS, Math.max(LEAST_DROPS, Math.exp(x)));

/** The best doses of some pots for a colour. */
function dosed(base: Spectrum, pots: readonly MixPot[], wanted: Lab): At {
  const parts = (x: readonly number[]): DyePart[] => pots.map((pot, i) => ({ pot, drops: dropsOf(x[i]!) }));
  const cost = (x: readonly number[]) => apartBy(labOfSpectrum(coloured(base, parts(x))), wanted);
  return [0, 1.5]
    .map((start) =>
      downhill(
        cost,
        pots.map(() => start),
      ),
    )
    .reduce((a, b) => (b.f < a.f ? b : a));
}

/**
 * Drops of these pots for a colour in a base: every set of up to three of those that help most alone, each dosed as near as it
 * comes, a further pot only where it is worth it. The best first, no two with the same pots; empty where plain base is nearest.
 * @throws RangeError where base or wanted is no colour
 */
export function findMixes(baseHex: string, pots: readonly MixPot[], wantedHex: string): FoundMix[] {
  const base = spectrumOf(baseHex);
  const wanted = labOf(wantedHex);
  if (!wanted) throw new RangeError(`“${wantedHex}” is no colour of six hex digits.`);
  const plain = apartBy(labOf(baseHex)!, wanted);
  const alone = pots
    .map((pot) => ({ pots: [pot], at: dosed(base, [pot], wanted) }))
    .sort((a, b) => a.at.f - b.at.f);
  const tried = alone.slice(0, TRIED).map((a) => a.pots[0]!);
  const found = [...alone];
  for (let i = 0; i < tried.length; i++)
    for (let j = i + 1; j < tried.length; j++) {
      const two = [tried[i]!, tried[j]!];
      found.push({ pots: two, at: dosed(base, two, wanted) });
    }
  // a third only beside the best pairs: elsewhere it never was among the best
  const pairs = found.filter((f) => f.pots.length === MOST_IN_ONE - 1).sort((a, b) => a.at.f - b.at.f);
  for (const { pots: two } of pairs.slice(0, TOLD))
    for (const third of tried)
      if (!two.includes(third)) {
        const three = [...two, third];
        found.push({ pots: three, at: dosed(base, three, wanted) });
      }
  const worth = (f: { pots: readonly MixPot[]; at: At }) => f.at.f + ONE_MORE * (f.pots.length - 1);
  const seen = new Set<string>();
  return found
    .filter((f) => worth(f) < plain)
    .sort((a, b) => worth(a) - worth(b))
    .flatMap(({ pots: set, at }): FoundMix[] => {
      const parts = set.map((pot, i) => ({ name: pot.name, drops: dropsOf(at.x[i]!), pot }));
      const key = parts
        .map((p) => p.name)
        .sort()
        .join();
      if (seen.has(key)) return [];
      seen.add(key);
      const spectrum = coloured(base, parts);
      return [
        {
          parts: parts.map(({ name, drops }) => ({ name, drops })).sort((a, b) => b.drops - a.drops),
          hex: hexOfSpectrum(spectrum),
          off: apartBy(labOfSpectrum(spectrum), wanted),
        },
      ];
    })
    .slice(0, TOLD);
}

/** A dye only takes light away: in so many bands, as a share, what is wanted gives back more than the base. Estimate. */
const OVER = { by: 0.02, most: 0.1, lighter: 1 } as const;

/** Whether colour kneaded into a base can ever come to this; what is brighter than it in a tenth of the bands cannot. */
export function isReachable(
  baseHex: string,
  wantedHex: string,
): { readonly over: number; readonly ok: boolean } {
  const base = spectrumOf(baseHex);
  const wanted = spectrumOf(wantedHex);
  const over = wanted.filter((r, i) => r > base[i]! + OVER.by).length / wanted.length;
  return { over, ok: over < OVER.most && labOf(wantedHex)!.L <= labOf(baseHex)!.L + OVER.lighter };
}

/** How near it is, as one would say it. CIEDE2000; rule of thumb, common practice. */
export function nearWords(off: number): string {
  if (off < 1) return 'the same side by side';
  if (off < 2.3) return 'the same at arm’s length';
  if (off < 5) return 'near: seen side by side';
  return 'another colour: not to be had with these pots';
}
