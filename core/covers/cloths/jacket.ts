import { given, reckon, type Mm } from '../../quantity/index.ts';
import { along, yours, type Cloth } from './types.ts';

const FULL = 2 * Math.PI;

/**
 * A collar, cape or jacket round something that widens or narrows: part of a ring, by the cone it lies on. Derived; handbook,
 * from memory.
 * @param above across where it begins, below across at its hem, tall upright between them
 * @param gap left open in front, at the hem; less than nothing laps
 */
export function jacketOf(above: Mm, below: Mm, tall: Mm, thick: Mm, gap: Mm): Cloth {
  const sizes = [
    yours('Across, above', above),
    yours('Across, at the hem', below),
    yours('Tall', tall),
  ] as const;
  const slant = reckon('Over its slope', 'mm', '√(tall² + ((hem − above) ÷ 2)²)', sizes, (a, b, h) =>
    Math.hypot(h, (b - a) / 2),
  );
  const round = (name: string, across: Mm) =>
    reckon(
      name,
      'mm',
      'π × (across + thickness)',
      [yours('Across', across), yours('Rolled to', thick)],
      (d, t) => Math.PI * (d + t),
    );
  const hem = round('Way round at the hem', below);
  const neck = round('Way round above', above);
  const open = given('Left open in front, at the hem', gap, 'mm', 'yours');
  const cut = reckon('Hem to cut', 'mm', 'way round − what stays open', [hem, open], (g, o) => g - o);
  const share = cut.value / hem.value;
  const figures = [
    { says: 'along the hem', figure: cut },
    { says: 'along the upper edge', figure: reckon('Upper edge to cut', 'mm', 'way round × share of the hem that is cut', [neck, cut, hem], (n, c, h) => (n * c) / h) }, // prettier-ignore
    { says: 'from edge to edge', figure: slant },
  ];
  if (share <= 0)
    return { figures, outline: [], says: 'Nothing is left of it: it is open all the way round.' };
  const s = slant.value;
  const [r1, r2] = [neck.value / FULL, hem.value / FULL];
  // as wide above as below it is a strip
  if (Math.abs(r2 - r1) * 1000 < s) {
    const wide = cut.value;
    return { figures, outline: [[0, 0], [wide, 0], [wide, s], [0, s]] }; // prettier-ignore
  }
  const wider = Math.max(r1, r2);
  const outer = (wider * s) / Math.abs(r2 - r1);
  const turn = ((FULL * wider) / outer) * share;
  const bend = reckon(
    'Radius of its outer edge',
    'mm',
    'radius of the wider end × slope ÷ difference of the radii',
    [given('Radius of the wider end, with the paste', wider, 'mm', 'derived'), slant, given('Difference of the radii', Math.abs(r2 - r1), 'mm', 'derived')], // prettier-ignore
    (r, l, d) => (r * l) / d,
  );
  const at = (r: Mm, f: number): readonly [Mm, Mm] => {
    const angle = -Math.PI / 2 + turn * (f - 0.5);
    return [r * Math.cos(angle), r * Math.sin(angle)];
  };
  return {
    figures: [...figures, { says: 'is the radius its outer edge is cut with', figure: bend }],
    outline: [...along((f) => at(outer, f)), ...along((f) => at(outer - s, 1 - f))],
  };
}
