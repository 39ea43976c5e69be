import { letterOf } from '../class/index.js';
import {
  type MeasureSystem,
  multiply,
  type Rational,
  toNumber,
  toRational,
  writeAmount,
  writeRational,
} from '../amounts/index.js';
import type { Larder } from '../larder/index.js';
import {
  emptyStep,
  lineOf,
  parseIngredientLine,
  type Recipe,
  type RecipeLine,
  type RecipeStep,
} from '../recipes/index.js';
import { listed } from '../words/index.js';
import { balanceDressing } from './balance.js';
import type { DressingMethod } from './types.js';

/** Bowls that can be tasted beside each other. */
export const flightBowls = { least: 2, most: 4 } as const;

/** A bowl of a flight: its lines as written. */
export interface FlightBowl {
  readonly title: string;
  readonly method: DressingMethod;
  readonly texts: readonly string[];
}

/** Each station makes another bowl for the whole class, or every station makes all of them for itself. */
export const flightSharings = ['each another', 'every station all'] as const;
export type FlightSharing = (typeof flightSharings)[number];

/** What a flight is tasted on: one line for so many tasters. */
export const tastedOn = ['little gem leaves', 'slices of cucumber', 'bread'] as const;
export type TastedOn = (typeof tastedOn)[number];

/** The choice of a flight in which each station makes another bowl. */
export const flightChoice = 'bowl';
/** What a person tastes of one bowl, in millilitres: a tablespoon. ~ */
const tasteEach = 15;

interface FlightOptions {
  readonly way: FlightSharing;
  readonly on: TastedOn;
  readonly larder: Larder;
  readonly system: MeasureSystem;
}

/**
 * A recipe of two to four bowls that are tasted beside each other. It serves as many as the smallest bowl
 * gives a tablespoon each; where each station makes another one, a station makes it for the people of as
 * many stations as there are bowls. Null where there are too few or too many, or one of them is empty.
 */
export function flightRecipe(bowls: readonly FlightBowl[], options: FlightOptions): Recipe | null {
  const { way, system } = options;
  if (bowls.length < flightBowls.least || bowls.length > flightBowls.most) return null;
  const isDealt = way === 'each another';
  const { lines, smallest } = levelled(bowls, options);
  if (!(smallest > 0)) return null;
  const serves = Math.max(1, Math.floor(smallest / (tasteEach * (isDealt ? bowls.length : 1)) + 1e-9));
  const base = baseLine(serves, lines.length, options);
  return {
    title: `Tasting flight: ${listed(
      bowls.map(({ title }) => title),
      4,
    )}`.slice(0, 120),
    kind: 'dressing',
    serves,
    portion: 'taste',
    system,
    leastBatch: '1/4',
    story: '',
    source: '',
    credit: '',
    permission: '',
    notes: bowls.map(({ title }, index) => `${letterOf(index)}: ${title}`).join('\n'),
    choices: isDealt
      ? [
          {
            id: flightChoice,
            name: 'Bowl',
            options: bowls.map((_, index) => ({ id: optionOf(index), name: letterOf(index) })),
            usual: optionOf(0),
          },
        ]
      : [],
    components: [
      ...bowls.map(({ title, method }, index) => ({
        id: idOf(index),
        name: title,
        role: method === 'blend' ? ('dip' as const) : ('dressing' as const),
      })),
      { id: 'on', name: 'To taste them on', role: 'dippers' },
    ],
    lines: [...lines, base],
    steps: stepsOf(bowls, lines, { base, isDealt }),
  };
}

/** Batches of a bowl that a spoon still measures. */
const batches: readonly Rational[] = ['1/4', '1/3', '1/2', '2/3', '3/4', '1', '3/2', '2', '3', '4'];

/** The lines of every bowl, in the batch that comes nearest to the largest; and the least of those. */
function levelled(
  bowls: readonly FlightBowl[],
  options: FlightOptions,
): { lines: RecipeLine[]; smallest: number } {
  const lines = linesOf(bowls, options);
  const ownOf = (index: number) => lines.filter(({ componentId }) => componentId === idOf(index));
  const volumes = bowls.map(
    ({ method }, index) =>
      balanceDressing(ownOf(index), options.larder, { method, system: options.system }).millilitres,
  );
  const largest = Math.max(...volumes);
  const factors = volumes.map((volume) => nearest(largest / volume));
  return {
    lines: lines.map((line) => timesAsMuch(line, factors[bowlOf(line)]!)),
    smallest: Math.min(...volumes.map((volume, index) => volume * toNumber(factors[index]!))),
  };
}

function nearest(times: number): Rational {
  const away = (batch: Rational) => Math.abs(Math.log(toNumber(batch) / times));
  return [...batches].sort((one, other) => away(one) - away(other))[0]!;
}

