import { caseOf, glueOn, setPush } from '../bones/index.ts';
import { height } from '../figure/index.ts';
import { groundOf } from '../ground/index.ts';
import { given, listed, once, reckon, total, type Reckoned } from '../quantity/index.ts';
import { BOARD, carriedBy, writeStepId, type Build, type Journey, type Piece } from '../record/index.ts';
import { travellingApart, type Joining, type Link, type Step } from '../days/index.ts';
import { coldChain, type ColdLine } from './cold.ts';
import { askedOf, countOf, hardestOf, worstVerdict, type AskedOfIt, type Holding } from './holding.ts';
import { boardParcel, parcelOf, withoutApart, type Parcel } from './parcels.ts';

/** What a build is on its way, reckoned again where pieces travel apart or brakes are harder. */
export interface TravelParts extends Holding {
  /** Everything from the table up. */
  readonly whole: Reckoned<'g'>;
  readonly joinings: readonly Joining[];
  readonly made: { readonly steps: readonly Step[]; readonly links: readonly Link[] };
}

/** One way to stop, and what gives way first. */
export interface Brake {
  readonly name: string;
  /** Sideways, g. */
  readonly pull: Reckoned;
  readonly hardest: AskedOfIt | undefined;
}

/** Something that is fitted where it is handed over. */
export interface SiteFitting {
  readonly piece: string;
  readonly name: string;
  readonly does: string;
  readonly needs: readonly string[];
  readonly minutes: Reckoned<'min'>;
  /** Until it may be left alone. */
  readonly holds: Reckoned<'min'> | undefined;
}

export interface TravelReport {
  readonly journey: Journey;
  readonly way: string;
  readonly apart: readonly string[];
  /** What is driven, as it is driven: the board first, then what travels apart in the order of its fitting. */
  readonly parcels: readonly Parcel[];
  /** Everything that is asked of what stays on the board, the hardest first. */
  readonly asked: readonly AskedOfIt[];
  readonly brakes: readonly Brake[];
  /** Pieces without which more holds, tried one by one. */
  readonly better: readonly { readonly piece: string; readonly says: string }[];
  readonly fitted: readonly SiteFitting[];
  /** All of the fitting. */
  readonly onSite: Reckoned<'min'>;
  readonly cold: readonly ColdLine[];
  /** In which order things are carried in. */
  readonly order: readonly string[];
  readonly tools: readonly string[];
}

/** How hard a car stops, g. Common driving figures; estimates, the last from memory of handbooks of road traffic. */
const BRAKES: readonly { readonly name: string; readonly g: number }[] = [
  { name: 'a gentle stop', g: 0.2 },
  { name: 'a usual stop', g: 0.3 },
  { name: 'a hard stop', g: 0.5 },
  { name: 'an emergency stop', g: 0.8 },
];
const DRIVEN: ReadonlySet<Journey> = new Set(['carFlat', 'carSeat', 'carHard']);

/** So many pieces are tried at most. A step of the method; estimate. */
const TRIED = 5;

const lower = (p: Piece): string => p.name.toLowerCase();

function brakesOf(build: Build, tried: (b: Build) => TravelParts): Brake[] {
  const { journey } = build.brief;
  if (!DRIVEN.has(journey)) return [];
  return BRAKES.map(({ name, g }) => {
    const pushed = setPush(build, journey, { sideways: g });
    return {
      name,
      pull: given(`${name}, sideways`, g, '', 'estimate'),
      hardest: pushed.ok ? hardestOf(askedOf(tried(pushed.value))) : undefined,
    };
  });
}

/** The trees that stand out most, and those that rods or glue hold that do not hold: worth trying apart. */
function candidates(build: Build, asked: readonly AskedOfIt[], parts: TravelParts): Piece[] {
  const weak = new Set(asked.filter((a) => a.check.verdict !== 'holds').map((a) => a.of));
  const byRod = parts.bones.rods
    .filter((r) => weak.has(`Rod ${r.letter}`))
    .flatMap((r) => build.pieces.filter((p) => p.id === r.rod.to.on || p.id === r.rod.from.on));
  const byGlue = parts.bones.glued
    .filter((g) => weak.has(`The glue of the ${lower(g.piece)}`))
    .map((g) => g.piece);
  const tops = build.pieces.filter((p) => p.seat.on !== BOARD && carriedBy(build, p.id).length > 1);
  return [...new Set([...byGlue, ...byRod, ...tops])].filter((p) => p.seat.on !== BOARD).slice(0, TRIED);
}

