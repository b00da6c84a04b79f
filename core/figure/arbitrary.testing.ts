import fc from 'fast-check';
import { checkForm, shapeOf, SHAPE_KINDS, startingForm, type Form } from '../solids/index.ts';
import {
  BOARD,
  BUILD_FORMAT,
  BUILD_VERSION,
  DISC_KINDS,
  USUAL_PRACTICE,
  type Build,
  type Piece,
  type Rod,
  USUAL_CAKE,
  type Tier,
  USUAL_WORKSHOP,
  TEXTURES,
  type TextureKind,
} from '../record/index.ts';

/** Generators of builds for property tests: any pieces on any carriers, any blends, any rods. Not part of the app. */
// a file does not know minus nought
const tidy = (x: number) => Number(x.toFixed(2)) + 0;
const num = (min: number, max: number) => fc.double({ min, max, noNaN: true }).map(tidy);

const coatOf = (n: number) => (n === 0 ? { thickness: 4, under: true } : { thickness: 5, under: false });

export const anyForm: fc.Arbitrary<Form> = fc
  .tuple(
    fc.constantFrom(...SHAPE_KINDS.filter((k) => !shapeOf(k).fromFile)),
    fc.array(num(0.4, 2), { minLength: 8, maxLength: 8 }),
    fc.nat(5),
  )
  .map(([kind, k, coat]): Form => {
    const start = startingForm(kind);
    const sizes = Object.fromEntries(
      shapeOf(kind).sizes.map((s, i) => {
        const x = Math.min(s.max, Math.max(s.min, s.start * k[i]!));
        return [s.key, s.whole ? Math.round(x) : tidy(x)];
      }),
    );
    return { ...start, sizes, ...(shapeOf(kind).coats && coat < 2 ? { coat: coatOf(coat) } : {}) };
  })
  .filter((f) => checkForm(f).ok);

const BLENDS: Build['blends'] = [
  { id: 'plain', name: 'Plain', base: 'fondant', gumPaste: 0, powder: 0 },
  { id: 'mixed', name: 'Mixed', base: 'fondant', gumPaste: 30, powder: 0 },
  { id: 'stiff', name: 'Stiff', base: 'modellingPaste', gumPaste: 0, powder: 1 },
  { id: 'dark', name: 'Dark', base: 'chocolateDark', gumPaste: 0, powder: 0, ratio: 2.2 },
  { id: 'shrinks', name: 'Shrinks', base: 'gumPaste', gumPaste: 0, powder: 0, shrink: 2 },
];
const COLOURS: Build['colours'] = [
  { id: 'red', name: 'red', hex: '#b8423c' },
  { id: 'blue', name: 'blue', hex: '#3c62b8' },
];

const TIER: Tier = {
  id: 'lower',
  name: 'Lower tier',
  shape: 'round',
  width: 200,
  height: 100,
  cover: { thickness: 4, blend: 'plain', colour: 'red' },
  stuck: false,
};

export const anyBuild = (mostPieces = 9): fc.Arbitrary<Build> =>
  fc
    .tuple(
      fc.array(
        fc.record({
          form: anyForm,
          blend: fc.constantFrom(...BLENDS.map((b) => b.id)),
          colour: fc.constantFrom('red', 'blue'),
          carrier: fc.nat(30),
          at: fc.tuple(num(-60, 60), num(-60, 60), num(0, 80)),
          angles: fc.tuple(num(-180, 180), num(-180, 180), num(-180, 180)),
          sink: num(0, 5),
          pair: fc.boolean(),
          count: fc.constantFrom(1, 1, 1, 4),
          how: fc.constantFrom('sits', 'sits', 'set', 'hangs', 'wraps'),
          overlap: fc.constantFrom('pressed', 'pressed', 'trimmed'),
          tolerance: fc.constantFrom('equal', 'mirrored', 'varied', 'hidden'),
          hidden: fc.constantFrom('none', 'under', 'back'),
          breaks: fc.constantFrom(0, 0, 5, 20),
          texture: fc.constantFrom(...(Object.keys(TEXTURES) as TextureKind[])),
          disc: fc.option(fc.record({ of: fc.constantFrom(...DISC_KINDS), width: num(12, 90) }), {
            freq: 4,
            nil: undefined,
          }),
          propped: fc.constantFrom(false, false, true),
        }),
        { minLength: 1, maxLength: mostPieces },
      ),
      fc.array(
        fc.record({
          from: fc.nat(30),
          to: fc.nat(30),
          at: fc.tuple(num(-20, 20), num(-20, 20), num(-12, 60)),
          pair: fc.boolean(),
        }),
        {
          maxLength: 4,
        },
      ),
      fc.record({
        temperature: num(16, 27),
        humidity: num(30, 70),
        spare: num(0, 25),
        saves: fc.boolean(),
        tier: fc.boolean(),
      }),
    )
    .map(([pieces, rods, room]) => {
      const made: Piece[] = [];
      pieces.forEach((p, i) => {
        const on = p.carrier % (i + 1) === 0 ? BOARD : made[(p.carrier % (i + 1)) - 1]!.id;
        const few = made.filter((m) => m.pair || m.count > 1).length < 2;
        made.push({
          id: `p${i}`,
          name: `Piece ${i}`,
          form: p.form,
          blend: p.blend,
          colour: p.colour,
          seat: {
            on,
            at: p.at,
            lean: p.angles[0],
            tip: p.angles[1],
            turn: p.angles[2],
            sink: p.sink,
            how: p.how,
            overlap: p.overlap,
            ...(p.disc ? { disc: p.disc } : {}),
          },
          ...(p.propped ? { propped: true as const } : {}),
          pair: few && p.pair,
          count: few && on === BOARD ? p.count : 1,
          texture: p.texture,
          core: 'foam',
          tolerance: p.tolerance,
          hidden: p.hidden,
          breaks: p.breaks,
        });
      });
      const where = (n: number) =>
        n % (made.length + 1) === 0 ? BOARD : made[(n % (made.length + 1)) - 1]!.id;
      const placed: Rod[] = rods.map((r, i) => ({
        id: `r${i}`,
        name: `Rod ${i}`,
        stock: 'skewer3',
        from: { on: where(r.from), at: [r.at[0], r.at[1], where(r.from) === BOARD ? -12 : 3] },
        to: { on: where(r.to), at: r.at },
        pair: r.pair,
        sleeved: false,
      }));
      return {
        format: BUILD_FORMAT,
        version: BUILD_VERSION,
        id: 'any',
        name: 'Any build',
        brief: { due: '2026-12-12T15:00', zone: 'Europe/London', journey: 'carFlat', grip: 'mat', note: '' },
        room: { temperature: room.temperature, humidity: room.humidity, air: 0.1 },
        board: { shape: 'round', width: 240, thickness: 12, material: 'drum', feet: 0 },
        blends: BLENDS,
        colours: COLOURS,
        pieces: made,
        rods: placed,
        hours: [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '17:00', to: '22:00' })),
        workshop: USUAL_WORKSHOP,
        practice: { ...USUAL_PRACTICE, spare: room.spare, saves: room.saves },
        cake: { ...USUAL_CAKE, tiers: room.tier ? [TIER] : [] },
        reserves: [],
        measured: [],
        log: [],
        steps: { own: [], minutes: {}, left: [] },
        bench: { done: [] },
      } satisfies Build;
    });
