import { seatFrame } from '../figure/index.ts';
import { clamp, type Mm } from '../quantity/index.ts';
import { BOARD, UPRIGHT, USUAL_PIECE, type Board, type Piece, type Rod, type Seat } from '../record/index.ts';
import {
  add,
  bodyInside,
  cross,
  dot,
  formBody,
  sub,
  times,
  toLocal,
  toWorld,
  unit,
  within,
  WORLD,
  type Form,
  type Frame,
  type Vec,
} from '../solids/index.ts';
import type { StartColour } from './colours.ts';
import { isMetal, type Stick } from './sticks.ts';
import type { PasteDuty } from './blends.ts';
import type { Made, Wanted } from './types.ts';

const tidy = (x: number): number => Number(x.toFixed(3));
const DEG = Math.PI / 180;

/** lean, tip and turn that send "up" along a direction and keep its right as near as can be to a wish, in the carrier's frame. */
export function aimed(direction: Vec, right: Vec = [1, 0, 0]): Pick<Seat, 'lean' | 'tip' | 'turn'> {
  const [x, y, z] = unit(direction);
  const lean = tidy(Math.atan2(x, z) / DEG);
  const tip = tidy(-Math.asin(clamp(y, -1, 1)) / DEG);
  const plain = seatFrame({ on: BOARD, ...UPRIGHT, lean, tip });
  const turn = Math.atan2(dot(right, plain.y), dot(right, plain.x)) / DEG;
  return { lean, tip, turn: tidy(Math.abs(turn) < 1e-6 ? 0 : turn) };
}

/** What is said of a piece besides its shape; the rest is as the kit of starts has it. */
export interface Extra extends Partial<
  Pick<Piece, 'pair' | 'count' | 'texture' | 'tolerance' | 'hidden' | 'breaks' | 'glue' | 'built' | 'join'>
> {
  readonly colour: StartColour;
  readonly duty?: PasteDuty;
  readonly propped?: boolean;
  readonly seat?: Partial<Seat>;
}

/** A lump: its form, and what it is pressed over where it has a core. */
export interface Lump {
  readonly form: Form;
  readonly core?: Piece['core'];
}

/** Id and name of a piece or a rod. */
export type Named = readonly [id: string, name: string];

/** Where a rod ends: on a piece, or the board, in its own frame. */
export type End = readonly [on: string, at: Vec];

const aside = ([on, at]: End, by: Mm): End => [on, add(at, [by, 0, 0])];

/** A figure as it is put together, from the board up. It knows the outside of each lump, so that what is pressed on is put where it comes out. */
export class Sketch {
  readonly pieces: Piece[] = [];
  readonly rods: Rod[] = [];
  readonly duties = new Set<PasteDuty>();
  readonly colours = new Set<string>();
  /** The figure that what is added belongs to, where there are several. */
  of: string | undefined;
  private readonly frames = new Map<string, Frame>([[BOARD, WORLD]]);

  /**
   * @param told what the start was told
   * @param oneBlend small figures are made of one paste: nobody mixes four for a hundred grams
   */
  constructor(
    readonly told: Wanted,
    private readonly oneBlend = false,
  ) {}

  form(id: string): Form {
    return this.pieces.find((p) => p.id === id)!.form;
  }

  /** Frame of a piece on the board's. */
  frame(id: string): Frame {
    return this.frames.get(id)!;
  }

  /** A place on the board in a piece's own frame, and back. */
  inside(id: string, world: Vec): Vec {
    return toLocal(this.frame(id), world);
  }
  world(id: string, local: Vec): Vec {
    return toWorld(this.frame(id), local);
  }

  /** A direction on the board in a piece's own frame. */
  toward(id: string, direction: Vec): Vec {
    const { x, y, z } = this.frame(id);
    return [dot(direction, x), dot(direction, y), dot(direction, z)];
  }

  /** A new piece; its seat is in its carrier's own frame, the board's where none is said. */
  add([id, name]: Named, what: Lump | Form, extra: Extra): string {
    const { form, core } = 'form' in what ? what : { form: what, core: undefined };
    const { seat, colour, duty, propped, ...rest } = extra;
    const whole: Seat = { on: BOARD, ...UPRIGHT, ...seat };
    const on: Seat = {
      ...whole,
      at: [tidy(whole.at[0]), tidy(whole.at[1]), tidy(whole.at[2])],
      lean: tidy(whole.lean),
      tip: tidy(whole.tip),
      turn: tidy(whole.turn),
      sink: tidy(whole.sink),
    };
    const blend = this.oneBlend ? 'form' : (duty ?? 'form');
    this.duties.add(blend);
    this.colours.add(colour);
    const sizes = Object.fromEntries(Object.entries(form.sizes).map(([k, v]) => [k, tidy(v)]));
    this.pieces.push({
      ...USUAL_PIECE,
      id,
      name,
      form: { ...form, sizes },
      blend,
      colour,
      seat: on,
      core: core ?? USUAL_PIECE.core,
      tolerance: extra.pair ? 'mirrored' : 'varied',
      ...rest,
      ...(this.of === undefined ? {} : { of: this.of }),
      ...(propped ? { propped: true as const } : {}),
    });
    this.frames.set(id, within(this.frame(on.on), seatFrame(on)));
    return id;
  }

