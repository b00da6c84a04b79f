import { notDrawn } from '@core/figure/index.ts';
import { type Build } from '@core/record/index.ts';
import type { SeenBones } from '@core/bones/index.ts';
import type { LensId } from '../lenses/lenses.ts';

/** One line over the stage: what is seen and how. */
export function stageCaption(
  build: Build,
  bones: SeenBones | undefined,
  lens: LensId,
  atPlayhead: boolean,
  inches: boolean,
): string {
  if (atPlayhead && lens !== 'bones') return 'hatched by firmness at the playhead';
  if (lens === 'bones') {
    if (!bones) return '';
    const lean = bones.figureTips.lean.value;
    return lean > 0
      ? `on its own feet it leans to ${Math.round(lean)}° before it tips`
      : 'it does not stand on its own feet';
  }
  const hidden = notDrawn(build);
  const left = hidden > 0 ? ` · ${hidden} more of many alike are not drawn` : '';
  const pieces = build.pieces.length;
  return `${pieces} ${pieces === 1 ? 'kind of piece' : 'kinds of piece'} · ruler in ${inches ? 'inches' : 'millimetres'}${left}`;
}
