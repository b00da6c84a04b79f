import { UPTAKE } from '../pastes/index.ts';
import type { Provenance } from '../quantity/index.ts';

interface Constant {
  readonly value: number;
  readonly unit: string;
  readonly meaning: string;
  readonly source: Provenance;
}

const constant = (value: number, unit: string, source: Provenance, meaning: string): Constant => ({
  value,
  unit,
  meaning,
  source,
});

/** Universal constants of the firmness law, with where each comes from. Fitted ones met sixteen facts of the trade. */
export const LAW_TABLE = {
  gain: constant(7.5, 'ln/–', 'fitted', 'rise of ln(yield) per share of the first water lost'),
  gumStiffness: constant(0.7, 'ln/%', 'estimate', 'rise of ln(yield) per % of hydrated gum'),
  setPlain: constant(0.25, 'ln', 'estimate', 'rise by re-setting after kneading, plain paste'),
  setGum: constant(0.8, 'ln/%', 'fitted', 'further rise by re-setting per % of gum'),
  setTime: constant(15, 'min', 'fitted', 'time of re-setting'),
  hydrateTime: constant(UPTAKE.minutes, 'min', 'common practice', 'time for gum to take up water'),
  handWarm: constant(28, '°C', 'estimate', 'paste as it leaves the hands'),
  heat: constant(1700, 'J/kg/K', 'handbook', 'specific heat of sugar paste'),
  activation: constant(40e3, 'J/mol', 'handbook', 'temperature dependence of diffusion'),
  tackDepth: constant(1e-4, 'm', 'estimate', 'layer that feels tacky'),
  tackLoss: constant(0.12, '–', 'fitted', 'loss in it when tack is gone'),
  skinDepth: constant(2e-4, 'm', 'estimate', 'layer that makes the skin'),
  skinLoss: constant(0.18, '–', 'estimate', 'loss in it when skinned'),
  skinYield: constant(20, 'kPa', 'estimate', 'yield of the skin when it may be brushed'),
  touchPressure: constant(37, 'kPa', 'estimate', 'a gentle finger: 3 N on 80 mm²'),
  handlePressure: constant(75, 'kPa', 'fitted', 'fingers that hold and push on'),
  finger: constant(5e-3, 'm', 'handbook', 'contact radius of a fingertip'),
  bearing: constant(5.14, '–', 'handbook', 'Prandtl bearing factor of a strip, 2 + π'),
  crackFall: constant(8, '–', 'estimate', 'fall of crack strain with surface loss'),
  poseReserve: constant(3.5, '–', 'fitted', 'reserve against drooping'),
  loadReserve: constant(2.5, '–', 'common practice', 'reserve under a load'),
  creepReserve: constant(1.5, '–', 'fitted', 'further reserve when left standing'),
  yieldStrain: constant(0.023, '–', 'fitted', 'strain at yield'),
  dryShare: constant(0.75, '–', 'estimate', 'share of the loss at 50 % humidity that counts as dry'),
  hardYield: constant(300, 'kPa', 'estimate', 'centre yield at which a piece is hard right through'),
  pressMost: constant(150, 'kPa', 'estimate', 'hardest surface a hand tool still marks'),
} as const satisfies Record<string, Constant>;

type Law = { readonly [K in keyof typeof LAW_TABLE]: number };

/** The same constants as plain numbers, for the inner loops. */
export const LAW = Object.fromEntries(Object.entries(LAW_TABLE).map(([k, c]) => [k, c.value])) as Law;
