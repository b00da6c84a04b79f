/** Work something out when it is first asked for, and remember it. */
export function once<T>(make: () => T): () => T {
  let known: { value: T } | undefined;
  return () => (known ??= { value: make() }).value;
}
