export {
  recipeFacts,
  dietsOf,
  type RecipeFact,
  type RecipeFacts,
  type RecipeFactsOptions,
} from './recipe-facts.js';
export { monthsText, seasonText } from './season.js';
