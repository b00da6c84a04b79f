import { reckon, type Mm } from '../../quantity/index.ts';
import { along, yours, type Cloth } from './types.ts';

/**
 * A sleeve round an arm, its upper edge cut to where the arm leaves the shoulder slanting: a wave as high as a slanting cut
 * through a tube. Derived; its area is the way round times its length.
 * @param slant of the shoulder's cut, degrees; nothing for one that is cut straight
 */
export function sleeveOf(arm: Mm, length: Mm, slant: number, thick: Mm, lap: Mm): Cloth {
  const round = reckon(
    'Round the arm, with the lap',
    'mm',
    'π × (arm + thickness) + lap',
    [yours('Arm, across', arm), yours('Rolled to', thick), yours('Lapped over', lap)],
    (d, t, l) => Math.PI * (d + t) + l,
  );
  const girth = round.value - lap;
  const crown = reckon(
    'Wave of its upper edge',
    'mm',
    '(arm + thickness) × tan(slant)',
    [yours('Arm, across', arm), yours('Rolled to', thick), yours('Slant of the shoulder', slant, '°')],
    (d, t, a) => (d + t) * Math.tan((a * Math.PI) / 180),
  );
  const half = crown.value / 2;
  // longest in the middle of the paper, so that its seam lies inside, where the arm is shortest
  const top = along((f): readonly [Mm, Mm] => {
    const x = f * round.value;
    return [x, length - half * Math.cos((2 * Math.PI * Math.min(x, girth)) / girth)];
  });
  return {
    figures: [
      { says: 'to cut across', figure: round },
      { says: 'from its lowest to its highest at the shoulder', figure: crown },
    ],
    outline: [[0, 0], [round.value, 0], ...top.reverse()],
    ...(half < length ? {} : { says: 'The slant takes more than the sleeve is long: make it longer.' }),
  };
}
