import { family } from '../larder/index.js';
import { safetyFigures } from '../safety/index.js';
import { follow, heats, linesWhere, stepsOf, theFoodIs } from './reading.js';
import type { Judged, Rule } from './types.js';

const inOil =
  /\b(?:infus\w*|steep\w*|confit|under oil|cover\w* (?:[^.;]{0,40} )?with (?:the |olive )?oil)\b/i;
const aromatics = family('kept in oil only cold');
const rice = family('rice');
const warmPlace = /\b(?:room temperature|cupboard|larder|shelf|windowsill|dark place)\b/i;
const mostDaysInOil = 4;
const day = 1440;
const keepsWords = /\bkeeps?(?: for)?(?: up to| about)? (\d+|a|two|three|four) (days?|weeks?|months?)\b/i;
const reheats = /\b(?:re-?heat|warm (?:it|them) (?:up |through )?again|heat (?:it|them) (?:up )?again)/i;
const isHot = /\b(?:steaming|piping|°|degrees|boil)/i;

/** Days for which a step says that something keeps; 0 where it says none. */
function daysSaid(text: string): number {
  const found = keepsWords.exec(text);
  if (!found) return 0;
  const count = { a: 1, two: 2, three: 3, four: 4 }[found[1]!.toLowerCase()] ?? Number(found[1]);
  const unit = found[2]!.toLowerCase();
  return count * (unit.startsWith('month') ? 30 : unit.startsWith('week') ? 7 : 1);
}

function reheatedTo({ profile }: Judged): string {
  const { reheatCelsius } = safetyFigures(profile);
  const inScotland = profile.style === 'uk' ? ' (82 °C in Scotland)' : '';
  return reheatCelsius === null
    ? 'to what your local code says, in the middle'
    : `${reheatCelsius} °C in the middle${inScotland}`;
}

export const keepingRules: readonly Rule[] = [
  {
    id: 'in-oil',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: (judged) =>
      linesWhere(judged, ({ food }) => aromatics.has(food.id)).flatMap(({ line }) =>
        stepsOf(judged, line)
          .filter((step) => inOil.test(step.text) && step.uses.some((use) => use.line === line.id))
          .filter(
            ({ text, holdMinutes }) =>
              warmPlace.test(text) ||
              daysSaid(text) > mostDaysInOil ||
              (holdMinutes ?? 0) > mostDaysInOil * day,
          )
          .map((step) => ({
            stepId: step.id,
            sentence: `${theFoodIs(line)} kept in oil for too long or too warm`,
            remedy: `Keep it cold and use it within ${mostDaysInOil} days. ${follow}`,
          })),
      ),
  },
  {
    id: 'rice-kept',
    severity: 'harm',
    source: 'general advice',
    note: 'cook-grains',
    find: (judged) =>
      linesWhere(judged, ({ food }) => rice.has(food.id)).flatMap(({ line }) =>
        stepsOf(judged, line)
          .filter((step) => heats(step) && ((step.holdMinutes ?? 0) > day || daysSaid(step.text) > 1))
          .map((step) => ({
            stepId: step.id,
            sentence: `cooked ${line.name} is kept for more than a day`,
            remedy: `Cool it fast and shallow, keep it cold, and eat it within 24 hours. ${follow}`,
          })),
      ),
  },
  {
    id: 'reheated-twice',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: ({ recipe }) => {
      const [, second] = recipe.steps.filter(({ text }) => reheats.test(text));
      return second
        ? [
            {
              stepId: second.id,
              sentence: 'food is heated again a second time',
              remedy: `Heat again only what is eaten then, and only once. ${follow}`,
            },
          ]
        : [];
    },
  },
  {
    id: 'reheated-to-what',
    severity: 'harm',
    source: 'general advice',
    note: null,
    find: (judged) =>
      judged.recipe.steps
        .filter(({ text, until }) => reheats.test(text) && !isHot.test(`${text} ${until}`))
        .map((step) => ({
          stepId: step.id,
          sentence: 'it is not said how hot food is heated again',
          remedy: `Until it is steaming hot: ${reheatedTo(judged)}. ${follow}`,
        })),
  },
];
