import type { Board, TierBoard } from '../record/index.ts';
import type { Mm } from '../quantity/index.ts';

/** A board as a thin plate, with what it weighs (makers' data, from memory; pulp and drum estimates). MPa; the skin resists a post like a cutter, N per mm of its rim. */
export interface BoardStock {
  readonly name: string;
  readonly thick: Mm;
  readonly stiffness: number;
  readonly poisson: number;
  readonly bending: number;
  readonly crush: number;
  readonly skin: number;
  readonly reserve: number;
  /** g/cm³. */
  readonly density: number;
  readonly trust: 'B' | 'C';
  readonly source: string;
}

const PULP = 'estimate, solid pulp card';
const BOARD_MDF = 'EN 622-5, from memory';

/** Boards under tiers. */
export const TIER_BOARDS: Readonly<Record<TierBoard, BoardStock>> = {
  card: {
    name: '3 mm card', thick: 3, stiffness: 1500, poisson: 0.2, bending: 10, crush: 1.5, skin: 6, reserve: 2, density: 0.75, trust: 'C', source: PULP,
  },
  drum: {
    name: '12 mm drum', thick: 12, stiffness: 150, poisson: 0.1, bending: 1.5, crush: 0.3, skin: 2, reserve: 2, density: 0.35, trust: 'C', source: 'estimate, pulp and corrugated',
  },
  foam: {
    name: '5 mm foam board', thick: 5, stiffness: 600, poisson: 0.2, bending: 3, crush: 0.25, skin: 1.5, reserve: 2, density: 0.1, trust: 'C', source: 'estimate, paper skins carry',
  },
  ply6: {
    name: '6 mm plywood', thick: 6, stiffness: 6000, poisson: 0.2, bending: 30, crush: 8, skin: 0, reserve: 2.5, density: 0.68, trust: 'B', source: 'birch ply, low, handbook from memory',
  },
  mdf6: {
    name: '6 mm MDF', thick: 6, stiffness: 2700, poisson: 0.25, bending: 23, crush: 10, skin: 0, reserve: 2.5, density: 0.75, trust: 'B', source: BOARD_MDF,
  },
  mdf12: {
    name: '12 mm MDF', thick: 12, stiffness: 2500, poisson: 0.25, bending: 22, crush: 10, skin: 0, reserve: 2.5, density: 0.75, trust: 'B', source: BOARD_MDF,
  },
  acrylic: {
    name: '4 mm acrylic', thick: 4, stiffness: 3000, poisson: 0.37, bending: 65, crush: 60, skin: 0, reserve: 3, density: 1.19, trust: 'B', source: 'cast PMMA, polymer handbooks, from memory',
  },
}; // prettier-ignore

/** The board of a build, as thick as it is, as one of those. */
export function asTierBoard(board: Pick<Board, 'material' | 'thickness'>): BoardStock {
  const like =
    board.material === 'drum'
      ? TIER_BOARDS.drum
      : board.material === 'plywood'
        ? TIER_BOARDS.ply6
        : board.material === 'foamcore'
          ? TIER_BOARDS.foam
          : board.thickness > 9
            ? TIER_BOARDS.mdf12
            : TIER_BOARDS.mdf6;
  const name = like.name.replace(/^\d+ mm /, '');
  return { ...like, name: `${board.thickness} mm ${name}`, thick: board.thickness };
}
