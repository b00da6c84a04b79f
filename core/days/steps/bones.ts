import { formatLength } from '../../quantity/index.ts';
import { BONES_ID, paced, type StepMaker } from './types.ts';

/** Cut rods, take off points and splinters, sleeve what has to be sleeved. Minutes common practice: three a rod. */
export const bones: StepMaker = {
  kind: 'bones',
  make: (bench) => {
    const { rods } = bench.bones;
    if (rods.length === 0) return { steps: [], links: [] };
    const number = rods.reduce((n, r) => n + (r.rod.pair ? 2 : 1), 0);
    return {
      steps: [
        {
          id: BONES_ID,
          kind: 'bones',
          title: number === 1 ? 'Cut the rod' : `Cut ${number} rods`,
          notes: rods.map(
            (r) =>
              `${r.letter} ${r.stock.name}${r.rod.pair ? ', two of' : ','} ${formatLength(r.length.value)}${r.rod.sleeved ? ', sleeved' : ''}.`,
          ),
          minutes: paced(bench, 'bones', 3 * number),
        },
      ],
      links: [],
    };
  },
};
