import { unitIds, type UnitId } from '../amounts/index.js';
import type { IngredientRow, WrittenKnowledge, WrittenRow } from './rows.js';
import { allergens, type Allergen, type CautionId, type Form, type Keeping, type Scaling } from './types.js';

const cautionMarks: Readonly<Record<string, CautionId>> = {
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

/**
 * Rows of food in one line each:
 *
 * `id: names | packs | figures | keeping | allergens and marks | composition`
 *
 * A line that begins with "|" goes on with the row above. Names: UK, then "/ US", then others after
 * commas. Packs: "400 tin 0.65", with a price; sizes in grams, unless "ml" or "pc" stands before the
 * first; "100 loose 8" is by the kilogram. Figures: "d" and "d.form" g/ml, "y" and "y.form" yields, units
 * in grams ("piece=180"), "small", "large", "drained", "cooked" (times its dry weight), "ripens",
 * "months=6-9", "scaling". Keeping: days by place. Marks: "meat", "pork", "rennet", "notvegan", and
 * cautions after "!". Everything is a starting estimate.
 */
export function readRows(text: string): WrittenRow[] {
  return text
    .trim()
    .replace(/\n\s*\|/g, ' |')
    .split('\n')
    .map((row) => row.trim())
    .filter(Boolean)
    .map(readRow);
}

function readRow(row: string): WrittenRow {
  const colon = row.indexOf(':');
  const id = row.slice(0, colon);
  const cells = row
    .slice(colon + 1)
    .split('|')
    .map((cell) => cell.trim());
  if (cells.length !== 6) throw new Error(`“${id}” has ${cells.length} cells, not 6.`);
  const [names, packs, figures, keeping, marks, composition] = cells as [
    string,
    string,
    string,
    string,
    string,
    string,
  ];
  const words = marks.split(/[ ,]+/).filter((word) => word && word !== '–');
  const { count, density, yields, rest } = figuresOf(figures);
  const [first, ...also] = names.split(',').map((name) => name.trim());
  const [uk, us] = first!.split('/').map((name) => name.trim());
  return {
    id,
    uk: uk!,
    ...(us ? { us } : {}),
    also,
    ...packsOf(packs),
    count,
    density,
    yields,
    keeps: keepingOf(keeping),
    allergens: allergensOf(id, words),
    ...frameOf(rest),
    knows: knowledgeOf(words, composition, rest),
  };
}

const unitMark = /^(ml|pc) /;

function packsOf(cell: string): Pick<WrittenRow, 'packs' | 'prices' | 'unit'> {
  const mark = unitMark.exec(cell)?.[1];
  const packs = cell
    .replace(unitMark, '')
    .split(' + ')
    .filter(Boolean)
    .map((pack) => pack.split(' '));
  return {
    ...(mark ? { unit: mark === 'ml' ? 'ml' : 'piece' } : {}),
    packs: packs.map((words) => [Number(words[0]), words.slice(1, -1).join(' ').replace('–', '')] as const),
    prices: packs.map((words) => Number(words[words.length - 1])),
  };
}

type Figures = ReadonlyMap<string, string>;

function figuresOf(cell: string) {
  const count: Partial<Record<UnitId, number>> = {};
  const density: Partial<Record<Form | 'plain', number>> = {};
  const yields: Record<string, number> = {};
  const rest = new Map<string, string>();
  for (const figure of cell.split(' ').filter(Boolean)) {
    const [key, value] = figure.split('=') as [string, string];
    if (key === 'd') density.plain = Number(value);
    else if (key.startsWith('d.')) density[key.slice(2) as Form] = Number(value);
    else if (key === 'y') {
      // A share of 1 says that nothing is lost: the row has then been looked at, and there is no figure.
      if (value !== '1') yields.usual = Number(value);
    } else if (key.startsWith('y.')) yields[key.slice(2)] = Number(value);
    else if (unitIds.includes(key as UnitId) && key !== 'handful' && key !== 'cm')
      count[key as UnitId] = Number(value);
    else rest.set(key, value);
  }
  return { count, density, yields, rest };
}

function frameOf(figures: Figures): Partial<IngredientRow> {
  const number = (key: string) => (figures.has(key) ? Number(figures.get(key)) : undefined);
  const juice = figures.get('juice')?.split('-').map(Number) as [number, number] | undefined;
  return {
    handful: number('handful'),
    centimetre: number('cm'),
    drained: number('drained'),
    dryToCooked: number('cooked'),
    ripens: number('ripens'),
    zest: number('zest'),
    ...(juice ? { juice } : {}),
    ...(figures.has('scaling') ? { scaling: figures.get('scaling') as Scaling } : {}),
    ...(figures.has('indivisible') ? { indivisible: true } : {}),
  };
}

function keepingOf(cell: string): Keeping {
  const words = cell.split(' ').filter(Boolean);
  const keeping: Record<string, number> = {};
  for (let at = 0; at + 1 < words.length; at += 2) keeping[words[at]!] = Number(words[at + 1]);
  return keeping;
}

function allergensOf(id: string, words: readonly string[]): Allergen[] {
  return words
    .filter((word) => !word.startsWith('!') && !otherMarks.has(word))
    .map((word) => {
      const allergen = word.replace('-', ' ') as Allergen;
      if (!allergens.includes(allergen)) throw new Error(`“${word}” of “${id}” is no allergen.`);
      return allergen;
    });
}

const otherMarks = new Set(['meat', 'pork', 'rennet', 'notvegan']);

function knowledgeOf(words: readonly string[], composition: string, figures: Figures): WrittenKnowledge {
  const pair = (key: string) => figures.get(key)?.split('-').map(Number) as [number, number] | undefined;
  const [season, sizes] = [pair('months'), pair('sizes')];
  return {
    composition,
    ...(season ? { season } : {}),
    ...(sizes ? { sizes } : {}),
    cautions: words.filter((word) => word.startsWith('!')).map((word) => cautionMarks[word.slice(1)]!),
    isMeat: words.includes('meat') || words.includes('pork'),
    isPork: words.includes('pork'),
    leftBy: words.includes('rennet') ? 'vegetarians' : words.includes('notvegan') ? 'vegans' : 'nobody',
  };
}
