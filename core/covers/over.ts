import { blendDensity, type Blend } from '../pastes/index.ts';
import {
  remembered,
  type Grams,
  type Labour,
  type Minutes,
  type Mm,
  type Reckoned,
} from '../quantity/index.ts';
import type { CoverWay, Piece } from '../record/index.ts';
import { formBody, shapeOf, type Form, type StackBody } from '../solids/index.ts';
import { sheetMap, type SheetMap } from './map/sheet-map.ts';
import { panelsOf, type Panel } from './panels.ts';
import { heightDown, showsTo, skinOf, wayDown, type Profile } from './profile.ts';
import { sheetOver, type Sheet } from './sheet.ts';
import { troublesOf } from './sheet-troubles.ts';
import { takesOf, type Takes } from './takes.ts';
import { COVERINGS, type Way } from './ways.ts';

/** How one core is covered. */
export interface Over {
  readonly way: Way;
  readonly thick: Mm;
  /** Absent where the paste goes on as a lump, or in panels. */
  readonly sheet?: Sheet;
  readonly panels?: readonly Panel[];
  /** Over the skin from the top to the end of a sheet, mm; and how high on the core it begins to show, to gather and to fold, as shares. */
  readonly reach?: Mm;
  readonly marks?: { readonly shows: number; readonly gathers: number; readonly folds: number };
  /** A lump comes out as thick as this, from to, mm. */
  readonly uneven?: readonly [Mm, Mm];
  readonly takes?: Takes;
  readonly labour: Labour;
  /** What is wrong with it, in words. */
  readonly says: readonly string[];
}

/** Kneading the paste: at the first, and each so many grams; common practice, minutes. */
const KNEAD: { readonly once: number; readonly grams: Grams } = { once: 3, grams: 200 };
/** Rolling out, and looking after the core, for each square decimetre. Estimate, minutes. */
const ROLL_EACH = 0.5;
/** And at the first. Estimate. */
const ROLL_ONCE = 2;
/** The same of the core. Estimate. */
const CORE_ONCE = 2;
/** For each square decimetre of it. Estimate. */
const CORE_EACH = 1;
/** The core of a form and the paste over it; undefined where it has none, or none that stands as level cuts. */
function coreOf(
  form: Form,
): { readonly core: StackBody; readonly coat: Mm; readonly under: boolean } | undefined {
  const body = formBody(form);
  const core = body.type === 'stack' ? body.core?.body : undefined;
  const coat = form.coat?.thickness ?? form.sizes.coat;
  if (core?.type !== 'stack' || !coat) return undefined;
  return { core, coat, under: form.coat?.under ?? true };
}

/**
 * A coat thicker than this share of its core is a lump of its own that is pressed round, not a sheet. Estimate: a lump as large
 * as a ball gives 0.13.
 */
const SHEET_MOST = 0.08;
/** A coat pressed round is uneven by about so much either way, per cent. Estimate. */
const UNEVEN = 25;
/** Thinner than this share of its core a lump pressed round it tears. Estimate. */
const LUMP_LEAST = 0.05;

/** A sheet that leaves less than this share of what is rolled is not the usual way where panels would do. Estimate. */
const WASTES = 0.55;

/** Panels: each is rolled and cut for itself, minutes. Estimate. */
const PANEL_EACH = 2;
/** For 100 mm of edge, minutes. Estimate. */
const EDGE_EACH = 0.7;
/** Length of its edges, mm. */
const edgeOf = ({ kind, sizes }: Panel): Mm => {
  const [a = 0, b = 0] = sizes.map((s) => s.value);
  if (kind === 'round') return Math.PI * a;
  return kind === 'strip' ? 2 * (a + b) : 2 * (a - b) + a + b;
};
const panelMinutes = (panels: readonly Panel[]): Minutes =>
  panels.reduce((sum, p) => sum + PANEL_EACH + (EDGE_EACH * edgeOf(p)) / 100, 0);

/** Heights on the core, as shares of it: below the first it no longer shows, below the others it gathers and folds. */
function marksOf(profile: Profile, { smooth, folds }: Sheet, shows: Mm): Over['marks'] {
  const share = (down: Mm): number => heightDown(profile, down) / profile.z[0]!;
  return { shows: share(shows), gathers: share(smooth.value), folds: share(folds.value) };
}

