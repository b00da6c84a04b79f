import { verb } from '../../record/index.ts';
import type { Link } from '../types.ts';
import { FINISH_ID, lower, order, PACK_ID, paced, shapedBy, standsBy, type StepMaker } from './types.ts';

/** Last look: seams, dust, touching up. Needs every piece in its place. */
export const finish: StepMaker = {
  kind: 'finish',
  make: (bench) => ({
    steps: [
      {
        id: FINISH_ID,
        kind: 'finish',
        title: 'Last look',
        notes: ['Seams, dust, fingerprints, eyes. Count needles and pins back.'],
        minutes: paced(bench, 'finish', 10 + Math.min(40, bench.build.pieces.length)),
      },
    ],
    links: bench.build.pieces.map((p) => order(standsBy(p), FINISH_ID)),
  }),
};

/** What joints have to set is a wait of each join. */
export const pack: StepMaker = {
  kind: 'pack',
  make: (bench) => ({
    steps: [
      {
        id: PACK_ID,
        kind: 'pack',
        title: 'Pack and hand over',
        notes: [
          `Every rod, stick and core is listed with it: ${bench.bones.rods.length} ${bench.bones.rods.length === 1 ? 'rod' : 'kinds of rod'}, count them in and out.`,
        ],
        minutes: paced(bench, 'pack', 15),
      },
    ],
    links: [
      order(FINISH_ID, PACK_ID),
      ...bench.build.pieces.flatMap((p): Link[] => {
        const age = bench.ages.get(p.id);
        return age === undefined
          ? []
          : [
              {
                from: shapedBy(p),
                to: PACK_ID,
                kind: 'wait',
                band: { fast: age, likely: age, slow: age },
                why: `the ${lower(p.name)} ${verb(p, 'firms before it travels', 'firm before they travel')}`,
                piece: p.id,
              },
            ];
      }),
    ],
  }),
};
