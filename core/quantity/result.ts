/** What may go wrong with something a person gave us, in words they would use. */
export interface Problem {
  /** One plain sentence that names what is wrong and, where possible, what would be right. */
  readonly text: string;
  /** The field or record it is about, when there is one. */
  readonly about?: string;
}

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem };

/** What is said of a record: its fields without those that are undefined. A patch lets go of a field by naming it so. */
export const withoutUndefined = <T extends object>(of: T): T =>
  Object.fromEntries(Object.entries(of).filter(([, value]) => value !== undefined)) as T;

/** What was asked for. */
export const ok = <T>(value: T): Result<T> => ({ ok: true, value });
/**
 * A refusal.
 * @param text one plain sentence, of what is wrong and what would be right
 * @param about the field it is about
 */
export const fail = (text: string, about?: string): Result<never> => ({
  ok: false,
  problem: about === undefined ? { text } : { text, about },
});
