import type { Recipe } from '../recipes/index.js';
import { mostRecipesInFile, refuse, type FileReading } from './types.js';

const formatName = 'fornax-recipes';
const formatVersion = 1;

/** Recipes whole, as one JSON document that is read back without loss. */
export function writeFornaxRecipes(recipes: readonly Recipe[]): string {
  return `${JSON.stringify({ format: formatName, version: formatVersion, recipes }, null, 2)}\n`;
}

/** Whether a JSON text says that it is Fornax's own. */
export function isFornaxRecipes(text: string): boolean {
  return new RegExp(`^\\s*\\{\\s*"format"\\s*:\\s*"${formatName}"`).test(text);
}

/**
 * Reads Fornax's own recipe file. Only its frame is looked at here: each recipe is checked by the contract's
 * rules before it is kept.
 */
export function readFornaxRecipes(text: string): FileReading {
  let document: { version?: unknown; recipes?: unknown };
  try {
    document = JSON.parse(text) as typeof document;
  } catch (error) {
    if (error instanceof SyntaxError)
      return refuse('This Fornax file is not whole JSON; it may have been cut off.');
    throw error;
  }
  if (document.version !== formatVersion)
    return refuse(
      `This Fornax file is of version ${String(document.version)}; ` +
        `version ${formatVersion} can be read. Update Fornax first.`,
    );
  if (!Array.isArray(document.recipes) || document.recipes.length === 0)
    return refuse('This Fornax file holds no recipes.');
  if (document.recipes.length > mostRecipesInFile)
    return refuse(
      `This Fornax file holds ${document.recipes.length} recipes, ` +
        `more than the ${mostRecipesInFile} of one file.`,
    );
  return { recipes: document.recipes as Recipe[], refused: '', remarks: [] };
}
