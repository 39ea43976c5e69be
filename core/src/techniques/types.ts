/** A note that explains a technique and can be attached to any step. */
export interface TechniqueNote {
  readonly id: string;
  readonly title: string;
  readonly group: TechniqueGroup;
  readonly why: string;
  readonly how: readonly string[];
  readonly lookFor: string;
  readonly goesWrong: readonly { readonly wrong: string; readonly mend: string }[];
  readonly caution: string;
  readonly anotherWay: string;
  /** Minutes a beginner takes for the usual amount of one station. An estimate. */
  readonly beginnerMinutes: number;
}

export type TechniqueGroup = 'knife and leaf' | 'fruit' | 'pulses, grains, starch' | 'heat' | 'dressing' | 'finish';
export const techniqueGroups: readonly TechniqueGroup[] = ['knife and leaf', 'fruit', 'pulses, grains, starch', 'heat', 'dressing', 'finish'];
