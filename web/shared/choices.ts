/** What may be chosen from a table of records, in its order: the key is the value, and `label` says the words. */
export const choicesOf = <K extends string, V>(
  table: Readonly<Record<K, V>>,
  label: (entry: V) => string,
): { value: K; label: string }[] =>
  (Object.entries(table) as [K, V][]).map(([value, entry]) => ({ value, label: label(entry) }));

/** One of a list that is chosen from. */
interface Choice<T> {
  readonly value: T;
  readonly label: string;
  readonly disabled?: boolean;
}

/** What is chosen from: single ones, or several under a heading. */
export type Choices<T> = readonly (
  Choice<T> | { readonly label: string; readonly options: readonly Choice<T>[] }
)[];
