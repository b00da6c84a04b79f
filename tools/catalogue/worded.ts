import {
  createSimpleExpression,
  ElementTypes,
  NodeTypes,
  type AttributeNode,
  type DirectiveNode,
  type ElementNode,
  type InterpolationNode,
  type NodeTransform,
  type SimpleExpressionNode,
  type TemplateChildNode,
} from '@vue/compiler-dom';

/** Attributes of elements that people read or hear. */
const READ = new Set(['aria-label', 'aria-description', 'aria-valuetext', 'title', 'placeholder', 'alt']);
/** The library of components says no messages of its own: what it is given is said where it is given. */
const READ_THERE = new Set([...READ, 'ok-text', 'cancel-text', 'label', 'description', 'message']);
/** What our own components are given to say: they say it themselves. */
const GIVEN = new Set(['label', 'text', 'name', 'hint']);
/** Text that is taken as it stands. */
const AS_IT_STANDS = new Set(['pre', 'code', 'textarea', 'script', 'style']);

/** What a compiled message is made with: a tag for what is written in templates, a function for what is only passed on. */
export const TAG = '$m';
export const PASS = '$s';

const quoted = (text: string): string => text.replace(/[\\`]|\$\{/g, '\\$&');
/** A template literal and nothing round it. */
const isTemplate = (js: string): boolean => /^`(?:[^`\\]|\\.)*`$/s.test(js) && !/\$\{[^}]*[`{]/.test(js);

/** Hears each message as the catalogue has it: what is put in by number, spaces once. */
export type Hear = (key: string) => void;

/** A message as it is written, `About ${n} pieces`, as its key: `About {0} pieces`. */
export function keyOf(written: string): string {
  let k = 0;
  return written
    .replace(/\$\{[^}]*\}/g, () => `{${k++}}`)
    .replace(/\\([`$\\])/g, '$1')
    .replace(/\s+/g, ' ')
    .trim();
}

/** One message of what is said and what is put into it, as a tagged template: `About ${n} pieces`. */
function messageOf(run: readonly TemplateChildNode[], hear: Hear): string {
  const only = run.length === 1 ? run[0]! : undefined;
  if (only?.type === NodeTypes.INTERPOLATION) {
    const js = (only.content as SimpleExpressionNode).content.trim();
    if (isTemplate(js)) {
      hear(keyOf(js.slice(1, -1)));
      return TAG + js;
    }
  }
  let k = 0;
  hear(
    run
      .map((n) => (n.type === NodeTypes.TEXT ? n.content : `{${k++}}`))
      .join('')
      .replace(/\s+/g, ' ')
      .trim(),
  );
  const parts = run.map((n) =>
    n.type === NodeTypes.TEXT
      ? quoted(n.content.replace(/\s+/g, ' '))
      : `\${${((n as InterpolationNode).content as SimpleExpressionNode).content.trim()}}`,
  );
  return `${TAG}\`${parts.join('')}\``;
}

const isRun = (n: TemplateChildNode): boolean =>
  n.type === NodeTypes.TEXT ||
  (n.type === NodeTypes.INTERPOLATION && n.content.type === NodeTypes.SIMPLE_EXPRESSION);
const says = (n: TemplateChildNode): boolean =>
  n.type === NodeTypes.INTERPOLATION || (n.type === NodeTypes.TEXT && /\p{L}/u.test(n.content));

/** Neighbouring text and figures are one message, so that another tongue may order them its own way. */
function gather(
  children: readonly TemplateChildNode[],
  done: WeakSet<object>,
  hear: Hear,
): TemplateChildNode[] {
  const out: TemplateChildNode[] = [];
  for (let k = 0; k < children.length;) {
    const from = k;
    while (k < children.length && isRun(children[k]!) && !done.has(children[k]!)) k++;
    const run = children.slice(from, k);
    if (run.some(says)) {
      const made: InterpolationNode = {
        type: NodeTypes.INTERPOLATION,
        content: createSimpleExpression(messageOf(run, hear), false, run[0]!.loc),
        loc: run[0]!.loc,
      };
      done.add(made);
      out.push(made);
    } else out.push(...run);
    if (from === k) {
      const child = children[k++]!;
      // before it is visited itself: its expressions are compiled then
      if (child.type === NodeTypes.ELEMENT && !done.has(child)) {
        done.add(child);
        sayAttributes(child, hear);
      }
      out.push(child);
    }
  }
  return out;
}

const isBound = (p: AttributeNode | DirectiveNode): p is DirectiveNode & { exp: SimpleExpressionNode } =>
  p.type === NodeTypes.DIRECTIVE &&
  p.name === 'bind' &&
  p.arg?.type === NodeTypes.SIMPLE_EXPRESSION &&
  p.exp?.type === NodeTypes.SIMPLE_EXPRESSION;

function sayAttributes(node: ElementNode, hear: Hear): void {
  const read = /^a-/.test(node.tag) ? READ_THERE : READ;
  node.props = node.props.map((p): AttributeNode | DirectiveNode => {
    if (p.type === NodeTypes.ATTRIBUTE) {
      if (!p.value || !/\p{L}/u.test(p.value.content)) return p;
      if (read.has(p.name) || (node.tagType === ElementTypes.COMPONENT && GIVEN.has(p.name)))
        hear(keyOf(p.value.content));
      if (!read.has(p.name)) return p;
      return {
        type: NodeTypes.DIRECTIVE,
        name: 'bind',
        arg: createSimpleExpression(p.name, true, p.loc),
        exp: createSimpleExpression(
          `${TAG}\`${quoted(p.value.content.replace(/\s+/g, ' '))}\``,
          false,
          p.loc,
        ),
        modifiers: [],
        loc: p.loc,
      };
    }
    if (!isBound(p) || !read.has((p.arg as SimpleExpressionNode).content)) return p;
    const js = p.exp.content.trim();
    if (isTemplate(js)) hear(keyOf(js.slice(1, -1)));
    return {
      ...p,
      exp: createSimpleExpression(isTemplate(js) ? TAG + js : `${PASS}(${js})`, false, p.exp.loc),
    };
  });
}

/**
 * A transform of templates: everything that is read becomes a message of the catalogue, written as `$m` with what is put into it.
 * Views stay as they are read, in English; in English a message costs no more than the text did.
 */
export function worded(hear: Hear = () => undefined): NodeTransform {
  const done = new WeakSet<object>();
  return (node, context) => {
    if (node.type === NodeTypes.ROOT)
      for (const name of [TAG, PASS]) context.bindingMetadata[name] = 'setup-const' as never;
    if (node.type === NodeTypes.ELEMENT && AS_IT_STANDS.has(node.tag)) return;
    if (!('children' in node) || !Array.isArray(node.children) || node.type === NodeTypes.COMPOUND_EXPRESSION)
      return;
    const children = node.children as TemplateChildNode[];
    // in place: a loop and its template hold the same list
    children.splice(0, children.length, ...gather(children, done, hear));
  };
}
