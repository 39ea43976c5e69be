import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boundedText, parseRecipeText, type Recipe } from '../recipes/index.js';
import { writeFornaxRecipes } from './fornax-json.js';
import { writeJsonLd } from './json-ld-out.js';
import { writeMarkdown } from './markdown.js';
import { readRecipeFile } from './recipe-file.js';
import { largestFileBytes } from './types.js';

const options = { system: 'metric' } as const;
const read = (text: string) => readRecipeFile(text, options);
const one = (text: string): Recipe => {
  const { recipes, refused } = read(text);
  expect([refused, recipes.length]).toEqual(['', 1]);
  return recipes[0]!;
};
/** What every format keeps. */
const kept = ({ title, serves, story, source, permission, lines, steps }: Recipe) => ({
  title,
  serves,
  story,
  source,
  permission,
  lines: lines.map(({ text }) => text),
  steps: steps.map(({ text }) => text),
});

const salad = parseRecipeText(
  `Leek & walnut <salad>
Serves 6
A salad for cold evenings.
Source: House book, second notebook
Permission: Written for this kitchen

Ingredients
2 leeks, sliced
30 g walnuts, toasted

For the dressing:
3 tbsp olive oil
1 tbsp *white* wine vinegar

Method
1. Blanch the leeks for 3 minutes.
2. Whisk oil and vinegar & toss <gently>.`,
  options,
);

