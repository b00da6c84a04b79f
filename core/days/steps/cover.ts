import { BOARD } from '../../record/index.ts';
import { coversOf } from '../../paste-list/index.ts';
import { formatLength } from '../../quantity/index.ts';
import { colourOf, coverId, joinId, order, paced, type StepMaker } from './types.ts';

/** Cover the tiers before the figure stands on them. Minutes common practice: twenty a tier. */
export const cover: StepMaker = {
  kind: 'cover',
  make: (bench) => ({
    steps: coversOf(bench.build).map(({ tier, roll }) => ({
      id: coverId(tier.id),
      kind: 'cover',
      title: `Cover the ${tier.name.toLowerCase()}`,
      notes: [
        `Roll a ${tier.shape === 'round' ? 'disc' : 'square'} ${formatLength(roll.value)} across, ${formatLength(tier.cover.thickness)} thick.`,
        'Coat cold and just tacky. Ease it down from the top, trim at the foot.',
      ],
      ...colourOf(bench, tier.cover.colour),
      tools: ['turntable'],
      minutes: paced(bench, 'cover', 20),
    })),
    links: coversOf(bench.build).flatMap(({ tier }) =>
      bench.build.pieces
        .filter((p) => p.seat.on === BOARD)
        .map((p) => order(coverId(tier.id), joinId(p.id), 'the tier is covered before the figure goes on')),
    ),
  }),
};
