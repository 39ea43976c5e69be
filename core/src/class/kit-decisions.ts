import type { Recipe, RecipeStep } from '../recipes/index.js';
import type { KitDecision } from './decisions.js';
import { withInstead } from './missing-appliances.js';
import { toolFact } from './tools.js';

/**
 * The steps with the ways out that were taken: another tool with its own minutes, or one tool that goes
 * round.
 */
export function applyKitDecisions(
  recipe: Recipe,
  decisions: readonly KitDecision[],
  stations: number,
): Recipe {
  if (decisions.length === 0) return recipe;
  return {
    ...recipe,
    steps: recipe.steps.map((step) =>
      decisions.reduce((each, decision) => applyOne(each, decision, stations), step),
    ),
  };
}

function applyOne(given: RecipeStep, decision: KitDecision, stations: number): RecipeStep {
  const step = withInstead(given, decision);
  if (!step.tools.includes(decision.tool)) return step;
  const longer = (factor: number) => ({
    ...step,
    handsOnMinutes: Math.max(step.handsOnMinutes > 0 ? 1 : 0, Math.round(step.handsOnMinutes * factor)),
  });
  if (decision.kind === 'stagger')
    return longer(Math.ceil(stations / Math.max(1, decision.atOnce ?? stations)));
  if (decision.kind === 'share') return longer(stations > 1 ? 2 : 1);
  const other = toolFact(decision.tool).instead.find((each) => each.tool === decision.by);
  if (!other) return step;
  return {
    ...longer(other.minutesFactor),
    tools: step.tools.map((tool) => (tool === decision.tool ? other.tool : tool)),
    text: `${step.text.trim()} (With ${other.tool}: ${other.result}.)`,
  };
}
