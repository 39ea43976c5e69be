export * from './types.js';
export { emptyRecipe } from './empty-recipe.js';
export { parseIngredientLine, longestLine, type LineOptions } from './intake/line/line.js';
export {
  betweenJobsMinutes,
  minutesOfWork,
  nameOfPart,
  type WorkBySteps,
  workBySteps,
  workOf,
  workingsOfWork,
  workInWords,
} from './handwork/work.js';
export type { WorkPart } from './handwork/acts.js';
export { knifeWorkOf } from './handwork/knife-work.js';
export { toolsNamed } from './intake/step/tools.js';
export { type Cut, cutOf, cutsOfStep } from './handwork/cuts.js';
export {
  type ActingStep,
  actsOf,
  degreesOf,
  doing,
  either,
  inOneAct,
  isDone,
  isSaid,
  namesFood,
  not,
  saying,
  textSays,
  wasDone,
  wordsOfAct,
} from './acts/ask.js';
export { actInWords, verbsToChoose, withAct, withoutAct } from './acts/correct.js';
export { actsForLines, retold } from './acts/kept.js';
export { readActs, readAgain, withActs } from './acts/read.js';
export { isOnlyFoodOpen } from './intake/line/which-food.js';
export { recipeMinutes } from './minutes.js';
export { shortTitle } from './say/clause.js';
export { mainFoodOf } from './say/foods-said.js';
export { jobTitle, nameOfWait, waitingText, waitTitle } from './say/job-names.js';
export { candidatesOf, findByName, readName } from './intake/line/names.js';
export { parseRecipeText, recipeOfParts } from './intake/text/text.js';
export {
  boundedText,
  longestRecipeText,
  longestRun,
  mostRecipeRows,
  recipeTextProblem,
} from './intake/text/bounded.js';
export {
  type ProposalMade,
  readRecipe,
  type ReadRecipeOptions,
  type TextRead,
} from './reading/read-recipe.js';
export type { Answers, Candidate, Doubt } from './reading/doubt.js';
export type { DishUse } from './reading/dish-uses.js';
export { type RowKind, type RowRead } from './reading/rows-read.js';
export { type RowRole, rowRoles, type SaidRoles } from './reading/row-roles.js';
export { lineOf, scalingOf } from './intake/line/recipe-line.js';
export { findInSteps, type StepFinding } from './intake/step/findings.js';
export { acceptFinding, declineFinding, hasFinding, offeredFindings } from './intake/step/accepted.js';
export { emptyStep } from './intake/step/steps.js';
export { readTimes, type TimeSpan } from './intake/step/times.js';
export { readOvenHeat, type OvenHeat } from './intake/step/heat.js';
export { linkLines } from './intake/step/links.js';
export { looseEnds, type LooseEnds } from './loose-ends.js';
export { applyChoices, isOfVariant, namesTaken, optionTaken, withSettled, type Chosen } from './choices.js';
export { expandRecipe, subRecipeIds, type FindRecipe } from './sub-recipes.js';
export {
  compositionProblem,
  type FindNode,
  mostWrittenOut,
  nodeOf,
  type RecipeNode,
  type WrittenOut,
  writtenOut,
} from './written-out.js';
export { compareRecipes, type RecipeDifference, type TextPart } from './compare.js';
export { pieceSizeOf } from './size.js';
export { placedSteps, type PlacedStep, toggleAfter } from './step-network.js';
export { stepCircle, withoutCircles } from './circles.js';
export { addStep, moveLine, moveStep, nextId, removeComponent, removeStep } from './order.js';

export { allergensOf, contentsOf, type Contents, dietsOf } from './allergens.js';
export { allergenSentence, notKnownWords } from './allergen-words.js';
export { dippersOf, isServedBeside } from './dippers.js';
export { keptBackOf } from './kept-back.js';
export { recognised, recognisedLine } from './recognise.js';
export { addLines, type FoundLines } from './intake/text/ingredient-rows.js';
export { makesRow } from './intake/text/fact-rows.js';
export { kindOf, titleOf } from './intake/text/title.js';
export { peopleOfAmount, readServings, type Servings } from './intake/text/servings.js';
export { withMeasuredAcid } from './intake/text/measured-acid.js';
export { groupWordsOf } from './intake/line/free-choice.js';
