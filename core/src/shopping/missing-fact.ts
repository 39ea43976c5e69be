import { type UnitId, unitKind, unitName } from '../amounts/index.js';
import type { Ingredient } from '../larder/index.js';

/** A figure that the larder lacks and a row needs, so that all of it can be added up. */
export interface MissingFact {
  /** The figure's key in the larder: "count.stalk". */
  readonly figure: string;
  /** "How much does 1 stalk weigh?" */
  readonly question: string;
  readonly unit: 'g' | 'g/ml';
}

/** The figure without which an amount in this unit cannot be turned into what is bought. */
export function missingFactFor(unit: UnitId, ingredient: Ingredient): MissingFact {
  if (unit === 'handful') return { figure: 'handful', question: 'How much does a handful weigh?', unit: 'g' };
  if (unitKind(unit) === 'length')
    return { figure: 'centimetre', question: 'How much does a centimetre of it weigh?', unit: 'g' };
  if (unitKind(unit) === 'count' && ingredient.countGrams[unit] === undefined)
    return {
      figure: `count.${unit}`,
      question: `How much does one ${unitName(unit, 1) || 'piece'} weigh?`,
      unit: 'g',
    };
  if (ingredient.shoppingUnit === 'piece' && !ingredient.countGrams.piece)
    return { figure: 'count.piece', question: 'How much does one piece weigh?', unit: 'g' };
  return { figure: 'density.plain', question: 'How many grams does a millilitre of it weigh?', unit: 'g/ml' };
}
