import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  NodeTypes,
  type RootNode,
  type SimpleExpressionNode,
  type TemplateChildNode,
} from '@vue/compiler-dom';
import { compileTemplate, parse } from '@vue/compiler-sfc';
import ts from 'typescript';
import { worded } from './worded.ts';

const ROOT = join(import.meta.dirname, '../..');

/** What people read, and where it is written. */
export interface Heard {
  /** In templates of views. */
  readonly views: ReadonlySet<string>;
  /** In scripts of the interface. */
  readonly spoken: ReadonlySet<string>;
  /** In the core: names, sentences, and messages that something is put into. */
  readonly reckoned: ReadonlySet<string>;
}

/** Words of style sheets, drawings and dates, and names of parts, which look like words and are not read. */
const UNREAD =
  /^(?:rotate|scale|translate|color-mix)\(|^M(?:\d|\{)|^\{\d\}-?[a-z]+$|^0 \dpx|\dpx |^\d+ \{\d\}px|sans-serif$|D MMM YYYY|^h:mm a$|^div$|^English$|^Deutsch$/;
const hasWords = (key: string): boolean => /\p{L}{2}/u.test(key.replace(/\{\d+\}/g, '')) && !UNREAD.test(key);
/** What holds a name that is read, even of one word. */
const NAMES = new Set([
  'name',
  'label',
  'title',
  'text',
  'word',
  'plural',
  'says',
  'tell',
  'told',
  'hint',
  'does',
  'kind',
]);
/** Sentences, and names of several words; single words are mostly names of the program's own things. */
const isSaid = (key: string): boolean =>
  /\p{L}{2,} \p{L}/u.test(key.replace(/\{\d+\}/g, 'x')) &&
  !/^[a-z-]+( [a-z-]+)* ?\{|[;=<>]|=>|^[.#]|--|\/\//.test(key);
/** A word as it is read rather than an identifier. */
const isName = (key: string): boolean =>
  /^[\p{L}\d][\p{L} ,’'{}\d-]*$/u.test(key) && !/[a-z][A-Z]|^[a-z]+-[a-z-]+$/.test(key);

const literal = (node: ts.Node): string | undefined =>
  ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)
    ? node.text
    : ts.isTemplateExpression(node)
      ? node.head.text + node.templateSpans.map((s, k) => `{${k}}${s.literal.text}`).join('')
      : undefined;
const parsed = (source: string): ts.SourceFile =>
  ts.createSourceFile('x.ts', source, ts.ScriptTarget.Latest, true);

/** Literals of a script that are said: plain ones whole, templates with what is put in by number. */
export function spokenIn(source: string): string[] {
  const out: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return;
    const key = literal(node)?.replace(/\s+/g, ' ').trim();
    const { parent } = node;
    const named =
      parent &&
      ts.isPropertyAssignment(parent) &&
      ts.isIdentifier(parent.name) &&
      NAMES.has(parent.name.text);
    if (key && hasWords(key) && (isSaid(key) || (named && isName(key)))) out.push(key);
    ts.forEachChild(node, visit);
  };
  visit(parsed(source));
  return out;
}

/** Literals that an expression in a template comes to: ends of conditions, what stands for nothing, and templates. */
export function saidBy(expression: string): string[] {
  const out: string[] = [];
  const visit = (node: ts.Node): void => {
    const key = literal(node)?.replace(/\s+/g, ' ').trim();
    const { parent } = node;
    const ends =
      parent &&
      ((ts.isConditionalExpression(parent) && parent.condition !== node) ||
        (ts.isBinaryExpression(parent) &&
          parent.right === node &&
          [ts.SyntaxKind.QuestionQuestionToken, ts.SyntaxKind.BarBarToken, ts.SyntaxKind.PlusToken].includes(
            parent.operatorToken.kind,
          )) ||
        ts.isTemplateExpression(node));
    if (key && ends && hasWords(key)) out.push(key);
    ts.forEachChild(node, visit);
  };
  visit(parsed(`(${expression})`));
  return out;
}

/** Attributes that hold no words, whatever an expression there comes to. */
const SILENT =
  /^(class|style|key|id|to|href|src|d|transform|fill|stroke|type|role|value|kind|r|cx|cy|x|y|width|height)$|^data-|^aria-(?!label|desc|valuetext)/;

function expressionsOf(node: TemplateChildNode | RootNode): string[] {
  const own =
    node.type === NodeTypes.INTERPOLATION
      ? [(node.content as SimpleExpressionNode).content]
      : node.type === NodeTypes.ELEMENT
        ? node.props.flatMap((p) =>
            p.type === NodeTypes.DIRECTIVE &&
            p.name === 'bind' &&
            p.arg?.type === NodeTypes.SIMPLE_EXPRESSION &&
            !SILENT.test(p.arg.content) &&
            p.exp?.type === NodeTypes.SIMPLE_EXPRESSION
              ? [p.exp.content]
              : [],
          )
        : [];
  const children =
    'children' in node && Array.isArray(node.children) ? (node.children as TemplateChildNode[]) : [];
  return [...own, ...children.filter((c) => typeof c === 'object').flatMap(expressionsOf)];
}

/** Messages of one view: of its template, and of the expressions and the script beside it. */
export function heardIn(file: string): { views: string[]; spoken: string[] } {
  const { descriptor } = parse(readFileSync(file, 'utf8'));
  const views: string[] = [];
  const { template } = descriptor;
  if (template?.ast) {
    for (const js of expressionsOf(template.ast)) views.push(...saidBy(js), ...spokenIn(`(${js})`));
    compileTemplate({
      source: template.content,
      filename: file,
      id: file,
      compilerOptions: {
        whitespace: 'preserve',
        bindingMetadata: {},
        expressionPlugins: ['typescript'],
        nodeTransforms: [worded((key) => void (hasWords(key) && views.push(key)))],
      },
    });
  }
  return {
    views,
    spoken: spokenIn(`${descriptor.script?.content ?? ''}\n${descriptor.scriptSetup?.content ?? ''}`),
  };
}

const sources = (of: string, ends: string): string[] =>
  readdirSync(join(ROOT, of), { recursive: true, encoding: 'utf8' })
    .filter((f) => f.endsWith(ends) && !/\.(test|testing)\.ts$|generated|\.d\.ts$/.test(f))
    .sort()
    .map((f) => join(ROOT, of, f));

/** Everything people read, in the views and in what the core says. */
export function heard(): Heard {
  const ofViews = sources('web', '.vue').map(heardIn);
  const views = new Set(ofViews.flatMap((h) => h.views));
  const scripts = sources('web', '.ts').flatMap((f) => spokenIn(readFileSync(f, 'utf8')));
  const spoken = new Set([...ofViews.flatMap((h) => h.spoken), ...scripts].filter((k) => !views.has(k)));
  const reckoned = new Set(
    sources('core', '.ts')
      .flatMap((f) => spokenIn(readFileSync(f, 'utf8')))
      .filter((k) => !views.has(k) && !spoken.has(k)),
  );
  return { views, spoken, reckoned };
}
