import { lineCentre, lineLength, MAST, place, placeRods, weighIn } from '../../figure/index.ts';
import type { Vec } from '../../solids/index.ts';
import type { Build } from '../../record/index.ts';
import { together, type Mass } from '../carried/flows.ts';
import { ownMasses } from '../carried/own.ts';
import { byFormula, formula, given, named, reckon, total, type Reckoned } from '../../quantity/index.ts';
import { discUnder, discWeight } from './discs.ts';
import { ROD_MATERIALS } from '../stock/rod-materials.ts';
import { rodMass } from '../stock/rods/registry.ts';
import { stockOf } from '../stock/stock.ts';

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
  const own = ownMasses(build);
  for (const [k, i] of instances.entries()) {
    const entry = perPiece.get(i.piece.id) ?? {
      figure: weighIn(build, i.piece).whole,
      masses: [],
    };
    entry.masses.push(own[k]!);
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
    // it is weighed with what stands under the figure
    if (r.rod.id === MAST) continue;
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
