import { Type } from 'class-transformer';
import { ValidateBy, ValidateIf, ValidateNested, type ValidationOptions } from 'class-validator';

/** The field may be left out. Null is not the same: it is refused where the type does not name it. */
export function MayBeAbsent(): PropertyDecorator {
  return ValidateIf((_, value) => value !== undefined);
}

/** The field may be null; it is not left out. */
export function MayBeNull(): PropertyDecorator {
  return ValidateIf((_, value) => value !== null);
}

/** The field may be left out or null. */
export function MayBeAbsentOrNull(): PropertyDecorator {
  return ValidateIf((_, value) => value !== undefined && value !== null);
}

/** A text of so many characters, as the database counts them: “❤️” is two. */
export function Length(least: number, most: number, options?: ValidationOptions): PropertyDecorator {
  return text('isLength', [least, most], options, (length) => length >= least && length <= most);
}

/** A text of at most so many characters, as the database counts them. */
export function MaxLength(most: number, options?: ValidationOptions): PropertyDecorator {
  return text('maxLength', [most], options, (length) => length <= most);
}

function text(
  name: string,
  constraints: number[],
  options: ValidationOptions | undefined,
  fits: (length: number) => boolean,
): PropertyDecorator {
  const most = constraints[constraints.length - 1]!;
  return ValidateBy(
    {
      name,
      constraints,
      validator: {
        validate: (value) => typeof value === 'string' && fits(charactersOf(value)),
        defaultMessage: () => `Keep this under ${most} characters.`,
      },
    },
    options,
  );
}

/** Characters of a text as the database counts them: code points. */
function charactersOf(value: string): number {
  return [...value].length;
}

/** One part with a shape of its own: neither a list nor nothing. */
export function IsPart(shape: () => new () => object): PropertyDecorator {
  return all(
    rule('isPart', isPlainPart, 'This part is missing or not complete.'),
    ValidateNested(),
    Type(shape),
  );
}

/** A list of parts with a shape of their own. */
export function IsParts(shape: () => new () => object): PropertyDecorator {
  return all(
    rule(
      'isParts',
      (value) => Array.isArray(value) && value.every(isPlainPart),
      'Each of these must be complete.',
    ),
    ValidateNested({ each: true }),
    Type(shape),
  );
}

function isPlainPart(value: unknown): boolean {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** No two parts of a list have one id. */
export function HasOwnIds(sentence: string): PropertyDecorator {
  return rule('hasOwnIds', hasOwnIds, sentence);
}

function hasOwnIds(value: unknown): boolean {
  if (!Array.isArray(value)) return true;
  const ids = value.map((each: { readonly id?: unknown } | null) => each?.id);
  return new Set(ids).size === ids.length;
}

/** Several decorators as one, asked from the last to the first, as if they were written above each other. */
export function all(...decorators: readonly PropertyDecorator[]): PropertyDecorator {
  return (target, key) => [...decorators].reverse().forEach((decorate) => decorate(target, key));
}

/** What is said of a value that is refused. */
export type Sentence = (value: unknown) => string;

/** A rule with its sentence. */
export function rule(
  name: string,
  validate: (value: unknown) => boolean,
  sentence: string | Sentence,
  options?: ValidationOptions,
): PropertyDecorator {
  return ValidateBy(
    {
      name,
      validator: {
        validate: (value) => validate(value),
        defaultMessage: (given) => (typeof sentence === 'string' ? sentence : sentence(given?.value)),
      },
    },
    options,
  );
}
