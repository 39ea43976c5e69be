import type { UnitId } from '../amounts/index.js';
import type { Fact, Ingredient } from './types.js';

export interface FigureKind {
  readonly label: (rest: string) => string;
  readonly unit: string;
  readonly least: number;
  readonly most: number;
  readonly read: (ingredient: Ingredient) => readonly (readonly [string, Fact | undefined])[];
  readonly write: (ingredient: Ingredient, rest: string, fact: Fact) => Ingredient;
}

const guessed = (fact: Fact): Fact => ({ ...fact, source: 'estimate' });
const nothing: Fact = { value: 0, source: 'estimate' };
/** What an ingredient without a composition begins with when one part of it is measured. */
const unknownComposition = { water: nothing, fat: nothing, sugar: nothing, salt: nothing, acid: null };
/** Counted units with a figure of their own kind. */
const ofTheHand: readonly string[] = ['pinch', 'squeeze'];

const cut = (rest: string) =>
  rest === 'plain' || rest === 'usual' ? '' : `, ${rest.replaceAll('+', ' and ')}`;
const tiny = 0.001;

/** Every kind of figure with the range in which it can be true. */
export const kinds: Readonly<Record<string, FigureKind>> = {
  density: {
    label: (form) => `Density${cut(form)}`,
    unit: 'g/ml',
    least: 0.01,
    most: 3,
    read: (of) => Object.entries(of.densities),
    write: (of, form, fact) => ({ ...of, densities: { ...of.densities, [form]: fact } }),
  },
  yield: {
    label: (forms) => `Yield${cut(forms)}`,
    unit: '',
    least: 0.05,
    most: 1,
    read: (of) => Object.entries(of.yields),
    write: (of, forms, fact) => ({ ...of, yields: { ...of.yields, [forms]: fact } }),
  },
  count: {
    label: (unit) => `One ${unit}`,
    unit: 'g',
    least: 0.01,
    most: 20_000,
    read: (of) => Object.entries(of.countGrams).filter(([unit]) => !ofTheHand.includes(unit)),
    write: (of, unit, fact) => ({ ...of, countGrams: { ...of.countGrams, [unit as UnitId]: fact } }),
  },
  size: {
    label: (size) => `A ${size} piece`,
    unit: 'g',
    least: 0.1,
    most: 20_000,
    read: (of) => Object.entries(of.pieceSizes ?? {}),
    write: (of, size, fact) => ({
      ...of,
      pieceSizes: { small: guessed(fact), large: guessed(fact), ...of.pieceSizes, [size]: fact },
    }),
  },
  handful: {
    label: () => 'A handful',
    unit: 'g',
    least: 0.5,
    most: 500,
    read: (of) => [['', of.handfulGrams]],
    write: (of, _, fact) => ({ ...of, handfulGrams: fact }),
  },
  pinch: {
    label: () => 'A pinch',
    unit: 'g',
    least: 0.01,
    most: 10,
    read: (of) => [['', of.countGrams.pinch]],
    write: (of, _, fact) => ({ ...of, countGrams: { ...of.countGrams, pinch: fact } }),
  },
  squeeze: {
    label: () => 'A squeeze',
    unit: 'g',
    least: 0.2,
    most: 60,
    read: (of) => [['', of.countGrams.squeeze]],
    write: (of, _, fact) => ({ ...of, countGrams: { ...of.countGrams, squeeze: fact } }),
  },
  centimetre: {
    label: () => 'A centimetre',
    unit: 'g',
    least: 0.1,
    most: 200,
    read: (of) => [['', of.centimetreGrams]],
    write: (of, _, fact) => ({ ...of, centimetreGrams: fact }),
  },
  juice: {
    label: (end) => `Juice of one, ${end === 'low' ? 'at least' : 'at most'}`,
    unit: 'ml',
    least: 1,
    most: 1000,
    read: (of) => Object.entries(of.byProducts?.juiceMillilitres ?? {}),
    write: (fruit, end, fact) => ({
      ...fruit,
      byProducts: {
        ...fruit.byProducts,
        juiceMillilitres: {
          low: guessed(fact),
          high: guessed(fact),
          ...fruit.byProducts?.juiceMillilitres,
          [end]: fact,
        },
      },
    }),
  },
  zest: {
    label: () => 'Zest of one',
    unit: 'g',
    least: 0.1,
    most: 60,
    read: (of) => [['', of.byProducts?.zestGrams]],
    write: (of, _, fact) => ({ ...of, byProducts: { ...of.byProducts, zestGrams: fact } }),
  },
  drained: {
    label: () => 'Drained share',
    unit: '',
    least: 0.05,
    most: 1,
    read: (of) => [['', of.drainedShare]],
    write: (of, _, fact) => ({ ...of, drainedShare: fact }),
  },
  dryToCooked: {
    label: () => 'Dry to cooked',
    unit: '×',
    least: 1,
    most: 6,
    read: (of) => [['', of.dryToCooked]],
    write: (of, _, fact) => ({ ...of, dryToCooked: fact }),
  },
  keeps: {
    label: (place) => `Keeps ${place === 'room' ? 'at room temperature' : `in the ${place}`}`,
    unit: 'days',
    least: 0,
    most: 2000,
    read: (of) =>
      Object.entries(of.keepingDays).map(([place, days]) => [
        place,
        { value: days as number, source: 'estimate' },
      ]),
    write: (of, place, fact) => ({ ...of, keepingDays: { ...of.keepingDays, [place]: fact.value } }),
  },
  stays: {
    label: (state) => `Keeps ${state.replaceAll('-', ' ')}`,
    unit: 'hours',
    least: 0.25,
    most: 8760,
    read: (of) =>
      Object.entries(of.stays ?? {}).map(([state, minutes]) => [
        state.replaceAll(' ', '-'),
        { value: minutes / 60, source: 'measured' },
      ]),
    write: (of, state, fact) => ({
      ...of,
      stays: { ...of.stays, [state.replaceAll('-', ' ')]: Math.round(fact.value * 60) },
    }),
  },
  cooks: {
    label: (key) => `Minutes to ${key.split('+').join(', ')}`,
    unit: 'min',
    least: 0.25,
    most: 1440,
    read: (of) =>
      Object.entries(of.cooking ?? {}).map(([key, value]) => [key, { value, source: 'measured' }]),
    write: (of, key, fact) => ({ ...of, cooking: { ...of.cooking, [key]: fact.value } }),
  },
  ripens: {
    label: () => 'Ripens in',
    unit: 'days',
    least: 0,
    most: 60,
    read: (of) => [
      ['', of.ripeningDays === undefined ? undefined : { value: of.ripeningDays, source: 'estimate' }],
    ],
    write: (of, _, fact) => ({ ...of, ripeningDays: fact.value }),
  },
  pack: {
    label: (index) => `Size of pack ${Number(index) + 1}`,
    unit: '',
    least: tiny,
    most: 50_000,
    read: (of) =>
      of.packs.map((pack, index) => [
        String(index),
        { value: pack.size, source: of.own ? 'measured' : 'standard' },
      ]),
    write: (of, index, fact) => ({
      ...of,
      packs: of.packs.map((pack, at) => (String(at) === index ? { ...pack, size: fact.value } : pack)),
    }),
  },
  price: {
    label: (index) => `Price, ${index === '0' ? 'smallest size' : 'next size'}`,
    unit: 'a pack',
    least: tiny,
    most: 1000,
    read: (of) => of.packs.map((pack, index) => [String(index), pack.price]),
    write: (of, index, fact) => ({
      ...of,
      packs: of.packs.map((pack, at) => (String(at) === index ? { ...pack, price: fact } : pack)),
    }),
  },
  holds: {
    label: (part) => part.charAt(0).toUpperCase() + part.slice(1),
    unit: 'of the weight',
    least: 0,
    most: 1,
    read: ({ composition }) =>
      composition
        ? [
            ['water', composition.water],
            ['fat', composition.fat],
            ['sugar', composition.sugar],
            ['salt', composition.salt],
            ['acid', composition.acid?.share],
          ]
        : [],
    write: ({ composition = unknownComposition, ...of }, part, fact) => ({
      ...of,
      composition:
        part === 'acid'
          ? { ...composition, acid: { kind: composition.acid?.kind ?? 'acetic', share: fact } }
          : { ...composition, [part]: fact },
    }),
  },
};
