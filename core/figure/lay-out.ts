import { fail, ok, type Mm, type Result } from '../quantity/index.ts';
import type { Curve, Form } from '../solids/index.ts';
import { BOARD, UPRIGHT, USUAL_PIECE, type Build, type Piece, type Seat, freshId } from '../record/index.ts';
import { makeTrouble } from './scale.ts';
import { checkScheme, type Scheme } from './schemes.ts';

export type Pose = 'standing' | 'sitting' | 'kneeling';

/** One part of a figure laid out to proportion. */
export interface LaidPart {
  readonly name: string;
  readonly form: Form;
  readonly pair: boolean;
  /** Name of the part that carries it; the board without. */
  readonly on?: string;
  readonly seat: Partial<Omit<Seat, 'on'>>;
}

const tidy = (x: number) => Number(x.toFixed(2));
const form = (kind: Form['kind'], sizes: Record<string, number>, more: Partial<Form> = {}): Form => ({
  kind,
  sizes: Object.fromEntries(Object.entries(sizes).map(([k, x]) => [k, tidy(x)])),
  ...more,
});

/** A torso: from hips to shoulders in straight lines, corners kept. */
const torsoCurve = (low: number, high: number): Curve => {
  const widest = Math.max(low, high);
  const [a, b] = [low / widest / 2, high / widest / 2];
  return [
    [-a, 0, 1],
    [a, 0, 1],
    [b, 1, 1],
    [-b, 1, 1],
  ];
};

/** Total height over the board in a pose, for a standing height; sitting on an edge, kneeling upright. */
export const heightInPose = (s: Scheme, standing: Mm, pose: Pose): Mm =>
  pose === 'standing'
    ? standing
    : pose === 'kneeling'
      ? standing * (1 - s.legs / 2)
      : standing * (1 - s.legs) + seatRise(s, standing);

/** On a board without a seat the thigh lies on it: half its thickness lifts the hips. */
const seatRise = (s: Scheme, standing: Mm): Mm => (s.legThick[0] * standing) / 2;

