import type { CardDish, StationCard } from './types.js';

/** Dishes of a card that go on pages of their own, under one running head. */
export interface CardPages {
  readonly dishes: readonly CardDish[];
  /** What the pages are, of which class, when, for which station and which dishes. */
  readonly head: string;
}

/** Lines of type that a page of a card holds, and letters that a line holds. Estimates, on the safe side. */
const pageLines = 44;
const lineLetters = 70;

/**
 * A card as it is laid out on paper: small dishes share a page where they fit on it, and every other begins
 * one, so that each page can say whose it is.
 */
export function pagesOfCard(card: StationCard): CardPages[] {
  const groups: CardDish[][] = [];
  let left = 0;
  for (const dish of card.dishes) {
    const lines = linesOf(dish);
    if (lines > left || groups.length === 0) {
      groups.push([]);
      left = pageLines;
    }
    groups[groups.length - 1]!.push(dish);
    left -= lines;
  }
  return (groups.length > 0 ? groups : [[]]).map((dishes) => ({
    dishes,
    head: runningHead(
      'Station card',
      card,
      [card.place, dishes.map(({ title }) => title).join(', ')].filter(Boolean),
    ),
  }));
}

/** What a sheet is, of which class, when, and of what: "Station card · Roots · Mon 30 Nov · Station 1". */
export function runningHead(
  sheet: string,
  { classTitle, classLine }: Pick<StationCard, 'classTitle' | 'classLine'>,
  of: readonly string[] = [],
): string {
  return [sheet, classTitle, classLine, ...of].join(' · ');
}

function linesOf({ title, components, steps, doneBefore, fromOnce }: CardDish): number {
  const rows = (text: string) => Math.ceil(text.length / lineLetters);
  const amounts = components.map(({ lines }) => 1.5 + lines.length);
  const works = steps.map(
    (step) => 1 + rows(step.text) * 1.2 + [step.until, step.caution, ...step.notes].filter(Boolean).length,
  );
  const more = rows(doneBefore.join(' ')) + rows(fromOnce.join('; '));
  return [3 + rows(title), ...amounts, ...works, more].reduce((sum, each) => sum + each, 0);
}

/** A style sheet in which pages of the classes "s0", "s1" … have a running head each, in this font. */
export function headStyles(heads: readonly string[]): string {
  return heads
    .map(
      (head, at) => `@page s${at} { @top-left { content: ${styleString(head)}; } } .s${at} { page: s${at}; }`,
    )
    .join('\n');
}

/** A text as a string of a style sheet that stands in a page: it can end neither. */
export function styleString(text: string): string {
  return `"${text.replace(/[^\p{L}\p{M}\p{N} ·,.:()–-]/gu, (sign) => `\\${sign.codePointAt(0)!.toString(16)} `)}"`;
}
