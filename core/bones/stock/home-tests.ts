import {
  freshId,
  fromBuild,
  type Build,
  type HomeTest,
  type Measurement,
  type Change,
} from '../../record/index.ts';
import { GLUES } from '../../pastes/index.ts';
import {
  fail,
  given,
  GRAVITY,
  ok,
  reckon,
  type Reckoned,
  type Result,
  type Unit,
} from '../../quantity/index.ts';
import { RODS, rodStock, type RodStock } from './rods/registry.ts';

/** One number to read off, with what it begins as and what it can be. */
export interface Reading {
  readonly key: string;
  readonly label: string;
  readonly unit: Unit;
  readonly start: number;
  readonly least: number;
  readonly most: number;
  /** Nought means that it was not tried. */
  readonly optional?: true;
}

/** What a test tells, in the order it is told. kPa for food and glue, MPa for rods. */
export type Told = 'crush' | 'stiffness' | 'bending' | 'film';

/** A short test at the bench that replaces a value of the tables. */
export interface HomeTestRecord {
  readonly id: HomeTest;
  readonly name: string;
  /** What to do, a sentence each. */
  readonly how: readonly string[];
  /** What it can be made on, in the words of the bench. */
  readonly of: readonly { readonly id: string; readonly name: string }[];
  readonly readings: readonly Reading[];
  readonly tells: (
    of: string,
    read: Readonly<Record<string, number>>,
  ) => readonly (readonly [Told, Reckoned])[];
}

const newtons = (grams: number): number => (grams * GRAVITY) / 1000;
/** Grams on an area, mm², as kPa. */
const pressure = (grams: number, area: number): number => (newtons(grams) / area) * 1000;
const yours = (name: string, value: number, unit: Unit): Reckoned => given(name, value, unit, 'yours');
const reading = (
  key: string,
  label: string,
  unit: Unit,
  [start, least, most]: readonly [number, number, number],
): Reading => ({ key, label, unit, start, least, most });
const grams = (label: string, start: number, key = 'grams'): Reading =>
  reading(key, label, 'g', [start, 1, 20_000]);

const CRUMB = [
  { id: 'cake', name: 'cake' },
  { id: 'cereal', name: 'cereal treat' },
];
const rodsOf = (fits: (s: RodStock) => boolean) => RODS.filter(fits).map((s) => ({ id: s.id, name: s.name }));

