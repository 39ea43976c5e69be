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
  /** Minutes a beginner takes. An estimate. */
  readonly beginnerMinutes: number;
  /** For how much these minutes are: "an onion", "a bunch"; empty where it hardly depends on the amount. */
  readonly beginnerPer: string;
}

export type TechniqueGroup =
  'knife and leaf' | 'fruit' | 'pulses, grains, starch' | 'heat' | 'dressing' | 'finish';
export const techniqueGroups: readonly TechniqueGroup[] = [
  'knife and leaf',
  'fruit',
  'pulses, grains, starch',
  'heat',
  'dressing',
  'finish',
];

/** A note as it is written in the data: for how much the minutes are is left out where it hardly matters. */
export type WrittenNote = Omit<TechniqueNote, 'beginnerPer'> & { readonly beginnerPer?: string };