/** Everything that is asked before it is known how a core is covered. */
interface Asked {
  readonly piece: Piece;
  readonly core: StackBody;
  readonly coat: Mm;
  readonly under: boolean;
  readonly takes: Takes;
  readonly density: Reckoned<'g/cm³'>;
  /** As wide as a ball that has as much skin. */
  readonly across: Mm;
  readonly panels: readonly Panel[] | undefined;
}

/** What is done where nobody says how. */
function usualWay({ core, coat, under, takes, density, across, panels }: Asked): CoverWay {
  if (coat > SHEET_MOST * across) return 'eased';
  const asSheet = COVERINGS[under ? 'gathered' : 'draped'];
  if (!panels) return asSheet.id;
  const { stays, rolled } = sheetOver(wayDown(core, asSheet.ends ?? 'board'), coat, asSheet, takes, density);
  return stays.value < WASTES * rolled.value ? 'panels' : asSheet.id;
}

/** Minutes of one: kneading, rolling out, the core, and what the way itself takes. */
function labourFor({ minutes: [once, each] }: Way, skin: number, grams: Grams, dm2Rolled: number): Labour {
  const dm2 = skin / 1e4;
  const rolling = dm2Rolled > 0 ? ROLL_ONCE + ROLL_EACH * dm2Rolled : 0;
  return {
    once: KNEAD.once,
    each: grams / KNEAD.grams + rolling + CORE_ONCE + CORE_EACH * dm2 + once + each * dm2,
  };
}

function asPanels(way: Way, skin: number, { coat, density, panels }: Asked): Over {
  const base = labourFor(way, skin, (skin * coat * density.value) / 1000, skin / 1e4);
  return panels
    ? {
        way,
        thick: coat,
        panels,
        labour: { ...base, each: base.each + panelMinutes(panels) },
        says: [],
      }
    : {
        way,
        thick: coat,
        labour: base,
        says: ['Its sides bulge, or it tapers and is not round: panels leave gaps on it. Take another way.'],
      };
}

function asLump(way: Way, skin: number, { piece, coat, density, across }: Asked): Over {
  return {
    way,
    thick: coat,
    uneven: [coat * (1 - UNEVEN / 100), coat * (1 + UNEVEN / 100)],
    // a skin pressed over a ball is a shape of its own, with its own time
    labour: piece.form.coat
      ? labourFor(way, skin, (skin * coat * density.value) / 1000, 0)
      : shapeOf(piece.form.kind).labour,
    says:
      coat < LUMP_LEAST * across
        ? [
            `${coat} mm is thin for a lump pressed round ${Math.round(across)} mm: it tears; roll a sheet for it.`,
          ]
        : [],
  };
}

function asSheet(way: Way, profile: Profile, { coat, takes, density }: Asked): Over {
  const sheet = sheetOver(profile, coat, way, takes, density);
  const dm2Rolled = ((Math.PI / 4) * sheet.round.value ** 2) / 1e4;
  return {
    way,
    thick: coat,
    sheet,
    reach: profile.longest,
    marks: marksOf(profile, sheet, showsTo(profile, coat, (takes.pull * way.drawn) / 100, takes.hides)),
    takes,
    labour: labourFor(way, skinOf(profile), sheet.rolled.value, dm2Rolled),
    says: troublesOf(sheet, coat, way, takes, profile),
  };
}

/** How the core of a piece is covered; undefined where it has none. Remembered while piece and blend stay as they are. */
export const coverOver = remembered((piece: Piece, blend: Blend): Over | undefined => {
  const found = coreOf(piece.form);
  if (!found) return undefined;
  const { core, coat, under } = found;
  const down = wayDown(core, under ? 'under' : 'board');
  const skin = skinOf(down);
  const asked: Asked = {
    piece,
    ...found,
    takes: takesOf(blend),
    density: blendDensity(blend),
    across: Math.sqrt(skin / Math.PI),
    panels: panelsOf(core, coat, under),
  };
  const way = COVERINGS[piece.cover ?? usualWay(asked)];
  if (way.id === 'panels') return asPanels(way, skin, asked);
  return way.ends ? asSheet(way, wayDown(core, way.ends), asked) : asLump(way, skin, asked);
});

/** The sheet over the core of a piece, found on triangles: a tenth to a third of a second. Undefined where no sheet is laid. */
export function mapOver(piece: Piece, blend: Blend): SheetMap | undefined {
  const over = coverOver(piece, blend);
  const found = coreOf(piece.form);
  return over?.sheet && over.takes && found
    ? sheetMap(found.core, found.coat, over.way, over.takes)
    : undefined;
}
