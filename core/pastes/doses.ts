import { firmingOf, POWDER_CRACKS } from './blend.ts';
import { addToReach } from './recipes.ts';
import { materialOf } from './registry.ts';
import type { Blend } from './blend-record.ts';

/** How people stiffen: the schools side by side. */
export type School = 'powderLow' | 'powderHigh' | 'gumPaste' | 'readyMade' | 'asItComes';

export const SCHOOLS: Readonly<Record<School, string>> = {
  powderLow: 'powder, little',
  powderHigh: 'powder, much',
  gumPaste: 'with gum paste',
  readyMade: 'ready-made',
  asItComes: 'as it comes',
};

export type JobId = 'pose' | 'carry' | 'carve' | 'flex' | 'fingers';

/** What a piece must do, and what the schools give for it. Doses are per cent of the paste; all common practice. */
export interface PasteJob {
  readonly id: JobId;
  readonly name: string;
  readonly means: string;
  readonly powder: { readonly low: number; readonly high: number };
  /** Share of gum paste, per cent. */
  readonly gumPaste: number;
  /** Powder people end at who dose by feel, per cent. */
  readonly byFeel: readonly [number, number];
  readonly feel: string;
}

export const JOBS: readonly PasteJob[] = [
  {
    id: 'pose',
    name: 'pose thin',
    means: 'ears, fans and petals that stand on their own within minutes',
    powder: { low: 0.6, high: 1.2 },
    gumPaste: 50,
    byFeel: [0.5, 1.5],
    feel: 'it snaps back when a thin flap is pulled',
  },
  {
    id: 'carry',
    name: 'carry',
    means: 'legs and bodies that others stand on',
    powder: { low: 0.8, high: 1.6 },
    gumPaste: 30,
    byFeel: [0.7, 1.9],
    feel: 'a finger leaves a slow dent and the lump keeps its corners',
  },
  {
    id: 'carve',
    name: 'be carved',
    means: 'blocks left to firm and then cut or scraped',
    powder: { low: 0.5, high: 1 },
    gumPaste: 30,
    byFeel: [0.4, 1.2],
    feel: 'it cuts in a clean shaving after a night',
  },
  {
    id: 'flex',
    name: 'bend and flex',
    means: 'scarves, ribbons and leaves bent after they were cut',
    powder: { low: 0.2, high: 0.5 },
    gumPaste: 20,
    byFeel: [0.2, 0.7],
    feel: 'a strip goes round a finger without a crack',
  },
  {
    id: 'fingers',
    name: 'stay soft for fingers',
    means: 'hands, faces and folds worked over for a long time',
    powder: { low: 0.1, high: 0.3 },
    gumPaste: 10,
    byFeel: [0.1, 0.4],
    feel: 'seams still rub out with a fingertip',
  },
];

/** What a paste may have to do, by its id; undefined for one that is not there. */
export const jobOf = (id: string | undefined): PasteJob | undefined => JOBS.find((j) => j.id === id);

/** The blend a school would mix for a job from what is in hand. */
export function blendFor(job: PasteJob, school: School, from: Blend): Blend {
  const { gumPaste: _g, powder: _p, own, ...rest } = from;
  const base = materialOf(from.base).stiffens && from.base !== 'modellingPaste' ? from.base : 'fondant';
  const kept = own && own.like === base ? { own } : {};
  const made = { ...rest, base, gumPaste: 0, powder: 0, job: job.id };
  switch (school) {
    case 'powderLow':
      return { ...made, ...kept, powder: job.powder.low };
    case 'powderHigh':
      return { ...made, ...kept, powder: job.powder.high };
    case 'gumPaste':
      return { ...made, ...kept, gumPaste: job.gumPaste };
    case 'readyMade':
      return { ...made, base: 'modellingPaste' };
    case 'asItComes':
      return { ...made, ...kept };
  }
}

/** Which school a blend follows, where it is exactly one of them. */
export const schoolOf = (job: PasteJob, blend: Blend): School | undefined =>
  (Object.keys(SCHOOLS) as School[]).find((s) => {
    const b = blendFor(job, s, blend);
    return b.base === blend.base && b.gumPaste === blend.gumPaste && b.powder === blend.powder;
  });

/** What a dose is asking for: too much, too little, and its remedy. Told, never forbidden. Common practice. */
export function doseDoubts(blend: Blend): string[] {
  const out: string[] = [];
  const material = materialOf(blend.base);
  if (blend.powder > POWDER_CRACKS) {
    const plain = addToReach(100, blend.powder, 0, POWDER_CRACKS / 2)!;
    out.push(
      `More than ${POWDER_CRACKS} % powder turns rubbery and cracks. Knead in a little shortening, or ${Math.round(plain)} g of plain paste for each 100 g.`,
    );
  }
  if (blend.gumPaste > 60)
    out.push(
      'So much gum paste crusts while it is worked: small lumps, the rest in a bag, shortening on the hands.',
    );
  const job = jobOf(blend.job);
  if (job && material.stiffens && material.id !== 'gumPaste') {
    const law = firmingOf(blend);
    const dose = law.by === 'drying' ? law.constants.gum : 0;
    if (dose < 0.6 * job.byFeel[0])
      out.push(
        `Little for paste that has to ${job.name}: it may droop. Add ${job.powder.low} % of powder, or let it firm longer.`,
      );
    else if (dose > 1.4 * job.byFeel[1])
      out.push(
        `Much for paste that has to ${job.name}: it crusts and cracks at the bends. Knead in shortening, or plain paste.`,
      );
  }
  if (blend.ratio !== undefined && material.chocolate) {
    const [low, high] = material.chocolate.ratioRange;
    if (blend.ratio < low)
      out.push(`Below ${low} : 1 it stays soft and sticky. Knead in melted chocolate and rest it again.`);
    if (blend.ratio > high) out.push(`Above ${high} : 1 it crumbles. Knead in a few drops of warm syrup.`);
  }
  const [least, most] = material.densityRange;
  if (blend.density !== undefined && blend.gumPaste === 0 && (blend.density < least || blend.density > most))
    out.push(
      `${material.name} usually weighs ${least} to ${most} g per cubic centimetre: measure once more, a big ball is best.`,
    );
  return out;
}
