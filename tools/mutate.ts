import ts from 'typescript';

/** One small change of a source that its tests ought to notice. */
export interface Mutant {
  readonly kind: string;
  readonly line: number;
  readonly from: number;
  readonly to: number;
  readonly was: string;
  readonly put: string;
}

const OTHER: Partial<Record<ts.SyntaxKind, readonly [kind: string, put: string]>> = {
  [ts.SyntaxKind.PlusToken]: ['arithmetic', '-'],
  [ts.SyntaxKind.MinusToken]: ['arithmetic', '+'],
  [ts.SyntaxKind.AsteriskToken]: ['arithmetic', '/'],
  [ts.SyntaxKind.SlashToken]: ['arithmetic', '*'],
  [ts.SyntaxKind.LessThanToken]: ['boundary', '<='],
  [ts.SyntaxKind.LessThanEqualsToken]: ['boundary', '<'],
  [ts.SyntaxKind.GreaterThanToken]: ['boundary', '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken]: ['boundary', '>'],
  [ts.SyntaxKind.AmpersandAmpersandToken]: ['condition', '||'],
  [ts.SyntaxKind.BarBarToken]: ['condition', '&&'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: ['condition', '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: ['condition', '==='],
};

const isNumber = (node: ts.Node): boolean => ts.isNumericLiteral(node) || /^[a-z]\w*$/i.test(node.getText());

/**
 * Every small change that can be made to a source: an operator exchanged, a condition negated, least and greatest exchanged,
 * two arguments exchanged, a number half as large again. Text is never changed, nor types.
 */
export function mutantsOf(text: string): Mutant[] {
  const file = ts.createSourceFile('x.ts', text, ts.ScriptTarget.Latest, true);
  const out: Mutant[] = [];
  const add = (kind: string, node: ts.Node, put: string): void => {
    const from = node.getStart(file);
    const line = file.getLineAndCharacterOfPosition(from).line + 1;
    out.push({ kind, line, from, to: node.end, was: text.slice(from, node.end), put });
  };
  const exchange = (call: ts.CallExpression): void => {
    const [a, b] = call.arguments;
    if (!a || !b || !isNumber(a) || !isNumber(b) || a.getText(file) === b.getText(file)) return;
    const from = a.getStart(file);
    const line = file.getLineAndCharacterOfPosition(from).line + 1;
    const put = `${b.getText(file)}, ${a.getText(file)}`;
    out.push({ kind: 'arguments', line, from, to: b.end, was: text.slice(from, b.end), put });
  };
  const visit = (node: ts.Node): void => {
    if (ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isImportDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const other = OTHER[node.operatorToken.kind];
      // words are put together with + too
      const words = node.operatorToken.kind === ts.SyntaxKind.PlusToken && /['"`]/.test(node.getText(file));
      if (other && !words) add(other[0], node.operatorToken, other[1]);
    }
    if (ts.isIfStatement(node) || ts.isConditionalExpression(node)) {
      const condition = ts.isIfStatement(node) ? node.expression : node.condition;
      add('negated', condition, `!(${condition.getText(file)})`);
    }
    if (ts.isPropertyAccessExpression(node) && /^Math\.(min|max)$/.test(node.getText(file)))
      add('least or greatest', node, node.name.text === 'min' ? 'Math.max' : 'Math.min');
    if (ts.isCallExpression(node)) exchange(node);
    if (ts.isNumericLiteral(node) && Number(node.text) !== 0 && !ts.isPropertyAssignment(node.parent))
      add('constant', node, `(${node.text} * 1.5)`);
    ts.forEachChild(node, visit);
  };
  visit(file);
  return out;
}

/** The source with one change made. */
export const mutated = (text: string, { from, to, put }: Mutant): string =>
  text.slice(0, from) + put + text.slice(to);
