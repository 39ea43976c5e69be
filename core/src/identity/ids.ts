declare const kind: unique symbol;

/**
 * An id of one kind of thing. Text from outside, where the contract has checked it, may become one; an id of
 * another kind may not.
 */
export type Id<Kind extends string> = string & { readonly [kind]?: Kind };

export type ClassId = Id<'class'>;
export type RecipeId = Id<'recipe'>;
export type DishId = Id<'dish'>;
export type StepId = Id<'step'>;
export type LineId = Id<'line'>;
export type ComponentId = Id<'component'>;
export type BatchId = Id<'batch'>;
export type IngredientId = Id<'ingredient'>;