function betterApart(
  build: Build,
  parts: TravelParts,
  tried: (b: Build) => TravelParts,
): TravelReport['better'] {
  const now = askedOf(parts);
  const [fails, tight] = countOf(now);
  if (fails + tight === 0) return [];
  return candidates(build, now, parts)
    .flatMap((piece) => {
      const without = withoutApart(build, [piece]);
      if (without.pieces.length === 0) return [];
      const then = askedOf(tried(without));
      const [f, t] = countOf(then);
      if (f > fails || (f === fails && t >= tight)) return [];
      const left = worstVerdict(then);
      const says =
        left === 'holds'
          ? `With the ${lower(piece)} apart everything holds on the way.`
          : f < fails
            ? `With the ${lower(piece)} apart ${f === 0 ? 'nothing gives way, though some of it only just holds' : 'less gives way'}.`
            : `With the ${lower(piece)} apart less of it only just holds.`;
      return [{ piece: piece.id, says, rank: f * 1000 + t }];
    })
    .sort((a, b) => a.rank - b.rank)
    .slice(0, 3)
    .map(({ piece, says }) => ({ piece, says }));
}

/** Setting one piece in its place where it is handed over. */
function fittingOf(build: Build, piece: Piece, { joinings, made, bones }: TravelParts): SiteFitting[] {
  const j = joinings.find((x) => x.piece.id === piece.id);
  if (!j) return [];
  const id = writeStepId({ task: 'join', of: piece.id });
  const step = made.steps.find((s) => s.id === id);
  const minutes = given(
    step?.title ?? `Fit the ${lower(piece)}`,
    step?.minutes ?? j.kind.labour.once + j.kind.labour.each,
    'min',
    'common practice',
  );
  const [fast, likely, slow] = j.kind.carries;
  const rods = bones.rods.filter((r) => j.letters.includes(r.letter));
  const glue = piece.seat.on === BOARD ? undefined : glueOn(build, piece);
  return [
    {
      piece: piece.id,
      name: piece.name,
      does: j.kind.does(lower(piece), j.carrier ? `the ${lower(j.carrier)}` : 'the board'),
      needs: [
        ...rods.map((r) => `rod ${r.letter}, ${r.stock.name.toLowerCase()}`),
        ...(glue && j.kind.id !== 'loose' ? [glue.name] : []),
      ],
      minutes,
      holds:
        slow > 0
          ? reckon(
              'Until it may be left alone',
              'min',
              'as long as the slow ones take',
              [
                given('One in ten', fast, 'min', 'common practice'),
                given('Likely', likely, 'min', 'common practice'),
                given('Nine in ten', slow, 'min', 'common practice'),
              ],
              (_a, _b, c) => c,
            )
          : undefined,
    },
  ];
}

/** What goes along besides the figure. Common practice. */
const ALWAYS = [
  'a non-slip mat and a spirit level',
  'spare paste of each colour, wrapped, and a soft brush',
  'the removal card',
];

/**
 * The way from the bench to where it stands: what travels apart, what holds at which brake, boxes, fitting, the cold.
 * @param tried reckons a build that is tried
 */
export function travelOf(build: Build, tried: (build: Build) => TravelParts): TravelReport {
  const apart = travellingApart(build);
  const driven = withoutApart(build, apart);
  const all = tried(build);
  // whatever is left apart, the board itself is driven
  const parts = apart.length > 0 ? tried(driven) : all;
  const asked = [...askedOf(parts)].sort((a, b) => b.check.use.value - a.check.use.value);
  const { table } = groundOf(driven);
  const fitted = apart.flatMap((p) => fittingOf(build, p, all));
  const onSite = total(
    'Fitting it there',
    'min',
    fitted.map((f) => f.minutes),
  );
  const better = once(() => betterApart(driven, parts, tried));
  const brakes = once(() => brakesOf(driven, tried));
  const tools = [...new Set([...fitted.flatMap((f) => f.needs), ...ALWAYS])];
  return {
    journey: build.brief.journey,
    way: caseOf(build, build.brief.journey).name,
    apart: apart.map((p) => p.id),
    parcels: [
      boardParcel(driven, parts.whole, -table, height(driven)),
      ...apart.map((p) => parcelOf(build, p)),
    ],
    asked,
    get brakes() {
      return brakes();
    },
    get better() {
      return better();
    },
    fitted,
    onSite,
    cold: coldChain(build, onSite.value),
    order: [
      'Look at the place first: a level table that does not rock, out of the sun and away from heaters.',
      `Carry in the box of tools${fitted.length > 0 ? ' and what is needed for fitting' : ''}; lay the mat.`,
      'Then the board: one opens the doors, nobody turns it by the figure.',
      ...(fitted.length > 0
        ? [
            `Then, in this order: ${listed(fitted.map((f) => f.name.toLowerCase()))}; each out of its box only when it is its turn.`,
          ]
        : []),
      'Brush off what rubbed on the way, touch up, take a picture, hand over the card.',
    ],
    tools,
  };
}
