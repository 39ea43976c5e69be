import { diffWords } from 'diff';
import type { Recipe } from './types.js';

/** A piece of a changed text: kept, taken out or put in. */
export interface TextPart {
  readonly text: string;
  readonly change: 'kept' | 'out' | 'in';
}

/** One difference between two versions: where, and the words with what changed in them. */
export interface RecipeDifference {
  readonly what: 'added' | 'removed' | 'changed' | 'moved';
  readonly where: string;
  readonly parts: readonly TextPart[];
}

const facts: readonly (readonly [keyof Recipe, string])[] = [
  ['title', 'title'],
  ['serves', 'serves'],
  ['portion', 'portion'],
  ['leastBatch', 'least batch'],
  ['story', 'story'],
  ['source', 'source'],
  ['credit', 'credit'],
  ['permission', 'permission to teach'],
];

/**
 * What differs between two versions of a recipe, in the order in which it is read: facts, lines, steps. Empty
 * where nothing does.
 */
export function compareRecipes(before: Recipe, after: Recipe): RecipeDifference[] {
  return [
    ...facts.flatMap(([field, where]) => textDifference(String(before[field]), String(after[field]), where)),
    ...listDifferences(before.components, after.components, (component) => component.name, 'component'),
    ...listDifferences(before.lines, after.lines, (line) => line.text, 'line'),
    ...listDifferences(before.steps, after.steps, (step) => stepWords(step), 'step'),
  ];
}

/** A step with what a reader would miss if it changed unseen. */
function stepWords(step: Recipe['steps'][number]): string {
  const wait = step.waitMinutes ? `, ${step.waitMinutes.low}–${step.waitMinutes.high} min waiting` : '';
  const heat = step.occupies
    ? `, ${[step.occupies.appliance, step.occupies.setting].filter(Boolean).join(' ')}`
    : '';
  return `${step.text} (${step.handsOnMinutes} min hands-on${wait}${heat}, ${step.place})`;
}

function textDifference(before: string, after: string, where: string): RecipeDifference[] {
  if (before === after) return [];
  if (!before) return [{ what: 'added', where, parts: [{ text: after, change: 'in' }] }];
  if (!after) return [{ what: 'removed', where, parts: [{ text: before, change: 'out' }] }];
  return [
    {
      what: 'changed',
      where,
      parts: diffWords(before, after).map(({ value, added, removed }) => ({
        text: value,
        change: added ? 'in' : removed ? 'out' : 'kept',
      })),
    },
  ];
}

function listDifferences<T extends { readonly id: string }>(
  before: readonly T[],
  after: readonly T[],
  words: (item: T) => string,
  where: string,
): RecipeDifference[] {
  const old = new Map(before.map((item) => [item.id, item]));
  const now = new Set(after.map((item) => item.id));
  const removed = before
    .filter((item) => !now.has(item.id))
    .flatMap((item) => textDifference(words(item), '', where));
  const stayed = before.filter((item) => now.has(item.id)).map((item) => item.id);
  const order = after.filter((item) => old.has(item.id)).map((item) => item.id);
  const moved = outOfOrder(stayed, order);
  const here = after.flatMap((item): RecipeDifference[] => {
    const known = old.get(item.id);
    const text = textDifference(known ? words(known) : '', words(item), where);
    return text.length === 0 && moved.has(item.id)
      ? [{ what: 'moved', where, parts: [{ text: words(item), change: 'kept' }] }]
      : text;
  });
  return [...removed, ...here];
}

/**
 * The fewest items that were moved to come from one order to the other: those outside the longest run that
 * kept its order.
 */
function outOfOrder(before: readonly string[], after: readonly string[]): Set<string> {
  const place = new Map(before.map((id, index) => [id, index]));
  const runs: string[][] = [];
  for (const id of after) {
    const best = runs
      .filter((run) => place.get(run[run.length - 1]!)! < place.get(id)!)
      .reduce<string[]>((longest, run) => (run.length > longest.length ? run : longest), []);
    runs.push([...best, id]);
  }
  const longest = new Set(runs.reduce<string[]>((most, run) => (run.length > most.length ? run : most), []));
  return new Set(after.filter((id) => !longest.has(id)));
}
