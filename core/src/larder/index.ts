export * from './types.js';
export * from './larder.js';
export { atName, nameKeys, plainName, singularName } from './names.js';
export { allowanceOf } from './allowance.js';
export { allergenLists, allergensByList, type AllergenList } from './allergen-lists.js';
export {
  averageGrams,
  eaters,
  type Eaters,
  figureProblem,
  withFigure,
  type LarderEntry,
  type OwnIngredient,
} from './figures.js';
export { figuresOf, type LarderFigure, missingFigures } from './figures-listed.js';
export { larderOf, ownIngredientId } from './kitchen-larder.js';
export { cautionWords } from './data/substitutes-with-cautions.js';
export { cookedFoods, cookingOf, type CookingTime, cookingTime } from './cooking.js';
export { familiesToChoose } from './families-to-choose.js';
export { type Family, family, familyNames } from './families.js';
export { foodOrPresumed, presumedOf } from './presumed.js';
export { keepingOf, keepingOfAll, type KeepingTime } from './keeping.js';
export { foreignMoney, moneyProblem } from './money.js';
