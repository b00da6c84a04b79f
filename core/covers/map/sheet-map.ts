import { formatLength, type Mm } from '../../quantity/index.ts';
import { bodyMesh, pointOf, type Mesh, type StackBody } from '../../solids/index.ts';
import type { Takes } from '../takes.ts';
import type { Way } from '../ways.ts';
import { bridgesOver, type Bridge } from './bridges.ts';
import { linesOver } from './lines.ts';
import { polarOver } from './polar.ts';
import { cornersOf, faceArea, lyingOn, refined, topOf } from './triangles.ts';
import { skinOverSheet } from './window.ts';

/** What a sheet does at one face, worst last. */
export const SHEET_STATES = ['smooth', 'gathers', 'folds', 'thin', 'shows', 'tears', 'bare'] as const;
export type SheetState = (typeof SHEET_STATES)[number];
const CODE = Object.fromEntries(SHEET_STATES.map((s, k) => [s, k])) as Readonly<Record<SheetState, number>>;

/** What a rolled sheet becomes at every triangle of the body it is laid on. */
export interface SheetMap {
  readonly mesh: Mesh;
  /** Of every face, by its place in `SHEET_STATES`. */
  readonly states: Uint8Array;
  /** Paste that stays on every face, mm. */
  readonly left: Float64Array;
  /** Longest way over the skin from the start to the end of the sheet, mm. */
  readonly reach: Mm;
  /** Paste that stays, mm³, and the share of the skin that is torn, and that shows. */
  readonly stays: number;
  readonly torn: number;
  readonly shown: number;
  /** Drawn longer at the most, per cent. */
  readonly stretch: number;
  /** Rolled at least so thick what is under it shows nowhere, mm. */
  readonly leastThick: Mm;
  readonly hollows: readonly Bridge[];
  readonly says: readonly string[];
}

/** Thinner than this beside what hides, it is not rubbed any more. Estimate. */
const NEARLY = 1.15;
/** Corners round a body and squares of its skin: more change the grams by less than one in a hundred. Steps of the method; estimate. */
const [CORNERS, SQUARES] = [32, 600];
/** Less of the skin than this is a matter of the triangles, not of the paste. A step of the method; estimate. */
const NOTHING = 0.002;

/** What is wrong anywhere, in words. */
function wordsOf(map: Omit<SheetMap, 'says'>, { pull }: Takes): string[] {
  const says: string[] = [];
  const [worst] = map.hollows;
  if (map.torn > NOTHING)
    says.push(
      `On ${Math.max(1, Math.round(100 * map.torn))} % of its skin the sheet is too small for what is under it and tears: it would be drawn ${Math.round(map.stretch)} % longer, this paste takes ${pull}.`,
    );
  if (worst && worst.longer > pull)
    says.push(
      `A sheet drawn over the hollow ${formatLength(worst.across)} across and ${formatLength(worst.deep)} deep tears when it is pressed in later: ${Math.round(worst.longer)} % longer, this paste takes ${pull}. Lay the sheet in there first, or cover it with a patch of its own.`,
    );
  else if (worst && worst.longer > pull / 2)
    says.push(
      `Over a hollow ${formatLength(worst.across)} across and ${formatLength(worst.deep)} deep: press the sheet in there at once, before its rim sticks; later it has to be drawn ${Math.round(worst.longer)} % longer.`,
    );
  if (map.shown > NOTHING)
    says.push(
      `On ${Math.max(1, Math.round(100 * map.shown))} % of its skin what is under it shows; rolled to ${formatLength(Math.ceil(map.leastThick * 2) / 2)} it hides all over.`,
    );
  return says;
}

/** What one place is: drawn by so much of its length, with so much of its thickness free and left of it, mm. */
function stateOf(drawn: number, free: Mm, left: Mm, takes: Takes): SheetState {
  if (100 * (Math.max(1, drawn) - 1) > takes.pull + 1e-9) return 'tears';
  if (left < takes.hides) return 'shows';
  if (free > left) return 'folds';
  if (drawn < takes.ease / 100) return 'gathers';
  return left < NEARLY * takes.hides ? 'thin' : 'smooth';
}

/**
 * A sheet laid on a body from its top outward, found on triangles: distances over the skin, skin over sheet at every face, what
 * that leaves of the thickness. Derived; on turned bodies within 1 % of the closed forms of `sheetOver`.
 * @param t rolled thickness, mm
 */
export function sheetMap(core: StackBody, t: Mm, way: Way, takes: Takes): SheetMap {
  const mesh = refined(bodyMesh({ ...core, core: undefined }, CORNERS), SQUARES);
  const source = topOf(mesh);
  const polar = polarOver(mesh, source);
  const n = mesh.faces.length / 3;
  const bare = way.ends === 'board' ? lyingOn(mesh) : new Uint8Array(n);
  for (let f = 0; f < n; f++)
    if (cornersOf(mesh, f).some((i) => !Number.isFinite(polar.far[i]!))) bare[f] = 1;
  const lines = linesOver(mesh, polar, bare);
  const ratio = skinOverSheet(mesh, polar, bare, lines.reach);
  const stretch = 1 + (takes.pull * way.drawn) / 1e4;
  const worked = (Math.min(takes.worked, way.worked) / 100) * t;
  const states = new Uint8Array(n).fill(CODE.bare);
  const left = new Float64Array(n);
  let [skin, stays, torn, shown, most] = [0, 0, 0, 0, 0];
  for (let f = 0; f < n; f++) {
    if (bare[f]) continue;
    const area = faceArea(mesh, f);
    const j = ratio[f]!;
    const free = t / (stretch * stretch * j);
    left[f] = Math.min(free, worked);
    const state = stateOf(stretch * j, free, left[f]!, takes);
    states[f] = CODE[state];
    skin += area;
    stays += area * left[f]!;
    most = Math.max(most, j);
    if (state === 'tears') torn += area;
    if (state === 'shows') shown += area;
  }
  const map = {
    mesh,
    states,
    left,
    reach: Math.max(...lines.reach),
    stays,
    torn: torn / skin,
    shown: shown / skin,
    stretch: 100 * (Math.max(stretch, stretch * most) - 1),
    leastThick: takes.hides * stretch * stretch * Math.max(1, most),
    hollows: bridgesOver(lines, pointOf(mesh, source)),
  };
  return { ...map, says: wordsOf(map, takes) };
}
