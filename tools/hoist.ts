/** A JSON Schema, as plain data. */
export type Schema = Readonly<Record<string, unknown>>;

/** Shorter than this a part costs less where it stands than a call to it. */
const WORTH_IT = 60;

/** Longer than this a part is a function of its own, so that code does not nest without end. */
const LARGE = 300;

const isSchema = (x: unknown): x is Schema => typeof x === 'object' && x !== null && 'type' in x;

/** A short name of a part: what it is, and a number where several are alike. */
const kindOf = ({ type, properties }: Schema): string =>
  typeof properties === 'object' ? 'record' : String(type);

/**
 * The same schema with every part that is large or written more than once put under `$defs`, so that it is compiled once. Says yes and
 * no to the very same data.
 */
export function hoisted(schema: Schema): Schema {
  const seen = new Map<string, number>();
  const count = (x: unknown): void => {
    if (typeof x !== 'object' || x === null) return;
    if (isSchema(x)) {
      const key = JSON.stringify(x);
      const times = (seen.get(key) ?? 0) + 1;
      seen.set(key, times);
      // what stands inside a part that is hoisted anyway is counted once
      if (times > 1) return;
    }
    Object.values(x).forEach(count);
  };
  count(schema);
  const defs: Record<string, unknown> = {};
  const names = new Map<string, string>();
  const put = (x: unknown, top = false): unknown => {
    if (typeof x !== 'object' || x === null) return x;
    const key = isSchema(x) && !top ? JSON.stringify(x) : '';
    const inside = (): unknown =>
      Array.isArray(x)
        ? x.map((y) => put(y))
        : Object.fromEntries(
            Object.entries(x).map(([k, v]) => [k, k === 'enum' || k === 'required' ? v : put(v)]),
          );
    const often = key.length >= WORTH_IT && (seen.get(key) ?? 0) > 1;
    if (!often && key.length < LARGE) return inside();
    let name = names.get(key);
    if (name === undefined) {
      name = `${kindOf(x as Schema)}${names.size + 1}`;
      names.set(key, name);
      defs[name] = inside();
    }
    return { $ref: `#/$defs/${name}` };
  };
  const body = put(schema, true) as Schema;
  return { ...body, $defs: defs };
}
