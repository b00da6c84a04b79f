/** What rods are made of. MPa and kg/m³; the source column says how far to trust each value. */
export interface RodMaterial {
  readonly name: string;
  readonly stiffness: number;
  readonly bending: number;
  readonly crushing: number;
  readonly density: number;
  /** Bends and stays bent instead of snapping. */
  readonly bends: boolean;
  readonly reserve: number;
  /** What is left of stiffness and strength when damp. */
  readonly dampStiffness: number;
  readonly dampStrength: number;
  readonly creep: number;
  readonly trust: 'A' | 'B' | 'C';
  readonly source: string;
}

export const ROD_MATERIALS = {
  birch: {
    name: 'birch',
    stiffness: 11000,
    bending: 75,
    crushing: 40,
    density: 620,
    bends: false,
    reserve: 2.5,
    dampStiffness: 0.8,
    dampStrength: 0.65,
    creep: 1.6,
    trust: 'B',
    source: 'wood handbook, yellow and paper birch at 12 %, from memory; reduced for sloping grain',
  },
  bamboo: {
    name: 'bamboo',
    stiffness: 12000,
    bending: 90,
    crushing: 50,
    density: 750,
    bends: false,
    reserve: 2.5,
    dampStiffness: 0.8,
    dampStrength: 0.65,
    creep: 1.5,
    trust: 'B',
    source: 'moso culm-wall tests as usually quoted, low end, from memory',
  },
  paper: {
    name: 'wound paper',
    stiffness: 3000,
    bending: 25,
    crushing: 15,
    density: 900,
    bends: false,
    reserve: 2.5,
    dampStiffness: 0.3,
    dampStrength: 0.25,
    creep: 2.5,
    trust: 'C',
    source: 'estimate; bend one to know',
  },
  spaghetti: {
    name: 'dry spaghetti',
    stiffness: 4000,
    bending: 30,
    crushing: 20,
    density: 1450,
    bends: false,
    reserve: 3,
    dampStiffness: 0.1,
    dampStrength: 0.1,
    creep: 2,
    trust: 'C',
    source: 'estimate; goes soft in wet paste within a day',
  },
  steel: {
    name: 'steel',
    stiffness: 205000,
    bending: 240,
    crushing: 240,
    density: 7850,
    bends: true,
    reserve: 1.5,
    dampStiffness: 1,
    dampStrength: 1,
    creep: 1,
    trust: 'A',
    source: 'ISO 898-1 property class 4.6, yield 240 MPa, from memory',
  },
  florist: {
    name: 'annealed wire',
    stiffness: 200000,
    bending: 210,
    crushing: 210,
    density: 7850,
    bends: true,
    reserve: 1.2,
    dampStiffness: 1,
    dampStrength: 1,
    creep: 1,
    trust: 'B',
    source: 'annealed low-carbon wire, yield 180–280 MPa, handbook range from memory',
  },
} as const satisfies Record<string, RodMaterial>;

export type RodMaterialId = keyof typeof ROD_MATERIALS;
