import { plainToInstance } from 'class-transformer';
import { getMetadataStorage, validateSync } from 'class-validator';
import { describe, expect, it } from 'vitest';
import * as contract from './index.js';
import { samples } from './tests/samples.js';

type Shape = new () => object;

/** All shapes that the contract checks. */
const shapes = Object.entries(contract).filter(
  (entry): entry is [string, Shape] => typeof entry[1] === 'function' && fieldsOf(entry[1]).length > 0,
);

function fieldsOf(shape: unknown): string[] {
  const found = getMetadataStorage().getTargetValidationMetadatas(shape as Shape, '', false, false);
  return [...new Set(found.map(({ propertyName }) => propertyName))];
}

function problems(shape: Shape, value: object): readonly contract.FieldProblem[] {
  return contract.fieldProblems(
    validateSync(plainToInstance(shape, value), { whitelist: true, forbidNonWhitelisted: true }),
  );
}

/** The fields of a value whose change to something else is let pass. */
function takenFor(shape: Shape, sample: Readonly<Record<string, unknown>>, change: unknown): string[] {
  return fieldsOf(shape).filter((field) => problems(shape, { ...sample, [field]: change }).length === 0);
}

/** The fields that may be null, by shape: of all others null is refused. */
const mayBeNull: Readonly<Record<string, readonly string[]>> = {
  ClassDecisionsDto: ['budget'],
  DishMakingDto: ['flight'],
  PersonDto: ['heat', 'station'],
  StationSubstituteDto: ['taken'],
  KeptBackDto: ['amount'],
  LarderEntryDto: ['own'],
  OwnSafetyDto: [
    'coldCelsius',
    'hotCelsius',
    'coldOutMinutes',
    'hotOutMinutes',
    'chillWithinMinutes',
    'roomCelsius',
    'reheatCelsius',
    'coldThroughMinutes',
    'beansBoilMinutes',
  ],
  RecipeComponentDto: ['recipe'],
  RecipeLineDto: ['amount', 'unit', 'pack', 'second', 'keptBack', 'ingredient', 'form', 'when'],
  RecipeStepDto: ['waitMinutes', 'occupies', 'when', 'holdMinutes'],
  StockDto: ['useBy'],
};

describe.each(shapes)('%s', (name, shape) => {
  const sample = samples[name] as Record<string, unknown>;
  it('has a sample with every field, and it is taken', () => {
    expect(Object.keys(sample).sort()).toEqual(fieldsOf(shape).sort());
    expect(problems(shape, sample)).toEqual([]);
  });
  it('null is taken only where the type names it', () =>
    expect(takenFor(shape, sample, null).sort()).toEqual([...(mayBeNull[name] ?? [])].sort()));
  it('a list is no part, nor a part a list, nor either a text', () => {
    const kindOf = (value: unknown) =>
      Array.isArray(value) ? 'list' : typeof value === 'object' ? 'part' : typeof value;
    const wrong = Object.entries({ list: [], part: {}, string: 'x', number: 0.5 });
    for (const [kind, value] of wrong)
      expect(
        takenFor(shape, sample, value).filter((field) => kindOf(sample[field]) !== kind),
        `${kind} instead`,
      ).toEqual([]);
  });
  it('a list of something else is refused', () => {
    const lists = fieldsOf(shape).filter((field) => Array.isArray(sample[field]));
    for (const wrong of [[null], [[]], [{}]])
      expect(takenFor(shape, sample, wrong).filter((field) => lists.includes(field))).toEqual([]);
  });
  it('a part without its parts is refused, but for parts that may be empty', () => {
    const parts = fieldsOf(shape).filter((field) => isPart(sample[field]) && !mayBeEmpty.has(field));
    expect(takenFor(shape, sample, {}).filter((field) => parts.includes(field))).toEqual([]);
  });
  it('what is not part of it is refused', () =>
    expect(problems(shape, { ...sample, surprise: 1 })).toContainEqual({
      field: 'surprise',
      sentence: '“surprise” is not part of it.',
    }));
});

function isPart(value: unknown): boolean {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Records of which none need be given, and decisions of which none need be taken. */
const mayBeEmpty: ReadonlySet<string> = new Set([
  'alternatives',
  'choices',
  'figures',
  'hands',
  'levels',
  'madeDo',
  'noted',
  'onTheDay',
  'making',
  'own',
  'packs',
  'pins',
  'schools',
  'shown',
  'shownWith',
  'substitutes',
  'when',
]);
