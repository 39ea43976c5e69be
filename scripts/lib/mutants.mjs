import ts from 'typescript';

const swaps = new Map([
  ['+', '-'],
  ['-', '+'],
  ['*', '/'],
  ['/', '*'],
  ['<', '<='],
  ['<=', '<'],
  ['>', '>='],
  ['>=', '>'],
  ['===', '!=='],
  ['!==', '==='],
  ['&&', '||'],
  ['||', '&&'],
]);
const calls = new Map([
  ['some', 'every'],
  ['every', 'some'],
  ['max', 'min'],
  ['min', 'max'],
  ['ceil', 'floor'],
  ['floor', 'ceil'],
]);

/**
 * The ways to break a source text in one place: `{ start, end, text, line }`, where `text` takes the place of
 * what stands from `start` to `end`. Types, imports and texts that are only shown are left alone, for a break
 * there is either refused by the compiler or a matter of words.
 */
export function mutantsOf(source, name = 'source.ts') {
  const tree = ts.createSourceFile(name, source, ts.ScriptTarget.Latest, true);
  const found = [];
  const change = (node, text) => {
    const start = node.getStart(tree);
    found.push({
      start,
      end: node.getEnd(),
      text,
      was: source.slice(start, node.getEnd()),
      line: tree.getLineAndCharacterOfPosition(start).line + 1,
    });
  };
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    breaks(node, change);
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return found;
}

function breaks(node, change) {
  if (ts.isBinaryExpression(node)) {
    const other = swaps.get(node.operatorToken.getText());
    if (other && !joinsTexts(node)) change(node.operatorToken, other);
  } else if (ts.isIfStatement(node)) change(node.expression, 'false');
  else if (ts.isConditionalExpression(node)) {
    change(node.condition, 'true');
    change(node.condition, 'false');
  } else if (ts.isNumericLiteral(node)) change(node, String(Number(node.text) + 1));
  else if (node.kind === ts.SyntaxKind.TrueKeyword) change(node, 'false');
  else if (node.kind === ts.SyntaxKind.FalseKeyword) change(node, 'true');
  else if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
    change(node, node.operand.getText());
  else if (ts.isPropertyAccessExpression(node) && ts.isCallExpression(node.parent)) {
    const other = calls.get(node.name.text);
    if (other && node.parent.expression === node) change(node.name, other);
  } else if (isFilter(node)) change(node.arguments[0], '() => true');
}

const isFilter = (node) =>
  ts.isCallExpression(node) &&
  ts.isPropertyAccessExpression(node.expression) &&
  node.expression.name.text === 'filter' &&
  node.arguments.length === 1;

/**
 * The ways to break a table of words or figures in one place: one of the words of a cell left out, a whole
 * number one larger. The first row and the first cell of each row name things and stay; cells that hold one
 * word alone are refused when they are read, or say nothing.
 */
export function tableMutantsOf(text) {
  const found = [];
  let start = 0;
  text.split('\n').forEach((row, line) => {
    const cells = row.indexOf(',') + 1;
    if (line > 0 && cells > 0)
      for (const { at, part, other } of [...wordsIn(row, cells), ...numbersIn(row, cells)])
        found.push({
          start: start + at,
          end: start + at + part.length,
          text: other,
          was: part.trim(),
          line: line + 1,
        });
    start += row.length + 1;
  });
  return found;
}

/** Members and phrases of a row, each with what stands between it and the next. */
function wordsIn(row, from) {
  return [...row.slice(from).matchAll(/(?<=[,;|"]|\b)[^,;|"<>]+[;|]/g)].map((match) => ({
    at: from + match.index,
    part: match[0],
    other: '',
  }));
}

function numbersIn(row, from) {
  return [...row.slice(from).matchAll(/(?<=,)\d+(?= (?:minutes?|hours?|days?|weeks?),)/g)].map((match) => ({
    at: from + match.index,
    part: match[0],
    other: String(Number(match[0]) + 1),
  }));
}

/** `+` between texts: taking one from the other is refused by the compiler. */
const joinsTexts = ({ operatorToken, left, right }) =>
  operatorToken.kind === ts.SyntaxKind.PlusToken && [left, right].some(holdsText);

function holdsText(node) {
  if (ts.isStringLiteralLike(node) || ts.isTemplateExpression(node)) return true;
  return ts.isBinaryExpression(node) && (holdsText(node.left) || holdsText(node.right));
}

export const broken = (source, { start, end, text }) => source.slice(0, start) + text + source.slice(end);

/** The same order for the same seed, so that a sample can be run again. */
export function shuffled(list, seed) {
  const order = [...list];
  let state = seed >>> 0;
  for (let last = order.length - 1; last > 0; last -= 1) {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    const other = state % (last + 1);
    [order[last], order[other]] = [order[other], order[last]];
  }
  return order;
}
