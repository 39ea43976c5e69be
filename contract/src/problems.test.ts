import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { describe, expect, it } from 'vitest';
import { CreateClassDto, fieldProblems, TechniqueNoteDto } from './index.js';
import { samples } from './tests/samples.js';

/** What is said of a field of a shape where its sample has something else. */
function said(shape: new () => object, field: string, value: unknown): string[] {
  const sample = { ...(samples[shape.name] as object), [field]: value };
  return fieldProblems(validateSync(plainToInstance(shape, sample))).map(({ sentence }) => sentence);
}

describe('what is refused is said for people', () => {
  it.each([
    [CreateClassDto, 'title', 7, 'Write this as text.'],
    [TechniqueNoteDto, 'how', 'Toss it.', 'Give this as a list.'],
    [TechniqueNoteDto, 'lookFor', null, 'Write this as text.'],
  ] as const)('%o: %s as %j', (shape, field, value, sentence) =>
    expect(said(shape, field, value)).toEqual([sentence]),
  );
});
