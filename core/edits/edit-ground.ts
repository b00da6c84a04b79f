import { washerAcross } from '../ground/index.ts';
import { fail, inLimits, inWords, ok, type Mm, type Result } from '../quantity/index.ts';
import {
  cardRecord,
  coverRecord,
  mastRecord,
  ribbonRecord,
  sleeveRecord,
  type Board,
  type Build,
  type Card,
  type Change,
  type Mast,
  type RolledCover,
  type Sleeve,
} from '../record/index.ts';

/** Rolled paste over the board, or none. */
export function coverBoard(build: Build, cover: RolledCover | undefined): Change {
  const { cover: _cover, ...board } = build.board;
  if (!cover) return ok({ ...build, board });
  const asked = inLimits(coverRecord, cover, {
    thickness: (least, most) => `A cover is between ${least} and ${most} mm thick.`,
  });
  return asked.ok ? ok({ ...build, board: { ...board, cover } }) : asked;
}

/** A ribbon round the edge of the board, or none. */
export function setRibbon(build: Build, ribbon: Board['ribbon']): Change {
  const { ribbon: _ribbon, ...board } = build.board;
  if (!ribbon) return ok({ ...build, board });
  const asked = inLimits(ribbonRecord, ribbon, {
    width: (least, most) => `A ribbon is between ${least} and ${most} mm wide.`,
  });
  return asked.ok ? ok({ ...build, board: { ...board, ribbon } }) : asked;
}

/** Whether paste round a threaded rod is of a width that can be made. */
export const sleeveTrouble = (sleeve: Sleeve | undefined): Result<unknown> =>
  inLimits(sleeveRecord, sleeve ?? {}, {
    across: (least, most) => `A sleeve is between ${least} and ${most} mm across.`,
  });

/** Paste round the rod in a gap as most begin: enough to hide the widest washer. */
export const usualSleeve = (build: Build): Sleeve => ({
  across: Math.ceil((washerAcross(build.mast?.thread ?? 10, 'large') + 10) / 5) * 5,
  blend: build.blends[0]!.id,
  colour: build.colours[0]!.id,
});

/** The figure's own board, on the tiers or raised on the rod; or none. */
export function setCard(build: Build, card: Card | undefined): Change {
  const { card: _card, ...rest } = build;
  if (!card) return ok(rest);
  const asked = inLimits(cardRecord, card, {
    width: (least, most) => `A board under a figure is between ${least} and ${most} mm wide.`,
    gap: (_, most) => `A gap is between nothing and ${most} mm high.`,
  });
  if (!asked.ok) return asked;
  const round = sleeveTrouble(card.sleeve);
  if (!round.ok) return round;
  const { gap, sleeve: _sleeve, ...flat } = card;
  return ok({ ...rest, card: gap ? card : flat });
}

const NONE = 'There is no threaded rod in this build.';

/** A threaded rod through the board and the tiers; one that is there is changed. */
export function setMast(build: Build, patch: Partial<Omit<Mast, 'cutAt'>> & Pick<Mast, 'thread'>): Change {
  const mast: Mast = { base: 'large', raised: 'large', up: 0, ...build.mast, ...patch };
  const asked = inLimits(mastRecord, mast, {
    up: (_, most) => `The rod stands up into the figure between nothing and ${most} mm.`,
  });
  return asked.ok ? ok({ ...build, mast }) : asked;
}

/** The build without its threaded rod; what was raised on it stands on what is below. */
export function withoutMast(build: Build): Build {
  const { mast: _mast, card, ...rest } = build;
  const { gap: _gap, sleeve: _sleeve, ...flat } = card ?? { gap: 0, sleeve: undefined };
  return {
    ...rest,
    ...(card ? { card: flat as Card } : {}),
    cake: {
      ...build.cake,
      tiers: build.cake.tiers.map(({ gap: _g, sleeve: _s, ...tier }) => tier),
    },
  };
}

/** Note the length the rod was cut to, or that it is not cut yet. */
export function cutMast(build: Build, at: Mm | undefined): Change {
  const { mast } = build;
  if (!mast) return fail(NONE);
  const asked = inLimits(mastRecord, at === undefined ? {} : { cutAt: at }, {
    cutAt: (_, most) => `A rod is cut to between nothing and ${inWords(most / 1000)} metres.`,
  });
  if (!asked.ok) return asked;
  const { cutAt: _cut, ...rest } = mast;
  return ok({ ...build, mast: at === undefined ? rest : { ...rest, cutAt: Number(at.toFixed(1)) } });
}
