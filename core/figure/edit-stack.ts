import { fail, ok, type Mm } from '../quantity/index.ts';
import type { Build, HardwareStack, StackItem, ThreadSize } from './build.ts';
import { freshId, keptName, nameTrouble, type Change } from './edit.ts';

const withStack = (build: Build, stack: HardwareStack): Build => ({ ...build, stack });
const THICKNESS = 'Something on the rod is between nothing and 600 mm high.';
const NONE = 'There is no stack on a threaded rod in this build.';

/** Begin a stack, or put another in its place. */
export const setStack = (build: Build, stack: HardwareStack): Build => withStack(build, stack);

/** The build without its stack. */
export function withoutStack(build: Build): Build {
  const { stack: _stack, ...rest } = build;
  return rest;
}

export function setThread(build: Build, thread: ThreadSize): Change {
  return build.stack ? ok(withStack(build, { ...build.stack, thread })) : fail(NONE);
}

/** Put something on the rod, over an item or on top of all. */
export function addToStack(
  build: Build,
  kind: StackItem['kind'],
  name: string,
  thick: Mm,
  over?: string,
): Change {
  const { stack } = build;
  if (!stack) return fail(NONE);
  if (!(thick >= 0 && thick <= 600)) return fail(THICKNESS, 'thick');
  const item: StackItem = { id: freshId(name, stack.items), kind, name: keptName(name, 'Item'), thick };
  const at = over === undefined ? stack.items.length : stack.items.findIndex((i) => i.id === over) + 1;
  return ok(
    withStack(build, { ...stack, items: [...stack.items.slice(0, at), item, ...stack.items.slice(at)] }),
  );
}

export function setStackItem(build: Build, id: string, patch: Partial<Omit<StackItem, 'id'>>): Change {
  const { stack } = build;
  if (!stack) return fail(NONE);
  if (patch.thick !== undefined && !(patch.thick >= 0 && patch.thick <= 600)) return fail(THICKNESS, 'thick');
  if (patch.width !== undefined && !(patch.width >= 20 && patch.width <= 900))
    return fail('Something on the rod is between 20 and 900 mm wide.', 'width');
  if (patch.weight !== undefined && !(patch.weight >= 1 && patch.weight <= 50_000))
    return fail('A tier weighs between 1 g and 50 kg.', 'weight');
  const wrong = patch.name === undefined ? undefined : nameTrouble(patch.name, 'It');
  if (wrong !== undefined) return fail(wrong, 'name');
  return ok(
    withStack(build, { ...stack, items: stack.items.map((i) => (i.id === id ? { ...i, ...patch } : i)) }),
  );
}

export function removeFromStack(build: Build, id: string): Change {
  const { stack } = build;
  return stack
    ? ok(withStack(build, { ...stack, items: stack.items.filter((i) => i.id !== id) }))
    : fail(NONE);
}

/** Move an item one place up the rod, or down. */
export function moveInStack(build: Build, id: string, up: boolean): Change {
  const { stack } = build;
  if (!stack) return fail(NONE);
  const from = stack.items.findIndex((i) => i.id === id);
  const to = from + (up ? 1 : -1);
  if (from < 0 || to < 0 || to >= stack.items.length) return ok(build);
  const items = [...stack.items];
  [items[from], items[to]] = [items[to]!, items[from]!];
  return ok(withStack(build, { ...stack, items }));
}

/** Note the length the rod was cut to, or that it is not cut yet. */
export function cutStack(build: Build, at: Mm | undefined): Change {
  const { stack } = build;
  if (!stack) return fail(NONE);
  if (at !== undefined && !(at >= 0 && at <= 3000))
    return fail('A rod is cut to between nothing and three metres.', 'cutAt');
  const { cutAt: _cut, ...rest } = stack;
  return ok(withStack(build, at === undefined ? rest : { ...rest, cutAt: Number(at.toFixed(1)) }));
}
