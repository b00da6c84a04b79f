import { addRod, setGrams, setPropped } from '../../edits/index.ts';
import { BOARD, type Build } from '../../record/index.ts';
import { measureOf, place, weighIn } from '../../figure/index.ts';
import { formatMass, formatTime } from '../../quantity/index.ts';
import { rounded, toLocal, toWorld } from '../../solids/index.ts';
import { TARGET } from '../joints/check.ts';
import { gluedJoints, type GluedReport } from '../joints/glued.ts';
import type { Firmed } from '../joints/joint-push.ts';
import type { Mend } from './mends.ts';
import { worstOfRod } from '../joints/checked-joints.ts';
import { RODS, type RodStock } from '../stock/rods/registry.ts';
import { THICK } from '../paths/thick.ts';

/** How deep a stick is tried into the carrier, mm. */
const DEPTHS = [12, 20, 30, 45, 60] as const;
const STICKS: readonly RodStock['family'][] = ['pasta', 'stick', 'dowel'];

/** A stick along the piece's own line, into its carrier. */
function withStick(
  build: Build,
  report: GluedReport,
  stock: string,
  depth: number,
): { build: Build; id: string } {
  const { piece } = report;
  const instance = place(build).find((i) => i.piece.id === piece.id)!;
  const carrier = place(build)[instance.carrier]!;
  const foot = toWorld(instance.frame, [0, 0, piece.seat.sink - depth]);
  const at = rounded(toLocal(carrier.frame, foot));
  const tall = measureOf(piece).height;
  return addRod(build, {
    name: piece.name,
    stock,
    from: { on: carrier.piece.id ?? BOARD, at },
    to: { on: piece.id, at: [0, 0, Number((tall * 0.65).toFixed(2))] },
    pair: piece.pair,
    sleeved: false,
  });
}

/**
 * What makes a glued piece hold: a prop until its glue takes, the thinnest stick that holds it, or as much lighter as the face bears. Each was
 * applied to a copy and reckoned again.
 */
export function gluedMends(build: Build, report: GluedReport, firmed: Firmed): Mend[] {
  const out: Mend[] = [];
  if (report.letGo && report.letGo.use.value > TARGET && Number.isFinite(report.prop)) {
    const propped = setPropped(build, report.piece.id, true);
    const after = gluedJoints(propped, firmed).find((g) => g.piece.id === report.piece.id);
    if (after && after.worst.use.value <= 1)
      out.push({
        text: `Prop it for ${formatTime(Math.max(1, Math.ceil(report.prop)))}`,
        times: 1 / after.worst.use.value,
        apply: () => propped,
      });
  }
  const m = measureOf(report.piece);
  const widest = THICK * Math.min(m.width, m.depth, m.height);
  search: for (const stock of RODS.filter((r) => STICKS.includes(r.family) && r.section.diameter <= widest))
    for (const depth of DEPTHS) {
      const made = withStick(build, report, stock.id, depth);
      const use = worstOfRod(made.build, made.id, firmed)?.use.value;
      if (use === undefined || !(use <= TARGET)) continue;
      out.push({
        text: `Put a ${stock.name} in it, ${depth} mm deep`,
        times: use > 1e-6 ? 1 / use : Infinity,
        apply: () => made.build,
      });
      break search;
    }
  const now = weighIn(build, report.piece).whole.value;
  // stresses of one shape shrunk all round go with its size, weight with the cube
  const target = now * report.smaller ** 3 * 0.6;
  if (target > 0.1 && report.smaller < 1) {
    const lighter = setGrams(build, report.piece.id, target);
    const found =
      lighter.ok && gluedJoints(lighter.value, firmed).find((g) => g.piece.id === report.piece.id);
    if (lighter.ok && found && found.worst.use.value <= 1)
      out.push({
        text: `Make it ${formatMass(target)}`,
        times: 1 / found.worst.use.value,
        apply: () => lighter.value,
      });
  }
  return out;
}
