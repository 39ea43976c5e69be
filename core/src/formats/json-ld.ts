import type { MeasureSystem } from '../amounts/index.js';
import type { Larder } from '../larder/index.js';
import { jsonrepair } from 'jsonrepair';
import {
  addLines,
  type FoundLines,
  kindOf,
  makesRow,
  peopleOfAmount,
  readServings,
  type Recipe,
  recipeOfParts,
  titleOf,
} from '../recipes/index.js';
import { showSpan } from '../words/index.js';
import { type Node, recipesInMicrodata } from './microdata.js';
import { isTooDeep, linkedDataIn, plainText } from './plain-text.js';
import { mostRecipesInFile, refuse, type FileReading } from './types.js';

export interface ReadingOptions {
  /** The spoons and cups that the file's amounts mean. */
  readonly system: MeasureSystem;
  readonly larder?: Larder;
}

/** How deep a document may be nested before it is no recipe that anybody wrote. */
const deepest = 12;

/**
 * Reads schema.org recipes from JSON-LD, alone or inside a saved web page, or from the attributes of a page.
 * What it says in markup becomes plain words; what is not quite JSON is mended, with a word about it.
 */
export function readJsonLd(text: string, options: ReadingOptions): FileReading {
  const isPage = !/^\s*[[{]/.test(text);
  if (isPage && isTooDeep(text))
    return refuse('This page is nested deeper than any page is, so it was not read: paste its text instead.');
  const scripts = isPage ? linkedDataIn(text) : [text];
  const marked = isPage ? recipesInMicrodata(text) : [];
  if (scripts.length === 0 && marked.length === 0)
    return refuse('This page holds no recipe data: paste its text instead.');
  const read = scripts.map(parsed);
  const documents = read.flatMap(({ document }) => (document === undefined ? [] : [document]));
  const byId = nodesById(documents);
  const found = documents.flatMap((document) => recipesIn(document, 0));
  const nodes = found.length > 0 ? found : marked;
  if (nodes.length === 0)
    return refuse(
      documents.length === 0
        ? 'The recipe data in this file is not whole JSON; it may have ' +
            'been cut off. Save it again, or paste the text.'
        : 'No recipe was found in this file.',
    );
  const isMended = read.some(({ mended }) => mended);
  return {
    recipes: nodes.slice(0, mostRecipesInFile).map((node) => recipeOf(node, { ...options, byId })),
    refused: '',
    remarks: [
      ...(isMended ? ['The recipe data was not quite JSON and was mended: look it over.'] : []),
      ...(nodes.length > mostRecipesInFile
        ? [`Only the first ${mostRecipesInFile} of ${nodes.length} recipes were taken.`]
        : []),
    ],
  };
}

/** Comments and CDATA that pages put around their data, before it and behind it. */
const opening = /^(?:<!--|\/\*\s{0,8}<!\[CDATA\[\s{0,8}\*\/|\/\/\s{0,8}<!\[CDATA\[|<!\[CDATA\[)/;
const closing = /(?:-->|\/\*\s{0,8}\]\]>\s{0,8}\*\/|\/\/\s{0,8}\]\]>|\]\]>);?$/;

function parsed(written: string): { document?: unknown; mended: boolean } {
  const text = written.trim().replace(opening, '').replace(closing, '').trim();
  try {
    return { document: JSON.parse(text) as unknown, mended: false };
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error;
  }
  // What was cut off is not mended: half a recipe would look like a whole one.
  if (!/[}\]];?$/.test(text)) return { mended: false };
  try {
    const document = JSON.parse(jsonrepair(text)) as unknown;
    return typeof document === 'object' ? { document, mended: true } : { mended: false };
  } catch {
    return { mended: false };
  }
}

