import type { Build } from '../record/index.ts';
import { HARDLY_ANY, materialOf, UPTAKE } from '../pastes/index.ts';
import { given, reckon, solved, type Provenance, type Reckoned } from '../quantity/index.ts';
import { massTransfer, saturationDensity } from './air.ts';
import { coatFirmIn, COLD_PLACES } from './chill.ts';
import { bandFigure, bandOf, firmingFamily } from './band.ts';
import { LAW } from './law.ts';
import { weightsOf } from './learned.ts';
import { learnedOf } from './looks.ts';
import { pasteLaw } from './paste-law.ts';
import { spellsOf } from './places.ts';

/** A wait that is not a piece's own: gum taking up water, icing crusting, paint and glue drying. */
export interface ClockAnswer {
  readonly id: string;
  readonly words: string;
  readonly time: Reckoned;
}

/** One kind of waiting. */
interface Clock {
  readonly id: string;
  readonly answers: (build: Build) => readonly ClockAnswer[];
}

/** Minutes until powder has taken up its water to within a tenth, whatever the dose: less of it takes it up no sooner. */
export const restTime = (gum: Reckoned): Reckoned =>
  gum.value < HARDLY_ANY
    ? given('Hardly any powder: no rest', 0, 'min')
    : reckon(
        'Rests until the powder has taken up its water',
        'min',
        'time of taking up × ln(1 ÷ what is still to come)',
        [
          given('Time of taking up', LAW.hydrateTime, 'min', 'common practice'),
          given('Still to come', 100 * UPTAKE.left, '%', 'common practice'),
        ],
        (t, left) => t * Math.log(100 / left),
      );

const hydration: Clock = {
  id: 'rest',
  answers: (build) =>
    build.blends
      .filter((b) => b.powder > 0)
      .map((b) => ({
        id: `rest-${b.id}`,
        words: `${b.name}, kneaded with powder, may be used`,
        time: restTime(given('Stiffening powder', b.powder, '%')),
      })),
};

/** Evaporation from a wet face in a room, g/m² each hour. */
export function evaporation(temperature: number, humidity: number, speed: number, across: number): number {
  const saturated = saturationDensity(temperature);
  return massTransfer(across / 1000, speed, temperature, 1) * saturated * (1 - humidity) * 3600 * 1000;
}

interface FilmKind {
  readonly id: string;
  readonly words: string;
  /** Wet film, g/m². */
  readonly film: number;
  /** Times as fast as water leaves. */
  readonly faster: number;
  readonly source: Provenance;
}

/** Thin wet films; how much lies on a face is an estimate, how fast alcohol leaves comes from its vapour pressure. */
const FILMS: readonly FilmKind[] = [
  {
    id: 'brushed',
    words: 'Colour brushed on with water may be handled',
    film: 35,
    faster: 1,
    source: 'estimate',
  },
  {
    id: 'spirit',
    words: 'Colour brushed on with clear alcohol may be handled',
    film: 35,
    faster: 5,
    source: 'estimate',
  },
  { id: 'sprayed', words: 'A sprayed coat may have the next one', film: 10, faster: 1, source: 'estimate' },
  { id: 'glued', words: 'Edible glue no longer slides', film: 25, faster: 1, source: 'estimate' },
];

/** Film left when it no longer comes off: sugar binds the last of it. */
const BOUND = 0.3;
/** A part of the usual size, mm. */
const ACROSS = 40;

const films: Clock = {
  id: 'film',
  answers: ({ room }) =>
    FILMS.map(({ id, words, film, faster, source }) => ({
      id: `film-${id}`,
      words,
      time: reckon(
        words,
        'min',
        'film ÷ evaporation, 70 % of it',
        [
          given('Wet film', film, 'g/m²', source),
          reckon(
            'Evaporates in an hour',
            'g/m²',
            'transfer to the air × vapour at the face × (1 − humidity)',
            [
              given('Room', room.temperature, '°C'),
              given('Humidity', room.humidity, '%'),
              given('Air moves at', room.air, 'm/s'),
              given('Times as fast as water', faster, '×', source),
            ],
            (t, rh, speed, k) => evaporation(t, rh / 100, speed, ACROSS) * k,
            'handbook',
          ),
        ],
        (m, e) => (e > 0 ? ((m * (1 - BOUND)) / e) * 60 : Infinity),
      ),
    })),
};

/** A dot of royal icing so many millimetres across. */
const DOT = 3;
const crust: Clock = {
  id: 'crust',
  answers(build) {
    const royal = materialOf('royalIcing');
    if (royal.firming.by !== 'drying') return [];
    const blend = { base: 'royalIcing', gumPaste: 0, powder: 0 };
    const family = firmingFamily(
      pasteLaw(royal.firming.constants),
      {
        volume: (Math.PI / 12) * DOT ** 3,
        area: (Math.PI / 2) * DOT ** 2,
        depth: DOT / 2,
        facing: DOT,
        thickness: DOT,
        kind: 'rod',
        coat: false,
      },
      spellsOf(build),
      weightsOf(blend),
    );
    const words = 'Royal icing dots of 3 mm have crusted and may be sprayed';
    const band = bandOf(family, 'skin', {}, learnedOf(build));
    return band
      ? [
          {
            id: 'crust',
            words,
            time: bandFigure(words, band, 'drying of half a ball of royal icing', [
              given('Across', DOT, 'mm'),
              given('Humidity', build.room.humidity, '%'),
              given('Room', build.room.temperature, '°C'),
            ]),
          },
        ]
      : [];
  },
};

/** Across a cake of the usual size, mm. */
const CAKE = 150;
const chill: Clock = {
  id: 'chill',
  answers({ cake, pieces, room }) {
    if (cake.tiers.length === 0 && !pieces.some((p) => p.core === 'cake' && p.form.coat)) return [];
    if (cake.chill.where === 'room') return [];
    const minutes = coatFirmIn(cake.coat, cake.coatThickness, room.temperature, cake.chill.where, CAKE);
    if (minutes === undefined) return [];
    const words = `The coat of the cake is firm in the ${cake.chill.where}`;
    return [
      {
        id: 'chill',
        words,
        time: solved(
          words,
          minutes,
          'min',
          'a deep body cooled at its face (Carslaw and Jaeger), until the middle of the coat is firm',
          [
            given('Coat', cake.coatThickness, 'mm'),
            given('From', room.temperature, '°C'),
            given(`In the ${cake.chill.where}`, COLD_PLACES[cake.chill.where].temperature, '°C', 'estimate'),
            given('Cake, across', CAKE, 'mm', 'estimate'),
          ],
          'estimate',
        ),
      },
    ];
  },
};

/** Pieces dry or set by their own clock; these are the others of a workshop. */
const CLOCKS: readonly Clock[] = [hydration, chill, crust, films];

/** Every wait of this build that is not a piece's own. */
export const otherClocks = (build: Build): ClockAnswer[] => CLOCKS.flatMap((c) => c.answers(build));
