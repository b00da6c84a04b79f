import { batchFor, materialOf, powderFor, restAfterMixing, startMass, type Blend } from '../pastes/index.ts';
import { given, reckon, total, type Minutes, type Reckoned } from '../quantity/index.ts';
import { shapeOf } from '../solids/index.ts';
import { multiplicity, type Build, type Colour } from './build.ts';
import { blendOf, weighIn } from './weigh.ts';

/** What one piece takes from a batch. */
export interface PasteLine {
  readonly piece: string;
  readonly name: string;
  readonly number: number;
  /** Paste that ends in these pieces. */
  readonly net: Reckoned;
  /** Cut away from them: offcut that can be kneaded back. */
  readonly offcut: Reckoned;
  /** Paste that has to be on the bench for them. */
  readonly start: Reckoned;
}

/** One blend in one colour: a lump to mix. */
export interface Batch {
  readonly id: string;
  readonly blend: Blend;
  readonly colour: Colour;
  readonly lines: readonly PasteLine[];
  readonly net: Reckoned;
  /** With trimmings and spare. */
  readonly need: Reckoned;
  /** What to mix: the need up to the next 5 g, never less than can be kneaded. */
  readonly mix: Reckoned;
  /** Left over when all goes to plan. */
  readonly spare: Reckoned;
  readonly base: Reckoned;
  readonly baseName: string;
  readonly gumPaste: Reckoned;
  readonly powder: Reckoned;
  readonly powderSpoons: Reckoned;
  readonly rest: Minutes;
  readonly allergens: readonly string[];
}

function line(build: Build, piece: Build['pieces'][number]): PasteLine {
  const shape = shapeOf(piece.form.kind);
  const n = multiplicity(build, piece);
  const weight = weighIn(build, piece);
  const number = given('How many', n, 'pieces');
  const net = reckon(
    `${piece.name}, in the piece`,
    'g',
    'one × how many',
    [weight.paste, number],
    (g, k) => g * k,
  );
  const shaped = reckon(
    `${piece.name}, shaped`,
    'g',
    'one before trimming × how many',
    [weight.gross, number],
    (g, k) => g * k,
  );
  const offcut = reckon(
    `${piece.name}, cut away`,
    'g',
    'shaped − in the piece',
    [shaped, net],
    (a, b) => a - b,
  );
  const { used, kneadedBack } = shape.yield;
  const start = reckon(
    `${piece.name}, on the bench`,
    'g',
    'shaped × (1 − (1 − u) q) ÷ u, trimmings kneaded back',
    [
      shaped,
      given('Used of each rolling, u', used, '', 'common practice'),
      given('Kneaded back, q', kneadedBack, '', 'common practice'),
    ],
    startMass,
    'common practice',
  );
  return { piece: piece.id, name: piece.name, number: n, net, offcut, start };
}

/** Reckon the paste of the whole build by blend and colour, in the order the pieces are built. */
export function pasteList(build: Build): Batch[] {
  const groups = new Map<string, { blend: Blend; colour: Colour; lines: PasteLine[] }>();
  for (const piece of build.pieces) {
    const key = `${piece.blend}/${piece.colour}`;
    const group = groups.get(key) ?? {
      blend: blendOf(build, piece),
      colour: build.colours.find((c) => c.id === piece.colour)!,
      lines: [],
    };
    group.lines.push(line(build, piece));
    groups.set(key, group);
  }
  const spareShare = given('Spare', build.practice.spare, '%', 'common practice');
  return [...groups.entries()].map(([id, { blend, colour, lines }]) => {
    const net = total(
      'In the pieces',
      'g',
      lines.map((l) => l.net),
    );
    const bench = total(
      'On the bench',
      'g',
      lines.map((l) => l.start),
    );
    const need = reckon(
      'Needed',
      'g',
      'on the bench × (1 + spare)',
      [bench, spareShare],
      (g, s) => g * (1 + s / 100),
    );
    const mix = reckon('Mix', 'g', 'up to the next 5 g, at least 20 g', [need], batchFor, 'common practice');
    const spare = reckon('Left over', 'g', 'mixed − in the pieces', [mix, net], (a, b) => a - b);
    const share = given('Gum paste share', blend.gumPaste, '%');
    const gumPaste = reckon('Gum paste', 'g', 'mix × share', [mix, share], (g, s) => (g * s) / 100);
    const base = reckon(
      materialOf(blend.base).name,
      'g',
      'mix − gum paste',
      [mix, gumPaste],
      (g, s) => g - s,
    );
    const { grams, spoons } = powderFor(mix, blend.powder, build.practice.powderBulk);
    return {
      id,
      blend,
      colour,
      lines,
      net,
      need,
      mix,
      spare,
      base,
      baseName: materialOf(blend.base).name,
      gumPaste,
      powder: grams,
      powderSpoons: spoons,
      rest: restAfterMixing(blend),
      allergens: materialOf(blend.base).allergens,
    };
  });
}
