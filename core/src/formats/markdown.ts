import type { Nodes } from 'mdast';
import { fromMarkdown } from 'mdast-util-from-markdown';
import { frontmatterFromMarkdown } from 'mdast-util-frontmatter';
import { toString } from 'mdast-util-to-string';
import { frontmatter } from 'micromark-extension-frontmatter';
import {
  boundedText,
  longestRun,
  parseRecipeText,
  type Recipe,
  recipeTextProblem,
} from '../recipes/index.js';
import type { ReadingOptions } from './json-ld.js';
import { refuse, type FileReading } from './types.js';

/**
 * Reads a recipe from Markdown or plain text: a title, ingredient lines under headings, steps. Marks for
 * emphasis and links are dropped.
 */
export function readMarkdown(text: string, options: ReadingOptions): FileReading {
  const plain = withoutMarks(flattened(boundedText(text, longestEscapedRun)));
  const recipe = parseRecipeText(plain, options);
  if (recipe.lines.length === 0 && recipe.steps.length === 0)
    return refuse('Neither ingredient lines nor steps were found in this text.');
  const problem = recipeTextProblem(text);
  return { recipes: [recipe], refused: '', remarks: problem ? [problem] : [] };
}

/** A backslash is written as two, and one more may stand before the mark that follows. */
const longestEscapedRun = 2 * longestRun + 1;

/** How deep quotes and lists may lie in each other, and how many marks a paragraph may hold. */
const deepest = 6;
const mostMarks = 300;

/**
 * A text whose quotes and lists are nested no deeper than people do, and whose paragraphs have no more marks:
 * of those the marks stay as they are. The time that Markdown takes grows with the square of both.
 */
function flattened(text: string): string {
  return text
    .split(/\n{2,}/)
    .map((paragraph) => {
      const rows = paragraph.split('\n').map(unnested).join('\n');
      const marks = rows.match(/[*_`[\]<!&~]/g)?.length ?? 0;
      return marks > mostMarks ? rows.replace(/[*_`[\]<!&~]/g, ' ') : rows;
    })
    .join('\n\n');
}

/** A row with the first few of the marks of quotes and lists that it begins with. */
function unnested(row: string): string {
  let place = 0;
  for (let depth = 0; ; depth++) {
    const mark = /^[ \t]{0,8}(?:>|[-*+](?=\s)|\d{1,9}[.)](?=\s))/.exec(row.slice(place, place + 30));
    if (!mark) return depth > deepest ? row.slice(place) : row;
    place += mark[0].length;
  }
}

/**
 * The same text without what is about it and without marks for emphasis, links and pictures. Headings and
 * lists keep theirs: a recipe is read by its lines.
 */
function withoutMarks(text: string): string {
  const tree = fromMarkdown(text, {
    extensions: [frontmatter('yaml')],
    mdastExtensions: [frontmatterFromMarkdown('yaml')],
  });
  let plain = '';
  let at = 0;
  for (const { from, to, words } of inlineOf(tree)) {
    plain += text.slice(at, from) + words;
    at = to;
  }
  // A box to tick in a list is no part of its line.
  return (plain + text.slice(at)).replace(/^(\s*[-*+]) \[[ x]\] /gim, '$1 ');
}

interface Inline {
  readonly from: number;
  readonly to: number;
  readonly words: string;
}

/** What stands in lines, in order, with its place and its words; and what stands before the text itself. */
function inlineOf(node: Nodes): Inline[] {
  const place = { from: node.position!.start.offset!, to: node.position!.end.offset! };
  if (node.type === 'yaml' || node.type === 'image' || node.type === 'imageReference')
    return [{ ...place, words: '' }];
  if (node.type === 'code' || node.type === 'html' || node.type === 'thematicBreak') return [];
  if (isInline(node)) return [{ ...place, words: toString(node, { includeImageAlt: false }) }];
  return 'children' in node ? node.children.flatMap(inlineOf) : [];
}

function isInline({ type }: Nodes): boolean {
  return ['text', 'emphasis', 'strong', 'delete', 'link', 'linkReference', 'inlineCode'].includes(type);
}

/** A recipe in Markdown that {@link readMarkdown} reads back: title, servings, lines by component, steps. */
export function writeMarkdown(recipe: Recipe): string {
  const components = recipe.components.filter((component) =>
    recipe.lines.some((line) => line.componentId === component.id),
  );
  const head = [
    `# ${oneLine(recipe.title)}`,
    '',
    `Serves ${recipe.serves} as a ${recipe.portion}`,
    ...(recipe.story ? ['', oneLine(recipe.story)] : []),
  ];
  const lines = components.flatMap((component) => [
    '',
    `### ${oneLine(component.name)}`,
    '',
    ...recipe.lines
      .filter((line) => line.componentId === component.id)
      .map((line) => `- ${oneLine(line.text)}`),
  ]);
  const steps = recipe.steps.map((step, index) => `${index + 1}. ${oneLine(step.text)}`);
  const foot = [
    recipe.source ? `Source: ${oneLine(recipe.source)}` : '',
    recipe.credit ? `Credit: ${oneLine(recipe.credit)}` : '',
    recipe.permission ? `Permission: ${oneLine(recipe.permission)}` : '',
    ...recipe.notes.split('\n').map(oneLine),
  ].filter(Boolean);
  const notes = foot.length > 0 ? ['', '## Notes', '', ...foot] : [];
  return `${[...head, '', '## Ingredients', ...lines, '', '## Method', '', ...steps, ...notes].join('\n')}\n`;
}

function oneLine(text: string): string {
  return text.replace(/\s*\n\s*/g, ' ').replace(/([\\*_[\]<>`&])/g, '\\$1');
}
