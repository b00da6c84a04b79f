import {
  balanceOf,
  isLaidRound,
  place,
  placeRods,
  lineCentre,
  lineLength,
  weighIn,
  type Instance,
} from '../../figure/index.ts';
import { toWorld, type Vec } from '../../solids/index.ts';
import { fromBuild, type Build, type PartsOf } from '../../record/index.ts';
import { byFormula, formula, given, named, reckon, total, type Reckoned } from '../../quantity/index.ts';
import { discUnder, discWeight } from './discs.ts';
import { ROD_MATERIALS } from '../stock/rod-materials.ts';
import { rodMass } from '../stock/rods/registry.ts';
import { stockOf } from '../stock/stock.ts';

/** Something with a mass and a place. */
export interface Mass {
  readonly g: number;
  readonly at: Vec;
}

/** Mass and balance point of several: M = Σ m, X = Σ m x ÷ M. */
export function together(parts: readonly Mass[]): Mass {
  let g = 0;
  let x = 0;
  let y = 0;
  let z = 0;
  for (const p of parts) {
    g += p.g;
    x += p.g * p.at[0];
    y += p.g * p.at[1];
    z += p.g * p.at[2];
  }
  return g > 0 ? { g, at: [x / g, y / g, z / g] } : { g: 0, at: [0, 0, 0] };
}

/** A band laid round its carrier balances in the middle of it, at its own height. */
const balanceIn = (i: Instance): Vec =>
  isLaidRound(i) ? [0, 0, i.piece.seat.at[2] + balanceOf(i.piece)[2]] : balanceOf(i.piece);

const massOf = (build: PartsOf<'pieces' | 'blends' | 'cake'>, i: Instance): Mass => ({
  g: weighIn(build, i.piece).whole.value,
  at: toWorld(i.frame, balanceIn(i)),
});

/** Each body alone and with everything it carries, as one mass; index as in `place`. */
export const carriedMasses = fromBuild(
  ['pieces', 'blends', 'cake'],
  (build): { readonly own: readonly Mass[]; readonly with: readonly Mass[] } => {
    const instances = place(build);
    const grams = new Map(build.pieces.map((p) => [p, weighIn(build, p).whole.value]));
    const own = instances.map((i): Mass => ({ g: grams.get(i.piece)!, at: toWorld(i.frame, balanceIn(i)) }));
    const all = [...own];
    // carriers come before what they carry, so walking backwards gathers whole families
    for (let i = instances.length - 1; i >= 0; i--) {
      const { carrier } = instances[i]!;
      if (carrier >= 0) all[carrier] = together([all[carrier]!, all[i]!]);
    }
    return { own, with: all };
  },
);

/** Grams of a rod: mm² × mm × kg/m³. */
const ROD_WEIGHS = formula({
  name: 'Rod',
  takes: ['mm²', 'mm', 'kg/m³'],
  unit: 'g',
  rule: 'section × length × density',
  f: (section, length, density) => density * 1e-6 * section * length,
});

/** Σ m x ÷ Σ m of grams and places that follow each other in turn; nought of nothing. */
const balancePoint = (...turns: readonly number[]): number => {
  let mass = 0;
  let moment = 0;
  for (let i = 0; i < turns.length; i += 2) {
    mass += turns[i]!;
    moment += turns[i]! * turns[i + 1]!;
  }
  return mass > 0 ? moment / mass : 0;
};

export interface WholeBalance {
  readonly mass: Reckoned<'g'>;
  readonly across: Reckoned<'mm'>;
  readonly back: Reckoned<'mm'>;
  readonly up: Reckoned<'mm'>;
  readonly point: Vec;
}

/** The whole figure with its cores and rods, without the board. */
export function wholeBalance(build: Build): WholeBalance {
  const instances = place(build);
  const perPiece = new Map<string, { figure: Reckoned<'g'>; masses: Mass[] }>();
  for (const i of instances) {
    const entry = perPiece.get(i.piece.id) ?? {
      figure: weighIn(build, i.piece).whole,
      masses: [],
    };
    entry.masses.push(massOf(build, i));
    perPiece.set(i.piece.id, entry);
  }
  const parts: { figure: Reckoned<'g'>; mass: Mass }[] = [...perPiece.entries()].map(
    ([id, { figure, masses }]) => {
      const n = masses.length;
      const name = build.pieces.find((p) => p.id === id)!.name;
      const all =
        n === 1
          ? named(name, figure)
          : reckon(
              `${name}, ${n} of them`,
              'g',
              'one × how many',
              [figure, given('How many', n, 'pieces')],
              (g, k) => g * k,
            );
      return { figure: all, mass: together(masses) };
    },
  );
  for (const r of placeRods(build)) {
    const stock = stockOf(build, r.rod);
    const L = lineLength(r.line);
    const g = rodMass(stock, L);
    parts.push({
      figure: byFormula(
        ROD_WEIGHS,
        [
          given('Section', stock.section.weighing, 'mm²'),
          given('Length', L, 'mm'),
          given('Density', ROD_MATERIALS[stock.material].density, 'kg/m³', 'handbook'),
        ],
        { name: r.rod.name },
      ),
      mass: { g, at: lineCentre(r.line) },
    });
  }
  for (const i of instances) {
    const disc = discUnder(i);
    if (!disc) continue;
    const figure = discWeight(disc, `Disc under the ${i.piece.name.toLowerCase()}`);
    parts.push({ figure, mass: { g: figure.value, at: i.frame.origin } });
  }
  const mass = total(
    'Whole figure',
    'g',
    parts.map((p) => p.figure),
  );
  const centre = together(parts.map((p) => p.mass));
  const axis = (name: string, k: 0 | 1 | 2): Reckoned<'mm'> =>
    reckon(
      name,
      'mm',
      'Σ m x ÷ Σ m',
      parts.flatMap((p) => [p.figure, given(`${p.figure.name} lies at`, p.mass.at[k], 'mm')]),
      balancePoint,
    );
  return {
    mass,
    across: axis('Balance point, to the right of the middle', 0),
    back: axis('Balance point, behind the middle', 1),
    up: axis('Balance point, over the board', 2),
    point: centre.at,
  };
}
