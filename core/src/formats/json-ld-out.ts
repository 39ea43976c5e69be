import { type Recipe, recipeMinutes } from '../recipes/index.js';

/** A recipe as a schema.org JSON-LD document: title, servings, lines as written, steps by component. */
export function writeJsonLd(recipe: Recipe): string {
  const minutes = recipeMinutes(recipe);
  const document = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: recipe.title,
    recipeCategory: recipe.kind,
    recipeYield: `${recipe.serves} servings`,
    description: escaped(recipe.story) || undefined,
    isBasedOn: escaped(recipe.source) || undefined,
    license: escaped(recipe.permission) || undefined,
    prepTime: `PT${minutes.handsOn}M`,
    ...(minutes.waiting > 0 ? { cookTime: `PT${minutes.waiting}M` } : {}),
    totalTime: `PT${minutes.handsOn + minutes.waiting}M`,
    creditText: escaped(recipe.credit) || undefined,
    recipeIngredient: writtenLines(recipe).map(escaped),
    recipeInstructions: writtenSteps(recipe),
  };
  return `${JSON.stringify({ ...document, name: escaped(recipe.title) }, null, 2)}\n`;
}

/** Lines under the names of their components, where there are several. */
function writtenLines({ components, lines }: Recipe): string[] {
  if (components.length < 2) return lines.map(({ text }) => text);
  return components.flatMap(({ id, name }) => {
    const own = lines.filter(({ componentId }) => componentId === id);
    return own.length > 0 ? [`For the ${name.toLowerCase()}:`, ...own.map(({ text }) => text)] : [];
  });
}

/** Steps one after the other; neighbours of one component in a section with its name. */
function writtenSteps({ components, steps }: Recipe): object[] {
  const step = ({ text }: Recipe['steps'][number]) => ({ '@type': 'HowToStep', text: escaped(text) });
  if (components.length < 2) return steps.map(step);
  return steps.reduce<{ '@type': string; name: string; itemListElement: object[] }[]>((sections, each) => {
    const name = escaped(components.find(({ id }) => id === each.componentId)?.name ?? '');
    const last = sections[sections.length - 1];
    if (last?.name === name) last.itemListElement.push(step(each));
    else sections.push({ '@type': 'HowToSection', name, itemListElement: [step(each)] });
    return sections;
  }, []);
}

/** Readers take these texts for HTML: what is no markup must not look like it. */
function escaped(text: string): string {
  return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
}
