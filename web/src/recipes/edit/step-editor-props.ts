import type { Recipe, RecipeStep, StepFinding, TechniqueNote } from '@fornax/core';

/** What each part of a step's editor is given. */
export interface StepEditorProps {
  step: RecipeStep;
  index: number;
  recipe: Recipe;
  findings: readonly StepFinding[];
  notes: readonly TechniqueNote[];
  onChange: (step: RecipeStep) => void;
  onRemove: () => void;
}
