import type { SettingConstants } from '../pastes/index.ts';
import { given, type Reckoned } from '../quantity/index.ts';
import type { Piece } from '../record/index.ts';
import type { Band } from './band.ts';
import type { ColdLearned } from './cold-learned.ts';
import { CHOCOLATE_YIELD, chocolateAfter, chocolateBand, chocolateReaches, coolingTime } from './cold.ts';
import {
  bands,
  firmed,
  keep,
  NIGHT,
  toDigits,
  roundedLoad,
  SQRT3,
  type Bands,
  type Parts,
  type PieceFirming,
} from './firmed.ts';
import { needOf, reserveUnder, type Duty, type Load, type Question } from './margins.ts';
import { slabOf, type Air } from './sweep.ts';

/** kg/m³; handbook. */
const CHOCOLATE_DENSITY = 1300;

const times = ({ fast, likely, slow, ...band }: Band, by: number): Band => ({
  ...band,
  fast: fast * by,
  likely: likely * by,
  slow: slow * by,
});

/** The firming of a piece that sets by cold. @param base the chocolate it is of */
export function firmChocolate(
  piece: Piece,
  constants: SettingConstants,
  {
    air,
    parts,
    duty,
    base,
    learned,
  }: {
    readonly air: Air;
    readonly parts: Parts;
    readonly duty: Duty;
    readonly base: string;
    readonly learned: ColdLearned;
  },
  fromRoom: () => Reckoned[],
): PieceFirming {
  /** Every time of this kitchen against the table. */
  const pace = Math.exp(learned.theta);
  const inputs = (): Reckoned[] =>
    learned.entries === 0
      ? fromRoom()
      : [
          ...fromRoom(),
          given('Looks learned from', learned.entries, 'pieces', 'yours'),
          given('This kitchen’s times, against the table', pace, '×', 'yours'),
        ];
  const slab = slabOf(
    parts.volume,
    parts.area,
    parts.depth,
    parts.facing,
    parts.thickness,
    parts.kind,
    parts.coat,
  );
  const cooling = toDigits(coolingTime(slab.bulk, slab.facing, slab.depth, slab.shape, air));
  const settled = constants.setYield * Math.exp(-constants.softening * (air.temperature - 20));
  // firm alike all through, without a skin: what it yields at is the reserve asked for over that of one kPa
  const yieldFor = (load: Load, q: 'bear' | 'stand'): number =>
    needOf(q) /
    reserveUnder(load, {
      thickness: slab.thickness,
      density: CHOCOLATE_DENSITY,
      sheet: parts.kind === 'sheet',
    })({
      mean: 1,
      stiff: 1,
      centre: 1,
      skin: 0,
    });
  const under = (q: 'bear' | 'stand') => duty.load && { [q]: yieldFor(duty.load, q) };
  const yieldsAt: Partial<Record<Question, number>> = {
    ...CHOCOLATE_YIELD,
    hard: 0.9 * settled,
    ...under('bear'),
    ...under('stand'),
  };
  const byTable = () =>
    keep(bands, JSON.stringify(['cold', constants, cooling, air, yieldsAt]), () => {
      const all: Bands = {};
      for (const q of ['touch', 'handle', 'bear', 'stand', 'hard', 'texture'] as const) {
        const wanted = yieldsAt[q];
        if (wanted !== undefined) all[q] = chocolateBand(constants, air, cooling, wanted);
      }
      return all;
    });
  const bandsOf = () =>
    learned.entries === 0
      ? byTable()
      : keep(bands, JSON.stringify(['taught', constants, cooling, air, yieldsAt, learned.theta]), () =>
          Object.fromEntries(Object.entries(byTable()).map(([q, band]) => [q, times(band, pace)])),
        );
  return firmed(piece, 'cold', {
    rule: (q, load) =>
      `cooling and setting followed minute by minute until it yields at ${Math.round(load ? yieldFor(roundedLoad(load), 'bear') : (yieldsAt[q] ?? 0))} kPa`,
    bands: bandsOf,
    inputs,
    gives: () => undefined,
    chain: () => [],
    bears: (load) => times(chocolateBand(constants, air, cooling, yieldFor(roundedLoad(load), 'bear')), pace),
    yieldAfter: (minutes) =>
      SQRT3 *
      (minutes >= NIGHT ? settled : chocolateAfter(constants, air.temperature, cooling, minutes / pace)),
    setting: { base, body: parts, air, table: (q) => byTable()[q]?.likely },
    never: () => {
      const cooler = [22, 20, 18, 16, 4].find((t) =>
        Number.isFinite(chocolateReaches(constants, t, cooling, CHOCOLATE_YIELD.handle)),
      );
      const mend = cooler === undefined ? 'Use a darker chocolate.' : `Work at ${cooler} °C or chill it.`;
      return `${piece.name} stays soft at ${air.temperature} °C: modelling chocolate sets by cold. ${mend}`;
    },
  });
}
