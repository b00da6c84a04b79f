import { field, type Mm, type Of } from '../quantity/index.ts';
import { bodyMesh, type Body, type LevelCut, type StackBody } from './bodies/index.ts';
import { curvature } from './mesh/index.ts';
import type { DryingBody, Measure } from './types.ts';

const PI = Math.PI;

export const coatRecord = field.record({
  /** Thinner nobody rolls, and thicker is no coat, mm. */
  thickness: field.number<Mm>(0.3, 80),
  /** Also under the foot; a cake on its board has none there. */
  under: field.flag,
});

/** An even layer of paste over a core. */
export interface Coat extends Of<typeof coatRecord> {}

/** Paste outside a convex core: A t + M t² + 4 ÷ 3 π t³ (Steiner; handbook). */
export const coatVolume = (area: number, M: number, t: number): number =>
  area * t + M * t * t + (4 / 3) * PI * t ** 3;

/** Outer surface of that coat: A + 2 M t + 4 π t². */
export const coatArea = (area: number, M: number, t: number): number => area + 2 * M * t + 4 * PI * t * t;

/** Coat on the top and side of an upright cylinder with a square edge, nothing underneath. */
export const coatOnTier = (d: number, h: number, t: number): number =>
  (PI / 4) * ((d + 2 * t) ** 2 * (h + t) - d * d * h);

/** Rim of an oval (Ramanujan, from memory) and of the straight middle that carries it. */
export const rimOf = ({ a, b, flat }: LevelCut): number => {
  const q = a + b > 0 ? ((a - b) / (a + b)) ** 2 : 0;
  const [fx, fy] = flat ?? [0, 0];
  return PI * (a + b) * (1 + (3 * q) / (10 + Math.sqrt(4 - 3 * q))) + 4 * (fx + fy);
};
const areaOf = ({ a, b, flat }: LevelCut): number => {
  const [fx, fy] = flat ?? [0, 0];
  return PI * a * b + 4 * (fx * fy + fx * b + fy * a);
};

/** Volume, side and moment of a stack by its level cuts, without what lies under its foot. */
function byCuts(body: StackBody): { volume: number; side: number; moment: number } {
  let [volume, side, moment] = [0, 0, 0];
  const { levels } = body;
  for (let i = 1; i < levels.length; i++) {
    const [low, high] = [levels[i - 1]!, levels[i]!];
    const cuts = [0, 0.5, 1].map((k) => body.cutAt(low + (high - low) * k)) as [LevelCut, LevelCut, LevelCut];
    const slice = ((high - low) * (areaOf(cuts[0]) + 4 * areaOf(cuts[1]) + areaOf(cuts[2]))) / 6;
    volume += slice;
    moment += (slice * (low + high)) / 2;
    const out = Math.sqrt(areaOf(cuts[2]) / PI) - Math.sqrt(areaOf(cuts[0]) / PI);
    side += rimOf(cuts[1]) * Math.hypot(high - low, out);
  }
  return { volume, side, moment };
}

export interface Coated {
  readonly measure: Measure;
  readonly drying: DryingBody;
  readonly coreVolume: number;
  readonly body: Body;
}

const SAMPLES = 17;

/** A cut part of the way from one to another. */
function mixed(p: LevelCut, q: LevelCut, k: number): LevelCut {
  const mix = (u = 0, v = 0) => u + (v - u) * k;
  const [pf, qf] = [p.flat, q.flat];
  return {
    a: mix(p.a, q.a),
    b: mix(p.b, q.b),
    x: mix(p.x, q.x),
    y: mix(p.y, q.y),
    ...(pf || qf ? { flat: [mix(pf?.[0], qf?.[0]), mix(pf?.[1], qf?.[1])] as const } : {}),
  };
}

