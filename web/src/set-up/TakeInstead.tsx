import { findIngredient, ingredientName, type PlanWarning } from '@fornax/core';
import { useKitchen, useLarder } from '../api/useLarder.js';
import { useDecisions } from '../classes/useDecisions.js';
import { Button } from '../parts/Button.js';

/** What mends a finding, taken with one press: another food in its place, in the whole class. */
export function TakeInstead({ warning: { swap } }: { warning: PlanWarning }) {
  const { decisions, decide } = useDecisions();
  const larder = useLarder();
  const english = useKitchen()?.english ?? 'uk';
  const taken = swap && findIngredient(larder, swap.taken);
  if (!swap || !taken) return null;
  const name = ingredientName(taken, english);
  return (
    <Button
      look="quiet"
      onPress={() =>
        decide(
          { substitutes: { ...decisions.substitutes, [swap.missing]: swap.taken } },
          `${name} takes its place in this class.`,
        )
      }
    >
      Take {name}
    </Button>
  );
}
