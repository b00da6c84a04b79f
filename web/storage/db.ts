import Dexie, { type EntityTable } from 'dexie';
import type { Build } from '@core/figure/index.ts';
import type { OwnPaste } from '@core/pastes/index.ts';
import type { StockItem } from '@core/stores/index.ts';

/** A build as kept in the browser; the revision rises with every save, so that two tabs notice each other. */
export interface StoredBuild {
  readonly id: string;
  readonly name: string;
  readonly savedAt: number;
  readonly revision: number;
  readonly build: Build;
}

/** A picture of the person's own, downscaled, never sent anywhere. */
export interface StoredPicture {
  readonly id: string;
  readonly buildId: string;
  readonly addedAt: number;
  readonly blob: Blob;
  readonly width: number;
  readonly height: number;
  /** What was marked on it; absent on pictures kept before anything could be. */
  readonly marks?: PictureMarks;
}

type Spot = readonly [number, number];

/** Marks on a picture, in its own points from the top left. */
export interface PictureMarks {
  /** A length that is known. */
  readonly known?: { readonly from: Spot; readonly to: Spot; readonly mm: number };
  /** Where the middle of the figure's foot stands. */
  readonly foot?: Spot;
  readonly measured?: readonly { readonly from: Spot; readonly to: Spot }[];
  /** Four corners of a flat thing, with its true width and height. */
  readonly corners?: { readonly at: readonly Spot[]; readonly wide: number; readonly tall: number };
}

export interface Setting {
  readonly key: string;
  readonly value: unknown;
}

/** Pack sizes the person buys of an ingredient. */
export interface StoredPacks {
  readonly ingredient: string;
  readonly sizes: readonly number[];
}

export class SpindleDb extends Dexie {
  declare builds: EntityTable<StoredBuild, 'id'>;
  declare pictures: EntityTable<StoredPicture, 'id'>;
  declare settings: EntityTable<Setting, 'key'>;
  declare stock: EntityTable<StockItem, 'id'>;
  declare packs: EntityTable<StoredPacks, 'ingredient'>;
  declare pastes: EntityTable<OwnPaste, 'id'>;

  constructor(name = 'elm-spindle') {
    super(name);
    this.version(1).stores({ builds: 'id, savedAt', pictures: 'id, buildId', settings: 'key' });
    // version 2 adds the stores; what was kept before stays as it is
    this.version(2).stores({ stock: 'id, ingredient', packs: 'ingredient', pastes: 'id' });
  }
}

export const db = new SpindleDb();
