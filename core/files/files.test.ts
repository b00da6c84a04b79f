import fc from 'fast-check';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { anyBuild } from '../figure/arbitrary.testing.ts';
import { BUILD_VERSION, type Build } from '../record/index.ts';
import { setDisc, setPropped } from '../edits/index.ts';
import { givenOf } from '../days/index.ts';
import { demoBuild, value } from './demo.testing.ts';
import { fileName, migrated, MIGRATIONS, readBuild, readRecord, writeBuild } from './index.ts';
import { plan } from '../plan.ts';
import { validatorFile, validatorSource } from '../../tools/generate-validators.ts';

const demoFolder = new URL('../../demo/', import.meta.url);
const demos = readdirSync(demoFolder).filter((f) => f.endsWith('.spindle.json'));
const otterText = readFileSync(new URL('ferryman-otter.spindle.json', demoFolder), 'utf8');
const otter = () => JSON.parse(otterText) as Record<string, any>;
const refusal = (data: unknown) => {
  const r = readRecord(data);
  return r.ok ? '' : r.problem.text;
};
const wrong = (change: (o: Record<string, any>) => void) => {
  const o = otter();
  change(o);
  return refusal(o);
};

const tier = (cover: object, id = 'lower') => ({
  id,
  name: 'Lower',
  shape: 'round',
  width: 200,
  height: 90,
  cover: { thickness: 4, blend: 'figure-paste', colour: 'cream', ...cover },
  stuck: false,
});

describe('saving and opening', () => {
  it('brings any build back as it was', () => {
    fc.assert(
      fc.property(anyBuild(), (build) => {
        const back = readBuild(writeBuild(build));
        expect(back).toEqual({ ok: true, value: build });
        if (back.ok) expect(writeBuild(back.value)).toBe(writeBuild(build));
      }),
      { numRuns: 60 },
    );
  });

  it.each(demos)('%s opens, and is written back letter by letter', (file) => {
    const text = readFileSync(new URL(file, demoFolder), 'utf8');
    const read = readBuild(text);
    expect(read.ok).toBe(true);
    if (read.ok) expect(writeBuild(read.value)).toBe(text);
  });

  it('names files so that any system takes them', () => {
    expect(fileName({ name: 'Ferryman otter' } as never)).toBe('ferryman-otter.spindle.json');
    expect(fileName({ name: '../…/\\?' } as never)).toBe('build.spindle.json');
  });
});

