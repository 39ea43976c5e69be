import type { SortedRows } from '../intake/text/sorted-rows.js';
import { sentencesOf } from '../intake/text/sentences.js';
import type { Recipe } from '../types.js';
import type { Aside } from './asides.js';
import { lettersOf, roleSaidBy, type SaidRoles } from './row-roles.js';

/** What a row of a text became; "nothing" is no part of any recipe. */
export type RowKind = 'title' | 'line' | 'step' | 'note' | 'story' | 'fact' | 'heading' | 'nothing';

/** A written row with what it became: a row of prose may have become several steps and a note. */
export interface RowRead {
  /** Place among the rows of the text as it was pasted. */
  readonly row: number;
  readonly text: string;
  readonly kind: RowKind;
  /** Place of the recipe; -1 where it is in none. */
  readonly recipe: number;
  /** Ids of the lines and steps that it became. */
  readonly lines: readonly string[];
  readonly steps: readonly string[];
  /** A person said what it is. */
  readonly isSaid: boolean;
}

interface Dish {
  readonly recipe: Recipe;
  readonly found: SortedRows;
  readonly asides: readonly Aside[];
}

/** What each row of a text became, by the letters of what was read: nothing is read twice for it. */
export function rowsRead(text: string, dishes: readonly Dish[], roles?: SaidRoles): RowRead[] {
  const roleSaid = roleSaidBy(roles);
  const sights = dishes.map(sightOf);
  let at = 0;
  return text.split(/\r?\n/).flatMap((written, row): RowRead[] => {
    if (written.trim() === '') return [];
    const letters = lettersOf(written);
    const next = sights.findIndex((sight, index) => index >= at && kindIn(sight, letters) !== 'nothing');
    const recipe = next >= 0 ? next : -1;
    if (recipe > at && kindIn(sights[recipe]!, letters) === 'title') at = recipe;
    const sight = sights[recipe];
    return [
      {
        row,
        text: written,
        kind: sight ? kindIn(sight, letters) : 'nothing',
        recipe,
        lines: sight?.lines.filter((each) => meets(letters, each.letters)).map(({ id }) => id) ?? [],
        steps: sight?.steps.filter((each) => meets(letters, each.letters)).map(({ id }) => id) ?? [],
        isSaid: roleSaid(written) !== undefined,
      },
    ];
  });
}

interface Sight {
  readonly title: string;
  readonly lines: readonly Named[];
  readonly steps: readonly Named[];
  readonly notes: readonly string[];
  readonly story: string;
  readonly facts: string;
  readonly headings: readonly string[];
}

interface Named {
  readonly id: string;
  readonly letters: string;
}

function sightOf({ recipe, asides }: Dish): Sight {
  return {
    title: lettersOf(recipe.title),
    lines: recipe.lines.map(({ id, text }) => ({ id, letters: lettersOf(text) })),
    steps: recipe.steps
      .filter(({ proposed }) => !proposed)
      .flatMap(({ id, text }) => sentencesOf(text).map((each) => ({ id, letters: lettersOf(each) }))),
    notes: [...asides.map(({ text }) => text), ...recipe.notes.split('\n')].map(lettersOf).filter(Boolean),
    story: lettersOf(recipe.story),
    facts: lettersOf([recipe.source, recipe.credit, recipe.permission].join(' ')),
    headings: recipe.components.map(({ name }) => lettersOf(name)),
  };
}

function kindIn(sight: Sight, letters: string): RowKind {
  const { title, lines, steps, notes, story, headings } = sight;
  if (letters === '') return 'nothing';
  if (letters === title || (title !== '' && letters.startsWith(title) && title.length * 2 > letters.length))
    return 'title';
  if (lines.some((each) => meets(letters, each.letters))) return 'line';
  if (steps.some((each) => meets(letters, each.letters))) return 'step';
  if (notes.some((each) => meets(letters, each))) return 'note';
  if (headings.some((each) => letters === each || letters === `forthe${each}`)) return 'heading';
  return story.includes(letters) ? 'story' : 'nothing';
}

/** One of them holds the other whole; a row may hold several things, and several rows one thing. */
function meets(row: string, part: string): boolean {
  return (
    part !== '' && row !== '' && (row.includes(part) || (row.length > fewestLetters && part.includes(row)))
  );
}

/** Fewer letters stand in too many words. */
const fewestLetters = 6;
