import type { MeasureSystem } from '../amounts/index.js';
import type { Larder } from '../larder/index.js';
import { parseIngredientLine, recipeMinutes, recipeOfParts, type Recipe } from '../recipes/index.js';
import { linkedDataIn, plainText } from './plain-text.js';
import { mostRecipesInFile, refuse, type FileReading } from './types.js';

export interface ReadingOptions {
  /** The spoons and cups that the file's amounts mean. */
  readonly system: MeasureSystem;
  readonly larder?: Larder;
}

type Node = Readonly<Record<string, unknown>>;

/** How deep a document may be nested before it is no recipe that anybody wrote. */
const deepest = 12;

/**
 * Reads schema.org recipes from JSON-LD, alone or inside a saved web page. What it says in markup becomes
 * plain words.
 */
export function readJsonLd(text: string, options: ReadingOptions): FileReading {
  const scripts = /^\s*[[{]/.test(text) ? [text] : linkedDataIn(text);
  if (scripts.length === 0) return refuse('This page holds no recipe data: paste its text instead.');
  const documents = scripts.flatMap(parsed);
  if (documents.length === 0)
    return refuse(
      'The recipe data in this file is not whole JSON; it may have ' +
        'been cut off. Save it again, or paste the text.',
    );
  const nodes = documents.flatMap((document) => recipesIn(document, 0));
  if (nodes.length === 0) return refuse('No recipe was found in this file.');
  const remarks =
    nodes.length > mostRecipesInFile
      ? [`Only the first ${mostRecipesInFile} of ${nodes.length} recipes were taken.`]
      : [];
  return {
    recipes: nodes.slice(0, mostRecipesInFile).map((node) => recipeOf(node, options)),
    refused: '',
    remarks,
  };
}

function parsed(text: string): unknown[] {
  try {
    return [JSON.parse(text) as unknown];
  } catch (error) {
    if (error instanceof SyntaxError) return [];
    throw error;
  }
}

function recipesIn(value: unknown, depth: number): Node[] {
  if (depth > deepest || typeof value !== 'object' || value === null) return [];
  if (Array.isArray(value)) return value.flatMap((each) => recipesIn(each, depth + 1));
  const node = value as Node;
  if (list(node['@type']).includes('Recipe')) return [node];
  return [
    ...recipesIn(node['@graph'], depth + 1),
    ...recipesIn(node.mainEntity, depth + 1),
    ...recipesIn(node.itemListElement, depth + 1),
    ...recipesIn(node.item, depth + 1),
  ];
}

function recipeOf(node: Node, options: ReadingOptions): Recipe {
  const lines = [...list(node.recipeIngredient), ...list(node.ingredients)]
    .map(words)
    .filter(Boolean)
    .slice(0, mostParts);
  return recipeOfParts(
    {
      title: oneLine(words(node.name)).slice(0, longestTitle) || 'Recipe without a name',
      serves: servings(node.recipeYield),
      portion: 'side',
      story: words(node.description).slice(0, longestText),
      source: sourceOf(node),
      credit: '',
      permission: oneLine(words(node.license ?? node.copyrightNotice)).slice(0, longestFact),
      notes: '',
      components: [{ id: 'c1', name: 'All', role: 'base' }],
      lines: lines.map((line) => ({ reading: parseIngredientLine(oneLine(line), options), component: 'c1' })),
      steps: instructions(node.recipeInstructions, 0)
        .map((step) => oneLine(step).slice(0, longestText))
        .slice(0, mostParts),
    },
    options,
  );
}

/** What one recipe may hold; beyond it no person wrote the file. */
const mostParts = 100;
const longestTitle = 160;
const longestText = 3000;
const longestFact = 300;

function oneLine(text: string): string {
  return text.replace(/\s+/g, ' ').trim();
}

function sourceOf(node: Node): string {
  const author = list(node.author)
    .map((each) => words(typeof each === 'object' && each !== null ? (each as Node).name : each))
    .filter(Boolean)
    .join(', ');
  return [author, words(node.isBasedOn ?? node.url)]
    .filter(Boolean)
    .map(oneLine)
    .join(' · ')
    .slice(0, longestFact);
}

/** Steps from a text, a list of texts, HowToStep or HowToSection, in any nesting. */
function instructions(value: unknown, depth: number): string[] {
  if (depth > deepest) return [];
  if (Array.isArray(value)) return value.flatMap((each) => instructions(each, depth + 1));
  if (typeof value === 'string')
    return words(value)
      .split('\n')
      .map((row) => row.replace(/^(?:step )?\d{1,2}[.):]\s+/i, ''))
      .filter(Boolean);
  if (typeof value !== 'object' || value === null) return [];
  const node = value as Node;
  return node.itemListElement === undefined
    ? instructions(node.text ?? node.name, depth + 1)
    : instructions(node.itemListElement, depth + 1);
}

const usualServings = 4;

function servings(value: unknown): number {
  for (const each of list(value)) {
    const match = /\d{1,3}/.exec(typeof each === 'number' ? String(each) : words(each));
    if (match && Number(match[0]) > 0) return Number(match[0]);
  }
  return usualServings;
}

function list(value: unknown): unknown[] {
  if (value === undefined || value === null) return [];
  return Array.isArray(value) ? value : [value];
}

function words(value: unknown): string {
  if (typeof value === 'number') return String(value);
  if (typeof value === 'string') return plainText(value);
  if (Array.isArray(value)) return words(value[0]);
  const url =
    typeof value === 'object' && value !== null ? ((value as Node)['@id'] ?? (value as Node).url) : undefined;
  return typeof url === 'string' ? url : '';
}

/** A recipe as a schema.org JSON-LD document: title, servings, lines as written, steps by component. */
export function writeJsonLd(recipe: Recipe): string {
  const minutes = recipeMinutes(recipe);
  const document = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: recipe.title,
    recipeCategory: recipe.kind,
    recipeYield: `${recipe.serves} servings`,
    description: escaped(recipe.story) || undefined,
    isBasedOn: escaped(recipe.source) || undefined,
    license: escaped(recipe.permission) || undefined,
    totalTime: `PT${minutes.handsOn + minutes.waiting}M`,
    recipeIngredient: recipe.lines.map((line) => escaped(line.text)),
    recipeInstructions: recipe.steps.map((step) => ({ '@type': 'HowToStep', text: escaped(step.text) })),
  };
  return `${JSON.stringify({ ...document, name: escaped(recipe.title) }, null, 2)}\n`;
}

/** Readers take these texts for HTML: what is no markup must not look like it. */
function escaped(text: string): string {
  return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
}