/** Every part of a figure of a scheme, from the board up. Widths are estimates, meant to be changed. */
export function figureParts(s: Scheme, H: Mm, pose: Pose): LaidPart[] {
  const parts: LaidPart[] = [];
  const legTop = s.legThick[0] * H;
  const legTip = s.legThick[1] * H;
  const footLong = s.foot * H;
  const footAcross = 0.45 * footLong;
  const hips = s.hips * H * 0.92;
  const legLong = Math.max(legTop, s.legs * H - 0.25 * footLong);
  const apart = Math.max(legTop * 0.5, hips / 2 - legTop / 2);
  const half = legLong / 2;
  const foot = form('egg', { diameter: footAcross, height: footLong });
  if (pose === 'standing') {
    // feet lie on their side, toes to the front; the leg stands on the heel half
    parts.push({
      name: 'Foot',
      form: foot,
      pair: true,
      seat: { at: [tidy(apart), tidy(footLong * 0.35), tidy(footAcross / 2)], tip: 90 },
    });
    parts.push({
      name: 'Leg',
      form: form('taperedRope', { foot: legTip, tip: legTop, length: legLong }),
      pair: false,
      on: 'Foot',
      // in the foot's own frame up is to its front: turn back upright
      seat: { at: [0, tidy(footAcross * 0.25), tidy(footLong * 0.35)], tip: -90, sink: 0 },
    });
  } else {
    const thigh = form('taperedRope', {
      foot: legTop,
      tip: (legTop + legTip) / 2,
      length: half + legTop / 2,
    });
    const shin = form('taperedRope', { foot: (legTop + legTip) / 2, tip: legTip, length: half + legTip / 2 });
    if (pose === 'sitting') {
      parts.push({
        name: 'Thigh',
        form: thigh,
        pair: true,
        seat: { at: [tidy(apart), 0, tidy(legTop / 2)], tip: 90 },
      });
      parts.push({
        name: 'Shin',
        form: shin,
        pair: false,
        on: 'Thigh',
        seat: { at: [0, 0, tidy(half)], tip: 0, sink: tidy(legTip / 2) },
      });
      parts.push({
        name: 'Foot',
        form: foot,
        pair: false,
        on: 'Shin',
        seat: { at: [0, tidy(-footAcross * 0.1), tidy(half)], tip: -70, sink: tidy(footLong * 0.25) },
      });
    } else {
      parts.push({
        name: 'Shin',
        form: shin,
        pair: true,
        seat: { at: [tidy(apart), 0, tidy(legTip / 2 + (legTop - legTip) / 4)], tip: -90 },
      });
      parts.push({
        name: 'Thigh',
        form: thigh,
        pair: false,
        on: 'Shin',
        seat: { at: [0, 0, tidy(legTop / 4)], tip: 90, sink: tidy(legTop * 0.3) },
      });
    }
  }
  const hipHeight =
    pose === 'standing' ? s.legs * H : pose === 'kneeling' ? half + legTip / 2 : seatRise(s, H);
  const torsoTall = s.torso * H;
  parts.push({
    name: 'Torso',
    form: form(
      'traced',
      { width: Math.max(hips, s.shoulders * H * 0.92), depth: s.deep * H, height: torsoTall },
      {
        curves: {
          front: torsoCurve(s.hips, s.shoulders),
          side: [
            [-0.5, 0, 1],
            [0.5, 0, 1],
            [0.5, 1, 1],
            [-0.5, 1, 1],
          ],
        },
      },
    ),
    pair: false,
    seat: { at: [0, 0, tidy(hipHeight)] },
  });
  const armLong = Math.max(s.armThick[0] * H, (s.arm - s.hand) * H);
  parts.push({
    name: 'Arm',
    form: form('taperedRope', { foot: s.armThick[0] * H, tip: s.armThick[1] * H, length: armLong }),
    pair: true,
    on: 'Torso',
    seat: {
      at: [tidy(s.shoulders * H * 0.46), 0, tidy(torsoTall - s.armThick[0] * H * 0.4)],
      lean: 168,
      // sitting, the hands come forward over the thighs instead of through the board
      tip: pose === 'sitting' ? 58 : 0,
      sink: tidy(s.armThick[0] * H * 0.3),
    },
  });
  parts.push({
    name: 'Hand',
    form: form('paddleHand', { length: Math.max(5, s.hand * H) }),
    pair: false,
    on: 'Arm',
    seat: { at: [0, 0, tidy(armLong)], turn: 90, sink: tidy(s.armThick[1] * H * 0.3) },
  });
  if (s.neck > 0)
    parts.push({
      name: 'Neck',
      form: form('rope', { diameter: 0.45 * s.headWide * H, length: s.neck * H + 4 }),
      pair: false,
      on: 'Torso',
      seat: { at: [0, 0, tidy(torsoTall)], sink: 2 },
    });
  parts.push({
    name: 'Head',
    form: form('egg', { diameter: s.headWide * H, height: s.head * H }),
    pair: false,
    on: s.neck > 0 ? 'Neck' : 'Torso',
    seat: { at: [0, 0, tidy(s.neck > 0 ? s.neck * H + 4 : torsoTall)], sink: s.neck > 0 ? 2 : 0 },
  });
  return parts;
}

/** Lay a whole figure out on the board, in the first blend and colour; everything can be changed afterwards. */
export function layOut(build: Build, s: Scheme, standing: Mm, pose: Pose): Result<Build> {
  const checked = checkScheme(s);
  if (!checked.ok) return checked;
  const ids = new Map<string, string>();
  const pieces: Piece[] = [...build.pieces];
  for (const part of figureParts(s, standing, pose)) {
    const id = freshId(part.name, [...pieces, ...build.cake.tiers]);
    ids.set(part.name, id);
    pieces.push({
      id,
      name: part.name,
      form: part.form,
      blend: build.blends[0]!.id,
      colour: build.colours[0]!.id,
      seat: { on: part.on ? ids.get(part.on)! : BOARD, ...UPRIGHT, ...part.seat },
      ...USUAL_PIECE,
      pair: part.pair,
      tolerance: part.pair ? 'mirrored' : 'varied',
    });
  }
  const laid = { ...build, pieces };
  const wrong = makeTrouble(laid);
  return wrong === undefined ? ok(laid) : fail(`That size cannot be laid out. ${wrong}`, 'height');
}
