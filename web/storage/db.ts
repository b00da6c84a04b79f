import Dexie, { type EntityTable } from 'dexie';
import { markRaw, ref } from 'vue';
import type { Build } from '@core/record/index.ts';
import type { OwnPaste } from '@core/pastes/index.ts';
import type { BookedBatch, StockItem } from '@core/stores/index.ts';

const MINE = 'elm-spindle';
const DEMO = 'elm-spindle-demo';

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

/** A part of one's own: a piece with all it carries, as a small build. */
export interface StoredPart {
  readonly id: string;
  readonly name: string;
  readonly savedAt: number;
  readonly build: Build;
}

/** A copy of everything but the pictures, made by itself. */
export interface RollingCopy {
  readonly id: string;
  readonly at: number;
  readonly builds: number;
  readonly blob: Blob;
}

/** A browser's database, or something that stands in for it. */
export interface Engine {
  readonly indexedDB: IDBFactory;
  readonly IDBKeyRange: typeof IDBKeyRange;
}

export class SpindleDb extends Dexie {
  declare builds: EntityTable<StoredBuild, 'id'>;
  declare pictures: EntityTable<StoredPicture, 'id'>;
  declare settings: EntityTable<Setting, 'key'>;
  declare stock: EntityTable<StockItem, 'id'>;
  declare packs: EntityTable<StoredPacks, 'ingredient'>;
  declare pastes: EntityTable<OwnPaste, 'id'>;
  declare book: EntityTable<BookedBatch, 'id'>;
  declare parts: EntityTable<StoredPart, 'id'>;
  declare rolling: EntityTable<RollingCopy, 'id'>;

  constructor(name = MINE, engine?: Engine) {
    super(name, engine);
    // never to be wrapped by what watches it
    markRaw(this);
    this.version(1).stores({ builds: 'id, savedAt', pictures: 'id, buildId', settings: 'key' });
    // version 2 adds the stores; what was kept before stays as it is
    this.version(2).stores({ stock: 'id, ingredient', packs: 'ingredient', pastes: 'id' });
    // and version 3 parts of one's own
    this.version(3).stores({ parts: 'id' });
    // and version 4 the book of what was mixed
    this.version(4).stores({ book: 'id, &number' });
    // and version 5 copies made by themselves
    this.version(5).stores({ rolling: 'id, at' });
  }
}

/** The person's own things, and those of the demonstration workshop, apart from each other. */
export let db = new SpindleDb();
export let demoDb = new SpindleDb(DEMO);

/** Whether what is kept outlives the page. */
export const keeping = ref<'kept' | 'memory'>('kept');

/** A database that does not answer in this time does not answer at all, ms. */
const PATIENCE = 4000;

const answers = (opening: PromiseLike<unknown>): Promise<boolean> =>
  Promise.race([
    Promise.resolve(opening).then(
      () => true,
      () => false,
    ),
    new Promise<boolean>((resolve) => setTimeout(() => resolve(false), PATIENCE)),
  ]);

/**
 * Open what is kept in this browser. Where the browser keeps nothing (none there, a private window, one that never answers)
 * everything works the same in memory, for as long as the page is open; `keeping` says so.
 */
export async function openDb(): Promise<void> {
  if (typeof indexedDB !== 'undefined' && (await answers(db.open()))) return;
  const { IDBFactory: MemoryFactory, IDBKeyRange: MemoryRange } = await import('fake-indexeddb');
  const engine: Engine = { indexedDB: new MemoryFactory(), IDBKeyRange: MemoryRange };
  // what watches for changes looks for the engine here
  Object.assign(Dexie.dependencies, engine);
  db = new SpindleDb(MINE, engine);
  demoDb = new SpindleDb(DEMO, engine);
  keeping.value = 'memory';
}
