import { formatLength, listed } from '../../quantity/index.ts';
import { BONES_ID, lower, paced, type StepMaker } from './types.ts';

const some = (n: number, what: string): string[] =>
  n === 0 ? [] : [n === 1 ? `the ${what}` : `${n} ${what}s`];

/** Cut rods, take off points and splinters, sleeve what has to be sleeved. Minutes common practice: three a rod, four a disc. */
export const bones: StepMaker = {
  kind: 'bones',
  make: (bench) => {
    const { rods, discs } = bench.bones;
    if (rods.length + discs.length === 0) return { steps: [], links: [] };
    const number = rods.reduce((n, r) => n + (r.rod.pair ? 2 : 1), 0);
    const round = discs.reduce((n, d) => n + d.number, 0);
    return {
      steps: [
        {
          id: BONES_ID,
          kind: 'bones',
          title: `Cut ${listed([...some(number, 'rod'), ...some(round, 'disc')])}`,
          notes: [
            ...rods.map(
              (r) =>
                `${r.letter} ${r.stock.name}${r.rod.pair ? ', two of' : ','} ${formatLength(r.length.value)}${r.rod.sleeved ? ', sleeved' : ''}.`,
            ),
            ...discs.map(
              (d) =>
                `${d.words}${d.number > 1 ? `, ${d.number} of them` : ''}, for the ${lower(d.piece.name)}: film on both faces, rods through it.`,
            ),
          ],
          minutes: paced(bench, 'bones', 3 * number + 4 * round),
        },
      ],
      links: [],
    };
  },
};
