import { BUILD_VERSION } from '../record/index.ts';
import { toGround } from './to-ground.ts';

/** Brings a record of one version to the next; may only look at plain data. */
export type Migration = (record: Record<string, unknown>) => Record<string, unknown>;

type Plain = Record<string, unknown>;

/**
 * Version 2: a ball may be pressed flat, a seat says how it holds and what becomes of paste where two pieces meet,
 * a piece says how alike its makes are and which face is hidden. What version 1 meant is filled in.
 */
const toSeats: Migration = (record) => ({
  ...record,
  pieces: Array.isArray(record.pieces)
    ? record.pieces.map((entry: unknown) => {
        const piece = entry as Plain;
        const form = (piece.form ?? {}) as Plain;
        const several = typeof piece.count === 'number' && piece.count > 1;
        return {
          ...piece,
          form: form.kind === 'ball' ? { ...form, sizes: { ...(form.sizes as Plain), press: 0 } } : form,
          seat: { ...(piece.seat as Plain), how: 'sits', overlap: 'pressed' },
          tolerance: piece.pair === true ? 'mirrored' : several ? 'equal' : 'varied',
          hidden: 'none',
        };
      })
    : record.pieces,
});

/**
 * Version 3: how many may break, the spoon and the least that is kneaded, trimmings saved, cake inside and under the
 * figure, offcuts kept for it, what the board
 * stands on in the car. Filled in with what version 2 reckoned with, and with a cake that nobody has yet.
 */
const toStores: Migration = (record) => ({
  ...record,
  pieces: Array.isArray(record.pieces)
    ? record.pieces.map((piece: unknown) => ({ ...(piece as Plain), breaks: 0 }))
    : record.pieces,
  practice: { ...(record.practice as Plain), spoon: 4.92892159375, smallestBatch: 20, saves: true },
  cake: {
    batter: 'firm',
    layer: 40,
    filling: 'buttercream',
    fillingThickness: 4,
    coat: 'buttercream',
    coatThickness: 3,
    tins: [100, 125, 150, 175, 200, 225, 250],
    chill: { where: 'fridge', hours: 12 },
    tiers: [],
  },
  reserves: [],
  brief: { ...(record.brief as Plain), grip: 'mat' },
});

/**
 * Version 4: rods may be bent, situations may have figures of their own, nights may differ and pieces lie elsewhere;
 * tests made at the bench, looks at what firms and changed steps are kept: none yet.
 */
const toMeasured: Migration = (record) => ({
  ...record,
  measured: [],
  log: [],
  steps: { own: [], minutes: {}, left: [] },
});

/** Version 5: the hands, tools and room there are; what a plan was reckoned with before, one pair of hands and room enough. */
const toWorkshop: Migration = (record) => ({
  ...record,
  workshop: { helpers: [], tools: { oven: 1, turntable: 1, airbrush: 1 }, space: {} },
});

/** Version 6: a disc under a piece, and pieces that are propped: none yet, so that nothing has to be filled in. */
const toPropped: Migration = (record) => record;

/**
 * Version 7: looks carry the ids of their build and piece, and what was said at the bench by touch is kept by piece. Looks of
 * this build at pieces that are told apart by their name get their ids; “not yet” goes on counting.
 */
const toSaid: Migration = (record) => {
  const pieces = (record.pieces ?? []) as { id: string; name: string }[];
  const log = (record.log ?? []) as {
    build: string;
    piece: string;
    saw: string;
    question: string;
    at: string;
  }[];
  const own = log.map((l) => {
    const named = l.build === record.name ? pieces.filter((p) => p.name === l.piece) : [];
    return named.length === 1 ? { ...l, buildId: record.id as string, pieceId: named[0]!.id } : l;
  });
  const said = own
    .flatMap((l) =>
      'pieceId' in l && l.saw === 'not'
        ? [{ piece: l.pieceId, question: l.question, firm: false, at: l.at }]
        : [],
    )
    .sort((a, b) => a.at.localeCompare(b.at));
  const bench = record.bench as Record<string, unknown>;
  return { ...record, log: own, bench: said.length > 0 ? { ...bench, said } : bench };
};

/**
 * From each older version to the one after it. The test beside this file fails as soon as the version is raised
 * without a migration and a stored example of the old one.
 */
export const MIGRATIONS: Readonly<Record<number, Migration>> = {
  1: toSeats,
  2: toStores,
  3: toMeasured,
  4: toWorkshop,
  5: toPropped,
  6: toSaid,
  7: toGround,
  // what came with 9 may be absent
  8: (record) => record,
  // and with 10 to 17
  9: (record) => record,
  10: (record) => record,
  11: (record) => record,
  12: (record) => record,
  13: (record) => record,
  14: (record) => record,
  15: (record) => record,
  16: (record) => record,
};

/** A record that lacks what every one of its version has goes on as it is: the check that follows says what is wrong with it. */
function broughtOn(step: Migration, record: Plain): Plain {
  try {
    return step(record);
  } catch {
    return record;
  }
}

/** Bring a record forward to the present version; undefined when a step is missing. */
export function migrated(record: Record<string, unknown>, from: number): Record<string, unknown> | undefined {
  let now = record;
  for (let version = from; version < BUILD_VERSION; version++) {
    const step = MIGRATIONS[version];
    if (!step) return undefined;
    now = { ...broughtOn(step, now), version: version + 1 };
  }
  return now;
}
