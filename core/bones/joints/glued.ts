import { BOARD, type Build, type Piece } from '../../record/index.ts';
import { joinOf, measureOf, place, type Instance } from '../../figure/index.ts';
import { cross, dot, length, sub, times } from '../../solids/index.ts';
import { chooseGlue, GLUES, type Glue } from '../../pastes/index.ts';
import {
  byFormula,
  formula,
  given,
  GRAVITY,
  reckon,
  type Minutes,
  type Numbers,
  type Reckoned,
} from '../../quantity/index.ts';
import { standingOf } from '../carried/carried.ts';
import type { Mass } from '../carried/flows.ts';
import { check, worst, type Check } from './check.ts';
import {
  filmOf,
  filmStrength,
  GLUE_RESERVE as RESERVE,
  glueUse,
  type GluedSide,
  type Patch,
} from './glue-films.ts';
import { afterNight, type Firmed } from './joint-push.ts';
import { jointsOf } from '../paths/joints.ts';
import { GLUE_SPREAD, IN_HAND, letGoCheck, propFor } from './let-go.ts';
import { apparent, caseOf, type LoadCase } from './load-cases.ts';
import { heldFaceOf, type HeldFace } from '../paths/contact.ts';
import { pasteAt, softNow } from '../stock/soft.ts';

/** Paste fresh from the hands, kPa, and hours in which it comes to a night's firmness; estimates. */
const FRESH = 12;
const NIGHT = 12;

/** A piece held by glue alone. */
export interface GluedReport {
  readonly piece: Piece;
  readonly on: string;
  readonly glue: Glue;
  /** On the journey, the glue set. */
  readonly check: Check;
  /** On the table, as soon as the hand lets go; not asked of a piece that is propped. */
  readonly letGo: Check | undefined;
  /** The harder of the two. */
  readonly worst: Check;
  /** To be propped for so long after gluing; 0 holds at once, Infinity never on a table. */
  readonly prop: Minutes;
  /** The same with the glue at the strong and the weak end of what is known. */
  readonly propBand: { readonly fast: Minutes; readonly likely: Minutes; readonly slow: Minutes };
  /** Heaviest it may be in this shape, g, all it carries included. */
  readonly most: Reckoned;
  /** The same shape made smaller all round until it holds, share of its size. */
  readonly smaller: number;
}

/** The glue a piece is stuck on with: the one chosen, or the first that fits soft paste on firm. */
export function glueOn(build: Build, piece: Piece): Glue {
  const chosen = GLUES.find((g) => g.id === piece.glue);
  if (chosen) return chosen;
  const { sides, heavy } = joinOf(build, piece);
  return chooseGlue(sides, ['soft', 'firm'], heavy)[0]!.glue;
}

/** Every glue that something in the figure is stuck on with, once. */
export const gluesIn = (build: Build): Glue[] => [
  ...new Set(build.pieces.filter((p) => p.seat.on !== BOARD).map((p) => glueOn(build, p))),
];

interface Glued {
  readonly patch: Patch;
  readonly contact: HeldFace;
  readonly load: Mass;
}

/** Sunk in by more than this share of its thickness it stands in a socket and is held by that. */
const SOCKET = 0.6;

const standsInSocket = ({ piece }: Instance): boolean => {
  const m = measureOf(piece);
  return piece.seat.sink >= SOCKET * Math.min(m.width, m.depth, m.height);
};

/** What a glued face bears in one direction of throw: N and N·mm, as `glueUse` takes them. */
interface Borne {
  readonly force: { readonly pull: number; readonly slide: number };
  readonly moments: { readonly tall: number; readonly wide: number; readonly twist: number };
}

/** Share used in the worst of the directions of throw of one case, and what is borne there. */
function worstUse(
  face: Glued,
  film: number,
  set: boolean,
  side: GluedSide,
  c: LoadCase,
): Borne & { use: number } {
  const { contact, load, patch } = face;
  const arm = sub(load.at, contact.at);
  const weight = (load.g * GRAVITY) / 1000;
  const directions = c.sideways > 0 || c.tilt > 0 ? 16 : 1;
  let worst: (Borne & { use: number }) | undefined;
  for (let k = 0; k < directions; k++) {
    const F = times(apparent(c, (2 * Math.PI * k) / directions, c.down), weight);
    const M = cross(arm, F);
    const pull = dot(F, contact.out);
    const force = { pull, slide: length(sub(F, times(contact.out, pull))) };
    const moments = {
      tall: Math.abs(dot(M, contact.across)),
      wide: Math.abs(dot(M, contact.along)),
      twist: Math.abs(dot(M, contact.out)),
    };
    const use = glueUse(patch, film, set, side, force, moments);
    if (!worst || use > worst.use) worst = { use, force, moments };
  }
  return worst!;
}

/** Everything a glued face takes, in the order its formula takes it. */
const FACE = ['mm', 'mm', 'kPa', 'kPa', 'kPa', 'N', 'N', 'N·mm', 'N·mm', 'N·mm', '×'] as const;
const useOf =
  (set: boolean) =>
  (
    ...[wide, tall, film, cohesion, tension, pull, slide, pryTall, pryWide, twist, reserve]: Numbers<
      typeof FACE
    >
  ) =>
    glueUse(
      { wide, tall, round: true },
      film,
      set,
      { cohesion: cohesion / 1000, tension: tension / 1000 },
      { pull, slide },
      { tall: pryTall, wide: pryWide, twist },
    ) * reserve;
