import { Parser } from 'htmlparser2';
import { plainText } from './plain-text.js';

export type Node = Readonly<Record<string, unknown>>;

type Properties = Record<string, unknown[]>;

interface Open {
  readonly tag: string;
  /** The property that this element holds, and what was found in it. */
  readonly property: string | null;
  readonly isRecipe: boolean;
  html: string;
}

/** How often a property of one recipe is taken: no recipe has more lines or steps. */
const mostOfProperty = 300;
/** How often it is looked for in a page. */
const mostOfPage = 600;
/** How deep elements are followed: deeper ones count as what they lie in. */
const deepest = 100;

const empty = new Set(['meta', 'link', 'img', 'br', 'hr', 'input', 'source', 'wbr']);

/** Recipes that a page marks up by attributes (`itemprop`), in the shape that linked data has. */
export function recipesInMicrodata(html: string): Node[] {
  const recipes: Properties[] = [];
  const open: Open[] = [];
  const isInside = () => open.some(({ isRecipe }) => isRecipe);
  const keep = (property: string, value: string) => {
    const recipe = recipes[recipes.length - 1]!;
    const kept = (recipe[property] ??= []);
    if (kept.length < mostOfProperty && value.trim()) kept.push(value);
  };
  const looked = new Map<string, number>();
  const keepAll = (properties: readonly string[], written: string) => {
    const wanted = properties.filter((name) => (looked.get(name) ?? 0) < mostOfPage);
    if (wanted.length === 0) return;
    for (const name of wanted) looked.set(name, (looked.get(name) ?? 0) + 1);
    const words = plainText(written);
    for (const property of wanted) keep(property, words);
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
        const isDeep = open.length > deepest;
        const property = isInside() && !isDeep ? (attributes.itemprop ?? null) : null;
        const said = attributes.content ?? attributes.datetime;
        if (property && said !== undefined) keep(property, said);
        write(`<${tag}>`);
        if (!empty.has(tag) && !isDeep)
          open.push({ tag, isRecipe, property: property && said === undefined ? property : null, html: '' });
      },
      ontext: (text) => write(text.replace(/</g, '&lt;')),
      onclosetag: (tag) => {
        const at = open.map((each) => each.tag).lastIndexOf(tag);
        if (at < 0) return;
        for (const closed of open.splice(at).reverse())
          if (closed.property && recipes.length > 0) keepAll(closed.property.split(/\s+/), closed.html);
        write(`</${tag}>`);
      },
    },
    { decodeEntities: true },
  );
  parser.write(html);
  parser.end();
  return recipes.filter(hasContent).map(asLinkedData);
}

function hasContent(recipe: Properties): boolean {
  return Boolean(recipe.recipeIngredient ?? recipe.ingredients ?? recipe.recipeInstructions);
}

function asLinkedData(recipe: Properties): Node {
  return { '@type': 'Recipe', ...recipe, name: recipe.name?.[0] };
}
