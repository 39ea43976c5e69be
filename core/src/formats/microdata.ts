import { Parser } from 'htmlparser2';
import { plainText } from './plain-text.js';

export type Node = Readonly<Record<string, unknown>>;

interface Open {
  readonly tag: string;
  /** The property that this element holds, and what was found in it. */
  readonly property: string | null;
  readonly isRecipe: boolean;
  html: string;
}

const empty = new Set(['meta', 'link', 'img', 'br', 'hr', 'input', 'source', 'wbr']);

/** Recipes that a page marks up by attributes (`itemprop`), in the shape that linked data has. */
export function recipesInMicrodata(html: string): Node[] {
  const recipes: Record<string, unknown[]>[] = [];
  const open: Open[] = [];
  const isInside = () => open.some(({ isRecipe }) => isRecipe);
  const keep = (property: string, value: string) => {
    const recipe = recipes[recipes.length - 1]!;
    if (value.trim()) (recipe[property] ??= []).push(value);
  };
  const write = (piece: string) => {
    for (const each of open) if (each.property) each.html += piece;
  };
  const parser = new Parser(
    {
      onopentag: (tag, attributes) => {
        const isRecipe =
          attributes.itemscope !== undefined && /schema\.org\/Recipe\b/i.test(attributes.itemtype ?? '');
        if (isRecipe) recipes.push({});
        const property = isInside() ? (attributes.itemprop ?? null) : null;
        const said = attributes.content ?? attributes.datetime;
        if (property && said !== undefined) keep(property, said);
        write(`<${tag}>`);
        if (!empty.has(tag))
          open.push({ tag, isRecipe, property: property && said === undefined ? property : null, html: '' });
      },
      ontext: (text) => write(text.replace(/</g, '&lt;')),
      onclosetag: (tag) => {
        const at = open.map((each) => each.tag).lastIndexOf(tag);
        if (at < 0) return;
        for (const closed of open.splice(at).reverse())
          if (closed.property && recipes.length > 0)
            for (const property of closed.property.split(/\s+/)) keep(property, plainText(closed.html));
        write(`</${tag}>`);
      },
    },
    { decodeEntities: true },
  );
  parser.write(html);
  parser.end();
  return recipes
    .filter((recipe) => recipe.recipeIngredient ?? recipe.ingredients ?? recipe.recipeInstructions)
    .map((recipe) => ({ '@type': 'Recipe', ...recipe, name: recipe.name?.[0] }));
}
