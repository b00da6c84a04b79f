/** What rods are made of. MPa and kg/m³; the source column says how far to trust each value. */
export interface RodMaterial {
  readonly name: string;
  readonly stiffness: number;
  /** Shear modulus, for twist. */
  readonly shear: number;
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
    shear: 700,
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
    shear: 700,
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
    shear: 300,
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
    shear: 1500,
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
    shear: 80000,
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
    shear: 78000,
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
  plastic: {
    name: 'polypropylene',
    stiffness: 1400,
    shear: 500,
    bending: 30,
    crushing: 30,
    density: 905,
    bends: true,
    reserve: 2,
    dampStiffness: 1,
    dampStrength: 1,
    creep: 2.5,
    trust: 'B',
    source: 'polymer handbooks, homopolymer E 1.3–1.7 GPa, yield 30–36 MPa, from memory',
  },
  copper: {
    name: 'soft copper',
    stiffness: 117000,
    shear: 44000,
    bending: 50,
    crushing: 50,
    density: 8940,
    bends: true,
    reserve: 1.3,
    dampStiffness: 1,
    dampStrength: 1,
    creep: 1,
    trust: 'B',
    source: 'metals handbook, annealed C12200, 0.2 % proof 33–60 MPa, from memory',
  },
  aluminium: {
    name: 'armature aluminium',
    stiffness: 69000,
    shear: 26000,
    bending: 30,
    crushing: 30,
    density: 2700,
    bends: true,
    reserve: 1.2,
    dampStiffness: 1,
    dampStrength: 1,
    creep: 1,
    trust: 'A',
    source: 'metals handbook, 1060/1100-O, yield 28–34 MPa, from memory',
  },
  stainless: {
    name: 'stainless steel',
    stiffness: 193000,
    shear: 74000,
    bending: 210,
    crushing: 210,
    density: 7950,
    bends: true,
    reserve: 1.5,
    dampStiffness: 1,
    dampStrength: 1,
    creep: 1,
    trust: 'A',
    source: 'ISO 3506 A2-50, proof 210 MPa, from memory',
  },
} as const satisfies Record<string, RodMaterial>;

export type RodMaterialId = keyof typeof ROD_MATERIALS;
