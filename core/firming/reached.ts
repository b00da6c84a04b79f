import { given, type Reckoned } from '../quantity/index.ts';
import type { Band, FirmingFamily } from './band.ts';
import { LAW } from './law.ts';
import { CLOSING, crossing, marginOf, punch, USUAL_BEND, type Duty, type Question } from './margins.ts';

/** What each question asks of a piece, where it is one pressure or one loss. */
const ASKS: Partial<
  Record<Question, { readonly words: string; readonly value: number; readonly unit: 'kPa' | '%' }>
> = {
  tack: {
    words: 'Water to lose in the outermost tenth of a millimetre',
    value: 100 * LAW.tackLoss,
    unit: '%',
  },
  stick: {
    words: 'Water to lose in the outermost tenth of a millimetre',
    value: 100 * LAW.tackLoss,
    unit: '%',
  },
  skin: {
    words: 'Water to lose in the outer two tenths of a millimetre',
    value: 100 * LAW.skinLoss,
    unit: '%',
  },
  touch: { words: 'A gentle finger presses with', value: LAW.touchPressure, unit: 'kPa' },
  handle: { words: 'Fingers that hold press with', value: LAW.handlePressure, unit: 'kPa' },
  texture: { words: 'The hardest surface a hand tool marks', value: LAW.pressMost, unit: 'kPa' },
  hard: { words: 'Hard right through from', value: LAW.hardYield, unit: 'kPa' },
};

/** What a piece has to bear, where the question is about that. */
function dutyTold(q: Question, { overhang, lean = 1, bend = USUAL_BEND, load }: Duty): Reckoned[] {
  const out: Reckoned[] = [];
  if ((q === 'pose' || q === 'handle') && overhang)
    out.push(
      given('Hangs out free', overhang, 'mm'),
      given('Leans from upright', (Math.asin(Math.min(1, lean)) * 180) / Math.PI, '°'),
      given('Reserve against drooping', LAW.poseReserve, '×', 'fitted'),
    );
  if (q === 'bend') out.push(given('Stretch of the bend still to come', 100 * bend, '%', 'estimate'));
  if ((q === 'bear' || q === 'stand') && load) {
    out.push(
      given('Rests on it', 1000 * load.mass, 'g'),
      given('Of that on rods', 100 * load.onRods, '%'),
      given('Touching face', load.contact, 'mm²'),
      given('Section at its foot', load.section, 'mm²'),
      given('Reserve under a load', LAW.loadReserve, '×', 'common practice'),
    );
    if (load.height > 0) out.push(given('Slender, high', load.height, 'mm'));
    if (q === 'stand') out.push(given('Further reserve, left standing', LAW.creepReserve, '×', 'fitted'));
  }
  return out;
}

/**
 * The chain behind a time: what was asked, how much water is lost and how firm it is then, and what each thing that is
 * not known does to it: the room five points damper, the piece a tenth larger.
 */
export function reached(family: FirmingFamily, q: Question, duty: Duty, band: Band): Reckoned[] {
  const h = family.likely;
  const seconds = band.likely * 60;
  const out: Reckoned[] = [];
  const asks = ASKS[q];
  if (asks) out.push(given(asks.words, asks.value, asks.unit));
  out.push(...dutyTold(q, duty));
  if (Number.isFinite(seconds)) {
    let i = 0;
    while (i < h.seconds.length - 1 && h.seconds[i]! < seconds) i++;
    out.push(
      given('Water lost by then', 100 * h.lossMean[i]!, '%', 'derived'),
      given('It withstands a finger of', punch(h, i, LAW.finger), 'kPa', 'derived'),
    );
  }
  const with_ = (name: string, other: FirmingFamily['likely']) => {
    const margin = marginOf(other, q, duty);
    if (margin) out.push(given(name, crossing(other, margin, CLOSING.has(q)), 'min', 'derived'));
  };
  with_('With the room five points damper', family.damper);
  with_('With the piece a tenth larger', family.larger);
  return out;
}
