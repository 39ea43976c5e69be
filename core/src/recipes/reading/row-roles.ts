/**
 * What a person can say that a row or a sentence of a text is: an ingredient line, work, a remark that stays
 * with the work, another way to do it, the heading of a part, or nothing of the recipe.
 */
export const rowRoles = ['line', 'step', 'note', 'way', 'heading', 'nothing'] as const;
export type RowRole = (typeof rowRoles)[number];

/** Roles that a person gave, by the row or the sentence as it is written. */
export type SaidRoles = Readonly<Record<string, RowRole>>;

const numberOrBullet = /^(?:\p{Emoji_Presentation}|[-*+•·▪◦‣#>]|(?:step )?\d{1,2}[.):])\s*/iu;

/** Letters and digits only: a row is the same row with its bullet or number and without. */
export function lettersOf(text: string): string {
  return text
    .trim()
    .replace(numberOrBullet, '')
    .toLowerCase()
    .replace(/[^\p{L}\d]/gu, '');
}

/** What a person said that a row or sentence is; undefined where nobody did. */
export function roleSaidBy(roles: SaidRoles = {}): (text: string) => RowRole | undefined {
  const byLetters = new Map(Object.entries(roles).map(([text, role]) => [lettersOf(text), role]));
  return byLetters.size === 0 ? () => undefined : (text) => byLetters.get(lettersOf(text));
}
