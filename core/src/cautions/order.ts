import { toFraction } from '../amounts/index.js';
import { family, keepingOf } from '../larder/index.js';
import { doing, either, inOneAct, isDone, isSaid, not, saying } from '../recipes/index.js';
import { isPlural } from '../words/index.js';
import { handles, heats, linesWhere, stepsOf, theFoodIs, usesLine, waitsAfter } from './reading.js';
import type { Found, Judged, Rule } from './types.js';

const salty = family('salty');
const seasons = inOneAct(isDone('season'), not(isSaid('again', 'lightly')), not(isDone('salt', 'pepper')));
const seasonsOrTastes = doing('season', 'taste');
const cutsHot = inOneAct(isDone('cut'), isSaid('straight from the heat'), not(isSaid('potatoes')));
const cuts = doing('cut', 'peel');
const tosses = doing('toss');
const greens = 'wash-leaves';
const sturdy = family('sturdy leaves');
/** Dressed leaves are limp after so many minutes. ~ */
const mostDressed = keepingOf('rocket', 'dressed')!.minutes;
const browning = family('browns when cut');
const acids = saying('sour', 'dressing', 'cultured milk');
/** Cut fruit browns in so many minutes without acid. ~ */
const mostBare = keepingOf('apple', 'cut')!.minutes;
const greenVegetables = family('green vegetables');
const crisp = family('goes soft in a dressing');
const addsTop = doing('scatter', 'sprinkle', 'top', 'stir in', 'fold', 'toss');
const pourDressing = either(doing('toss', 'pour', 'drizzle'), saying('dressing'));
const goesOver = either(doing('toss'), saying('over food'));
const softHerbs = family('herbs lost in heat', 'green herbs');

