import { everyRod, glueOn, gluesIn, type BonesReport, type HazardLevel } from './bones/index.ts';
import type { CakeReport } from './cutting/index.ts';
import { measureOf } from './figure/index.ts';
import type { Batch } from './paste-list/index.ts';
import { materialOf, pasteName, type Blend } from './pastes/index.ts';
import { formatLength, given, inWords, listed, type Mm, type Reckoned, lower } from './quantity/index.ts';
import { BOARD, multiplicity, type Avoided, type Build, type Eaters, type Piece } from './record/index.ts';

/** Where something for the people who eat it is to be said. */
export type EaterPlace = 'paste' | 'glue' | 'cake' | 'sticks' | 'pieces' | 'whole';

/** Something that those who eat it must not have, or must be told. */
export interface EaterNote {
  readonly id: string;
  readonly level: HazardLevel;
  readonly at: EaterPlace;
  /** Batches, pieces or rods it is about, by id. */
  readonly of: readonly string[];
  readonly why: string;
  readonly what: string;
}

export interface EatersReport {
  /** As they were said; children where nobody said. */
  readonly eaters: Eaters;
  readonly said: boolean;
  readonly notes: readonly EaterNote[];
  /** Sticks and wires in it. */
  readonly sticks: Reckoned;
}

/** Where nobody said who eats it, cautions stand as for children. */
const NOBODY_SAID: Eaters = { who: 'children', avoid: [], fate: 'eaten' };

/** What is avoided, as it is named, and by the allergens that have it in them. Common practice; labels decide. */
const HAS: Readonly<Record<Avoided, { readonly name: string; readonly has: readonly string[] }>> = {
  nuts: { name: 'nuts', has: ['almond', 'nuts', 'nut', 'hazelnut', 'peanut', 'pistachio', 'walnut'] },
  milk: { name: 'milk', has: ['milk', 'cream', 'butter'] },
  egg: { name: 'egg', has: ['egg'] },
  wheat: { name: 'wheat', has: ['wheat', 'gluten'] },
  soya: { name: 'soya', has: ['soya', 'soy'] },
  gelatine: { name: 'gelatine', has: ['gelatine', 'gelatin'] },
  alcohol: { name: 'alcohol', has: ['alcohol'] },
  animal: {
    name: 'anything of animals',
    has: ['milk', 'egg', 'gelatine', 'gelatin', 'cream', 'butter', 'honey'],
  },
};

/** A cylinder that holds all a child under three may choke on, mm: 16 CFR 1501.4, small parts. */
const SMALL_PART: Mm = 31.7;

const meets = (avoid: Avoided, allergens: readonly string[]): boolean =>
  allergens.some((a) => HAS[avoid].has.some((h) => a.toLowerCase().includes(h)));

/** Whether a blend suits a diet, as far as its kind of paste tells. */
function suits(blend: Blend, avoid: Avoided): 'yes' | 'no' | 'ask' {
  const { diet } = materialOf(blend.base);
  if (avoid === 'animal') return diet.vegan;
  if (avoid === 'gelatine') return diet.vegetarian;
  return 'ask';
}

/** What the pastes have in them that is avoided, and which labels decide. */
function pasteNotes(batches: readonly Batch[], avoid: Avoided): EaterNote[] {
  const { name } = HAS[avoid];
  const bad = batches.filter((b) => meets(avoid, b.allergens) || suits(b.blend, avoid) === 'no');
  const rest = batches.filter((b) => !bad.includes(b) && suits(b.blend, avoid) !== 'yes');
  const pastes = (of: readonly Batch[]) => listed([...new Set(of.map((b) => lower(pasteName(b.blend))))]);
  const note = (
    id: string,
    level: HazardLevel,
    of: readonly Batch[],
    why: string,
    what: string,
  ): EaterNote[] =>
    of.length > 0 ? [{ id: `${id}-${avoid}`, level, at: 'paste', of: of.map((b) => b.id), why, what }] : [];
  return [
    ...note(
      'paste',
      'must',
      bad,
      `There ${name === 'nuts' ? 'are' : 'is'} ${name} in ${pastes(bad)}.`,
      'Make those pieces of another paste, with tools and icing sugar of its own.',
    ),
    ...note(
      'label',
      'should',
      rest,
      `Whether there ${name === 'nuts' ? 'are' : 'is'} ${name} in ${pastes(rest)} is not known here.`,
      'Read the label of each pack, and of colours, dusts and glaze.',
    ),
  ];
}

