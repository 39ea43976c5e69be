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
