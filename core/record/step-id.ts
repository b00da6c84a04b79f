/** What a step does, as its id says it. */
export const TASKS = [
  'mix',
  'shape',
  'texture',
  'join',
  'free',
  'glue',
  'cover',
  'batter',
  'oven',
  'wrap',
  'cream',
  'stack',
  'carve',
  'coat',
  'bones',
  'mast',
  'set',
  'ribbon',
  'finish',
  'pack',
  'own',
] as const;
export type Task = (typeof TASKS)[number];

/** A step told apart from all others: what is done, to what, and which part of it. */
export interface StepRef {
  readonly task: Task;
  /** Id of the piece, batch, tier, glue or own step; absent where there is only one such step. */
  readonly of?: string;
  /** Which part, from 2; absent for the first and for what is not cut in parts. */
  readonly part?: number;
}

/** The id of a step as builds and plans keep it: `shape:head`, `shape:head#2`, `bones`. */
export const writeStepId = ({ task, of, part }: StepRef): string =>
  `${task}${of === undefined ? '' : `:${of}`}${part === undefined ? '' : `#${part}`}`;

/** Read an id back; undefined for one that no step of this program has. */
export function readStepId(id: string): StepRef | undefined {
  const found = /^([a-z]+)(?::(.*?))?(?:#(\d+))?$/.exec(id);
  const task = TASKS.find((t) => t === found?.[1]);
  if (!found || !task) return undefined;
  const [, , of, part] = found;
  return { task, ...(of === undefined ? {} : { of }), ...(part === undefined ? {} : { part: Number(part) }) };
}

/** The id of a part of a step; the first keeps the id of the whole. */
export const partOf = (id: string, part: number): string => (part === 1 ? id : `${wholeOf(id)}#${part}`);

/** The step that a part is of. */
export function wholeOf(id: string): string {
  const ref = readStepId(id);
  return ref?.part === undefined
    ? id
    : writeStepId({ task: ref.task, ...(ref.of === undefined ? {} : { of: ref.of }) });
}