describe('a wrong file is refused with a sentence that names what is wrong', () => {
  it.each([
    ['', /breaks off or is damaged/],
    ['{"format": "elm-spindle-build"', /breaks off/],
    ['[]', /does not hold a build/],
    ['{"format":"other"}', /not saved by Elm Spindle/],
    ['{"format":"elm-spindle-build"}', /which version/],
    ['{"format":"elm-spindle-build","version":99}', /newer Elm Spindle \(format 99/],
    ['{"format":"elm-spindle-build","version":1}', /missing/],
  ])('%s', (text, says) => {
    const r = readBuild(text);
    expect(!r.ok && r.problem.text).toMatch(says);
  });

  it.each<[string, (o: Record<string, any>) => void, RegExp]>([
    [
      'a size of nothing',
      (o) => (o.pieces[2].form.sizes.height = -4),
      /Piece “Body”: Egg: “tall” has to be between/,
    ],
    ['a size missing', (o) => delete o.pieces[2].form.sizes.height, /“Body”.*“tall” has no size/],
    [
      'a shape unknown',
      (o) => (o.pieces[2].form.kind = 'blob'),
      /“Body”, form, kind: it has to be one of ball, ellipsoid/,
    ],
    [
      'a seat that is none',
      (o) => (o.pieces[0].seat.how = 'floats'),
      /“Feet”, seat, how: it has to be one of sits, set, hangs, wraps/,
    ],
    [
      'a coat over what cannot be a core',
      (o) => (o.pieces.find((p: any) => p.id === 'scarf').form.coat = { thickness: 3, under: true }),
      /“Scarf”: Strip cannot be the core under a coat/,
    ],
    [
      'a drawn line with a name of its own',
      (o) =>
        (o.pieces[2].form.curves = {
          wiggle: [
            [0, 0],
            [1, 1],
          ],
        }),
      /“wiggle” does not belong there/,
    ],
    [
      'a solid that names a corner that is not there',
      (o) =>
        (o.pieces[2].form = {
          kind: 'imported',
          sizes: { width: 9, depth: 9, height: 9 },
          solid: {
            name: 'X',
            corners: Array.from({ length: 12 }, () => 5),
            faces: Array.from({ length: 12 }, (_, i) => i),
            fills: 0.5,
            centre: [0.5, 0.5, 0.5],
            watertight: true,
          },
        }),
      /names a corner that is not there/,
    ],
    ['a field too many', (o) => (o.pieces[0].evil = 1), /“Feet”: “evil” does not belong there/],
    [
      'a blend that is not there',
      (o) => (o.pieces[0].blend = 'gone'),
      /“Feet” is made of a blend that is not in the file/,
    ],
    [
      'a colour that is not there',
      (o) => (o.pieces[0].colour = 'gone'),
      /has a colour that is not in the file/,
    ],
    [
      'a carrier that is not there',
      (o) => (o.pieces[1].seat.on = 'gone'),
      /stands on something that is not in the file/,
    ],
    ['a loop', (o) => (o.pieces[2].seat.on = 'head'), /comes before what carries it, or carries itself/],
    [
      'a tier covered with nothing known',
      (o) => (o.cake.tiers = [tier({ blend: 'gone' })]),
      /Tier “Lower”.*not in the file/,
    ],
    [
      'a tier with the id of a piece',
      (o) => (o.cake.tiers = [tier({}, 'feet')]),
      /Tier “Lower” has the id of a piece/,
    ],
    [
      'portions of nothing',
      (o) => (o.portions = { piece: 'gone', target: 9, within: 1, step: 0.1, caseWidth: 0, weighed: [] }),
      /portions are of a piece that is not in the file/,
    ],
    [
      'an offcut kept until the thirtieth of February',
      (o) =>
        (o.reserves = [
          {
            stock: 's',
            name: 'Old',
            batch: 'a/b',
            grams: 5,
            recolour: false,
            allergens: [],
            keepBy: '2026-02-30',
          },
        ]),
      /Offcut “Old”: 2026-02-30 is no day/,
    ],
    ['two the same', (o) => (o.pieces[1].id = 'feet'), /Two pieces have the same id, “feet”/],
    [
      'a rod to nowhere',
      (o) => (o.rods[0].to.on = 'gone'),
      /Rod “Neck and spine” ends in a piece that is not in the file/,
    ],
    ['humidity over a hundred', (o) => (o.room.humidity = 130), /room, humidity: it has to be at most 95/],
    ['text for a number', (o) => (o.room.temperature = '21'), /room, temperature: it has to be a number/],
    [
      'a dose nobody mixes',
      (o) => (o.blends[1].powder = 4000),
      /“Limb paste, 1 % powder”, powder: it has to be at most 5/,
    ],
    [
      'powder in what takes none',
      (o) => (o.blends[0].base = 'marzipan'),
      /Marzipan, half almond is not stiffened/,
    ],
    ['a colour that is none', (o) => (o.colours[0].hex = 'red'), /not written as it has to be/],
    [
      'a huge list',
      (o) => (o.hours = Array.from({ length: 99 }, () => o.hours[0])),
      /hours: there are more than 60/,
    ],
  ])('%s', (_, change, says) => {
    expect(wrong(change)).toMatch(says);
  });

  it('never throws, whatever it is given', () => {
    fc.assert(
      fc.property(fc.anything(), (data) => {
        expect(readRecord(data).ok).toBe(false);
      }),
    );
    fc.assert(
      fc.property(fc.nat(otterText.length), fc.string({ maxLength: 4 }), (at, junk) => {
        const r = readBuild(otterText.slice(0, at) + junk + otterText.slice(at + 3));
        if (!r.ok) expect(r.problem.text.length).toBeGreaterThan(10);
      }),
    );
  });
});

describe('versions', () => {
  it('has a migration from every older version, and a stored example of it', () => {
    for (let v = 1; v < BUILD_VERSION; v++) {
      expect(MIGRATIONS[v], `migration from version ${v}`).toBeDefined();
      expect(
        existsSync(new URL(`./examples/v${v}.spindle.json`, import.meta.url)),
        `example of version ${v}`,
      ).toBe(true);
    }
    expect(Object.keys(MIGRATIONS).every((v) => Number(v) < BUILD_VERSION)).toBe(true);
  });

  it('still opens the stored example of version 1', () => {
    const text = readFileSync(new URL('./examples/v1.spindle.json', import.meta.url), 'utf8');
    expect((JSON.parse(text) as { version: number }).version).toBe(1);
    const read = readBuild(text);
    expect(read.ok).toBe(true);
    if (!read.ok) return;
    // a pair was mirrored, a batch was equal, a ball was not pressed, and everything stood pressed on
    for (const p of read.value.pieces) {
      expect(p.tolerance).toBe(p.pair ? 'mirrored' : p.count > 1 ? 'equal' : 'varied');
      expect(p.seat).toMatchObject({ how: 'sits', overlap: 'pressed' });
      if (p.form.kind === 'ball') expect(p.form.sizes.press).toBe(0);
    }
    expect(read.value.pieces.some((p) => p.form.kind === 'ball')).toBe(true);
  });

  it('still opens the stored example of version 2, and it weighs what it weighed', () => {
    const text = readFileSync(new URL('./examples/v2.spindle.json', import.meta.url), 'utf8');
    const old = JSON.parse(text) as { version: number; practice: object };
    expect(old.version).toBe(2);
    const read = readBuild(text);
    if (!read.ok) throw new Error(read.problem.text);
    expect(read.value.pieces.every((p) => p.breaks === 0)).toBe(true);
    expect(read.value.practice).toMatchObject({ ...old.practice, smallestBatch: 20, saves: true });
    expect(read.value.reserves).toEqual([]);
    expect(read.value.portions).toBeUndefined();
    // grams of version 2, from the report of that day
    expect(plan(read.value).paste.map((b) => b.mix.value)).toEqual([160, 60, 500, 75, 95, 35]);
  });

  it('still opens the stored example of version 3, and its rods are what they were', () => {
    const text = readFileSync(new URL('./examples/v3.spindle.json', import.meta.url), 'utf8');
    const old = JSON.parse(text) as { version: number; rods: unknown[] };
    expect(old.version).toBe(3);
    const read = readBuild(text);
    if (!read.ok) throw new Error(read.problem.text);
    expect(read.value.measured).toEqual([]);
    expect(read.value.rods).toEqual(old.rods);
    expect(read.value.brief.loads).toBeUndefined();
    // the worst share of version 3 was 4.62 in the report of that day, from the foot of the piece instead of the patch found
    const worst = Math.max(...plan(read.value).bones.rods.map((r) => r.worst!.use.value));
    expect(Math.abs(worst / 4.619397413210265 - 1)).toBeLessThan(0.03);
  });

  it('still opens the stored example of version 4, with one pair of hands and room enough', () => {
    const text = readFileSync(new URL('./examples/v4.spindle.json', import.meta.url), 'utf8');
    const old = JSON.parse(text) as { version: number; hours: unknown[]; steps: object };
    expect(old.version).toBe(4);
    const read = readBuild(text);
    if (!read.ok) throw new Error(read.problem.text);
    expect(read.value.workshop).toEqual({
      helpers: [],
      tools: { oven: 1, turntable: 1, airbrush: 1 },
      space: {},
    });
    expect(read.value.hours).toEqual(old.hours);
    expect(read.value.steps).toEqual(old.steps);
    expect(plan(read.value, { runs: 1 }).days().people).toEqual(['you']);
  });

  it('still opens the stored example of version 5, with no disc and nothing propped', () => {
    const text = readFileSync(new URL('./examples/v5.spindle.json', import.meta.url), 'utf8');
    const old = JSON.parse(text) as { version: number; pieces: { seat: object }[] };
    expect(old.version).toBe(5);
    const read = readBuild(text);
    if (!read.ok) throw new Error(read.problem.text);
    expect(read.value.pieces).toEqual(old.pieces);
    const { bones } = plan(read.value, { runs: 1 });
    expect(bones.discs).toEqual([]);
    // its head was glued on and nobody had said that it is propped
    expect(bones.glued.find((g) => g.piece.id === 'head')!.letGo!.verdict).toBe('fails');
  });

  it('still opens the stored example of version 6: looks find their piece by id, and “not yet” goes on counting', () => {
    const text = readFileSync(new URL('./examples/v6.spindle.json', import.meta.url), 'utf8');
    const old = JSON.parse(text) as { version: number; id: string; pieces: { id: string }[] };
    expect(old.version).toBe(6);
    const read = value(readBuild(text));
    const piece = old.pieces[0]!.id;
    expect(read.log.map((l) => [l.buildId, l.pieceId])).toEqual([
      [old.id, piece],
      [undefined, undefined],
    ]);
    expect(read.bench.said).toEqual([
      { piece, question: 'handle', firm: false, at: '2026-12-05T18:46:00.000Z' },
    ]);
    // a build that is renamed does not forget what was said of it
    const given = (b: Build) => givenOf(b, { millis: Date.parse('2026-12-01T00:00Z'), zone: 'UTC' }).said;
    expect(given({ ...read, name: 'Another name' })).toEqual(given(read));
    expect(given(read)!.get(piece)).toHaveLength(1);
  });

  it('keeps a disc and a prop, and refuses a disc nobody can cut', () => {
    const build = setPropped(demoBuild('one-legged-heron'), 'beak', true);
    const laid = value(setDisc(build, 'head', { of: 'acrylic', width: 12.5 }));
    expect(readBuild(writeBuild(laid))).toEqual({ ok: true, value: laid });
    const change = (text: string, from: string, to: string) => refusal(JSON.parse(text.replace(from, to)));
    expect(change(writeBuild(laid), '"width": 12.5', '"width": 9000')).toMatch(/disc/);
    expect(change(writeBuild(build), '"propped": true', '"propped": false')).toMatch(/propped/);
  });

  it('still opens the stored example of version 11 as it was, and keeps the textures that came after it', () => {
    const text = readFileSync(new URL('./examples/v11.spindle.json', import.meta.url), 'utf8');
    const old = JSON.parse(text) as { version: number; pieces: { texture: string }[] };
    expect(old.version).toBe(11);
    const read = value(readBuild(text));
    expect(read.pieces.map((p) => p.texture)).toEqual(old.pieces.map((p) => p.texture));
    for (const texture of ['knit', 'bark', 'dimples'] as const) {
      const [first, ...rest] = read.pieces;
      const build = { ...read, pieces: [{ ...first!, texture }, ...rest] };
      expect(readBuild(writeBuild(build))).toEqual({ ok: true, value: build });
    }
    expect(refusal(JSON.parse(text.replace('"texture": "none"', '"texture": "velvet"')))).toMatch(/texture/);
  });

  it('still opens the stored example of version 15 with its pots, and keeps what the bench was told since', () => {
    const text = readFileSync(new URL('./examples/v15.spindle.json', import.meta.url), 'utf8');
    const old = JSON.parse(text) as { version: number; colours: { pots?: unknown }[] };
    expect(old.version).toBe(15);
    const read = value(readBuild(text));
    expect(read.colours.map((c) => c.pots)).toEqual(old.colours.map((c) => c.pots));
    expect([read.bench.weighed, read.bench.air, read.bench.trouble]).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
    const at = '2026-11-30T19:00:00Z';
    const told = {
      ...read,
      bench: {
        ...read.bench,
        weighed: [{ step: 'shape:x', grams: 10, wanted: 11, at }],
        air: [{ at, temperature: 21, humidity: 52 }],
        trouble: [
          { id: 'a', at, trouble: 'cracked', signs: { fresh: true }, cause: 'dryAir', mend: 'remake' },
        ],
      },
    };
    expect(readBuild(writeBuild(told))).toEqual({ ok: true, value: told });
  });

  it('still opens the stored example of version 16 with what the bench was told, and keeps the handover since', () => {
    const text = readFileSync(new URL('./examples/v16.spindle.json', import.meta.url), 'utf8');
    const old = JSON.parse(text) as { version: number; bench: unknown };
    expect(old.version).toBe(16);
    const read = value(readBuild(text));
    expect(read.bench).toEqual(old.bench);
    expect(read.handover).toBeUndefined();
    const told = {
      ...read,
      handover: {
        apart: [read.pieces[0]!.id],
        minutes: 50,
        cooled: true as const,
        toppers: [{ id: 't', name: 'Sign', number: 2, food: false, where: 'on the board' }],
        counted: { 'rod:a': 2 },
      },
    };
    expect(readBuild(writeBuild(told))).toEqual({ ok: true, value: told });
    expect(refusal({ ...told, handover: { minutes: -1 } })).toMatch(/minutes/);
  });

  it('does not bring forward what it has no way for', () => {
    expect(migrated({}, 0)).toBeUndefined();
    expect(migrated({ a: 1 }, BUILD_VERSION)).toEqual({ a: 1 });
  });

  it('each generated validator is the one its schema makes, and evaluates no strings', async () => {
    for (const name of ['validateBuild', 'validateStores'] as const) {
      const kept = readFileSync(new URL(`./generated/${validatorFile(name)}.js`, import.meta.url), 'utf8');
      expect(await validatorSource(name)).toBe(kept);
      expect(kept).not.toMatch(/new Function|eval\(|\brequire\(/);
    }
  });
});
