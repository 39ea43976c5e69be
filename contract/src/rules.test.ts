import 'reflect-metadata';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { describe, expect, it } from 'vitest';
import { CreateClassDto, UpdateClassDto } from './classes.js';
import { fieldProblems } from './problems.js';
import { RecipeContentDto, RecipeStepDto } from './recipes.js';
import { isChoices, isLocalDate, isLocalDateTime, isRational, isTimeZone } from './rules.js';

describe('amounts as text', () => {
  it.each(['1', '3/4', '27/2', '1000'])('%s is one', (text) => expect(isRational(text)).toBe(true));
  it.each(['0', '0/4', '1/0', '-1', '0.5', 'lots', '', '1/2/3', '9'.repeat(40), 2, null])(
    '%j is none',
    (value) => expect(isRational(value)).toBe(false),
  );
});

describe('dates and zones', () => {
  it.each(['2026-11-27T18:30', '2028-02-29T00:00'])('%s exists', (text) =>
    expect(isLocalDateTime(text)).toBe(true),
  );
  it.each(['2026-02-29T10:00', '2026-11-27', '2026-11-27T24:30', '2026-11-27T18:30:00Z', 'soon', 5])(
    '%j does not',
    (value) => expect(isLocalDateTime(value)).toBe(false),
  );
  it('knows zones', () => {
    expect(isTimeZone('Europe/London')).toBe(true);
    expect(isTimeZone('Moon/Crater')).toBe(false);
    expect(isTimeZone(7)).toBe(false);
  });
});

describe('a class', () => {
  const problems = (dto: typeof CreateClassDto | typeof UpdateClassDto, value: object) =>
    validateSync(plainToInstance(dto as typeof UpdateClassDto, value)).map(({ property }) => property);
  it('is made with an id, a title and a start', () =>
    expect(problems(CreateClassDto, {}).sort()).toEqual(['id', 'startsAt', 'title']));
  it('is changed one field at a time', () => expect(problems(UpdateClassDto, { people: 17 })).toEqual([]));
  it('looks into its dishes', () =>
    expect(
      problems(UpdateClassDto, { dishes: [{ id: 'x', recipeId: 'y', portion: 'huge', maker: 'nobody' }] }),
    ).toEqual(['dishes']));
});

describe('decisions about times', () => {
  const lists = {
    substitutes: {},
    skipped: [],
    packs: {},
    madeDo: {},
    sparePercent: 0,
    budget: null,
    together: [],
    kit: [],
    ownSets: [],
  };
  const messages = (times: object) =>
    validateSync(plainToInstance(UpdateClassDto, { decisions: { ...lists, ...times } }))
      .flatMap(({ children }) => children ?? [])
      .flatMap(({ constraints }) => Object.values(constraints ?? {}));
  it('pins are whole minutes within a month of the class', () => {
    expect(messages({ pins: { 'd1/cut': -90, pack: 0 } })).toEqual([]);
    for (const wrong of [
      { a: 0.5 },
      { a: '10' },
      { a: 44_641 },
      { a: -44_641 },
      ['a'],
      'a',
      { ['k'.repeat(201)]: 1 },
    ])
      expect(messages({ pins: wrong })).toEqual(['Pin a job to a whole minute within a month of the class.']);
  });
  it('hands and places are of a few words', () => {
    expect(messages({ hands: { 'd1/cut': 'assistant' }, when: { 'd1/cut': 'before' } })).toEqual([]);
    expect(messages({ hands: { 'd1/cut': 'Bo' } })).toEqual(['Choose you or assistant.']);
    expect(messages({ when: { 'd1/cut': 'later' } })).toEqual(['Choose in class or before.']);
  });
  it('an older page sends none of them, and that is no problem', () => {
    expect(messages({})).toEqual([]);
    expect(plainToInstance(UpdateClassDto, { decisions: lists }).decisions).toMatchObject({
      pins: {},
      hands: {},
      when: {},
    });
  });
});

describe('choices of a dish', () => {
  it.each([
    [{}, true],
    [{ w1: 'o2' }, true],
    [{ 'w 1': 'o2' }, false],
    [{ w1: 2 }, false],
    [{ w1: '' }, false],
    [[], false],
    [null, false],
    ['w1', false],
  ])('%j', (value, allowed) => expect(isChoices(value)).toBe(allowed));
  it('are few', () =>
    expect(isChoices(Object.fromEntries(Array.from({ length: 21 }, (_, index) => [`w${index}`, 'o1'])))).toBe(
      false,
    ));
});

describe('local dates', () => {
  it.each([
    ['2026-11-27', true],
    ['2024-02-29', true],
    ['2026-02-29', false],
    ['27.11.2026', false],
    ['2026-11-27T10:00', false],
    [20261127, false],
  ])('%s', (value, allowed) => expect(isLocalDate(value)).toBe(allowed));
});

describe('what a recipe may say of its steps', () => {
  const step = (to: object) => ({
    id: 's1',
    componentId: 'c1',
    text: 'Stir.',
    handsOnMinutes: 1,
    waitMinutes: null,
    until: '',
    place: 'in class',
    occupies: null,
    tools: [],
    uses: [],
    after: [],
    holdMinutes: null,
    techniques: [],
    techniqueNote: '',
    demonstrateMinutes: 0,
    ...to,
  });
  const sentences = (...steps: object[]) =>
    fieldProblems(
      validateSync(plainToInstance(RecipeContentDto, { steps }), { skipMissingProperties: true }),
    ).map(({ field, sentence }) => [field, sentence]);

  it('a step comes after steps that there are', () => {
    expect(sentences(step({}), step({ id: 's2', after: ['s1'] }))).toEqual([]);
    expect(sentences(step({ after: ['s9'] }))).toEqual([
      ['steps', 'A step comes after a step that is not there.'],
    ]);
  });
  it('a wait is written from its shorter end', () => {
    expect(sentences(step({ waitMinutes: { low: 5, high: 5 } }))).toEqual([]);
    expect(sentences(step({ waitMinutes: { low: 20, high: 10 } }))).toEqual([
      ['steps.0.waitMinutes', 'Write the shorter wait first.'],
    ]);
  });
  it('what may be absent may not be null, unless its type says so', () => {
    const fields = (to: object) =>
      fieldProblems(validateSync(plainToInstance(RecipeStepDto, step(to)))).map(({ field }) => field);
    expect(fields({ holdMinutes: null })).toEqual([]);
    expect(fields({ declined: null })).toEqual(['declined']);
    expect(fields({ declined: undefined })).toEqual([]);
  });
});
