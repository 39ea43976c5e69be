import { parseRecipeText, type Recipe } from '../recipes/index.js';
import type { ReadingOptions } from './json-ld.js';
import { refuse, type FileReading } from './types.js';

/**
 * Reads a recipe from Markdown or plain text: a title, ingredient lines under headings, steps. Marks for
 * emphasis and links are dropped.
 */
export function readMarkdown(text: string, options: ReadingOptions): FileReading {
  const plain = withoutMarks(text);
  const recipe = parseRecipeText(plain, options);
  if (recipe.lines.length === 0 && recipe.steps.length === 0)
    return refuse('Neither ingredient lines nor steps were found in this text.');
  return { recipes: [recipe], refused: '', remarks: [] };
}

const escapes = /\\([!-/:-@[-`{-~])/g;
/** Escaped signs are set aside as letters of the private area, so that no mark is seen in them. */
const privateArea = 0xe000;

function withoutMarks(text: string): string {
  return text
    .replace(escapes, (_, sign: string) => String.fromCharCode(privateArea + sign.charCodeAt(0)))
    .replace(/^---\n[\s\S]*?\n---\n/, '')
    .replace(/!\[[^\]]*\]\([^)]*\)/g, '')
    .replace(/\[([^\]]*)\]\([^)]*\)/g, '$1')
    .replace(/(\*\*|__)(?=\S)(.+?)\1/g, '$2')
    .replace(/(?<![\w*])\*(?=\S)([^*\n]+?)\*(?!\w)/g, '$1')
    .replace(/^(\s*[-*+]) \[[ x]\] /gim, '$1 ')
    .replace(/[\ue000-\ue0ff]/g, (letter) => String.fromCharCode(letter.charCodeAt(0) - privateArea));
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
  return text.replace(/\s*\n\s*/g, ' ').replace(/([\\*_[\]<>])/g, '\\$1');
}
