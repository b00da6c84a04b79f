/** How many answers are kept for one first input: enough for a change and its undoing. */
const KEPT = 4;

/**
 * A pure function that keeps its last answers by the identity of its arguments. What it reads has to come in through
 * them, and they are never changed in place; the first has to be an object, and its answers go when it goes.
 * @param same when two arguments count as the same; by identity unless said otherwise
 * @param kept how many answers are kept for one first argument
 */
export function remembered<A extends readonly [object, ...unknown[]], V>(
  make: (...args: A) => V,
  same: (a: unknown, b: unknown) => boolean = Object.is,
  kept = KEPT,
): (...args: A) => V {
  const known = new WeakMap<object, { readonly args: A; readonly value: V }[]>();
  return (...args) => {
    let answers = known.get(args[0]);
    if (!answers) known.set(args[0], (answers = []));
    // asked thousands of times for each reckoning: no closures
    nextAnswer: for (const known of answers) {
      for (let i = 0; i < args.length; i++) if (!same(known.args[i], args[i])) continue nextAnswer;
      return known.value;
    }
    const value = make(...args);
    answers.unshift({ args, value });
    if (answers.length > kept) answers.pop();
    return value;
  };
}

/**
 * Derive from some parts of a record, and keep the answer for as long as those very parts stay: `derivedFrom<Build>()`
 * gives a function that takes the names of the parts and what to make of them. What is made sees only the named parts, by
 * type and in fact, so that an answer cannot depend on a part that is not in its key.
 * @example const heights = derivedFrom<Build>()(['pieces'], ({ pieces }) => pieces.map(heightOf));
 */
export const derivedFrom =
  <R extends object>() =>
  <const K extends readonly [keyof R, ...(keyof R)[]], V>(
    keys: K,
    make: (of: Pick<R, K[number]>) => V,
  ): ((of: Pick<R, K[number]>) => V) => {
    const answer = remembered((...parts: [object, ...unknown[]]) =>
      make(Object.fromEntries(keys.map((k, i) => [k, parts[i]])) as Pick<R, K[number]>),
    );
    let last: { readonly of: object; readonly value: V } | undefined;
    return (of) => {
      if (last?.of !== of)
        last = { of, value: answer(...(keys.map((k) => of[k]) as unknown as [object, ...unknown[]])) };
      return last.value;
    };
  };

/** The same thing, or two records whose parts are the very same: for arguments that are made anew with equal values. */
export function sameParts(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  const keys = Object.keys(a);
  return (
    keys.length === Object.keys(b).length &&
    keys.every((k) => k in b && Object.is(a[k as keyof typeof a], b[k as keyof typeof b]))
  );
}
