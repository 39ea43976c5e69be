import type { SortedRows } from '../intake/text/sorted-rows.js';
import { sentencesOf } from '../intake/text/sentences.js';
import type { Recipe } from '../types.js';
import type { Aside } from './asides.js';
import { lettersOf, roleSaidBy, type SaidRoles } from './row-roles.js';

/** What a row of a text became; "nothing" is no part of any recipe. */
export type RowKind =
  | 'title'
  | 'line'
  | 'step'
  | 'note'
  | 'way'
  | 'rescue'
  | 'keeping'
  | 'serving'
  | 'story'
  | 'fact'
  | 'heading'
  | 'nothing';

const kindOfRole: Readonly<Record<Aside['role'], RowKind>> = {
  aside: 'note',
  way: 'way',
  rescue: 'rescue',
  keeping: 'keeping',
  serving: 'serving',
  chatter: 'story',
};

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
  const seen = new Map<string, RowKind>();
  const kindOf = (index: number, written: string): RowKind => {
    const key = `${index}|${written}`;
    const kind = seen.get(key) ?? kindIn(sights[index]!, written);
    seen.set(key, kind);
    return kind;
  };
  return text.split(/\r?\n/).flatMap((written, row): RowRead[] => {
    if (written.trim() === '') return [];
    const letters = lettersOf(written);
    const next = sights.findIndex((_, index) => index >= at && kindOf(index, written) !== 'nothing');
    const recipe = next >= 0 ? next : -1;
    if (recipe > at && kindOf(recipe, written) === 'title') at = recipe;
    const sight = sights[recipe];
    return [
      {
        row,
        text: written,
        kind: sight ? kindOf(recipe, written) : 'nothing',
        recipe,
        lines: sight ? linesIn(sight, written).map(({ id }) => id) : [],
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
  readonly notes: readonly { readonly kind: RowKind; readonly letters: string }[];
  readonly story: string;
  readonly facts: string;
  readonly headings: readonly string[];
}

interface Named {
  readonly id: string;
  readonly letters: string;
  readonly words: readonly string[];
}

function sightOf({ recipe, asides }: Dish): Sight {
  return {
    title: lettersOf(recipe.title),
    lines: recipe.lines.map(({ id, text }) => namedBy(id, text)),
    steps: recipe.steps
      .filter(({ proposed }) => !proposed)
      .flatMap(({ id, text }) => sentencesOf(text).map((each) => namedBy(id, each))),
    notes: [
      ...asides.map(({ text, role }) => ({ kind: kindOfRole[role], letters: lettersOf(text) })),
      ...recipe.notes.split('\n').map((text) => ({ kind: 'note' as const, letters: lettersOf(text) })),
    ],
    story: lettersOf(recipe.story),
    facts: lettersOf([recipe.source, recipe.credit, recipe.permission].join(' ')),
    headings: recipe.components.map(({ name }) => lettersOf(name)),
  };
}

const namedBy = (id: string, text: string): Named => ({ id, letters: lettersOf(text), words: wordsOf(text) });

const linesIn = ({ lines }: Sight, written: string): Named[] => {
  const letters = lettersOf(written);
  const words = new Set(wordsOf(written));
  return lines.filter((line) => meets(letters, line.letters) || holdsWords(words, line.words));
};

function kindIn(sight: Sight, written: string): RowKind {
  const { title, steps, notes, story, headings } = sight;
  const letters = lettersOf(written);
  if (letters === '') return 'nothing';
  if (letters === title || (title !== '' && letters.startsWith(title) && title.length * 2 > letters.length))
    return 'title';
  if (linesIn(sight, written).length > 0) return 'line';
  if (steps.some((each) => meets(letters, each.letters))) return 'step';
  const note = notes.find((each) => meets(letters, each.letters));
  if (note) return note.kind;
  if (headings.some((each) => letters === `forthe${each}` || isHeading(letters, each))) return 'heading';
  return story.includes(letters) ? 'story' : 'nothing';
}

/** One of them holds the other whole; a row may hold several things, and several rows one thing. */
function meets(row: string, part: string): boolean {
  return (
    part !== '' && row !== '' && (row.includes(part) || (row.length > fewestLetters && part.includes(row)))
  );
}

/** With a remark behind it. */
const isHeading = (row: string, name: string) =>
  row === name || (name.length >= fewestLetters && row.startsWith(name));

/** Every word of a line stands in a row: the amount of a table's line may stand behind its food. */
function holdsWords(row: ReadonlySet<string>, line: readonly string[]): boolean {
  return line.length > 1 && line.every((word) => row.has(word));
}

const wordsOf = (text: string): string[] => text.toLowerCase().match(/\p{L}{3,}|\d+/gu) ?? [];

/** Fewer letters stand in too many words. */
const fewestLetters = 6;
