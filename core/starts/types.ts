import type { Mm } from '../quantity/index.ts';
import type { Board, CakeWork, Mast, Piece, Portions, Rod } from '../record/index.ts';
import type { PasteDuty, PasteSchool } from './blends.ts';

/** What a lump may be filled with: as it comes for its size, or as the person wants it. */
export const STUFFINGS = ['usual', 'solid', 'foam', 'cake'] as const;
export type Stuffing = (typeof STUFFINGS)[number];

/** A share that may be moved, between two ends. */
export interface Slider {
  readonly key: string;
  readonly label: string;
  readonly usual: number;
  readonly least: number;
  readonly most: number;
  /** In whole numbers. */
  readonly whole?: true;
}

/** One of a few ways. */
export interface Variant {
  readonly key: string;
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

/** What a start is told. */
export interface Wanted {
  /** Finished height, mm; of sweets the grams of one. */
  readonly size: number;
  readonly paste: PasteSchool;
  readonly inside: Stuffing;
  /** There is a stretch of five hours in one go: carving, coating and covering a cake hang together. */
  readonly longStretch: boolean;
  /** Values of sliders and variants by key; the usual ones where nothing is said. */
  readonly varied: Readonly<Record<string, number | string>>;
}

/** A figure as a start makes it: what of a build depends on what is made. */
export interface Made {
  readonly pieces: Piece[];
  readonly rods: Rod[];
  readonly board: Board;
  /** Blends by duty, and colours, in use. */
  readonly duties: ReadonlySet<PasteDuty>;
  readonly colours: ReadonlySet<string>;
  readonly paste: PasteSchool;
  readonly portions?: Portions;
  readonly mast?: Mast;
  readonly tins?: CakeWork['tins'];
}

/** Something to beware of with this kind of figure; shown when its test says so. */
export interface StartCaution {
  readonly says: string;
  readonly when?: (told: Wanted) => boolean;
}

/** A kind of figure to begin with: one file and one line in the registry. */
export interface Start {
  readonly id: string;
  /** As the sentence says it, after its article. */
  readonly name: string;
  readonly article: 'a' | 'some' | '';
  /** Name of the build it becomes. */
  readonly title: string;
  /** Other words people type for it. */
  readonly words: readonly string[];
  readonly size: {
    readonly kind: 'length' | 'mass';
    readonly least: Mm;
    readonly usual: Mm;
    readonly most: Mm;
  };
  readonly sliders: readonly Slider[];
  readonly variants: readonly Variant[];
  /** It may be filled with cake. */
  readonly cake?: true;
  /** Paste it is usually made of, where that is not covering paste with powder. */
  readonly paste?: PasteSchool;
  /** It may be set on a cake. */
  readonly onCake: boolean;
  readonly make: (told: Wanted) => Made;
  readonly cautions: readonly StartCaution[];
}
