import type { Workings } from '../amounts/index.js';
import { type Family, family } from '../larder/index.js';
import type { MeasuredLine } from './line-shares.js';
import type { DressingMethod } from './types.js';

/** What makes a dressing creamy. */
const creamy = family('creamy by itself');
const mustards = family('mustards');
const groundSeeds = family('ground nuts and seeds hold');
const vegetables = family('vegetables for a puree');
const pureed = family('pulses', 'vegetables for a puree', 'green peas', 'nuts for a puree');
const holding = family('holds a dressing together');
const others: readonly (readonly [Family, string])[] = [
  [family('yolk'), 'egg yolk'],
  [family('miso'), 'miso'],
  [family('honey'), 'honey, a little'],
  [family('garlic'), 'garlic paste, a little'],
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

function shareOf(lines: readonly Pick<MeasuredLine, 'ingredient' | 'grams'>[], foods: Family): number {
  const grams = lines.reduce((sum, line) => sum + line.grams, 0);
  const own = lines
    .filter(({ ingredient }) => ingredient !== null && foods.has(ingredient))
    .reduce((sum, line) => sum + line.grams, 0);
  return grams > 0 ? own / grams : 0;
}

export function emulsifiersOf(lines: readonly MeasuredLine[]): string[] {
  const found = lines.flatMap(({ ingredient, name }) => {
    if (ingredient === null) return [];
    if ([mustards, holding, groundSeeds].some((foods) => foods.has(ingredient))) return [name];
    return others.filter(([foods]) => foods.has(ingredient)).map(([, words]) => words);
  });
  return [...new Set(found)];
}

/** How long it holds by its method and the dose of what holds it together. */
export function holdMinutesOf(
  lines: readonly MeasuredLine[],
  method: DressingMethod,
): { minutes: number; workings: Workings } {
  const has = (foods: Family) => lines.some(({ ingredient }) => ingredient !== null && foods.has(ingredient));
  const volume = lines
    .filter(({ role }) => role === 'oil' || role === 'acid')
    .reduce((sum, line) => sum + line.millilitres, 0);
  const dose = lines
    .filter(({ ingredient }) => ingredient !== null && mustards.has(ingredient))
    .reduce((sum, line) => sum + line.millilitres, 0);
  const isEnough = volume > 0 && dose / volume >= mustardTo - 1e-9;
  const [minutes, why] = holdOf(method, {
    isEnough,
    isBlended: has(holding) || has(groundSeeds) || has(pureed),
  });
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
