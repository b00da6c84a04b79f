// npm run constants: every tolerance and estimate of the core in one table, made from the code (docs/constants.md).
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

const root = join(import.meta.dirname, '..');
const PROVENANCES = [
  'from memory',
  'common practice',
  'handbook',
  'estimate',
  'fitted',
  'derived',
  'exact',
  'measured',
];
/** Units as comments name them, the longer first. */
const UNITS =
  /(?<![\w/])(kg\/m³|g\/cm³|g\/m²|N\/mm²|N·mm|N\/mm|J\/kg|W\/mK|m²\/s|m\/s²|m\/s|cm³|mm²|mm³|cm²|mm|MPa|kPa|°C|minutes?|hours?|seconds?|days?|degrees|grams|share|%|×|kB|min|h|g|N|K)(?![\w/])/;

export interface Constant {
  readonly name: string;
  readonly value: string;
  readonly unit: string;
  readonly provenance: string;
  readonly says: string;
  readonly file: string;
}

/** Without what only tells its type. */
const bare = (node: ts.Expression): ts.Expression =>
  ts.isAsExpression(node) || ts.isSatisfiesExpression(node) || ts.isParenthesizedExpression(node)
    ? bare(node.expression)
    : node;

/** A number, or several, as they stand in the code; undefined for anything else. */
function valueOf(written: ts.Expression, file: ts.SourceFile): string | undefined {
  const node = bare(written);
  if (ts.isNumericLiteral(node)) return node.text;
  if (ts.isPrefixUnaryExpression(node) && ts.isNumericLiteral(node.operand)) return node.getText(file);
  if (ts.isBinaryExpression(node)) {
    const [a, b] = [valueOf(node.left, file), valueOf(node.right, file)];
    return a !== undefined && b !== undefined ? `${a} ${node.operatorToken.getText(file)} ${b}` : undefined;
  }
  if (ts.isArrayLiteralExpression(node)) {
    const all = node.elements.map((e) => valueOf(e, file));
    return all.length > 0 && all.every((v) => v !== undefined) ? all.join(', ') : undefined;
  }
  if (ts.isObjectLiteralExpression(node)) {
    const all = node.properties.map((p) => {
      const value = ts.isPropertyAssignment(p) ? valueOf(p.initializer, file) : undefined;
      return value === undefined ? undefined : `${p.name!.getText(file)} ${value}`;
    });
    return all.length > 0 && all.every((v) => v !== undefined) ? all.join(', ') : undefined;
  }
  return undefined;
}

const commentOn = (text: string, node: ts.Node): string =>
  (ts.getLeadingCommentRanges(text, node.getFullStart()) ?? [])
    .slice(-1)
    .map((c) => text.slice(c.pos, c.end))
    .join('')
    .replace(/^\/\*\*?|\*\/$|^\s*\*\s?|^\/\/\s?/gm, ' ')
    .replace(/\s+/g, ' ')
    .trim();

/** Named numbers at the top of a module: its tolerances, estimates, limits. */
export function constantsIn(path: string, text: string): Constant[] {
  const file = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  return file.statements.flatMap((statement): Constant[] => {
    if (!ts.isVariableStatement(statement)) return [];
    const says = commentOn(text, statement);
    return statement.declarationList.declarations.flatMap((d): Constant[] => {
      const name = d.name.getText(file);
      if (!/^[A-Z][A-Z0-9_]*$/.test(name) || !d.initializer) return [];
      if (name === 'LAW_TABLE') return lawOf(bare(d.initializer), file, path);
      const value = valueOf(d.initializer, file);
      if (value === undefined) return [];
      return [
        {
          name,
          value,
          unit: d.type?.getText(file) === 'Mm' ? 'mm' : (UNITS.exec(says)?.[1] ?? ''),
          provenance: PROVENANCES.find((p) => says.toLowerCase().includes(p)) ?? '',
          says,
          file: path,
        },
      ];
    });
  });
}

/** The law of firming lists its own: `name: constant(value, unit, provenance, words)`. */
const lawOf = (law: ts.Expression, file: ts.SourceFile, path: string): Constant[] =>
  (ts.isObjectLiteralExpression(law) ? [...law.properties] : []).flatMap((p): Constant[] => {
    if (!ts.isPropertyAssignment(p) || !ts.isCallExpression(p.initializer)) return [];
    const [value, unit, provenance, says] = p.initializer.arguments.map((a) =>
      ts.isStringLiteral(a) ? a.text : a.getText(file),
    );
    const name = `LAW.${p.name.getText(file)}`;
    return [
      { name, value: value!, unit: unit ?? '', provenance: provenance ?? '', says: says ?? '', file: path },
    ];
  });

const cell = (words: string): string => words.replace(/\|/g, '\\|');
const ROOMS = [
  'quantity',
  'pastes',
  'solids',
  'covers',
  'figure',
  'bones',
  'firming',
  'finish',
  'cutting',
  'templates',
  'colour',
  'days',
  'trouble',
  'bench',
  'handover',
  'stores',
  'files',
];

/** The whole table as Markdown, room by room. */
export function constantsTable(): string {
  const parts = ROOMS.map((room) => {
    const all = readdirSync(join(root, 'core', room), { recursive: true, encoding: 'utf8' })
      .map((f) => f.replaceAll('\\', '/'))
      .filter((f) => f.endsWith('.ts') && !/\.(test|testing)\.ts$/.test(f) && !f.includes('generated'))
      .sort()
      .flatMap((f) => constantsIn(`core/${room}/${f}`, readFileSync(join(root, 'core', room, f), 'utf8')));
    const rows = all.map(
      (c) =>
        `| \`${c.name}\` | ${cell(c.value)} | ${c.unit} | ${c.provenance} | ${cell(c.says)} | ${c.file.replace(`core/${room}/`, '')} |`,
    );
    return all.length === 0
      ? ''
      : `## ${room}\n\n| name | value | unit | where from | what it is | file |\n| --- | --- | --- | --- | --- | --- |\n${rows.join('\n')}\n`;
  });
  return `# Tolerances, estimates and limits of the core\n\nMade from the code by \`npm run constants\`: every number that has a name at the top of a module. Where nothing stands under *where from*, it is a limit or a step of a method, not a fact of the trade. Materials, rods, recipes and shapes carry theirs in their own records.\n\n${parts.filter(Boolean).join('\n')}`;
}

export const CONSTANTS_FILE = join(root, 'docs/constants.md');
if (process.argv[1] === import.meta.filename) writeFileSync(CONSTANTS_FILE, constantsTable());
