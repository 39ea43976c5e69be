/** The steps that each step comes after, by their numbers. */
type After = readonly (readonly number[])[];

/** Steps that nothing goes on with yet. */
export function openEnds(after: After): number[] {
  const used = new Set(after.flat());
  return after.map((_, index) => index).filter((index) => !used.has(index));
}

/** Without those that another of them comes after anyway, in order. */
export function reduced(steps: readonly number[], after: After): number[] {
  const earlier = (of: number): number[] => after[of]!.flatMap((each) => [each, ...earlier(each)]);
  const implied = new Set(steps.flatMap(earlier));
  return [...new Set(steps)].filter((each) => !implied.has(each)).sort((a, b) => a - b);
}
