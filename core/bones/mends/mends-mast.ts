import { setMast } from '../../edits/index.ts';
import { MAST, place } from '../../figure/index.ts';
import { formatLength, listed, capital } from '../../quantity/index.ts';
import { THREAD_SIZES, type Build } from '../../record/index.ts';
import { TARGET } from '../joints/check.ts';
import { worstOfRod } from '../joints/checked-joints.ts';
import type { Firmed } from '../joints/joint-push.ts';
import { jointsOf } from '../paths/joints.ts';
import type { Mend } from './mends.ts';
import { twoInto } from './new-rod.ts';

/** Further up into the figure by so much, mm, so often. Steps of the method; estimates. */
const FURTHER = 10;
/** A step of the method; estimate. */
const STEPS = 6;
/** Most that are offered. Estimate. */
const MOST = 3;

interface Attempt {
  readonly text: string;
  readonly build: Build;
}

/** Ways to change the rod, the least first; of alike ones the first that holds is told. */
function waysOf(build: Build): readonly (readonly Attempt[])[] {
  const mast = build.mast!;
  const { thread } = mast;
  const made = (text: string, patch: Partial<typeof mast>): Attempt[] => {
    const changed = setMast(build, { thread, ...patch });
    return changed.ok ? [{ text, build: changed.value }] : [];
  };
  return [
    Array.from({ length: STEPS }, (_, k) => (k + 1) * FURTHER).flatMap((by) =>
      made(`${formatLength(by)} further up into it`, { up: mast.up + by }),
    ),
    mast.base === 'washer' ? made('Large washers on the board', { base: 'large' }) : [],
    THREAD_SIZES.filter((t) => t > thread).flatMap((t) => made(`An M${t} rod`, { thread: t })),
  ];
}

/** Two sticks beside the rod in what is threaded on it, from the top down: one rod alone lets it turn. */
function keepers(build: Build): Attempt[] {
  const on = new Set(
    jointsOf(build).joints.flatMap((j) =>
      j.crossings.some((c) => c.path.placed.rod.id === MAST) ? [place(build)[j.upper]!.piece] : [],
    ),
  );
  const out: Attempt[] = [];
  const names: string[] = [];
  let now = build;
  for (const piece of [...on].reverse()) {
    const made = twoInto(now, piece.id);
    if (!made) continue;
    now = made.build;
    names.push(`the ${piece.name.toLowerCase()}`);
    out.push({ text: `two skewers beside it in ${listed(names)}`, build: now });
  }
  return out;
}

/** Changes of the threaded rod with which it holds what it stands up into; with skewers beside it where it would turn. */
export function mastMends(build: Build, firmed: Firmed): Mend[] {
  if (!build.mast) return [];
  const holds = ({ text, build: tried }: Attempt): Mend[] => {
    const use = worstOfRod(tried, MAST, firmed)?.use.value ?? Infinity;
    return use <= TARGET ? [{ text, times: 1 / use, apply: () => tried }] : [];
  };
  const first = (attempts: readonly Attempt[]): Mend[] => {
    for (const a of attempts) {
      const found = holds(a);
      if (found.length > 0) return found;
    }
    return [];
  };
  const ways = waysOf(build);
  const alone = ways.flatMap((way) => first(way));
  const beside = first(keepers(build).map((k) => ({ ...k, text: capital(k.text) })));
  if (alone.length + beside.length > 0) return [...beside, ...alone].slice(0, MOST);
  return ways
    .flatMap((way) =>
      first(
        way.flatMap((a) => keepers(a.build).map((k) => ({ text: `${a.text}, ${k.text}`, build: k.build }))),
      ),
    )
    .slice(0, MOST);
}
