import { BOARD } from '../../record/index.ts';
import { coversOf } from '../../covers/index.ts';
import { formatLength } from '../../quantity/index.ts';
import { colourOf, coverId, joinId, order, paced, type StepMaker } from './types.ts';

/** Cover the board and the tiers before anything stands on them. Minutes common practice: twenty each. */
export const cover: StepMaker = {
  kind: 'cover',
  make: (bench) => {
    const covers = coversOf(bench.build);
    return {
      steps: covers.map(({ of, roll }) => ({
        id: coverId(of.id),
        kind: 'cover',
        title: `Cover the ${of.name.toLowerCase()}`,
        notes: [
          `Roll a ${of.shape === 'round' ? 'disc' : 'square'} ${formatLength(roll.value)} across, ${formatLength(of.cover.thickness)} thick.`,
          of.height > 0
            ? 'Coat cold and just tacky. Ease it down from the top, trim at the foot.'
            : 'A little water on the board, smooth it from the middle out, trim at the edge.',
        ],
        ...colourOf(bench, of.cover.colour),
        tools: ['turntable'],
        minutes: paced(bench, 'cover', 20),
      })),
      links: covers.flatMap(({ of }) =>
        bench.build.card
          ? []
          : bench.build.pieces
              .filter((p) => p.seat.on === BOARD)
              .map((p) =>
                order(
                  coverId(of.id),
                  joinId(p.id),
                  `the ${of.name.toLowerCase()} is covered before the figure goes on`,
                ),
              ),
      ),
    };
  },
};