/** Handbook mechanics: pressure, the turning stick, the beam on two supports, the cantilever, the lap joint. */
export const HOME_TESTS: readonly HomeTestRecord[] = [
  {
    id: 'press',
    name: 'Press a disc into it',
    how: [
      'Cut an offcut about 50 mm high, flat on both sides.',
      'Lay a disc 36 mm across on it and put weight on the disc.',
      'Note the weight at which it has gone in by 1 mm, and the one at which it gives way.',
    ],
    of: CRUMB,
    readings: [
      reading('across', 'Disc, across', 'mm', [36, 10, 100]),
      reading('high', 'Offcut, high', 'mm', [50, 15, 200]),
      grams('Gone in by 1 mm at', 100, 'sinks'),
      grams('Gives way at', 800, 'gives'),
    ],
    tells: (_, r) => {
      const area = reckon(
        'Under the disc',
        'mm²',
        'π d² ÷ 4',
        [yours('Disc, across', r.across!, 'mm')],
        (d) => (Math.PI / 4) * d * d,
      );
      return [
        [
          'crush',
          reckon(
            'Crushes at',
            'kPa',
            'weight ÷ area',
            [yours('Gives way at', r.gives!, 'g'), area],
            pressure,
            'yours',
          ),
        ],
        [
          'stiffness',
          reckon(
            'Stiffness',
            'kPa',
            'weight ÷ area × height ÷ 1 mm',
            [yours('Gone in by 1 mm at', r.sinks!, 'g'), area, yours('Offcut, high', r.high!, 'mm')],
            (m, a, h) => pressure(m, a) * h,
            'yours',
          ),
        ],
      ];
    },
  },
  {
    id: 'pull',
    name: 'Pull a stick over',
    how: [
      'Push a straight stick in, upright, and note how deep.',
      'Tie a thread to it, 50 mm over the surface, and lead the thread level over an edge to a cup.',
      'Pour water into the cup until the stick goes over; weigh cup and water.',
    ],
    of: [...CRUMB, { id: 'foam', name: 'foam' }],
    readings: [
      reading('across', 'Stick, across', 'mm', [4, 0.5, 30]),
      reading('deep', 'Held', 'mm', [60, 10, 300]),
      reading('up', 'Thread over the surface', 'mm', [50, 0, 300]),
      grams('Goes over at', 35),
    ],
    tells: (_, r) => [
      [
        'crush',
        reckon(
          'Crushes at',
          'kPa',
          'F ÷ (√((L + 2y)² + L²) − (L + 2y)) ÷ d',
          [
            yours('Goes over at', r.grams!, 'g'),
            yours('Held, L', r.deep!, 'mm'),
            yours('Thread over the surface, y', r.up!, 'mm'),
            yours('Stick, across, d', r.across!, 'mm'),
          ],
          (m, L, y, d) => (newtons(m) / (Math.hypot(L + 2 * y, L) - (L + 2 * y)) / d) * 1000,
          'yours',
        ),
      ],
    ],
  },
  {
    id: 'bend',
    name: 'Hang a weight on a stick',
    how: [
      'Lay a dry stick over two edges 100 mm apart.',
      'Hang a weight in its middle and measure how far it sinks there.',
      'Go on until it breaks, or leave that at nought.',
    ],
    of: rodsOf((s) => s.family !== 'wire'),
    readings: [
      reading('span', 'Between the edges', 'mm', [100, 20, 1000]),
      grams('Weight', 100),
      reading('sags', 'It sinks', 'mm', [1, 0.05, 100]),
      { ...grams('Breaks at', 0, 'breaks'), least: 0, optional: true },
    ],
    tells: (of, r) => {
      const { section } = rodStock(of);
      const span = yours('Between the edges', r.span!, 'mm');
      const told: (readonly [Told, Reckoned])[] = [
        [
          'stiffness',
          reckon(
            'Stiffness',
            'MPa',
            'F L³ ÷ 48 I δ',
            [
              yours('Weight', r.grams!, 'g'),
              span,
              given('Second moment', section.inertia, 'mm⁴'),
              yours('It sinks', r.sags!, 'mm'),
            ],
            (m, L, I, sag) => (newtons(m) * L ** 3) / (48 * I * sag),
            'yours',
          ),
        ],
      ];
      if (r.breaks! > 0)
        told.push([
          'bending',
          reckon(
            'Breaks at',
            'MPa',
            'F L ÷ 4 Z',
            [yours('Breaks at', r.breaks!, 'g'), span, given('Section modulus', section.modulus, 'mm³')],
            (m, L, Z) => (newtons(m) * L) / (4 * Z),
            'yours',
          ),
        ]);
      return told;
    },
  },
  {
    id: 'spring',
    name: 'Does the wire spring back',
    how: [
      'Clamp the wire level, 100 mm of it out.',
      'Hang small weights on its end, one after the other, taking each off again.',
      'Note the first after which it does not spring back.',
    ],
    of: rodsOf((s) => s.family === 'wire'),
    readings: [reading('out', 'Wire out of the clamp', 'mm', [100, 20, 500]), grams('Stays bent at', 10)],
    tells: (of, r) => [
      [
        'bending',
        reckon(
          'Stays bent at',
          'MPa',
          'F L ÷ Z',
          [
            yours('Stays bent at', r.grams!, 'g'),
            yours('Wire out of the clamp', r.out!, 'mm'),
            given('Section modulus', rodStock(of).section.modulus, 'mm³'),
          ],
          (m, L, Z) => (newtons(m) * L) / Z,
          'yours',
        ),
      ],
    ],
  },
  {
    id: 'tab',
    name: 'Hang weights on a glued tab',
    how: [
      'Glue a tab 20 by 20 mm of your paste to an upright face of it.',
      'After the hours you want to know of, hang weights on the tab, close to the face.',
      'Note the weight at which it slides or comes off.',
    ],
    of: GLUES.map((g) => ({ id: g.id, name: g.name })),
    readings: [
      reading('wide', 'Tab, wide', 'mm', [20, 5, 100]),
      reading('tall', 'Tab, tall', 'mm', [20, 5, 100]),
      reading('hours', 'Hours after gluing', 'h', [1, 0, 200]),
      grams('Comes off at', 200),
    ],
    tells: (_, r) => [
      [
        'film',
        reckon(
          `Film, ${r.hours} h after gluing`,
          'kPa',
          'weight ÷ (wide × tall)',
          [
            yours('Comes off at', r.grams!, 'g'),
            yours('Tab, wide', r.wide!, 'mm'),
            yours('Tab, tall', r.tall!, 'mm'),
          ],
          (m, w, h) => (newtons(m) / (w * h)) * 1000,
          'yours',
        ),
      ],
    ],
  },
];

