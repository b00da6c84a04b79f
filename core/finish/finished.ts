import { filmBandOf, filmTime, type FilmRoom, type FilmState } from '../firming/index.ts';
import { areaLabour, between, given, labourSum, named, reckon, type Reckoned } from '../quantity/index.ts';
import type { FinishTechnique } from './techniques.ts';

/** What a finish takes, and when it may be gone on with. */
export interface Finished {
  readonly minutes: Reckoned<'min'>;
  /** Undefined where it is a trace. */
  readonly takes?: Reckoned<'g' | 'mL'>;
  /** When it takes the next coat, may be touched, and lifted; nothing where nothing dries. */
  readonly waits?: Readonly<Record<FilmState, Reckoned<'min'>>>;
}

const STATES = ['next', 'touch', 'lift'] as const satisfies readonly FilmState[];
const STATE_WORDS = {
  next: 'Next coat after',
  touch: 'May be touched after',
  lift: 'May be lifted after',
} as const;
/** A further coat needs no getting ready: so many minutes. Estimate. */
const AGAIN = 1;

/** Hands-on minutes of all coats. */
function minutesOf(
  { by, minutes: [once, each] }: FinishTechnique,
  amount: number,
  coats: number,
): Reckoned<'min'> {
  const ready = once + (coats - 1) * AGAIN;
  if (by === 'mark') return labourSum('Hands-on', { once: ready, each }, amount * coats);
  const first = given('Getting ready', ready, 'min', 'estimate');
  const over = given('Coats', coats, '');
  if (by === 'line')
    return reckon(
      'Hands-on',
      'min',
      'getting ready + coats × length × minutes for a centimetre',
      [first, over, given('Line, cm', amount, ''), given('A centimetre', each, 'min', 'estimate')],
      (r, n, l, m) => r + n * l * m,
    );
  return reckon(
    'Hands-on',
    'min',
    'getting ready + coats × area × minutes for a square centimetre, at the pace of one who goes on',
    [first, over, given('Area', amount, 'cm²'), given('A square centimetre', each, 'min', 'estimate')],
    (r, n, area, m) => r + n * areaLabour(0, m, area),
  );
}

/** Of the powder, paint or paste. */
function takenOf(
  { takes, by }: FinishTechnique,
  amount: number,
  coats: number,
): Reckoned<'g' | 'mL'> | undefined {
  if (!takes) return undefined;
  const over = given('Coats', coats, '');
  if (by === 'area')
    return reckon(
      'It takes',
      takes.unit,
      'for 100 cm² × area ÷ 100 × coats',
      [given('For 100 cm²', takes.amount, takes.unit, 'estimate'), given('Area', amount, 'cm²'), over],
      (g, area, n) => (g * area * n) / 100,
    );
  return reckon(
    'It takes',
    takes.unit,
    'each × how many × coats',
    [given('Each', takes.amount, takes.unit, 'estimate'), given('How many', amount, 'pieces'), over],
    (g, many, n) => g * many * n,
  );
}

/** When it may be gone on with. */
function waitsOf({ film, sets }: FinishTechnique, room: FilmRoom): Finished['waits'] {
  if (!film && !sets) return undefined;
  const of = (state: FilmState, k: number): Reckoned<'min'> => {
    if (!film) return given(STATE_WORDS[state], sets![k]!, 'min', 'estimate');
    const { fast, slow } = filmBandOf(film, state, room);
    return between(named(STATE_WORDS[state], filmTime(film, state, room)), fast, slow);
  };
  return Object.fromEntries(STATES.map((s, k) => [s, of(s, k)])) as unknown as Finished['waits'];
}

/**
 * One finish on one place.
 * @param amount cm², marks, or cm of line, as its technique counts
 */
export function finishOf(
  technique: FinishTechnique,
  amount: number,
  coats: number,
  room: FilmRoom,
): Finished {
  const takes = takenOf(technique, amount, coats);
  const waits = waitsOf(technique, room);
  return {
    minutes: minutesOf(technique, amount, coats),
    ...(takes ? { takes } : {}),
    ...(waits ? { waits } : {}),
  };
}