/** The core grown by t: at each height the widest of the cuts within t of it, each widened by what is left of t. */
function grown(core: StackBody, t: number, under: boolean): StackBody {
  const top = core.levels[core.levels.length - 1]!;
  const up = under ? t : 0;
  const cutAt = (z: number): LevelCut => {
    let [a, b] = [0, 0];
    let best: LevelCut = { a: 0, b: 0 };
    for (let s = 0; s < SAMPLES; s++) {
      const dz = t * Math.sin(PI * (s / (SAMPLES - 1) - 0.5));
      const at = z - up + dz;
      if (at < -1e-9 || at > top + 1e-9) continue;
      const c = core.cutAt(Math.min(top, Math.max(0, at)));
      const w = Math.sqrt(Math.max(0, t * t - dz * dz));
      if (c.a + w + (c.flat?.[0] ?? 0) > a + (best.flat?.[0] ?? 0) || s === 0) {
        best = c;
        a = c.a + w;
      }
      b = Math.max(b, c.b + w + (c.flat?.[1] ?? 0) - (best.flat?.[1] ?? 0));
    }
    return { ...best, a, b };
  };
  const inner = core.levels.flatMap((z, i) => {
    // a straight side is told by its ends; the rounding at them needs a few more
    const next = core.levels[i + 1];
    return next === undefined ? [z + up] : [0, 0.25, 0.5, 0.75].map((k) => z + (next - z) * k + up);
  });
  const cap = (from: number, to: number) => [0, 0.1, 0.3, 0.6, 0.85, 1].map((k) => from + (to - from) * k);
  const levels = [
    ...(under ? cap(t, 0).reverse() : [0]),
    ...inner.filter((z) => z > up + 1e-6 && z < top + up - 1e-6),
    ...cap(top + up, top + up + t),
  ];
  // worked out once at fine steps, straight between them
  const fine = levels.flatMap((z, i) => {
    const next = levels[i + 1];
    return next === undefined ? [z] : [z, z + (next - z) / 3, z + (2 * (next - z)) / 3];
  });
  const cuts = fine.map(cutAt);
  const between = (z: number): LevelCut => {
    let low = 0;
    let high = fine.length - 1;
    if (z <= fine[0]!) return cuts[0]!;
    if (z >= fine[high]!) return cuts[high]!;
    while (high - low > 1) {
      const mid = (low + high) >> 1;
      if (fine[mid]! <= z) low = mid;
      else high = mid;
    }
    const k = (z - fine[low]!) / (fine[high]! - fine[low]!);
    if (k === 0) return cuts[low]!;
    return mixed(cuts[low]!, cuts[high]!, k);
  };
  return {
    type: 'stack',
    cutAt: between,
    levels,
    core: { body: core, up },
  };
}

/** Everything about a coat over a core that is a stack of level cuts. @param M integral of mean curvature, if known */
export function coated(core: StackBody, inner: Measure, { thickness: t, under }: Coat, M = NaN): Coated {
  const body = grown(core, t, under);
  const up = under ? t : 0;
  let volume: number;
  let area: number;
  let centre = inner.centre + up;
  if (under) {
    const bend = Number.isFinite(M) ? M : curvature(bodyMesh(core, 40));
    volume = coatVolume(inner.area, bend, t);
    area = coatArea(inner.area, bend, t);
  } else {
    const whole = byCuts(body);
    volume = whole.volume - inner.volume;
    // what is flat on top is open to the air like the side
    area = whole.side + areaOf(body.cutAt(body.levels.at(-1)!));
    centre = (whole.moment - inner.volume * inner.centre) / volume;
  }
  return {
    measure: {
      volume,
      area,
      centre,
      ...(inner.aside ? { aside: inner.aside } : {}),
      width: inner.width + 2 * t,
      depth: inner.depth + 2 * t,
      height: inner.height + t + up,
    },
    drying: {
      volume,
      area,
      depth: t,
      facing: Math.min(inner.width, inner.height) + 2 * t,
      thickness: t,
      kind: 'sheet',
      coat: true,
    },
    coreVolume: inner.volume,
    body,
  };
}