/** Things done in the wrong order, or too early. */
export const orderRules: readonly Rule[] = [
  {
    id: 'seasoned-before-salty',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'taste-and-adjust',
    find: (judged) => {
      const { steps } = judged.recipe;
      return firstOf(
        linesWhere(judged, ({ food }) => salty.has(food)).flatMap(({ line }) => {
          const at = steps.findIndex(({ uses }) => uses.some((use) => use.line === line.id));
          const seasoned = steps.findIndex((step) => step.componentId === line.componentId && seasons(step));
          const isAgain = steps.slice(at).some(seasonsOrTastes);
          if (at < 0 || seasoned < 0 || seasoned >= at || isAgain) return [];
          return [
            {
              stepId: steps[seasoned]!.id,
              sentence: `it is seasoned before the ${line.name} ${addsWord(line.name)} salt to it`,
              remedy: 'Season after the salty part is in, and taste first.',
            },
          ];
        }),
      );
    },
  },
  {
    id: 'cut-while-hot',
    severity: 'spoils the dish',
    source: 'the trade',
    note: null,
    find: ({ recipe }) =>
      recipe.steps.filter(cutsHot).map(({ id }) => ({
        stepId: id,
        sentence: 'it is cut while it is hot',
        remedy: 'Let it rest first: it keeps its juice and its shape, and nobody burns their fingers.',
      })),
  },
  {
    id: 'dressed-early',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'toss',
    find: (judged) =>
      firstOf(
        linesWhere(judged, ({ food }) => food.cautions.includes(greens) && !sturdy.has(food)).flatMap(
          ({ line }) =>
            stepsOf(judged, line)
              .filter((step) => tosses(step) && handles(step, line))
              .filter((step) => waitsAfter(judged.recipe, step) > mostDressed)
              .filter(() => line.unit !== 'tbsp' && !softHerbs.has(line.ingredient))
              .map((step) => ({
                stepId: step.id,
                sentence: `${theFoodIs(line)} dressed long before it is eaten`,
                remedy: `Dress leaves last: after ${mostDressed} min they are limp.`,
              })),
        ),
      ),
  },
  {
    id: 'browns',
    severity: 'spoils the dish',
    source: 'the trade',
    note: null,
    find: (judged) =>
      linesWhere(judged, ({ food }) => browning.has(food)).flatMap(({ line }) => {
        const [cut] = stepsOf(judged, line).filter((step) => usesLine(step, line.id) && cuts(step));
        if (!cut || heats(cut) || acids(cut) || usesAcid(judged, cut)) return [];
        if (waitsAfter(judged.recipe, cut, 1) <= mostBare) return [];
        return [
          {
            stepId: cut.id,
            sentence: `${theFoodIs(line)} cut and left bare`,
            remedy: 'Turn it in lemon juice or the dressing as it is cut, or cut it last.',
          },
        ];
      }),
  },
  {
    id: 'green-in-acid',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'crisp-tender',
    find: (judged) =>
      linesWhere(judged, ({ food }) => greenVegetables.has(food)).flatMap(({ line }) =>
        stepsOf(judged, line)
          .filter((step) => handles(step, line) && tosses(step))
          .filter(
            (step) => waitsAfter(judged.recipe, step) > mostBare && (usesAcid(judged, step) || acids(step)),
          )
          .slice(0, 1)
          .map((step) => ({
            stepId: step.id,
            sentence: `${theFoodIs(line)} in acid long before it is eaten`,
            remedy: 'Dress what is green last: acid turns it drab in half an hour.',
          })),
      ),
  },
  {
    id: 'soggy-topping',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'garnish',
    find: (judged) =>
      linesWhere(judged, ({ food }) => crisp.has(food)).flatMap(({ line }) =>
        stepsOf(judged, line)
          .filter((step) => usesLine(step, line.id) && addsTop(step) && !heats(step))
          .filter((step) => waitsAfter(judged.recipe, step) > mostDressed)
          .slice(0, 1)
          .map((step) => ({
            stepId: step.id,
            sentence: `${theFoodIs(line)} added long before it is eaten`,
            remedy: 'Keep what is crisp beside, and scatter it on at the end.',
          })),
      ),
  },
  {
    id: 'used-twice',
    severity: 'spoils the dish',
    source: 'the trade',
    note: null,
    find: ({ recipe: { lines, steps } }) =>
      lines.flatMap((line): Found[] => {
        const using = steps.filter((step) => step.uses.some((use) => use.line === line.id));
        const sum = using
          .flatMap(({ uses }) => uses.filter((use) => use.line === line.id))
          .reduce((all, { share }) => all.add(toFraction(share)), toFraction('0'));
        const last = using[using.length - 1];
        if (!last || using.length < 2 || sum.compare('101/100') <= 0) return [];
        return [
          {
            stepId: last.id,
            sentence: `all of the ${line.name} is used before a later step wants it`,
            remedy: 'Say how much each step takes, and keep that part back.',
          },
        ];
      }),
  },
  {
    id: 'dressing-not-used',
    severity: 'spoils the dish',
    source: 'the trade',
    note: 'toss',
    find: ({ recipe: { kind, components, steps } }) => {
      const dressings = new Set(components.filter(({ role }) => role === 'dressing').map(({ id }) => id));
      const own = steps.filter(({ componentId }) => dressings.has(componentId));
      const last = own[own.length - 1];
      if (kind !== 'salad' || !last || components.every(({ id }) => dressings.has(id))) return [];
      const isUsed = steps.some(
        (step) =>
          (!dressings.has(step.componentId) &&
            (step.after.some((id) => own.some((each) => each.id === id)) || pourDressing(step))) ||
          (dressings.has(step.componentId) && goesOver(step)),
      );
      if (isUsed) return [];
      return [
        {
          stepId: last.id,
          sentence: 'the dressing is made, and no step uses it',
          remedy: 'Say in a step when the salad is dressed.',
        },
      ];
    },
  },
];

const addsWord = (name: string) => (isPlural(name) ? 'add' : 'adds');

const sour = family('sour', 'cultured milk');

function usesAcid(judged: Judged, step: Judged['recipe']['steps'][number]): boolean {
  return linesWhere(judged, ({ food }) => sour.has(food)).some(({ line }) => usesLine(step, line.id));
}

/** Said once, however many lines it is true of. */
function firstOf(found: readonly Found[]): Found[] {
  return found.slice(0, 1);
}