/** The record of a test; files are checked before they come here, an unknown id is a bug. */
export const homeTest = (id: HomeTest): HomeTestRecord => HOME_TESTS.find((t) => t.id === id)!;

/** Check the readings of a test before they are kept. */
export function checkMeasurement(m: Measurement): Result<Measurement> {
  const test = HOME_TESTS.find((t) => t.id === m.test);
  if (!test) return fail('There is no such test.', 'test');
  if (!test.of.some((o) => o.id === m.of)) return fail(`“${m.of}” is not tested that way.`, 'of');
  for (const r of test.readings) {
    const value = m.readings[r.key];
    if (value === undefined || !(value >= r.least && value <= r.most))
      return fail(`${r.label} lies between ${r.least} and ${r.most} ${r.unit}.`, r.key);
  }
  if (m.test === 'press' && m.readings.gives! <= m.readings.sinks!)
    return fail('It gives way under more than what makes it sink 1 mm.', 'gives');
  return ok(m);
}

/** Keep a test; it counts from now on in everything that is reckoned. */
export function keepMeasurement(build: Build, m: Omit<Measurement, 'id'>): Change {
  const id = freshId(`${m.test}-${m.of}`, build.measured);
  const checked = checkMeasurement({ ...m, id });
  return checked.ok ? ok({ ...build, measured: [...build.measured, checked.value] }) : checked;
}

/** Go back to the tables, or to the test before. */
export const forgetMeasurement = (build: Build, id: string): Build => ({
  ...build,
  measured: build.measured.filter((m) => m.id !== id),
});

/** Tests of other builds that this one does not have: a cake once pressed is known everywhere. */
export const measuredElsewhere = (
  build: Build,
  others: readonly Pick<Build, 'measured'>[],
): Measurement[] => {
  const same = (a: Measurement, b: Measurement) =>
    a.test === b.test &&
    a.of === b.of &&
    a.on === b.on &&
    JSON.stringify(a.readings) === JSON.stringify(b.readings);
  return others
    .flatMap((o) => o.measured)
    .filter((m, i, all) => all.findIndex((n) => same(m, n)) === i && !build.measured.some((n) => same(m, n)));
};

/** What somebody measured: crush and stiffness of cake and cores in kPa, of rods in MPa, of glue films by hours. */
export interface Known {
  readonly soft: ReadonlyMap<string, { readonly crush?: number; readonly stiffness?: number }>;
  readonly rods: ReadonlyMap<string, { readonly stiffness?: number; readonly bending?: number }>;
  readonly films: ReadonlyMap<string, readonly { readonly hours: number; readonly kPa: number }[]>;
}

/** Everything measured for a build; of two tests of one thing the later in the list counts. */
export const knownOf = fromBuild(['measured'], (build): Known => {
  const soft = new Map<string, Record<string, number>>();
  const rods = new Map<string, Record<string, number>>();
  const films = new Map<string, { hours: number; kPa: number }[]>();
  for (const m of build.measured)
    for (const [what, { value }] of homeTest(m.test).tells(m.of, m.readings)) {
      if (what === 'film')
        films.set(m.of, [...(films.get(m.of) ?? []), { hours: m.readings.hours!, kPa: value }]);
      else {
        const into = m.test === 'press' || m.test === 'pull' ? soft : rods;
        into.set(m.of, { ...into.get(m.of), [what]: value });
      }
    }
  return { soft, rods, films };
});
