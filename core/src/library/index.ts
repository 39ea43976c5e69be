export {
  recipeFacts,
  dietsOf,
  seasonText,
  monthsText,
  type RecipeFact,
  type RecipeFacts,
  type RecipeFactsOptions,
} from './recipe-facts.js';
