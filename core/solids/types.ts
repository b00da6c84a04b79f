import type { Mm, Mm2, Mm3, Problem } from '../quantity/index.ts';
import type { OutlineName } from './outlines.ts';

/** How a size follows when the whole figure is made larger or smaller. */
export type SizeRole =
  /** grows with the figure */
  | 'length'
  /** a thickness of paste that the hand keeps: sheets, coats */
  | 'thickness';

/** One size a person may type or pull. */
export interface Dimension<K extends string = string> {
  readonly key: K;
  readonly label: string;
  readonly role: SizeRole;
  readonly start: Mm;
  readonly min: Mm;
  readonly max: Mm;
  /** Changes when grams are typed instead of sizes. */
  readonly fits: boolean;
}

/** What a shape is worth, in millimetres; z is up and the lowest point lies at z = 0. */
export interface Measure {
  readonly volume: Mm3;
  readonly area: Mm2;
  /** Height of the balance point above the lowest point. */
  readonly centre: Mm;
  readonly width: Mm;
  readonly depth: Mm;
  readonly height: Mm;
}

/** How the air and the table see a shape while it firms. */
export interface DryingBody {
  /** Paste that dries; less than the solid where there is a core. */
  readonly volume: Mm3;
  /** Surface open to the air before any seat is taken off it. */
  readonly area: Mm2;
  /** Deepest distance from open air. */
  readonly depth: Mm;
  /** Size that faces the moving air. */
  readonly facing: Mm;
  /** Thickness that bends. */
  readonly thickness: Mm;
  readonly kind: 'rod' | 'sheet';
  /** A coat has one open face and no edges: its depth is its thickness. */
  readonly coat?: boolean;
}

/** The body of a shape in its own frame, for drawing and for finding what a rod passes through. */
export type Body =
  | {
      readonly type: 'turned';
      /** Radius at height z; zero outside. */
      readonly radiusAt: (z: Mm) => Mm;
      /** Heights worth sampling, rising. */
      readonly levels: readonly Mm[];
      /** A core in the middle, as a ball. */
      readonly core?: { readonly centre: Mm; readonly radius: Mm };
    }
  | {
      readonly type: 'cut';
      /** Outline in the upright x–z plane, lowest point at z = 0. */
      readonly outline: readonly (readonly [Mm, Mm])[];
      /** Thickness along y, centred. */
      readonly thickness: Mm;
    };

/** Something to pull on the stage: where it sits, and which size it changes by how much per millimetre pulled. */
export interface Handle<K extends string = string> {
  readonly size: K;
  /** Place in the shape's own frame (x across, z up). */
  readonly at: readonly [Mm, Mm];
  /** Direction of pull in the same frame. */
  readonly along: readonly [number, number];
  /** Change of the size per millimetre pulled along the direction. */
  readonly gain: number;
}

export type Sizes<K extends string = string> = Readonly<Record<K, Mm>>;

/** A record per shape: one file, one line in the registry. */
export interface Shape<K extends string = string> {
  readonly kind: string;
  readonly name: string;
  /** One line a beginner understands. */
  readonly hint: string;
  readonly sizes: readonly Dimension<K>[];
  /** The volume formula as shown to the person. */
  readonly volumeRule: string;
  /** What cannot be made, beyond each size's own limits; undefined when all is well. */
  readonly refuse?: (sizes: Sizes<K>) => string | undefined;
  readonly measure: (sizes: Sizes<K>, outline: OutlineName) => Measure;
  readonly drying: (sizes: Sizes<K>, outline: OutlineName) => DryingBody;
  readonly body: (sizes: Sizes<K>, outline: OutlineName) => Body;
  readonly handles: (sizes: Sizes<K>) => readonly Handle<K>[];
  /** A ball of foam inside: its diameter. */
  readonly core?: (sizes: Sizes<K>) => Mm;
  /** Cut from a rolled sheet: has an outline and leaves trimmings. */
  readonly cut?: boolean;
  /** Share of the paste put on the bench that ends in the piece, and of the rest that is kneaded back. */
  readonly yield: { readonly used: number; readonly kneadedBack: number };
  /** Hands-on minutes: first one, each further one alike. Common practice, estimate. */
  readonly minutes: { readonly first: number; readonly next: number };
}

export type SizeProblem = Problem & { readonly about: string };
