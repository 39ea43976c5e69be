import styled from 'styled-components';
import {
  type DishId,
  isOfStep,
  levelKeys,
  levelOf,
  type RecipeStep,
  shownMinutes,
  type TechniqueLevel,
  techniqueLevels,
  type TimelineEntry,
} from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { Choice } from '../parts/Choice.js';

const Row = styled.div`
  > div {
    display: flex;
    align-items: center;
    gap: 8px;
    white-space: nowrap;
  }
`;

/** How well the class knows what a step takes, and for how long it is shown then. */
export function WellKnown({ entry }: { entry: TimelineEntry }) {
  const { bundle } = useOpenClass();
  const { ref } = entry;
  if (!isOfStep(ref) || ref.ofSwap || entry.start < 0) return null;
  const dish = bundle.class.dishes.find(({ id }) => id === ref.dishId);
  const step = dish?.recipe.steps.find(({ id }) => id === ref.stepId);
  return dish && step && step.demonstrateMinutes > 0 ? <Levels dishId={dish.id} step={step} /> : null;
}

const words: Readonly<Record<TechniqueLevel, string>> = {
  new: 'new to the class',
  practised: 'practised before',
  known: 'known to all',
};

function Levels({ dishId, step }: { dishId: DishId; step: RecipeStep }) {
  const { bundle } = useOpenClass();
  const { decisions, decide } = useDecisions();
  const withLevel = (level: TechniqueLevel) => ({
    ...decisions.levels,
    ...Object.fromEntries(levelKeys(dishId, step).map((key) => [key, level])),
  });
  const shownAt = (level: TechniqueLevel) => {
    const facts = { ...bundle.class, decisions: { ...bundle.class.decisions, levels: withLevel(level) } };
    const { minutes } = shownMinutes(dishId, step, facts);
    return minutes > 0 ? `shown for ${minutes} min` : 'not shown';
  };
  return (
    <Row>
      <Choice
        label="For the class"
        value={levelOf(dishId, step, bundle.class)}
        onChange={(level) =>
          decide({ levels: withLevel(level) }, `It is ${words[level]}: ${shownAt(level)}.`)
        }
        options={techniqueLevels.map((level) => ({ id: level, name: `${words[level]}: ${shownAt(level)}` }))}
      />
    </Row>
  );
}
