import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { root } from './machine.mjs';
import { row } from './measure.mjs';

/** Rooms that read words by their trade: those from `recipes` down, and formats, which read files. */
const readers = new Set(['words', 'amounts', 'language', 'larder', 'techniques', 'recipes', 'formats']);
/** A list of verbs has so many of the lexicon side by side. */
const leastVerbs = 4;

/**
 * Where core still looks at words: expressions over words by room, patterns on the names of foods, lists of
 * verbs beside the lexicon; and how much stands in the tables that are asked instead.
 */
export async function benchWords(core) {
  const { verbNames } = await import('../../core/dist/language/index.js');
  const verbs = new Set(verbNames);
  const source = join(root, 'core', 'src');
  const files = readdirSync(source, { recursive: true })
    .filter((name) => name.endsWith('.ts'))
    .filter((name) => !/\.test\.ts$|^tests\/|\/data\/|\/corpus\//.test(name))
    .sort();
  const found = files.flatMap((name) =>
    expressionsIn(join(source, name)).map((each) => ({
      ...each,
      room: name.split('/')[0],
    })),
  );
  const overWords = found.filter(({ text }) => isOverWords(text));
  const above = overWords.filter(({ room }) => !readers.has(room));
  row('regular expressions in core', found.length);
  row('over words', overWords.length);
  row('over words, above recipes', above.length);
  for (const [room, count] of counted(above.map(({ room }) => room))) row(`    ${room}`, count);
  row('patterns on ids of foods', found.filter(({ isOnId }) => isOnId).length);
  const lists = found.filter(({ text }) => verbsIn(text, verbs) >= leastVerbs);
  row('lists of verbs outside the lexicon', lists.length);
  row('verbs in the lexicon', verbs.size);
  row('foods', core.standardLarder.ingredients.size);
  row('families of foods', core.familyNames.length);
  row('rows of cooking times', core.cookedFoods().flatMap((id) => core.cookingOf({ id })).length);
  row(
    'source lines of core',
    files.reduce((sum, name) => sum + linesOf(join(source, name)), 0),
  );
}

/** Regular expressions of a file, and whether each is tried on the id of a food where it stands. */
function expressionsIn(path) {
  const file = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true);
  const onIds = new Set();
  const found = [];
  const visit = (node) => {
    if (ts.isRegularExpressionLiteral(node)) found.push({ text: node.text, name: nameOf(node), node });
    if (ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression)) {
      const { expression, name } = node.expression;
      const isTried = (name.text === 'test' || name.text === 'exec') && node.arguments.length === 1;
      if (isTried && /\b(?:food|ingredient)\.id\b|\bingredient\b/.test(node.arguments[0].getText()))
        onIds.add(expression.getText());
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found.map(({ text, name }) => ({ text, isOnId: onIds.has(text) || onIds.has(name) }));
}

/** The constant that a node is the value of. */
function nameOf({ parent }) {
  return ts.isVariableDeclaration(parent) ? parent.name.getText() : '';
}

/** Three letters one after the other that are no escape. */
function isOverWords(text) {
  return /[a-zé]{3}/i.test(text.replace(/\\p\{\w+\}|\(\?<\w+>|\\./g, ' ').replace(/\/[a-z]*$/, ''));
}

function verbsIn(text, verbs) {
  return new Set((text.match(/[a-z]+/g) ?? []).filter((word) => verbs.has(word))).size;
}

function counted(names) {
  const counts = new Map();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1]);
}

function linesOf(path) {
  return readFileSync(path, 'utf8').split('\n').length;
}
