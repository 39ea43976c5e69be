import type { ValidationError } from 'class-validator';

/** An error as RFC 9457 problem details, with a plain sentence and the fields it concerns. */
export interface Problem {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  /** What happened and what to do, in one sentence. */
  readonly detail: string;
  readonly errors?: readonly FieldProblem[];
  /** On 409: the version that stands now. */
  readonly current?: unknown;
}

export interface FieldProblem {
  /** Path of the field: "people", "content.lines.2.amount". */
  readonly field: string;
  readonly sentence: string;
}

/** What class-validator found, as sentences by field: the same in the browser and on the server. */
export function fieldProblems(errors: readonly ValidationError[], path = ''): FieldProblem[] {
  return errors.flatMap((error) => {
    const field = path ? `${path}.${error.property}` : error.property;
    // Rules are asked from the last written to the first: the first written says what the field is at all.
    const own = Object.entries(error.constraints ?? {})
      .slice(-1)
      .map(([rule, sentence]) => ({
        field,
        sentence: plain(rule, sentence, error.property),
      }));
    return [...own, ...fieldProblems(error.children ?? [], field)];
  });
}

/** What the rules themselves say is for programmers: “title must be a string”. */
const usual: Readonly<Record<string, string>> = {
  isString: 'Write this as text.',
  isInt: 'Write this as a whole number.',
  isNumber: 'Write this as a number.',
  isBoolean: 'Say yes or no to this.',
  isArray: 'Give this as a list.',
  nestedValidation: 'This part is missing or not complete.',
};

function plain(rule: string, sentence: string, property: string): string {
  if (rule === 'whitelistValidation') return `“${property}” is not part of it.`;
  return / must /.test(sentence) ? (usual[rule] ?? sentence) : sentence;
}
