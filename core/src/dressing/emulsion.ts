import type { Workings } from '../amounts/index.js';
import type { MeasuredLine } from './line-shares.js';
import type { DressingMethod } from './types.js';

/** What makes a dressing creamy. */
const creamy =
  /^(?:yoghurt|strained-yoghurt|creme-fraiche|soured-cream|buttermilk|cream|cream-cheese|mayonnaise|tahini|peanut-butter|avocado|tofu|feta|blue-cheese|goats-cheese|cashews|egg)$/;
const mustard = /mustard$/;
const seeds = /^(?:tahini|peanut-butter|cashews|almonds|walnuts|hazelnuts|pine-nuts|sesame-seeds)$/;
const vegetables = /(?:roasted-peppers|aubergine|beetroot|carrot|squash|avocado)$/;
const pureed =
  /(?:chickpeas|beans|lentils|peas|avocado|roasted-peppers|aubergine|beetroot|carrot|squash|cashews)$/;
const dairy =
  /^(?:yoghurt|strained-yoghurt|creme-fraiche|soured-cream|buttermilk|mayonnaise|tofu|cream-cheese)$/;
const others: readonly (readonly [RegExp, string])[] = [
  [/^egg$/, 'egg yolk'],
  [/^mayonnaise$/, 'mayonnaise'],
  [/^miso$/, 'miso'],
  [/^honey$/, 'honey, a little'],
  [/^garlic$/, 'garlic paste, a little'],
];

/** Mustard that holds an emulsion: a teaspoon for 120 ml. */
const mustardTo = 5 / 120;

/** Minutes that an emulsion holds, ~. */
export const holds = {
  plain: 10,
  whiskedWithMustard: 45,
  stickBlender: 8,
  stickBlenderWithMustard: 240,
  blended: 1440,
} as const;

/** Share of the weight that is creamy by itself. */
export function creamyShare(lines: readonly MeasuredLine[]): number {
  return shareOf(lines, creamy);
}

/** Share of the weight that is puréed vegetables, whose fibre holds water. */
export function pureedShare(lines: readonly MeasuredLine[]): number {
  return shareOf(lines, vegetables);
}

/** Whether pulses or vegetables must be broken down before there is a dip at all. */
export function needsBlending(lines: readonly Pick<MeasuredLine, 'ingredient' | 'grams'>[]): boolean {
  return shareOf(lines, pureed) >= leastPureed;
}

/** Less of it than this is mashed with a fork. */
const leastPureed = 0.25;

function shareOf(lines: readonly Pick<MeasuredLine, 'ingredient' | 'grams'>[], pattern: RegExp): number {
  const grams = lines.reduce((sum, line) => sum + line.grams, 0);
  const own = lines
    .filter(({ ingredient }) => ingredient !== null && pattern.test(ingredient))
    .reduce((sum, line) => sum + line.grams, 0);
  return grams > 0 ? own / grams : 0;
}

export function emulsifiersOf(lines: readonly MeasuredLine[]): string[] {
  const found = lines.flatMap(({ ingredient, name }) => {
    if (ingredient === null) return [];
    if (mustard.test(ingredient) || dairy.test(ingredient) || seeds.test(ingredient)) return [name];
    return others.filter(([pattern]) => pattern.test(ingredient)).map(([, words]) => words);
  });
  return [...new Set(found)];
}

/** How long it holds by its method and the dose of what holds it together. */
export function holdMinutesOf(
  lines: readonly MeasuredLine[],
  method: DressingMethod,
): { minutes: number; workings: Workings } {
  const has = (pattern: RegExp) =>
    lines.some(({ ingredient }) => ingredient !== null && pattern.test(ingredient));
  const volume = lines
    .filter(({ role }) => role === 'oil' || role === 'acid')
    .reduce((sum, line) => sum + line.millilitres, 0);
  const dose = lines
    .filter(({ ingredient }) => ingredient !== null && mustard.test(ingredient))
    .reduce((sum, line) => sum + line.millilitres, 0);
  const isEnough = volume > 0 && dose / volume >= mustardTo - 1e-9;
  const [minutes, why] = holdOf(method, { isEnough, isBlended: has(dairy) || has(seeds) || has(pureed) });
  return {
    minutes,
    workings: {
      title: 'How long it holds',
      estimated: true,
      result: minutes >= 1440 ? 'a day or more' : `${minutes} min`,
      steps: [
        ...(dose > 0
          ? [
              {
                label: `Mustard, ${show(dose)} ml for ${show(volume)} ml of oil and acid`,
                value: isEnough ? 'enough' : 'too little',
                note: 'A teaspoon for 120 ml holds an emulsion.',
              },
            ]
          : []),
        { label: why, value: minutes >= 1440 ? 'a day or more' : `${minutes} min` },
      ],
    },
  };
}

const show = (value: number) => String(Math.round(value * 10) / 10);

function holdOf(
  method: DressingMethod,
  { isEnough, isBlended }: { isEnough: boolean; isBlended: boolean },
): readonly [number, string] {
  if (isBlended && method !== 'shake') return [holds.blended, 'Blended with yoghurt, seeds, nuts or pulses'];
  if (method === 'whisk')
    return isEnough
      ? [holds.whiskedWithMustard, 'Whisked, with mustard']
      : [holds.plain, 'Whisked in a stream'];
  if (method === 'stick blender' || method === 'blend')
    return isEnough
      ? [holds.stickBlenderWithMustard, 'Blended, with mustard']
      : [holds.stickBlender, 'Blended, without mustard'];
  return [holds.plain, method === 'paste' ? 'Stirred into a paste of garlic and salt' : 'Shaken'];
}
