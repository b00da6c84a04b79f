import { solveLinear } from '../../quantity/index.ts';

/** A round board on posts: thin plate by the Ritz method. Posts that would have to pull let go. N, mm, MPa. */

export interface PlateOnPosts {
  readonly radius: number;
  readonly thick: number;
  readonly stiffness: number;
  readonly poisson: number;
  /** Even pressure over a disc. */
  readonly pressure: number;
  readonly loaded: { readonly radius: number; readonly at: readonly [number, number] };
  /** A force of its own, N. */
  readonly point?: { readonly at: readonly [number, number]; readonly force: number };
  readonly posts: readonly (readonly [number, number])[];
  /** Moments nearer to a post than this are not read: the board is thick there, not thin. */
  readonly postRadius: number;
  /** Of the polynomials. */
  readonly degree?: number;
}

export interface PlateBent {
  /** Pressing on each post, N; nought where the board lifts off it. */
  readonly onPosts: readonly number[];
  /** Largest dip or rise over the level of the posts, mm. */
  readonly sag: number;
  /** Largest moment, N·mm per mm. */
  readonly moment: number;
  /** 6 m ÷ t². */
  readonly stress: number;
}

/** Legendre polynomials up to a degree with first and second derivatives. */
function legendre(degree: number, x: number) {
  const p = [1, x];
  const d = [0, 1];
  const s = [0, 0];
  for (let k = 1; k < degree; k++) {
    p[k + 1] = ((2 * k + 1) * x * p[k]! - k * p[k - 1]!) / (k + 1);
    d[k + 1] = d[k - 1]! + (2 * k + 1) * p[k]!;
    s[k + 1] = s[k - 1]! + (2 * k + 1) * d[k]!;
  }
  return { p, d, s };
}

/** Gauss–Legendre nodes and weights on −1 to 1, by Newton's method. */
export function gaussLegendre(n: number): (readonly [x: number, w: number])[] {
  return Array.from({ length: n }, (_, i) => {
    let x = Math.cos((Math.PI * (i + 0.75)) / (n + 0.5));
    let slope = 1;
    for (let turn = 0; turn < 50; turn++) {
      let before = 1;
      let now = x;
      for (let j = 2; j <= n; j++) [before, now] = [now, ((2 * j - 1) * x * now - (j - 1) * before) / j];
      slope = (n * (x * now - before)) / (x * x - 1);
      const step = now / slope;
      x -= step;
      if (Math.abs(step) < 1e-15) break;
    }
    return [x, 2 / ((1 - x * x) * slope * slope)] as const;
  });
}

/** Spots of a disc with the area each stands for. */
function discSpots(radius: number, [cx, cy]: readonly [number, number], degree: number) {
  const round = 2 * degree + 6;
  return gaussLegendre(degree + 4).flatMap(([x, w]) => {
    const r = (radius * (x + 1)) / 2;
    const share = (w * radius * r * Math.PI) / round;
    return Array.from({ length: round }, (_, k) => {
      const a = (2 * Math.PI * k) / round;
      return [cx + r * Math.cos(a), cy + r * Math.sin(a), share] as const;
    });
  });
}

/**
 * Bending of a thin round plate on posts.
 * @returns undefined when fewer than three posts press: the board tips
 */
