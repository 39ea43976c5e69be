import { applianceTool, insteadOf, type KitchenFacts } from '../class/index.js';
import type { Appliance, RecipeStep } from '../recipes/index.js';
import { quotedList } from '../words/index.js';
import type { KitShortage, WayOut } from './types.js';

/** A step that wants an appliance which the kitchen has not. */
export interface LackingStep {
  readonly appliance: Appliance;
  readonly title: string;
  readonly step: RecipeStep;
}

/** What recipes cook on or in that the kitchen has not, each with the other ways that it has. */
export function applianceShortages(
  lacking: readonly LackingStep[],
  kitchen: Pick<KitchenFacts, 'appliances' | 'tools'>,
): KitShortage[] {
  return [...new Set(lacking.map(({ appliance }) => appliance))].map((appliance) => {
    const of = lacking.filter((each) => each.appliance === appliance);
    const titles = [...new Set(of.map(({ title }) => title))];
    return {
      id: applianceTool(appliance),
      tool: appliance,
      needed: 1,
      inKitchen: 0,
      atMinute: 0,
      sentence:
        `The kitchen has no ${appliance}, and ${quotedList(titles, 4)} ` +
        `${titles.length === 1 ? 'wants' : 'want'} one`,
      waysOut: insteadOf(appliance, kitchen).map((other): WayOut => {
        const minutes = of.reduce((sum, { step }) => sum + minutesOf(step, other.isTool), 0);
        const more = Math.round(minutes * (other.minutesFactor - 1));
        const time =
          more === 0 ? 'no longer' : more > 0 ? `about ${more} min longer` : `about ${-more} min sooner`;
        return {
          id: `${applianceTool(appliance)}:replace:${other.by}`,
          kind: 'replace',
          action: other.how,
          sentence: `${other.result.charAt(0).toUpperCase()}${other.result.slice(1)}; ${time}`,
          decision: { tool: applianceTool(appliance), kind: 'replace', by: other.by },
        };
      }),
    };
  });
}

function minutesOf({ handsOnMinutes, waitMinutes }: RecipeStep, isTool: true | undefined): number {
  return isTool ? handsOnMinutes : (waitMinutes?.high ?? handsOnMinutes);
}
