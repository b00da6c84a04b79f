import type { Build } from '../record/index.ts';
import { HARDLY_ANY, materialOf, UPTAKE } from '../pastes/index.ts';
import { between, given, named, reckon, solved, type Reckoned } from '../quantity/index.ts';
import { coatFirmIn, COLD_PLACES } from './chill.ts';
import { bandFigure, bandOf, firmingFamily } from './band.ts';
import { filmBandOf, filmTime, type FilmState, type WetFilm } from './films.ts';
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

/** A wet film that is waited for, and until when. */
interface FilmKind extends WetFilm {
  readonly id: string;
  readonly words: string;
  readonly state: FilmState;
}

/** Thin wet films; how much lies on a face is an estimate, what alcohol is by mass comes from its densities. */
const FILMS: readonly FilmKind[] = [
  {
    id: 'brushed',
    words: 'Colour brushed on with water may be touched',
    laid: 35,
    spirit: 0,
    state: 'touch',
  },
  {
    id: 'spirit',
    words: 'Colour brushed on with spirit of 40 % may be touched',
    laid: 35,
    spirit: 0.345,
    state: 'touch',
  },
  {
    id: 'strong',
    words: 'Colour brushed on with alcohol of 95 % may be touched',
    laid: 35,
    spirit: 0.94,
    state: 'touch',
  },
  { id: 'lifted', words: 'What was painted with water may be lifted', laid: 35, spirit: 0, state: 'lift' },
  { id: 'sprayed', words: 'A sprayed coat may have the next one', laid: 10, spirit: 0, state: 'next' },
  { id: 'glued', words: 'Edible glue no longer slides', laid: 25, spirit: 0, state: 'touch' },
];

/** A part of the usual size, mm. */
const ACROSS = 40;
/** A face of covering paste is in balance with this humidity. */
const coveringRests = (): number => {
  const { firming } = materialOf('fondant');
  return firming.by === 'drying' ? firming.constants.balance : 0;
};

const films: Clock = {
  id: 'film',
  answers: ({ room }) =>
    FILMS.map(({ id, words, state, ...film }) => {
      const over = {
        temperature: room.temperature,
        humidity: room.humidity / 100,
        speed: room.air,
        across: ACROSS,
        rests: coveringRests(),
      };
      const { fast, slow } = filmBandOf(film, state, over);
      return {
        id: `film-${id}`,
        words,
        time: between(named(words, filmTime(film, state, over)), fast, slow),
      };
    }),
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
