import type { Result } from '@core/quantity/index.ts';
import type { Build } from '@core/record/index.ts';
import type { StoredBuild } from '../storage/db.ts';

/** A record of the shelf that can be opened, or one that cannot, with what is wrong with it. */
export type Shelved =
  | { readonly id: string; readonly name: string; readonly stored: StoredBuild; readonly build: Build }
  | { readonly id: string; readonly name: string; readonly raw: unknown; readonly wrong: string };

function cardOf(stored: StoredBuild, readRecord: (record: unknown) => Result<Build>): Shelved {
  const checked = readRecord(stored.build);
  const name = typeof stored.name === 'string' && stored.name ? stored.name : 'A build without a name';
  return checked.ok
    ? { id: stored.id, name, stored, build: checked.value }
    : { id: stored.id, name, raw: stored.build, wrong: checked.problem.text };
}

/**
 * Cards for what the store holds. Each record is read by itself, so that one that is damaged hides nobody else; one that
 * nobody saved since is the very card it was, and is not drawn again.
 */
export function cardReader() {
  let known = new Map<string, Shelved & { readonly at: string }>();
  return (list: readonly StoredBuild[], readRecord: (record: unknown) => Result<Build>): Shelved[] => {
    const cards = list.map((stored) => {
      const at = `${stored.revision} ${stored.savedAt}`;
      const before = known.get(stored.id);
      return before?.at === at ? before : { ...cardOf(stored, readRecord), at };
    });
    known = new Map(cards.map((c) => [c.id, c]));
    return cards;
  };
}
