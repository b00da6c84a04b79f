import type { TechniqueId } from '../pastes/index.ts';
import type { Labour, Mm, Mm2, Mm3 } from '../quantity/index.ts';
import type { Body } from './bodies/index.ts';
import type { Curve, Curves } from './curves/index.ts';
import type { SolidData } from './mesh/index.ts';
import type { OutlineName } from './outlines.ts';

/** How a size follows when the whole figure is made larger or smaller. */
export type SizeRole =
  /** grows with the figure */
  | 'length'
  /** kept by the hand: thickness of sheets and coats, the size of a pearl, the pitch of a stitch */
  | 'thickness'
  /** a plain number, kept */
  | 'number'
  /** degrees, kept */
  | 'angle';

/** One size a person may type or pull. */
export interface Dimension<K extends string = string> {
  readonly key: K;
  readonly label: string;
  readonly role: SizeRole;
  readonly start: number;
  readonly min: number;
  readonly max: number;
  /** Changes when grams are typed instead of sizes. */
  readonly fits: boolean;
  /** A whole number. */
  readonly whole?: boolean;
  /** How it stands, not how much paste it takes: its volume does not follow from this. */
  readonly pose?: true;
}

/** What a shape is worth, in millimetres; z is up and the lowest point lies at z = 0. */
export interface Measure {
  readonly volume: Mm3;
  readonly area: Mm2;
  /** Height of the balance point above the lowest point. */
  readonly centre: Mm;
  /** Balance point to the right and to the back, where it is not in the middle. */
  readonly aside?: readonly [Mm, Mm];
  readonly width: Mm;
  readonly depth: Mm;
  readonly height: Mm;
  /** How many small ones make the piece; each starts from its own ball. */
  readonly alike?: number;
  /** Length to roll or cut before it is bent, joined or gathered. */
  readonly cutLength?: Mm;
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

export type Sizes<K extends string = string> = Readonly<Record<K, number>>;

/** What a shape is besides its sizes: an outline by name, lines drawn by hand, a solid from a file. */
export interface Art {
  readonly outline?: OutlineName;
  readonly curves?: Curves;
  readonly solid?: SolidData;
}

/** A line the person draws for a shape. */
export interface CurveSlot {
  readonly key: string;
  readonly label: string;
  readonly closed: boolean;
  readonly start: Curve;
}

export type ShapeFamily = 'rolled' | 'bent' | 'flat' | 'many' | 'drawn';

/** A record per shape: one file, one line in the registry. */
export interface Shape<K extends string = string> {
  readonly kind: string;
  readonly name: string;
  readonly family: ShapeFamily;
  /** One line a beginner understands. */
  readonly hint: string;
  readonly sizes: readonly Dimension<K>[];
  /** The volume formula as shown to the person. */
  readonly volumeRule: string;
  /** Lines to draw. */
  readonly curves?: readonly CurveSlot[];
  /** Further holes may be drawn. */
  readonly holes?: boolean;
  /** Only made by reading a file. */
  readonly fromFile?: boolean;
  /** What cannot be made, beyond each size's own limits; undefined when all is well. */
  readonly refuse?: (sizes: Sizes<K>, art: Art) => string | undefined;
  /** What can be made but is asking for trouble. */
  readonly warn?: (sizes: Sizes<K>, art: Art) => string | undefined;
  readonly measure: (sizes: Sizes<K>, art: Art) => Measure;
  readonly drying: (sizes: Sizes<K>, art: Art) => DryingBody;
  readonly body: (sizes: Sizes<K>, art: Art) => Body;
  readonly handles: (sizes: Sizes<K>) => readonly Handle<K>[];
  /** A ball of foam inside: its diameter. */
  readonly core?: (sizes: Sizes<K>) => Mm;
  /** May be the core under an even coat. */
  readonly coats?: boolean;
  /** Integral of mean curvature where it is known exactly, for coats; otherwise it is found from triangles. */
  readonly curvature?: (sizes: Sizes<K>) => Mm;
  /** May be laid round what carries it. */
  readonly wraps?: boolean;
  /** Cut from a rolled sheet: has an outline and leaves trimmings. */
  readonly cut?: boolean;
  /** How it is made, which tells what is lost on the way. */
  readonly technique: TechniqueId;
  /** Hands-on minutes to make it; of many small ones, each of them. Common practice. */
  readonly labour: Labour;
  /** Many small ones in one piece: what it takes to lay them, too. Common practice. */
  readonly lay?: Labour;
}
