import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toFraction } from '../amounts/index.js';
import { readLarderCsv } from '../formats/index.js';
import { standardLarder } from '../larder/index.js';
import { readNoteMarkdown, writeNoteMarkdown } from '../techniques/index.js';
import { recipe, step } from '../tests/recipes.js';
import { applyChoices } from './choices.js';
import { compareRecipes } from './compare.js';
import { linkLines } from './intake/step/links.js';
import { moveLine, moveStep, removeStep } from './order.js';
import { expandRecipe } from './sub-recipes.js';

const lines = recipe(['1 lemon', '2 limes', '3 oranges', '100 g rocket', '30 g walnuts'], {
  components: [
    { id: 'c1', name: 'Salad', role: 'base' },
    { id: 'c2', name: 'On top', role: 'topping' },
  ],
}).lines;
const lineId = fc.constantFrom(...lines.map(({ id }) => id));
const place = fc.oneof(
  lineId.map((before) => ({ before })),
  fc.constantFrom('c1', 'c2').map((endOf) => ({ endOf })),
);
const sorted = (ids: readonly { id: string }[]) => ids.map(({ id }) => id).sort();
/** Steps whose `after` names only steps above them. */
const steps = fc
  .array(fc.array(fc.nat({ max: 9 }), { maxLength: 3 }), { minLength: 1, maxLength: 8 })
  .map((befores) =>
    befores.map((before, index) =>
      step(`s${index}`, {
        after: [...new Set(before.filter((each) => each < index).map((each) => `s${each}`))],
      }),
    ),
  );
const isInOrder = (of: readonly ReturnType<typeof step>[]) =>
  of.every(({ after }, index) => after.every((id) => of.slice(0, index).some((each) => each.id === id)));

describe('moving', () => {
  it('no line is ever lost or doubled', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(lineId, place), { maxLength: 12 }), (moves) => {
        const moved = moves.reduce((now, [id, to]) => moveLine(now, id, to), [...lines]);
        expect(sorted(moved)).toEqual(sorted(lines));
      }),
    );
  });
  it('a step never comes after one below it, however steps are moved and taken out', () => {
    fc.assert(
      fc.property(
        steps,
        fc.array(fc.tuple(fc.nat({ max: 7 }), fc.nat({ max: 7 })), { maxLength: 6 }),
        (start, moves) => {
          const moved = moves.reduce(
            (now, [from, to]) => moveStep(now, from % now.length, to % now.length),
            start,
          );
          expect([sorted(moved), isInOrder(moved)]).toEqual([sorted(start), true]);
          expect(isInOrder(removeStep(moved, moved[0]!.id))).toBe(true);
        },
      ),
    );
  });
});

describe('lines in steps', () => {
  const sentence = fc
    .array(
      fc.constantFrom(
        'half the',
        'the rest of the',
        'a third of the',
        'all the',
        'keeping back a quarter of the',
        'lemon',
        'limes',
        'oranges',
        'rocket',
        'walnuts',
        'and',
        'toss',
        'everything',
        '.',
      ),
      { maxLength: 10 },
    )
    .map((words) => words.join(' '));
  it('never more than the whole of a line is used', () => {
    fc.assert(
      fc.property(fc.array(sentence, { minLength: 1, maxLength: 6 }), (texts) => {
        const used = new Map<string, ReturnType<typeof toFraction>>();
        for (const { line, share } of linkLines(texts, lines).flat())
          used.set(line, (used.get(line) ?? toFraction('0')).add(toFraction(share)));
        for (const share of used.values())
          expect([share.compare(0) > 0, share.compare(1) <= 0]).toEqual([true, true]);
      }),
    );
  });
});

describe('choices, parts and versions', () => {
  const way = fc.constantFrom(null, { choice: 'w1', option: 'o1' }, { choice: 'w1', option: 'o2' });
  const asked = fc.tuple(steps, fc.array(way, { minLength: 8, maxLength: 8 })).map(([of, ways]) =>
    recipe(['1 lemon', '2 limes'], {
      choices: [
        {
          id: 'w1',
          name: 'Way',
          usual: 'o1',
          options: [
            { id: 'o1', name: 'one' },
            { id: 'o2', name: 'two' },
          ],
        },
      ],
      steps: of.map((each, index) => ({ ...each, when: ways[index]! })),
    }),
  );
  it('whatever is chosen, what is left stands in order, and nothing hangs on what fell out', () => {
    fc.assert(
      fc.property(
        asked,
        fc.constantFrom<Record<string, string>>({}, { w1: 'o2' }, { w1: 'gone' }),
        (of, chosen) => {
          const made = applyChoices(of, chosen);
          expect(isInOrder(made.steps)).toBe(true);
          expect(applyChoices(made, chosen).steps).toEqual(made.steps);
        },
      ),
    );
  });
  it('ids stay unique when parts are written out, and nothing differs from itself', () => {
    fc.assert(
      fc.property(asked, fc.integer({ min: 1, max: 3 }), (of, parts) => {
        const whole = {
          ...of,
          components: [
            ...of.components,
            ...Array.from({ length: parts }, (_, index) => ({
              id: `p${index}`,
              name: `Part ${index}`,
              role: 'base' as const,
              recipe: { recipeId: 'part', batches: '2' as const },
            })),
          ],
        };
        const expanded = expandRecipe(whole, () => of, ['whole']);
        for (const list of [expanded.lines, expanded.steps])
          expect(new Set(list.map(({ id }) => id)).size).toBe(list.length);
        expect(compareRecipes(expanded, expanded)).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
});

describe('whatever is read, nothing throws', () => {
  it('a larder file of any text is taken or refused, row by row', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc
            .array(
              fc.oneof(
                fc.constantFrom(
                  'basil',
                  'handful',
                  '12',
                  '-1',
                  '"',
                  '=1+1',
                  'vegetables',
                  'ingredient',
                  'figure',
                  'value',
                ),
                fc.string({ maxLength: 8 }),
              ),
              { maxLength: 6 },
            )
            .map((cells) => cells.join(',')),
          { maxLength: 8 },
        ),
        (rows) => {
          const { report, refused, entries } = readLarderCsv(
            ['ingredient,name,section,figure,value', ...rows].join('\n'),
            standardLarder,
            [],
          );
          expect(refused === '' || report.length === 0).toBe(true);
          for (const entry of entries)
            for (const value of Object.values(entry.figures)) expect(Number.isFinite(value)).toBe(true);
        },
      ),
    );
  });
  it('a note of any Markdown is read, and what was read is written back the same', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.oneof(
            fc.constantFrom(
              '## Why',
              '## How',
              '1. Cut.',
              '- Salt → wait',
              '# Other',
              '',
              '## Goes wrong',
              '## Caution',
            ),
            fc.string({ maxLength: 20 }),
          ),
          { maxLength: 12 },
        ),
        (rows) => {
          const read = readNoteMarkdown(rows.join('\n'));
          expect(readNoteMarkdown(writeNoteMarkdown(read)).goesWrong.length).toBe(read.goesWrong.length);
        },
      ),
    );
  });
});
