import { reactive } from 'vue';

const drafts = new Map<string, object>();

/**
 * What somebody has begun to type, kept while the place it is typed in is drawn again: a better plan that comes moves a step to
 * another session, and must not take the words with it.
 * @param of what it is a draft of, told apart from all others
 */
export function draftOf<T extends object>(of: string, fresh: () => T): T {
  let draft = drafts.get(of);
  if (!draft) drafts.set(of, (draft = reactive(fresh())));
  return draft as T;
}

/** It was taken, or given up. */
export const dropDraft = (of: string): void => {
  drafts.delete(of);
};