function timesAsMuch(line: RecipeLine, times: Rational): RecipeLine {
  if (!line.amount || !line.unit || times === '1') return line;
  const amount = { low: multiply(line.amount.low, times), high: multiply(line.amount.high, times) };
  const part = line.byProducts.length > 0 && !line.name.includes(line.byProducts[0]!);
  const name = [line.name, ...(part ? line.byProducts.slice(0, 1) : [])].join(' ');
  const text = `${writeAmount({ ...amount, unit: line.unit })} ${name}`;
  return { ...line, amount, text: line.note ? `${text}, ${line.note}` : text, second: null };
}

const bowlOf = ({ componentId }: RecipeLine) => Number(componentId.slice(1)) - 1;
const idOf = (index: number) => `c${index + 1}`;
const optionOf = (index: number) => letterOf(index).toLowerCase();
const whenOf = (index: number) => ({ choice: flightChoice, option: optionOf(index) });

function linesOf(bowls: readonly FlightBowl[], { way, larder, system }: FlightOptions): RecipeLine[] {
  const written = bowls.flatMap(({ texts }, bowl) =>
    texts.filter((text) => text.trim() !== '').map((text) => ({ text, bowl })),
  );
  return written.map(({ text, bowl }, index) => ({
    ...lineOf(parseIngredientLine(text, { system, larder }), index, idOf(bowl)),
    ...(way === 'each another' ? { when: whenOf(bowl) } : {}),
  }));
}

/** For four tasters one head of leaves, half a cucumber, or 100 g of bread. ~ */
function baseLine(serves: number, index: number, { on, system, larder }: FlightOptions): RecipeLine {
  const pieces = (each: number) => writeRational(toRational(serves / each));
  const text = {
    'little gem leaves': `${pieces(4)} heads little gem`,
    'slices of cucumber': `${pieces(8)} cucumbers`,
    bread: `${serves * 25} g sourdough bread`,
  }[on];
  return lineOf(parseIngredientLine(text, { system, larder }), index, 'on');
}

/** How a bowl is made, with what it takes and the note that explains it. */
const made: Readonly<
  Record<DressingMethod, { text: string; tools: readonly string[]; technique: string; minutes: number }>
> = {
  shake: {
    text: 'Shake #: salt and acid first, then the oil, in a jar.',
    tools: ['jar with lid'],
    technique: 'shake-dressing',
    minutes: 4,
  },
  paste: {
    text: 'Stir #: garlic and salt crushed to a paste, then the acid, then the oil by the spoon.',
    tools: ['pestle and mortar'],
    technique: 'garlic-paste',
    minutes: 7,
  },
  whisk: {
    text: 'Whisk #: acid and seasoning, then the oil in a thin stream.',
    tools: ['medium bowl', 'whisk'],
    technique: 'whisk-dressing',
    minutes: 6,
  },
  'stick blender': {
    text: 'Blend # with the stick blender, slowly up from the bottom.',
    tools: ['stick blender'],
    technique: 'stick-blend',
    minutes: 4,
  },
  blend: {
    text: 'Blend #: break the solids down, scrape them down, then let the liquids in.',
    tools: ['food processor', 'spatula'],
    technique: 'blend-dip',
    minutes: 6,
  },
};

const step = (
  id: string,
  { componentId, text, ...to }: Partial<RecipeStep> & Pick<RecipeStep, 'componentId' | 'text'>,
): RecipeStep => ({ ...emptyStep(id, componentId, text, []), until: '', ...to });

function stepsOf(
  bowls: readonly FlightBowl[],
  lines: readonly RecipeLine[],
  { base, isDealt }: { base: RecipeLine; isDealt: boolean },
): RecipeStep[] {
  const making = bowls.map(({ method }, index) => {
    const { text, tools, technique, minutes } = made[method];
    const own = lines.filter(({ componentId }) => componentId === idOf(index));
    return step(`s${index + 1}`, {
      componentId: idOf(index),
      text: `${text.replace('#', `bowl ${letterOf(index)}`)} Put its letter on it.`,
      handsOnMinutes: minutes,
      tools,
      uses: own.map(({ id }) => ({ line: id, share: '1' })),
      techniques: [technique],
      holdMinutes: 60,
      ...(isDealt ? { when: whenOf(index) } : {}),
    });
  });
  const ready = step(`s${bowls.length + 1}`, {
    componentId: 'on',
    text: 'Wash and cut what the bowls are tasted on into one piece a bowl for everybody.',
    handsOnMinutes: 4,
    place: 'either',
    tools: ['board and knife'],
    uses: [{ line: base.id, share: '1' }],
    holdMinutes: 120,
  });
  return [
    ...making,
    ready,
    step(`s${bowls.length + 2}`, {
      componentId: 'on',
      text:
        'Taste every bowl on a piece, with a clean spoon or a clean piece each time. ' +
        'Write down your marks before you talk.',
      handsOnMinutes: 3 + 2 * bowls.length,
      after: [...making, ready].map(({ id }) => id),
      techniques: ['taste-and-adjust'],
      holdMinutes: 60,
    }),
  ];
}
