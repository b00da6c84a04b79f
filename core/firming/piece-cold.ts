import type { SettingConstants } from '../pastes/index.ts';
import type { Reckoned } from '../quantity/index.ts';
import type { Piece } from '../record/index.ts';
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

/** The firming of a piece that sets by cold. */
export function firmChocolate(
  piece: Piece,
  constants: SettingConstants,
  { air, parts, duty }: { readonly air: Air; readonly parts: Parts; readonly duty: Duty },
  inputs: () => Reckoned[],
): PieceFirming {
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
  const bandsOf = () =>
    keep(bands, JSON.stringify(['cold', constants, cooling, air, yieldsAt]), () => {
      const all: Bands = {};
      for (const q of ['touch', 'handle', 'bear', 'stand', 'hard', 'texture'] as const) {
        const wanted = yieldsAt[q];
        if (wanted !== undefined) all[q] = chocolateBand(constants, air, cooling, wanted);
      }
      return all;
    });
  return firmed(piece, 'cold', {
    rule: (q, load) =>
      `cooling and setting followed minute by minute until it yields at ${Math.round(load ? yieldFor(roundedLoad(load), 'bear') : (yieldsAt[q] ?? 0))} kPa`,
    bands: bandsOf,
    inputs,
    gives: () => undefined,
    chain: () => [],
    bears: (load) => chocolateBand(constants, air, cooling, yieldFor(roundedLoad(load), 'bear')),
    yieldAfter: (minutes) =>
      SQRT3 * (minutes >= NIGHT ? settled : chocolateAfter(constants, air.temperature, cooling, minutes)),
    never: () => {
      const cooler = [22, 20, 18, 16, 4].find((t) =>
        Number.isFinite(chocolateReaches(constants, t, cooling, CHOCOLATE_YIELD.handle)),
      );
      const mend = cooler === undefined ? 'Use a darker chocolate.' : `Work at ${cooler} °C or chill it.`;
      return `${piece.name} stays soft at ${air.temperature} °C: modelling chocolate sets by cold. ${mend}`;
    },
  });
}
