import { once, type Result } from '@core/quantity/index.ts';
import type { Build } from '@core/record/index.ts';
import type { StoredBuild } from '../storage/db.ts';

/** A record of the shelf that can be opened, or one that cannot, with what is wrong with it. */
export type Shelved =
  | { readonly id: string; readonly name: string; readonly stored: StoredBuild; readonly build: Build }
  | { readonly id: string; readonly name: string; readonly raw: unknown; readonly wrong: string };

/** What lies on the shelf: enough to order and to find it. It is read when it is shown, and then once. */
export interface ShelfEntry {
  readonly id: string;
  readonly name: string;
  /** As it says itself, unchecked: when it is due, and what was noted. */
  readonly due: string;
  readonly note: string;
  readonly savedAt: number;
  readonly read: () => Shelved;
}

const textIn = (of: unknown, key: string): string => {
  const found: unknown = typeof of === 'object' && of !== null ? Reflect.get(of, key) : undefined;
  return typeof found === 'string' ? found : '';
};

function cardOf(stored: StoredBuild, readRecord: (record: unknown) => Result<Build>): ShelfEntry {
  const name = typeof stored.name === 'string' && stored.name ? stored.name : 'A build without a name';
  const { id } = stored;
  const brief = (stored.build as { brief?: unknown } | null | undefined)?.brief;
  return {
    id,
    name,
    due: textIn(brief, 'due'),
    note: textIn(brief, 'note'),
    savedAt: stored.savedAt,
    read: once((): Shelved => {
      const checked = readRecord(stored.build);
      return checked.ok
        ? { id, name, stored, build: checked.value }
        : { id, name, raw: stored.build, wrong: checked.problem.text };
    }),
  };
}

/**
 * Cards for what the store holds. Each record is read by itself, so that one that is damaged hides nobody else; one that
 * nobody saved since is the very card it was, and is not drawn again.
 */
export function cardReader() {
  let known = new Map<string, { readonly at: string; readonly card: ShelfEntry }>();
  return (list: readonly StoredBuild[], readRecord: (record: unknown) => Result<Build>): ShelfEntry[] => {
    const cards = list.map((stored) => {
      const at = `${stored.revision} ${stored.savedAt}`;
      const before = known.get(stored.id);
      return before?.at === at ? before : { at, card: cardOf(stored, readRecord) };
    });
    known = new Map(cards.map((c) => [c.card.id, c]));
    return cards.map((c) => c.card);
  };
}