/** "Recipe", "schema:Recipe" and "https://schema.org/Recipe" are one type. */
function isRecipe(node: Node): boolean {
  return list(node['@type']).some(
    (type) => typeof type === 'string' && type.split(/[:/#]/).at(-1) === 'Recipe',
  );
}

function recipesIn(value: unknown, depth: number): Node[] {
  if (depth > deepest || typeof value !== 'object' || value === null) return [];
  if (Array.isArray(value)) return value.flatMap((each) => recipesIn(each, depth + 1));
  const node = value as Node;
  if (isRecipe(node)) return [node];
  return ['@graph', 'mainEntity', 'mainEntityOfPage', 'itemListElement', 'item', 'hasPart'].flatMap((key) =>
    recipesIn(node[key], depth + 1),
  );
}

/** Every node that has a name of its own, for those that only point to it. */
function nodesById(documents: readonly unknown[]): ReadonlyMap<string, Node> {
  const found = new Map<string, Node>();
  const visit = (value: unknown, depth: number): void => {
    if (depth > deepest || typeof value !== 'object' || value === null) return;
    if (Array.isArray(value)) return value.forEach((each) => visit(each, depth + 1));
    const node = value as Node;
    const id = node['@id'];
    if (typeof id === 'string' && Object.keys(node).length > 1 && !found.has(id)) found.set(id, node);
    Object.values(node).forEach((each) => visit(each, depth + 1));
  };
  documents.forEach((document) => visit(document, 0));
  return found;
}

interface NodeOptions extends ReadingOptions {
  readonly byId: ReadonlyMap<string, Node>;
}

function recipeOf(node: Node, options: NodeOptions): Recipe {
  const title = titleOf(oneLine(words(node.name))) || 'Recipe without a name';
  const found: FoundLines = { components: [], lines: [] };
  addLines(found, ingredientRows(node), kindOf(title) === 'salad' ? 'Salad' : title.slice(0, 60), options);
  const said = list(node.recipeYield ?? node.yield).map((each) =>
    readServings(yieldWords(each), options.system),
  );
  const people = said.find((each) => each.people !== null)?.people ?? null;
  const makes = said.find((each) => each.makes !== '');
  const steps = instructions(node.recipeInstructions, 0)
    .map((step) => oneLine(step).slice(0, longestText))
    .slice(0, mostParts);
  return recipeOfParts(
    {
      ...found,
      title,
      serves: people ?? peopleOfAmount(makes?.millilitres ?? null, kindOf(title)) ?? usualServings,
      isServesSaid: people !== null || makes !== undefined,
      portion: said.find(({ portion }) => portion)?.portion ?? 'side',
      story: [words(node.description), makesRow(makes?.makes ?? '')]
        .filter(Boolean)
        .join('\n')
        .slice(0, longestText),
      source: sourceOf(node, options),
      credit: oneLine(words(node.creditText)).slice(0, longestFact),
      permission: oneLine(words(node.license ?? node.copyrightNotice)).slice(0, longestFact),
      notes: timesOf(node),
      steps,
      // Steps that a page tells apart are steps, whatever they say.
      numbered: new Set(areSteps(node.recipeInstructions) ? steps : []),
    },
    options,
  );
}

/** What one recipe may hold; beyond it no person wrote the file. */
const mostParts = 100;
const longestText = 3000;
const longestFact = 300;

/** The list of ingredients, one a row, also where a page writes it as one text. */
function ingredientRows(node: Node): string[] {
  return [...list(node.recipeIngredient), ...list(node.ingredients)]
    .flatMap((each) => words(each).split('\n'))
    .map(oneLine)
    .filter(Boolean)
    .slice(0, mostParts);
}

/** "8", "150ml", { value: 8, unitText: "servings" }. */
function yieldWords(value: unknown): string {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return words(value);
  const { value: amount, unitText, unitCode } = value as Node;
  return [amount, unitText ?? unitCode].map(words).filter(Boolean).join(' ');
}

const timeNames = { prepTime: 'Prep time', cookTime: 'Cook time', totalTime: 'Total time' } as const;

/** Prep, cook and total time in words, to be kept with the notes. */
function timesOf(node: Node): string {
  return Object.entries(timeNames)
    .flatMap(([key, name]) => {
      const minutes = minutesOf(node[key]);
      return minutes ? [`${name}: ${showSpan(minutes)}`] : [];
    })
    .join('\n');
}

/** "PT1H30M" and "P0DT45M" in minutes; null where it is no duration. */
function minutesOf(value: unknown): number | null {
  const match = /^P(?:(\d+)D)?(?:T(?:(\d+(?:\.\d+)?)H)?(?:(\d+(?:\.\d+)?)M)?(?:[\d.]+S)?)?$/i.exec(
    words(value).trim(),
  );
  if (!match) return null;
  const [days, hours, minutes] = match.slice(1).map((each) => Number(each ?? 0)) as [number, number, number];
  return Math.round(days * 1440 + hours * 60 + minutes) || null;
}

function oneLine(text: string): string {
  return text.replace(/\s+/g, ' ').trim();
}

function sourceOf(node: Node, { byId }: NodeOptions): string {
  const author = list(node.author)
    .map((each) => {
      if (typeof each !== 'object' || each === null) return words(each);
      const person = each as Node;
      return words(person.name ?? byId.get(words(person['@id']))?.name);
    })
    .filter(Boolean)
    .join(', ');
  return [author, words(node.isBasedOn ?? node.url)]
    .filter(Boolean)
    .map(oneLine)
    .join(' · ')
    .slice(0, longestFact);
}

/** Whether instructions are marked as steps one by one, not told in a text. */
function areSteps(value: unknown): boolean {
  return list(value).some((each) => typeof each === 'object' && each !== null);
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
  if (node.itemListElement !== undefined) return instructions(node.itemListElement, depth + 1);
  if (node.steps !== undefined) return instructions(node.steps, depth + 1);
  return withTime(instructions(node.text ?? node.description ?? node.name, depth + 1), node);
}

/** A step that names its time beside its words says it in them, unless they do already. */
function withTime(steps: string[], node: Node): string[] {
  const minutes = minutesOf(node.performTime ?? node.totalTime ?? node.timeRequired);
  const last = steps[steps.length - 1];
  if (!minutes || last === undefined || /\d\s*(?:min|hour|hr)/i.test(steps.join(' '))) return steps;
  return [...steps.slice(0, -1), `${last.replace(/\.$/, '')} (${minutes} minutes).`];
}

const usualServings = 4;

function list(value: unknown): unknown[] {
  if (value === undefined || value === null) return [];
  return Array.isArray(value) ? value : [value];
}

function words(value: unknown): string {
  if (typeof value === 'number') return String(value);
  if (typeof value === 'string') return plainText(value);
  if (Array.isArray(value)) return words(value[0]);
  const node = typeof value === 'object' && value !== null ? (value as Node) : {};
  const text = node['@value'] ?? node['@id'] ?? node.url;
  return typeof text === 'string' ? plainText(text) : '';
}