describe('round trips', () => {
  it('JSON-LD keeps title, servings, words and steps', () =>
    expect(kept(one(writeJsonLd(salad)))).toEqual(kept(salad)));
  it('JSON-LD inside a saved web page is found', () => {
    const page =
      '<!doctype html><html><head><title>x</title><script>alert(1)</script><script ' +
      `type="application/ld+json">${writeJsonLd(salad)}</script></head><body><p>Noise</p></body></html>`;
    expect(kept(one(page))).toEqual(kept(salad));
  });
  it('Markdown keeps these and the components', () => {
    const back = one(writeMarkdown(salad));
    expect(kept(back)).toEqual(kept(salad));
    expect(back.components.map(({ name }) => name)).toEqual(['Salad', 'Dressing']);
    expect(back.lines.map(({ componentId }) => componentId)).toEqual(['c1', 'c1', 'c2', 'c2']);
  });
  it('Fornax’s own JSON loses nothing', () =>
    expect(read(writeFornaxRecipes([salad, salad])).recipes).toEqual([salad, salad]));
  // No text is read with more than eight of one mark after the other.
  const word = fc.stringMatching(/^[a-z&<>*_#"\\[\]`;!äéß½']{1,12}$/).map((text) => boundedText(text));
  const phrase = fc.array(word, { minLength: 2, maxLength: 6 }).map((words) => `x${words.join(' ')}x`);
  it('whatever the words are: markup, emphasis and quotes come back as they were', () => {
    fc.assert(
      fc.property(
        phrase,
        fc.array(phrase, { minLength: 1, maxLength: 4 }),
        fc.array(phrase, { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 1, max: 60 }),
        (title, lines, steps, serves) => {
          const written: Recipe = {
            ...salad,
            title: `Dish ${title}`,
            serves,
            story: '',
            source: '',
            permission: '',
            components: [{ id: 'c1', name: 'Salad', role: 'base' }],
            lines: lines.map((text, index) => ({
              ...salad.lines[0]!,
              id: `l${index + 1}`,
              text: `2 tbsp ${text}`,
            })),
            steps: steps.map((text, index) => ({
              ...salad.steps[0]!,
              id: `s${index + 1}`,
              text: `Stir the ${text} well.`,
            })),
          };
          expect(kept(one(writeJsonLd(written)))).toEqual(kept(written));
          expect(kept(one(writeMarkdown(written)))).toEqual(kept(written));
        },
      ),
      { numRuns: 150 },
    );
  });
});

describe('words that Markdown would take for marks', () => {
  const awkward = ['\\\\\\\\\\>', '\\'.repeat(8), '`fine`', '&amp; co', '&frac12;', '\\&', '*_a_*', '<b>'];
  it.each(awkward)('%s comes back as it was', (word) => {
    const written = { ...salad, steps: [{ ...salad.steps[0]!, text: `Stir the ${word} well.` }] };
    expect(one(writeMarkdown(written)).steps[0]!.text).toBe(`Stir the ${word} well.`);
  });
});

describe('recipes as other people write them', () => {
  it('a graph, sections, a yield in words, markup and entities in texts', () => {
    const recipe = one(
      JSON.stringify({
        '@context': 'https://schema.org',
        '@graph': [
          { '@type': 'WebPage' },
          {
            '@type': ['Thing', 'Recipe'],
            name: 'Bean &amp; herb salad',
            recipeYield: ['about 8 servings', '8'],
            author: { '@type': 'Person', name: 'Ada Bell' },
            description: '<p>Cold.<br>Bright.</p>',
            recipeIngredient: ['2 &frac12; cups beans', '<b>1</b> tbsp oil', '&nbsp;'],
            recipeInstructions: [
              {
                '@type': 'HowToSection',
                name: 'Salad',
                itemListElement: [
                  { '@type': 'HowToStep', text: 'Boil the beans.<script>alert(1)</script>' },
                  { '@type': 'HowToStep', name: 'Toss.' },
                ],
              },
              'Serve <i>cold</i>.',
            ],
          },
        ],
      }),
    );
    expect(kept(recipe)).toMatchObject({
      title: 'Bean & herb salad',
      serves: 8,
      story: 'Cold.\nBright.',
      source: 'Ada Bell',
      lines: ['2 ½ cups beans', '1 tbsp oil'],
      steps: ['Boil the beans.', 'Toss.', 'Serve cold.'],
    });
    expect(recipe.lines[0]!.amount).toEqual({ low: '5/2', high: '5/2' });
  });
  it('instructions in one text with numbers', () => {
    const recipe = one(
      '{"@type":"Recipe","name":"Dip","recipeYield":4,"recipeIngredient":"200 ' +
        'g feta","recipeInstructions":"1. Crumble.\\n2. Blend."}',
    );
    expect(recipe.steps.map(({ text }) => text)).toEqual(['Crumble.', 'Blend.']);
  });
  it('several recipes in one file', () =>
    expect(
      read('[{"@type":"Recipe","name":"A"},{"@type":"Recipe","name":"B"}]').recipes.map(({ title }) => title),
    ).toEqual(['A', 'B']));
  it('Markdown with links, boxes, emphasis and a front matter', () => {
    const recipe = one(
      '---\ntags: [a]\n---\n# **Slaw**\n\n*Makes* 4\n\n## Ingredients\n\n- [ ] ½ white ' +
        '[cabbage](https://example.org), shredded\n- [x] 2 tbsp ' +
        'mayonnaise\n\n## Method\n\n1. Shred.\n2. Toss.',
    );
    expect(kept(recipe)).toMatchObject({
      title: 'Slaw',
      lines: ['½ white cabbage, shredded', '2 tbsp mayonnaise'],
      steps: ['Shred.', 'Toss.'],
    });
  });
});

describe('files that are refused', () => {
  it.each([
    ['nothing', '', 'This file is empty.'],
    [
      'a page without a recipe',
      '<html><body><p>Hello</p></body></html>',
      'This page holds no recipe data: paste its text instead.',
    ],
    [
      'half a document',
      '{"@type":"Recipe","name":"A',
      'The recipe data in this file is not whole JSON; it may have ' +
        'been cut off. Save it again, or paste the text.',
    ],
    ['JSON of something else', '{"@type":"Person","name":"A"}', 'No recipe was found in this file.'],
    ['a picture', 'PNG\u0000\u0001', 'This file is no text: choose a web page, a JSON or a Markdown file.'],
    ['a shopping list', 'milk', 'Neither ingredient lines nor steps were found in this text.'],
    [
      'a Fornax file of the future',
      '{"format":"fornax-recipes","version":9,"recipes":[]}',
      'This Fornax file is of version 9; version 1 can be read. Update Fornax first.',
    ],
    [
      'a Fornax file cut off',
      '{"format":"fornax-recipes","version":1,"rec',
      'This Fornax file is not whole JSON; it may have been cut off.',
    ],
    [
      'more than 5 MB',
      'x'.repeat(largestFileBytes + 1),
      'This file is larger than 5 MB, more than any recipe: leave pictures out, or split it.',
    ],
  ])('%s', (_, text, refused) => expect(read(text)).toMatchObject({ refused, recipes: [] }));
  it('a document nested without end is no recipe', () =>
    expect(read(`${'{"@graph":['.repeat(5000)}${']}'.repeat(5000)}`).refused).toBe(
      'No recipe was found in this file.',
    ));
  it('whatever a file holds, it is read or refused, never thrown at', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 300 }),
          fc.json(),
          fc.json().map((json) => `<script type="application/ld+json">${json}</script>`),
          fc.anything().map(
            (value) =>
              JSON.stringify({
                '@type': 'Recipe',
                name: value,
                recipeIngredient: value,
                recipeInstructions: value,
                recipeYield: value,
                author: value,
              }) ?? '',
          ),
        ),
        (text) => {
          const { recipes, refused } = read(text);
          expect(recipes.length > 0).toBe(refused === '');
        },
      ),
      { numRuns: 600 },
    );
  });
});
