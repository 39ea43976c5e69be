import { describe, expect, it } from 'vitest';
import { parseRecipeText } from '../recipes/index.js';
import { decodeText } from './decode.js';
import { writeJsonLd } from './json-ld-out.js';
import { readRecipeFile } from './recipe-file.js';

const read = (text: string) => readRecipeFile(text, { system: 'us' });
const only = (node: object) => read(JSON.stringify({ '@type': 'Recipe', name: 'Slaw', ...node })).recipes[0]!;
const page = (script: string) =>
  `<!doctype html><head><script type="application/ld+json">${script}</script></head><body></body>`;
const slaw = '{"@type":"Recipe","name":"Slaw","recipeIngredient":["1 carrot"],"recipeInstructions":"Toss."';

describe('recipes as publishers write them', () => {
  it.each(['Recipe', 'schema:Recipe', 'http://schema.org/Recipe', 'https://schema.org/Recipe'])(
    'the type %s',
    (type) => expect(read(JSON.stringify({ '@type': [type], name: 'Slaw' })).recipes).toHaveLength(1),
  );
  it('in a graph, with its author by reference', () => {
    const document = {
      '@graph': [
        { '@type': 'Person', '@id': '#ana', name: 'Ana Lind' },
        { '@type': 'Recipe', name: 'Slaw', author: { '@id': '#ana' } },
      ],
    };
    expect(read(JSON.stringify(document)).recipes[0]!.source).toBe('Ana Lind');
  });
  it.each([
    ['4', 4],
    [6, 6],
    [['Makes about 2 cups', '8'], 8],
    [{ '@type': 'QuantitativeValue', value: 5, unitText: 'servings' }, 5],
    ['Serves: 8 |', 8],
    ['makes enough for 3', 3],
  ])('the yield %j is for %i', (recipeYield, serves) => expect(only({ recipeYield }).serves).toBe(serves));
  it('an amount is no number of people: 1 1/2 cups of a dip are 355 ml ÷ 60 = 6', () => {
    const dip = only({ name: 'Bean dip', recipeYield: '1 1/2 cups' });
    expect([dip.serves, dip.story]).toEqual([6, 'Makes 1 1/2 cups']);
  });
  it('ingredients in one text, with a heading between them', () => {
    const { components, lines } = only({
      recipeIngredient: '1 carrot<br>200 g red cabbage<br>DRESSING<br>3 tbsp olive oil',
    });
    expect(components.map(({ name }) => name)).toEqual(['Salad', 'Dressing']);
    expect(lines.map(({ ingredient }) => ingredient)).toEqual(['carrot', 'red-cabbage', 'olive-oil']);
  });
  it('sections, markup and entities in steps; a time beside the words is said in them', () => {
    const { steps } = only({
      recipeInstructions: [
        {
          '@type': 'HowToSection',
          name: 'Beans',
          itemListElement: [
            { '@type': 'HowToStep', text: '<p>Boil &frac12; the beans.</p>', performTime: 'PT10M' },
          ],
        },
        { '@type': 'HowToStep', text: 'Toss &amp; serve.' },
      ],
    });
    expect(steps.map(({ text }) => text)).toEqual(['Boil ½ the beans (10 minutes).', 'Toss & serve.']);
  });
  it('prep and cook times are kept with the notes', () =>
    expect(only({ prepTime: 'PT1H15M', cookTime: 'P0DT20M' }).notes).toBe(
      'Prep time: 75 min\nCook time: 20 min',
    ));
  it.each([
    ['an HTML comment', `<!-- ${slaw}} -->`],
    ['CDATA', `//<![CDATA[\n${slaw}}\n//]]>`],
  ])('inside %s', (_, script) => expect(read(page(script)).recipes[0]!.title).toBe('Slaw'));
  it.each([
    ['a trailing comma', `${slaw},}`],
    ['a raw line break', `${slaw.replace('Toss.', 'Toss\nit.')}}`],
  ])('%s is mended, with a word about it', (_, script) => {
    const { recipes, remarks } = read(page(script));
    expect(recipes[0]!.title).toBe('Slaw');
    expect(remarks).toEqual(['The recipe data was not quite JSON and was mended: look it over.']);
  });
  it('what was cut off is refused, not mended', () => expect(read(page(slaw)).refused).toContain('cut off'));
  it('several scripts, of which one is the recipe', () =>
    expect(
      read(
        page('{"@type":"WebSite"}').replace(
          '</head>',
          `<script type="application/ld+json">${slaw}}</script></head>`,
        ),
      ).recipes,
    ).toHaveLength(1));
  it('a page that marks its recipe up by attributes', () => {
    const [recipe] = read(`<!doctype html><div itemscope itemtype="https://schema.org/Recipe">
      <h1 itemprop="name">Slaw</h1><span itemprop="recipeYield">6 servings</span>
      <ul><li itemprop="recipeIngredient">1 carrot</li><li itemprop="recipeIngredient">2 limes</li></ul>
      <div itemprop="recipeInstructions"><p>Grate the carrot.</p><p>Toss.</p></div></div>`).recipes;
    expect([recipe!.title, recipe!.serves]).toEqual(['Slaw', 6]);
    expect(recipe!.lines.map(({ ingredient }) => ingredient)).toEqual(['carrot', 'lime']);
    expect(recipe!.steps.map(({ text }) => text)).toEqual(['Grate the carrot.', 'Toss.']);
  });
});

describe('files in other letters', () => {
  const bytes = (text: string, letters: 'latin1' | 'utf8' | 'utf16le') =>
    new Uint8Array(Buffer.from(text, letters));
  it.each([
    ['UTF-8', bytes('½ crème fraîche', 'utf8')],
    ['UTF-8 with a mark', bytes('\ufeff½ crème fraîche', 'utf8')],
    ['UTF-16', bytes('\ufeff½ crème fraîche', 'utf16le')],
    ['Latin, told by the page', bytes('<meta charset="iso-8859-1">½ crème fraîche', 'latin1')],
    [
      'Latin, told by its bytes',
      bytes('Une salade à la crème fraîche, légère et salée, pour l’été', 'latin1'),
    ],
  ])('%s', (_, given) => expect(decodeText(given)).toMatch(/crème fraîche/));
});

describe('what goes out and comes back', () => {
  it('components, credit and licence in JSON-LD', () => {
    const recipe = {
      ...parseRecipeText(
        'Slaw\nServes 4\nIngredients\n1 carrot\nFor the dressing:\n2 tbsp olive oil\n' +
          'Method\n1. Grate the carrot.\n2. Whisk the dressing.',
        { system: 'us' },
      ),
      credit: 'Ana Lind',
      permission: 'by letter',
    };
    const back = read(writeJsonLd(recipe)).recipes[0]!;
    expect(back.lines.map(({ text }) => text)).toEqual(recipe.lines.map(({ text }) => text));
    expect(back.components.map(({ role }) => role)).toEqual(recipe.components.map(({ role }) => role));
    expect([back.credit, back.permission]).toEqual(['Ana Lind', 'by letter']);
  });
});
