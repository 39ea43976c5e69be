import type { ComponentId } from '../identity/index.js';
import type { Larder } from '../larder/index.js';
import { doing, type Recipe, type RecipeComponent, saying } from '../recipes/index.js';
import { counted, listed } from '../words/index.js';
import { asWritten, oneDecimal, type ToldFigure, type ToldPart } from './as-written.js';
import type { DressedBase } from './base-of.js';
import { dipServing } from './dips.js';
import { dresses, usualShare } from './dresses.js';
import { holds } from './emulsion.js';
import { dressingKeeping } from './keeping.js';
import { hasSaltToTaste } from './salt-places.js';
import { type OwnSchools, schoolTarget } from './own-schools.js';
import type { SchoolTarget } from './schools.js';
import type { Balance } from './types.js';

/** What is to be said of a dressing or dip of a recipe. */
export interface ToldDressing {
  readonly name: string;
  /** The first is "3 : 1, oil-led · salt 1.9 % · dresses 620 g · holds 10 min, mix again at 19:40". */
  readonly figures: readonly ToldFigure[];
  /** What is out of its window, with what helps; empty where all is well. */
  readonly remedies: readonly string[];
}

interface Telling {
  /** Batches of the recipe that are made at once. */
  readonly factor?: number;
  /** The kitchen's own figures of the schools. */
  readonly own?: OwnSchools;
  /** When it is mixed again, "19:40"; null where it is not. */
  readonly again?: string | null;
}

/** What is said of a dressing or dip as it is made in one place; null where nothing of it is weighed. */
export function tellDressing(
  recipe: Recipe,
  component: RecipeComponent,
  larder: Larder,
  { factor = 1, again = null, own = {} }: Telling = {},
): ToldDressing | null {
  const { balance, base, salt, thinned } = asWritten(recipe, component, larder);
  if (balance.grams <= 0) return null;
  const { name } = component;
  const notKnown = balance.missing.filter(({ what }) => what !== 'amount').map((row) => row.name);
  if (notKnown.length > 0) return unknownBalance(name, balance, notKnown);
  const told = { recipe, larder, balance, base, factor };
  const reach = base && reachOf(told, base);
  const isDip = component.role === 'dip';
  const others = [isDip ? servesOf(told) : null, salt, thinned];
  const target = isDip ? dipWindows : schoolTarget(balance.school, own);
  return {
    name,
    figures: [
      {
        id: 'balance',
        text: [
          isDip ? balance.thickness : partsWords(balance),
          `salt ${oneDecimal(balance.salt * 100)} %`,
          ...(reach ? [`dresses ${tens(reach.enough)} g`] : isDip ? [] : [balance.thickness]),
          holdWords(balance, again),
        ].join(' · '),
        workings: reach?.workings ?? balance.workings.thickness,
      },
      ...others.flatMap((each) => each?.figure ?? []),
    ],
    remedies: [
      ...windowRemedies(balance, target, {
        isDishSalty: reach?.isShort || (salt?.isSalty ?? true),
        isToTaste: hasSaltToTaste(recipe.lines, larder),
        isDip,
      }),
      ...(reach?.remedies ?? []),
      ...others.flatMap((each) => each?.remedies ?? []),
    ],
  };
}

/** Of what nobody knows what it consists of no balance is told. */
function unknownBalance(name: string, { workings }: Balance, notKnown: readonly string[]): ToldDressing {
  const text = `balance not known, for what is in it: ${listed(notKnown, 3)}`;
  return { name, figures: [{ id: 'balance', text, workings: workings.salt }], remedies: [] };
}

/** Minutes that the emulsion of a part of a recipe holds; of what has no weight, as long as a plain one. */
export function holdOf(recipe: Recipe, componentId: ComponentId, larder: Larder): number {
  const component = recipe.components.find(({ id }) => id === componentId);
  const balance = component && asWritten(recipe, component, larder).balance;
  return balance && balance.grams > 0 ? balance.holdMinutes : holds.plain;
}

interface Told {
  readonly recipe: Recipe;
  readonly larder: Larder;
  readonly balance: Balance;
  readonly base: DressedBase | null;
  readonly factor: number;
}

