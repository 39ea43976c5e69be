import type {
  AcidKind,
  CautionId,
  Composition,
  Fact,
  FactSource,
  Ingredient,
  Keeping,
  Pack,
} from './types.js';

/** Cautions by their mark in the table. */
export const cautionMarks: Readonly<Record<string, CautionId>> = {
  beans: 'kidney-type-beans',
  coolfast: 'cool-fast',
  raw: 'raw-protein',
  cold: 'keep-cold',
  wash: 'wash-leaves',
  sprouts: 'sprouts',
  honey: 'honey',
  softcheese: 'soft-cheese',
  choking: 'choking',
  hands: 'hot-hands',
  inoil: 'in-oil',
  stone: 'stone',
  rawegg: 'raw-egg',
};

/** What stands behind a figure: fixed by definition or a published table, or printed on packets. */
const sources: Readonly<Record<string, FactSource>> = { s: 'standard', l: 'label' };

/** "0.6" is an estimate, "15s" a standard, "0.6l" what labels say. */
export function factOf(cell: string): Fact {
  const source = sources[cell.slice(-1)];
  return { value: Number(source ? cell.slice(0, -1) : cell), source: source ?? 'estimate' };
}

const unitMark = /^(ml|pc) /;

/**
 * "400 tin 0.65 + 800 tin 1.1": size, name and price; in grams unless "ml" or "pc" stands before the first;
 * "100 loose 8" is by the kilogram, and "–" no name or no price.
 */
export function packsOf(cell: string): Pick<Ingredient, 'packs' | 'shoppingUnit'> {
  const mark = unitMark.exec(cell)?.[1];
  return {
    shoppingUnit: mark === 'ml' ? 'ml' : mark === 'pc' ? 'piece' : 'g',
    packs: cell
      .replace(unitMark, '')
      .split(' + ')
      .filter(Boolean)
      .map((pack) => packOf(pack.split(' '))),
  };
}

function packOf(words: readonly string[]): Pack {
  const [name, price] = [words.slice(1, -1).join(' '), words[words.length - 1]!];
  return {
    size: Number(words[0]),
    ...(name === 'loose' ? { name: '', loose: true } : { name: name === '–' ? '' : name }),
    ...(price === '–' ? {} : { price: factOf(price) }),
  };
}

/** "cool 7 cold 21": days by place. */
export function keepingDaysOf(cell: string): Keeping {
  const words = cell === '–' ? [] : cell.split(' ');
  return Object.fromEntries(
    words.flatMap((place, at) => (at % 2 === 0 ? [[place, Number(words[at + 1])]] : [])),
  ) as Keeping;
}

/** "10-2" is October to February. */
export function monthsOf(cell: string | undefined): number[] {
  if (!cell) return [];
  const [first, last] = cell.split('-').map(Number) as [number, number];
  const count = ((last - first + 12) % 12) + 1;
  return Array.from({ length: count }, (_, index) => ((first - 1 + index) % 12) + 1).sort((a, b) => a - b);
}

/** Per cent as a share, in five digits: a division leaves dust behind the last one. */
const share = (percent: string | undefined): Fact => ({
  value: Number((Number(percent ?? 0) / 100).toFixed(5)),
  source: 'estimate',
});

/** "92 0.2 3.5 0 citric 1": water, fat, sugar, salt and acid in per cent; "–" where nobody knows. */
export function compositionOf(cell: string): Composition | undefined {
  if (cell === '–') return undefined;
  const [water, fat, sugar, salt, kind, acid] = cell.split(' ');
  return {
    water: share(water),
    fat: share(fat),
    sugar: share(sugar),
    salt: share(salt),
    acid: kind ? { kind: kind as AcidKind, share: share(acid) } : null,
  };
}
