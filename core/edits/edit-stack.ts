import { fail, ok, inLimits, inWords, type Mm, type Result } from '../quantity/index.ts';
import {
  type Build,
  type HardwareStack,
  type StackItem,
  type ThreadSize,
  freshId,
  keptName,
  nameTrouble,
  type Change,
  stackItemRecord,
  stackRecord,
} from '../record/index.ts';

const withStack = (build: Build, stack: HardwareStack): Build => ({ ...build, stack });
/** What is wrong with the sizes of something on the rod, if anything is. */
const itemSizes = (item: Partial<StackItem>): Result<Partial<StackItem>> =>
  inLimits(stackItemRecord, item, {
    thick: (_, most) => `Something on the rod is between nothing and ${most} mm high.`,
    width: (least, most) => `Something on the rod is between ${least} and ${most} mm wide.`,
    weight: (least, most) => `A tier weighs between ${least} g and ${most / 1000} kg.`,
  });
const NONE = 'There is no stack on a threaded rod in this build.';

/** Begin a stack, or put another in its place. */
export const setStack = (build: Build, stack: HardwareStack): Build => withStack(build, stack);

/** The build without its stack. */
export function withoutStack(build: Build): Build {
  const { stack: _stack, ...rest } = build;
  return rest;
}

/** Another thread for the stack, M6 to M12. */
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
  const asked = itemSizes({ thick });
  if (!asked.ok) return asked;
  const item: StackItem = { id: freshId(name, stack.items), kind, name: keptName(name, 'Item'), thick };
  const at = over === undefined ? stack.items.length : stack.items.findIndex((i) => i.id === over) + 1;
  return ok(
    withStack(build, { ...stack, items: [...stack.items.slice(0, at), item, ...stack.items.slice(at)] }),
  );
}

/** Change something on the threaded rod; refused where its sizes lie outside the record. */
export function setStackItem(build: Build, id: string, patch: Partial<Omit<StackItem, 'id'>>): Change {
  const { stack } = build;
  if (!stack) return fail(NONE);
  const asked = itemSizes(patch);
  if (!asked.ok) return asked;
  const wrong = patch.name === undefined ? undefined : nameTrouble(patch.name, 'It');
  if (wrong !== undefined) return fail(wrong, 'name');
  return ok(
    withStack(build, { ...stack, items: stack.items.map((i) => (i.id === id ? { ...i, ...patch } : i)) }),
  );
}

/** Take something off the threaded rod. */
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
  const asked = inLimits(stackRecord, at === undefined ? {} : { cutAt: at }, {
    cutAt: (_, most) => `A rod is cut to between nothing and ${inWords(most / 1000)} metres.`,
  });
  if (!asked.ok) return asked;
  const { cutAt: _cut, ...rest } = stack;
  return ok(withStack(build, at === undefined ? rest : { ...rest, cutAt: Number(at.toFixed(1)) }));
}