export function plateOnPosts(o: PlateOnPosts): PlateBent | undefined {
  const degree = o.degree ?? 8;
  const { radius: R, poisson: nu } = o;
  const D = (o.stiffness * o.thick ** 3) / (12 * (1 - nu * nu));
  const terms: (readonly [number, number])[] = [];
  for (let i = 0; i <= degree; i++) for (let j = 0; i + j <= degree; j++) terms.push([i, j]);
  const n = terms.length;
  const basis = (x: number, y: number) => {
    const X = legendre(degree, x / R);
    const Y = legendre(degree, y / R);
    return {
      w: terms.map(([i, j]) => X.p[i]! * Y.p[j]!),
      xx: terms.map(([i, j]) => (X.s[i]! * Y.p[j]!) / (R * R)),
      yy: terms.map(([i, j]) => (X.p[i]! * Y.s[j]!) / (R * R)),
      xy: terms.map(([i, j]) => (X.d[i]! * Y.d[j]!) / (R * R)),
    };
  };
  const K = Array.from({ length: n }, () => new Array<number>(n).fill(0));
  const load = new Array<number>(n).fill(0);
  for (const [x, y, share] of discSpots(R, [0, 0], degree)) {
    const { xx, yy, xy } = basis(x, y);
    for (let i = 0; i < n; i++) {
      const ax = D * share * (xx[i]! + nu * yy[i]!);
      const ay = D * share * (yy[i]! + nu * xx[i]!);
      const axy = 2 * (1 - nu) * D * share * xy[i]!;
      const row = K[i]!;
      for (let j = i; j < n; j++) row[j]! += ax * xx[j]! + ay * yy[j]! + axy * xy[j]!;
    }
  }
  for (let i = 0; i < n; i++) for (let j = 0; j < i; j++) K[i]![j] = K[j]![i]!;
  for (const [x, y, share] of discSpots(o.loaded.radius, o.loaded.at, degree))
    basis(x, y).w.forEach((w, i) => (load[i]! += o.pressure * share * w));
  if (o.point) basis(...o.point.at).w.forEach((w, i) => (load[i]! += o.point!.force * w));

  // a common size keeps the bending rows and the post rows alike for the elimination
  const size = D / (R * R);
  const at = o.posts.map(([x, y]) => basis(x, y).w);
  let touching = o.posts.map((_, i) => i);
  let bends: number[] = [];
  let pressing: number[] = [];
  for (;;) {
    const m = touching.length;
    if (m < 3) return undefined;
    const rows = [
      ...K.map((row, i) => [...row.map((k) => k / size), ...touching.map((p) => at[p]![i]!)]),
      ...touching.map((p) => [...at[p]!, ...new Array<number>(m).fill(0)]),
    ];
    const x = solveLinear(rows, [...load.map((f) => f / size), ...new Array<number>(m).fill(0)]);
    if (!x) return undefined;
    bends = x.slice(0, n);
    pressing = x.slice(n).map((f) => f * size);
    const strongest = Math.max(...pressing.map(Math.abs));
    const weakest = pressing.reduce((best, f, i) => (f < pressing[best]! ? i : best), 0);
    if (pressing[weakest]! >= -1e-9 * strongest) break;
    touching = touching.filter((_, i) => i !== weakest);
  }

  let sag = 0;
  let moment = 0;
  const sum = (values: readonly number[]) => values.reduce((s, v, i) => s + v * bends[i]!, 0);
  for (let i = 0; i <= 24; i++)
    for (let k = 0; k < 48; k++) {
      const r = (R * i) / 24;
      const [x, y] = [r * Math.cos((Math.PI * k) / 24), r * Math.sin((Math.PI * k) / 24)];
      const b = basis(x, y);
      sag = Math.max(sag, Math.abs(sum(b.w)));
      if (o.posts.some(([px, py]) => Math.hypot(x - px, y - py) <= o.postRadius)) continue;
      const [xx, yy, xy] = [sum(b.xx), sum(b.yy), sum(b.xy)];
      const mx = D * (xx + nu * yy);
      const my = D * (yy + nu * xx);
      const mean = (mx + my) / 2;
      const round = Math.hypot((mx - my) / 2, D * (1 - nu) * xy);
      moment = Math.max(moment, Math.abs(mean + round), Math.abs(mean - round));
    }
  const onPosts = o.posts.map((_, i) => {
    const k = touching.indexOf(i);
    return k < 0 ? 0 : pressing[k]!;
  });
  return { onPosts, sag, moment, stress: (6 * moment) / o.thick ** 2 };
}

/** Load on each of several posts under a board that does not bend, its weight off their middle; a minus lifts. */
export function rigidShare(
  posts: readonly (readonly [number, number])[],
  weight: number,
  at: readonly [number, number],
): number[] {
  const n = posts.length;
  const cx = posts.reduce((s, p) => s + p[0], 0) / n;
  const cy = posts.reduce((s, p) => s + p[1], 0) / n;
  let xx = 0;
  let yy = 0;
  let xy = 0;
  for (const p of posts) {
    xx += (p[0] - cx) ** 2;
    yy += (p[1] - cy) ** 2;
    xy += (p[0] - cx) * (p[1] - cy);
  }
  const det = xx * yy - xy * xy;
  const mx = weight * (at[0] - cx);
  const my = weight * (at[1] - cy);
  const A = det > 1e-9 ? (mx * yy - my * xy) / det : xx > 0 ? mx / xx : 0;
  const B = det > 1e-9 ? (my * xx - mx * xy) / det : 0;
  return posts.map((p) => weight / n + A * (p[0] - cx) + B * (p[1] - cy));
}

/** Posts on a ring, the first at the back. */
export const postsOnRing = (n: number, radius: number): (readonly [number, number])[] =>
  Array.from({ length: n }, (_, i) => {
    const a = (2 * Math.PI * i) / n + Math.PI / 2;
    return [radius * Math.cos(a), radius * Math.sin(a)] as const;
  });
