import { remembered, type Mm3 } from '../quantity/index.ts';
import {
  bodyInside,
  bodyReach,
  toLocal,
  toWorld,
  WORLD,
  type Body,
  type Frame,
  type Vec,
} from '../solids/index.ts';
import { fromBuild, type Piece } from '../record/index.ts';
import { isLaidRound, place, seatFrame, type Instance } from './place.ts';

/** A body and where it stands. */
type Standing = Pick<Instance, 'body' | 'frame'>;

/** Points a side of the grid that counts what two bodies share; the count is within two or three hundredths. */
const SIDE = 28;

const box = (body: Body): readonly [low: Vec, high: Vec] => {
  const far = (k: 0 | 1 | 2, sign: 1 | -1) => {
    const d: [number, number, number] = [0, 0, 0];
    d[k] = sign;
    return sign * bodyReach(body, d);
  };
  return [
    [far(0, -1), far(1, -1), far(2, -1)],
    [far(0, 1), far(1, 1), far(2, 1)],
  ];
};

/** Paste of one standing in the place of another, mm³: counted on a grid over the first, in its own frame. */
export function sharedVolume(a: Standing, b: Standing): Mm3 {
  const [low, high] = box(a.body);
  const step = ([0, 1, 2] as const).map((k) => (high[k] - low[k]) / SIDE) as [number, number, number];
  const cell = step[0] * step[1] * step[2];
  let hits = 0;
  for (let i = 0; i < SIDE; i++)
    for (let j = 0; j < SIDE; j++)
      for (let k = 0; k < SIDE; k++) {
        const p: Vec = [
          low[0] + (i + 0.5) * step[0],
          low[1] + (j + 0.5) * step[1],
          low[2] + (k + 0.5) * step[2],
        ];
        if (bodyInside(a.body, p)?.part !== 'paste') continue;
        if (bodyInside(b.body, toLocal(b.frame, toWorld(a.frame, p)))) hits++;
      }
  return hits * cell;
}

/** Paste cut away from a piece, and for the sake of which other. */
export interface CutAway {
  readonly volume: Mm3;
  readonly by: Piece;
  /** A socket cut for the other to be set into, or its own foot trimmed to the other. */
  readonly what: 'socket' | 'trimmed';
}

const seatOnce = remembered(seatFrame);

// what two share follows from their bodies and from how the one is seated on the other, wherever both stand
const sharedOnce = remembered((body: Body, carrier: Body, frame: Frame): Mm3 =>
  sharedVolume({ body, frame }, { body: carrier, frame: WORLD }),
);

/** Thin bands and heaps of small ones are laid on, never trimmed to what carries them. */
const canTrim = ({ body }: Instance): boolean => body.type !== 'group' && body.type !== 'band';

/** What is cut away from each piece, by id. Pressed seats cut nothing: the paste bulges beside them. */
export const cutsAway = fromBuild(['pieces'], (build): ReadonlyMap<string, readonly CutAway[]> => {
  const out = new Map<string, CutAway[]>();
  if (build.pieces.some((p) => p.seat.overlap === 'trimmed')) {
    const instances = place(build);
    const seen = new Set<string>();
    for (const i of instances) {
      if (i.piece.seat.overlap !== 'trimmed' || i.carrier < 0 || seen.has(i.piece.id)) continue;
      seen.add(i.piece.id);
      const carrier = instances[i.carrier]!;
      if (!canTrim(i) || !canTrim(carrier)) continue;
      const volume = sharedOnce(i.body, carrier.body, isLaidRound(i) ? WORLD : seatOnce(i.piece.seat));
      if (!(volume > 0)) continue;
      const socket = i.piece.seat.how === 'set';
      const from = socket ? carrier.piece : i.piece;
      const by = socket ? i.piece : carrier.piece;
      // every one of a pair or batch cuts its own socket
      const each = socket ? (i.piece.pair ? 2 : 1) * i.piece.count : 1;
      out.set(from.id, [
        ...(out.get(from.id) ?? []),
        { volume: volume * each, by, what: socket ? 'socket' : 'trimmed' },
      ]);
    }
  }
  return out;
});