function avoidedNotes(build: Build, parts: EatenParts, avoid: Avoided): EaterNote[] {
  const { name } = HAS[avoid];
  const glues = gluesIn(build).filter((g) => meets(avoid, g.allergens) || (avoid === 'alcohol' && g.alcohol));
  const pasta = avoid === 'wheat' ? everyRod(parts.bones).filter((r) => r.stock.family === 'pasta') : [];
  return [
    ...pasteNotes(parts.paste, avoid),
    ...glues.map((g): EaterNote => ({
      id: `glue-${g.id}-${avoid}`,
      level: 'must',
      at: 'glue',
      of: build.pieces.filter((p) => p.seat.on !== BOARD && glueOn(build, p).id === g.id).map((p) => p.id),
      why: `There is ${name} in ${g.name}.`,
      what:
        avoid === 'alcohol'
          ? 'Water or gum glue does it without.'
          : 'Use water or gum glue where it carries enough.',
    })),
    ...(meets(avoid, parts.cake.allergens)
      ? [
          {
            id: `cake-${avoid}`,
            level: 'must',
            at: 'cake',
            of: [],
            why: `There is ${name} in the cake, its filling or its coat.`,
            what: 'Bake and fill it by a recipe without, or serve them something else.',
          } as const,
        ]
      : []),
    ...(pasta.length > 0
      ? [
          {
            id: 'pasta-wheat',
            level: 'must',
            at: 'sticks',
            of: pasta.map((r) => r.rod.id),
            why: 'Dry spaghetti is wheat.',
            what: 'Take bamboo instead.',
          } as const,
        ]
      : []),
  ];
}

/** How large a piece is at its largest. */
const across = (p: Piece): Mm => {
  const { width, depth, height } = measureOf(p);
  return Math.max(width, depth, height);
};

function childNotes(build: Build, { bones }: EatenParts, { who }: Eaters, sticks: number): EaterNote[] {
  const out: EaterNote[] = [];
  const rods = everyRod(bones).filter((r) => r.stock.family !== 'pasta');
  const wires = rods.some((r) => r.stock.family === 'wire');
  if (sticks > 0)
    out.push({
      id: 'sticks',
      level: who === 'under3' ? 'must' : 'should',
      at: 'sticks',
      of: rods.map((r) => r.rod.id),
      why: `There ${sticks === 1 ? 'is a stick' : `are ${inWords(sticks)} sticks${wires ? ' and wires' : ''}`} in it: none where a small child bites.`,
      what: 'Take it apart before it is served and count them out, or ask whether it is eaten at all.',
    });
  const small = who === 'under3' ? build.pieces.filter((p) => across(p) <= SMALL_PART) : [];
  if (small.length > 0)
    out.push({
      id: 'small',
      level: 'must',
      at: 'pieces',
      of: small.map((p) => p.id),
      why: `${small.length === 1 ? `The ${small[0]!.name.toLowerCase()} is` : `${small.length} kinds of piece are`} smaller than ${formatLength(SMALL_PART)}: a child under three may choke on them.`,
      what: 'Model them into the piece under them or paint them, and keep the figure out of reach.',
    });
  return out;
}

interface EatenParts {
  readonly paste: readonly Batch[];
  readonly cake: CakeReport;
  readonly bones: BonesReport;
}

const ORDER: readonly HazardLevel[] = ['must', 'should', 'note'];

/**
 * What those who eat it must not have or must be told, each at its place, the musts first. Nothing here promises that
 * something is absent: labels and local food law decide.
 */
export function eatersReport(build: Build, parts: EatenParts): EatersReport {
  const eaters = build.brief.eaters ?? NOBODY_SAID;
  const rods = everyRod(parts.bones).filter((r) => r.stock.family !== 'pasta');
  const sticks = given(
    'Sticks and wires',
    rods.reduce((n, r) => n + (r.rod.pair ? 2 : 1), 0),
    'pieces',
  );
  const notes: EaterNote[] = [];
  if (eaters.fate === 'notEaten')
    notes.push({
      id: 'not-eaten',
      level: 'note',
      at: 'whole',
      of: [],
      why: 'It is not eaten.',
      what: 'Say so on a card beside it: it looks like food.',
    });
  else {
    for (const avoid of eaters.avoid) notes.push(...avoidedNotes(build, parts, avoid));
    if (eaters.who !== 'adults') notes.push(...childNotes(build, parts, eaters, sticks.value));
  }
  const cake = build.pieces.filter((p) => p.core === 'cake' && p.form.coat && multiplicity(build, p) > 0);
  if (eaters.fate === 'kept' && cake.length > 0)
    notes.push({
      id: 'kept-cake',
      level: 'must',
      at: 'pieces',
      of: cake.map((p) => p.id),
      why: 'It is to be kept, and there is cake inside: that spoils.',
      what: 'Make it over foam.',
    });
  notes.sort((a, b) => ORDER.indexOf(a.level) - ORDER.indexOf(b.level));
  return { eaters, said: build.brief.eaters !== undefined, notes, sticks };
}