const GLUED_USE = formula({
  name: 'Used of the glued face',
  takes: FACE,
  unit: '',
  rule: '√((pull ÷ bears)² + (slide ÷ bears)²) × reserve, prying in the pull and twist in the slide',
  source: 'estimate',
  f: useOf(true),
});
/** The same while the glue is fresh: prying spreads over the whole face, as nothing is brittle yet. */
const FRESH_USE = formula({
  ...GLUED_USE,
  name: 'Used of the glued face while it is fresh',
  f: useOf(false),
});

/** The figures a glued face takes. */
const faceTold = (
  name: string,
  { patch, load }: Glued,
  film: Reckoned<'kPa'>,
  side: GluedSide,
  { force, moments }: Borne,
) =>
  [
    given('Glued face, across', patch.wide, 'mm'),
    given('Glued face, the other way', patch.tall, 'mm'),
    film,
    given('Softer side, cohesion', side.cohesion * 1000, 'kPa', 'estimate'),
    given('Softer side, pulled', side.tension * 1000, 'kPa', 'estimate'),
    given(`${name} with all it carries, ${Math.round(load.g * 10) / 10} g, pulls`, force.pull, 'N'),
    given('It slides', force.slide, 'N'),
    given('It pries one way', moments.tall, 'N·mm'),
    given('It pries the other way', moments.wide, 'N·mm'),
    given('It twists', moments.twist, 'N·mm'),
    given('Reserve', RESERVE, '×'),
  ] as const;

const sideAt = (kPa: number, hours: number): GluedSide => {
  const soft = softNow(pasteAt(kPa), hours);
  return { cohesion: soft.now * soft.cohesion, tension: soft.now };
};

const softer = (a: GluedSide, b: GluedSide): GluedSide => ({
  cohesion: Math.min(a.cohesion, b.cohesion),
  tension: Math.min(a.tension, b.tension),
});

/** Every piece that no rod holds to its carrier, hardest worked first; what is laid round or set in holds itself. */
export function gluedJoints(build: Build, firmed: Firmed): GluedReport[] {
  const instances = place(build);
  const { hanging } = standingOf(build);
  const rodded = new Set(jointsOf(build).joints.map((j) => j.upper));
  const journey = caseOf(build, build.brief.journey);
  const table = caseOf(build, 'table');
  const seen = new Set<string>();
  const out: GluedReport[] = [];
  instances.forEach((instance, i) => {
    const { piece } = instance;
    if (!instance.first || rodded.has(i) || seen.has(piece.id)) return;
    if (piece.seat.how === 'wraps' || piece.seat.how === 'set' || standsInSocket(instance)) return;
    const contact = heldFaceOf(build, i);
    if (!contact) return;
    seen.add(piece.id);
    const glue = glueOn(build, piece);
    const film = filmOf(build, glue.id);
    const { wide, tall } = contact;
    const face: Glued = { patch: { wide, tall, round: true }, contact, load: hanging.get(i)! };
    const under = contact.on.map((k) => instances[k]!.piece);
    const softest = (hours: number) =>
      under.map((p) => sideAt(afterNight(firmed, p.id), hours)).reduce(softer);
    const firm = softer(softest(0), sideAt(afterNight(firmed, piece.id), 0));
    const onWay = worstUse(face, film.set, true, firm, journey);
    const stands = softest(2);
    const inTime = (hours: number) =>
      FRESH + Math.max(0, afterNight(firmed, piece.id) - FRESH) * Math.min(1, hours / NIGHT);
    const sideIn = (hours: number) => softer(stands, sideAt(inTime(hours), 0));
    const usedAt = (hours: number, strength = 1) =>
      RESERVE * worstUse(face, filmStrength(film, hours) * strength, false, sideIn(hours), table).use;
    const propOf = (strength: number) => propFor((hours) => usedAt(hours, strength) <= 1, film.setIn);
    const prop = propOf(1);
    const freshUse = () => {
      const kPa = filmStrength(film, IN_HAND / 60);
      const side = sideIn(IN_HAND / 60);
      return byFormula(
        FRESH_USE,
        faceTold(
          piece.name,
          face,
          given(`Film of ${glue.name} by then, shear`, kPa, 'kPa', film.source),
          side,
          worstUse(face, kPa, false, side, table),
        ),
      );
    };
    const letGo = piece.propped ? undefined : letGoCheck(freshUse(), prop, table.name);
    const onTheWay = check({
      id: 'stuck',
      title: `Stuck on with ${glue.name}`,
      situation: journey.name,
      use: byFormula(
        GLUED_USE,
        faceTold(piece.name, face, given('Film when set, shear', film.set, 'kPa', film.source), firm, onWay),
      ),
      reserve: RESERVE,
      trust: 'C',
      ok: 'It can be stuck on without a stick.',
      no: 'It slides or peels off on the way: put a stick in it, make it lighter, or give it a larger face.',
    });
    out.push({
      piece,
      on: under[0]!.name,
      glue,
      check: onTheWay,
      letGo,
      worst: worst([onTheWay, ...(letGo ? [letGo] : [])])!,
      prop,
      get propBand() {
        return { fast: propOf(GLUE_SPREAD.fast), likely: prop, slow: propOf(GLUE_SPREAD.slow) };
      },
      most: reckon(
        'Heaviest that stays on',
        'g',
        'its weight ÷ share used: every stress grows with the weight',
        [given('With all it carries', face.load.g, 'g'), onTheWay.use],
        (g, u) => (u > 0 ? g / u : Infinity),
      ),
      smaller: onWay.use > 0 ? Math.min(1, 1 / (onWay.use * RESERVE)) : 1,
    });
  });
  return out.sort((a, b) => b.worst.use.value - a.worst.use.value);
}