const isWarmYet = saying('warm when dressed');
const isDressed = doing('toss', 'fold', 'pour');

function reachOf({ recipe, larder, balance, factor }: Told, base: DressedBase) {
  const isWarm = recipe.steps.some((step) => isWarmYet(step) && isDressed(step));
  const isPoured = balance.grams >= base.grams * usualShare(base.kind)[0];
  const bowl = { ...balance, grams: balance.grams * factor };
  const { grams, workings } = dresses(base.kind, bowl, { isWarm, isPoured });
  const enough = (grams[0] + grams[1]) / 2;
  const onBench = base.grams * factor;
  const keeps = dressingKeeping(balance, larder).days;
  return {
    enough,
    workings,
    isShort: enough < onBench * leastReach,
    remedies: reachRemedies(enough, onBench, keeps),
  };
}

/** A dip: for how many it is enough. */
function servesOf({ balance, factor }: Told): ToldPart {
  const { portions, dippers, workings } = dipServing({ millilitres: balance.millilitres * factor });
  return {
    figure: {
      id: 'serves',
      text: `enough for ${portions}, with ${dippers[0]}–${dippers[1]} pieces to dip`,
      workings,
    },
    remedies: [],
  };
}

const tens = (grams: number) => Math.round(grams / 10) * 10;

/** Less oil than this beside the acid is no part of it. */
const leastRatio = 0.05;

function partsWords({ ratio, school }: Balance): string {
  if (ratio === null || ratio < leastRatio || school === 'creamy' || school === 'no-oil') return school;
  return ratio >= 1 ? `${oneDecimal(ratio)} : 1, ${school}` : `1 : ${oneDecimal(1 / ratio)}, ${school}`;
}

function holdWords({ holdMinutes }: Balance, again: string | null): string {
  const held = holdMinutes >= 1440 ? 'holds a day or more' : `holds ${holdMinutes} min`;
  return again ? `${held}, mix again at ${again}` : held;
}

type Windows = Pick<SchoolTarget, 'salt' | 'acidity'>;

/** A dip is eaten as it is, and much of it. ~ */
const dipWindows: Windows = { salt: [0.7, 1.5], acidity: [0.2, 1.8] };

/**
 * Salt and acid out of the window of their school. A dressing that is salty so that its dish is salted enough
 * is meant to be.
 */
function windowRemedies(
  { school, salt, acidity }: Balance,
  target: Windows,
  { isDishSalty, isToTaste, isDip }: { isDishSalty: boolean; isToTaste: boolean; isDip: boolean },
): string[] {
  const percent = salt * 100;
  return [
    ...(percent > target.salt[1] + 0.5 && isDishSalty
      ? [`Salt is over the usual ${target.salt.join('–')} %: add oil or more of the rest, never sugar.`]
      : []),
    ...(percent < target.salt[0] - 0.5 && !isToTaste
      ? [
          `Salt is under the usual ${target.salt.join('–')} %: ` +
            (isDip ? 'season it, and taste again.' : 'season what it dresses, or the dressing.'),
        ]
      : []),
    ...(acidity > target.acidity[1] + 0.5
      ? [`Sharper than usual for ${school}: oil, or a little honey.`]
      : []),
    ...(acidity < target.acidity[0] - 0.4
      ? [`Flatter than usual for ${school}: a teaspoon of something sharp.`]
      : []),
  ];
}

/** Of what is on the bench, how much a dressing may be enough for without a word. */
const leastReach = 0.7;
const mostReach = 1.4;

function reachRemedies(enough: number, onBench: number, keepsDays: number): string[] {
  if (enough <= 0 || onBench <= 0) return [];
  const times = enough / onBench;
  if (times > mostReach)
    return [
      `It dresses ${oneDecimal(times)} × what is on the bench: bottle the rest, ` +
        `it keeps ${counted(keepsDays, 'day')} cold.`,
    ];
  return times < leastReach
    ? [`It dresses about ${tens(enough)} g, and ${tens(onBench)} g are on the bench: make more.`]
    : [];
}
