import type { Recipe, RecipeStep, StepFinding, TechniqueNote, WorkPart } from '@fornax/core';

/** What each part of a step's editor is given. */
export interface StepEditorProps {
  step: RecipeStep;
  index: number;
  recipe: Recipe;
  findings: readonly StepFinding[];
  notes: readonly TechniqueNote[];
  /** What its hands do, from which its minutes can be worked out. */
  work: readonly WorkPart[];
  /** Links the step to one that it comes after, or no longer; a loop is refused. */
  onToggleAfter: (before: string) => void;
  onChange: (step: RecipeStep) => void;
  onRemove: () => void;
}
