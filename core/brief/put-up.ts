import { ok, type Result } from '../quantity/index.ts';
import { setCard } from '../edits/index.ts';
import { BRIEF_KEYS, emptyBuild, type Build, type TierBoard } from '../record/index.ts';
import { startBuild, startOf, usuallyWanted, type Wanted } from '../starts/index.ts';
import { hoursBlank, longestStretch } from './hours.ts';
import { BLANKS, notSaid } from './sentence.ts';
import type { Base, ReadingAt, FigureSaid } from './types.ts';

/** Carving, coating and covering a cake hang together for so long, minutes. Estimate. */
const CAKE_STRETCH = 300;
/** The board stands out round a cake by so much on every side, mm; common practice. */
const RIM = 40;
/** Two weeks ahead, in the afternoon, where no day is said: a place is held, and it is marked as taken for usual. */
const TWO_WEEKS = 14 * 86_400_000;

/** What a start is told by what was said. */
export function wantedBy(said: FigureSaid): Wanted {
  const usual = usuallyWanted(startOf(said.start));
  const hours = said.hours ?? hoursBlank.usual(said)!;
  return {
    size: said.size ?? usual.size,
    paste: said.paste ?? usual.paste,
    inside: said.inside ?? usual.inside,
    longStretch: longestStretch(hours) >= CAKE_STRETCH,
    varied: said.varied,
  };
}

/** What a cake is covered in until another colour is chosen. */
const ICING = { id: 'cake-covering', name: 'cake covering', hex: '#f3ede0' };

const CARD: Readonly<Record<Build['board']['material'], TierBoard>> = {
  drum: 'drum',
  plywood: 'mdf12',
  mdf: 'mdf12',
  foamcore: 'foam',
};

/** What it stands on: its own board as wide as was said, or that board on a cake on a wider one. */
function onBase(build: Build, base: Base): Result<Build> {
  if (base.kind === 'board') {
    const width = Math.max(base.width ?? build.board.width, 20);
    return ok({ ...build, board: { ...build.board, shape: base.shape, width } });
  }
  const { board } = build;
  const card = { kind: CARD[board.material], width: Math.min(board.width, 900) };
  const tier = {
    id: 'cake',
    name: 'Cake under it',
    shape: base.shape,
    width: base.width,
    height: base.height,
    cover: { thickness: 4, blend: build.blends.at(-1)!.id, colour: ICING.id },
    board: { kind: 'card', width: base.width },
    posts: { stock: 'dowel6', number: 4 },
    stuck: true,
  } as const;
  const wide = Math.ceil((Math.max(base.width, card.width) + 2 * RIM) / 10) * 10;
  const stands: Build = {
    ...build,
    colours: [...build.colours, ICING],
    board: { ...board, shape: base.shape, width: wide, material: 'drum' },
    cake: { ...build.cake, tiers: [tier] },
  };
  return setCard(stands, card);
}

/** Local date and time of an instant in UTC, for a due time that only holds a place. */
const placeHolder = (now: number): string => new Date(now + TWO_WEEKS).toISOString().slice(0, 11) + '15:00';

/**
 * The build that was said: the figure of its start, what it stands on, the brief, the week and the room. What was not said is
 * taken as usual and is marked so.
 */
export function buildSaid(said: FigureSaid, id: string, name: string, at: ReadingAt): Result<Build> {
  const start = startOf(said.start);
  const due = said.due ?? placeHolder(at.now);
  const figure = startBuild(start, wantedBy(said), { due, zone: at.zone }, id);
  const whole: Build = {
    ...figure,
    name,
    hours: [...(said.hours ?? BLANKS.hours.usual(said)!)],
    room: said.room ?? BLANKS.room.usual(said)!,
    brief: {
      ...figure.brief,
      journey: said.journey ?? BLANKS.journey.usual(said)!,
      ...(said.eaters ? { eaters: said.eaters } : {}),
      said: BRIEF_KEYS.filter((key) => !notSaid(said).includes(key)),
    },
  };
  return onBase(whole, said.base ?? BLANKS.base.usual(said)!);
}

/** A build with nothing on its board, with what was said of its day and its room. */
export function boardSaid(said: FigureSaid, id: string, name: string, at: ReadingAt): Build {
  const empty = emptyBuild(id, name, { due: said.due ?? placeHolder(at.now), zone: at.zone });
  return {
    ...empty,
    ...(said.hours ? { hours: [...said.hours] } : {}),
    ...(said.room ? { room: said.room } : {}),
    brief: {
      ...empty.brief,
      ...(said.journey ? { journey: said.journey } : {}),
      ...(said.eaters ? { eaters: said.eaters } : {}),
      said: BRIEF_KEYS.filter((key) => said[key] !== undefined),
    },
  };
}