  /** Where a line from inside a piece comes out of it, in its own frame. */
  out(on: string, from: Vec, direction: Vec): Vec {
    const body = formBody(this.form(on));
    const along = unit(direction);
    let [low, high] = [0, 1500];
    for (let k = 0; k < 34; k++) {
      const half = (low + high) / 2;
      if (bodyInside(body, add(from, times(along, half)))) low = half;
      else high = half;
    }
    return add(from, times(along, low));
  }

  /** Something pressed on to the outside of a lump, foot first: so many millimetres of it inside, looking outwards or as told. */
  press(
    [id, name]: Named,
    what: Lump | Form,
    on: string,
    where: { from: Vec; out: Vec; look?: Vec; inside: Mm },
    extra: Extra,
  ): string {
    const axis = unit(where.look ?? where.out);
    const at = sub(this.out(on, where.from, where.out), times(axis, where.inside));
    return this.add([id, name], what, {
      ...extra,
      seat: { on, at, ...aimed(axis), ...extra.seat },
    });
  }

  /**
   * A flattened ball laid on the outside of a lump, upright in its frame: eye, nose, cheek.
   * @param within share of its thickness that is inside
   */
  spot(
    [id, name]: Named,
    what: Lump | Form,
    on: string,
    where: { from: Vec; out: Vec; within?: number },
    extra: Extra,
  ): string {
    const { form } = 'form' in what ? what : { form: what };
    const { diameter, width, depth, height } = form.sizes;
    const [x, y, z] = unit(where.out);
    const tall = height ?? diameter!;
    const thick = diameter ?? Math.hypot(x * width!, y * depth!, z * height!);
    const skin = this.out(on, where.from, where.out);
    const middle = add(skin, times([x, y, z], thick * (0.5 - (where.within ?? 0.5))));
    return this.add([id, name], what, {
      ...extra,
      seat: { on, at: sub(middle, [0, 0, tall / 2]), ...extra.seat },
    });
  }

  /**
   * A flat lump laid along the outside of another: its height along the skin, its depth outwards, its middle on the skin.
   * @param within share of its depth that is inside
   */
  lay(
    [id, name]: Named,
    form: Form,
    on: string,
    where: { from: Vec; out: Vec; along: Vec; within?: number },
    extra: Extra,
  ): string {
    const normal = unit(where.out);
    const along = unit(sub(where.along, times(normal, dot(where.along, normal))));
    const { depth, height } = form.sizes;
    const middle = add(
      this.out(on, where.from, normal),
      times(normal, depth! * (0.5 - (where.within ?? 0.5))),
    );
    const at = sub(middle, times(along, height! / 2));
    return this.add([id, name], form, {
      ...extra,
      seat: { on, at, ...aimed(along, cross(along, normal)), ...extra.seat },
    });
  }

  rod([id, name]: Named, stick: Stick, from: End, to: End, more: Partial<Rod> = {}): void {
    const end = ([on, at]: End) => ({ on, at: [tidy(at[0]), tidy(at[1]), tidy(at[2])] as Vec });
    this.rods.push({
      id,
      name,
      stock: stick.id,
      from: end(from),
      to: end(to),
      pair: false,
      sleeved: isMetal(stick.id),
      ...more,
    });
  }

  /** A rod between two places on the board, each in the piece it ends in. */
  rodIn([id, name]: Named, stick: Stick, from: End, to: End, more: Partial<Rod> = {}): void {
    this.rod(
      [id, name],
      stick,
      [from[0], this.inside(from[0], from[1])],
      [to[0], this.inside(to[0], to[1])],
      more,
    );
  }

  /** Two alike, each for itself, so far to either side of the middle of what they run through: one would let it turn. */
  two([id, name]: Named, stick: Stick, from: End, to: End, half: Mm): void {
    this.rod([id, name], stick, aside(from, half), aside(to, half));
    this.rod([`${id}-2`, `${name}, second`], stick, aside(from, -half), aside(to, -half));
  }

  /** The same, with both ends in the board's frame. */
  twoIn([id, name]: Named, stick: Stick, from: End, to: End, half: Mm): void {
    this.rodIn([id, name], stick, aside(from, half), aside(to, half));
    this.rodIn([`${id}-2`, `${name}, second`], stick, aside(from, -half), aside(to, -half));
  }

  made(
    board: Partial<Board> & { readonly width: Mm },
    more: Pick<Partial<Made>, 'portions' | 'mast'> = {},
  ): Made {
    const { pieces, rods, duties, colours, told } = this;
    return {
      pieces,
      rods,
      duties,
      colours,
      paste: told.paste,
      board: {
        shape: 'round',
        thickness: 12,
        material: 'drum',
        feet: 0,
        ...board,
        width: Math.ceil(board.width / 10) * 10,
      },
      ...more,
    };
  }

  /** A share of the start, as it was moved or as it usually is; what is given where the start has no such share. */
  num(key: string, otherwise = NaN): number {
    const said = this.told.varied[key];
    return typeof said === 'number' ? said : otherwise;
  }
  choice(key: string): string {
    return String(this.told.varied[key]);
  }
}
