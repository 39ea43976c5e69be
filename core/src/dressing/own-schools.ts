import { schoolTargets, type SchoolTarget } from './schools.js';
import { type School, schools } from './types.js';

/** The figures of a school that a kitchen can have its own of: parts, and the ends of its windows. */
export const schoolFigures = ['ratio', 'salt from', 'salt to', 'sugar to', 'acid from', 'acid to'] as const;
export type SchoolFigure = (typeof schoolFigures)[number];

/** A kitchen's own figures by school and figure, "oil-led salt to"; the usual ones stand where absent. */
export type OwnSchools = Readonly<Record<string, number>>;

const most: Readonly<Record<SchoolFigure, number>> = {
  ratio: 20,
  'salt from': 20,
  'salt to': 20,
  'sugar to': 60,
  'acid from': 15,
  'acid to': 15,
};
const leastRatio = 0.05;

export function schoolFigureKey(school: School, figure: SchoolFigure): string {
  return `${school} ${figure}`;
}

/** What is wrong with a figure of a kitchen's own; empty where nothing is. */
export function schoolFigureProblem(key: string, value: number): string {
  const school = schools.find((each) => key.startsWith(`${each} `));
  const figure = schoolFigures.find((each) => school && key === schoolFigureKey(school, each));
  if (!school || !figure || (figure === 'ratio' && schoolTargets[school].ratio === null))
    return `“${key.slice(0, 40)}” is no figure of a school of dressing.`;
  const least = figure === 'ratio' ? leastRatio : 0;
  if (Number.isFinite(value) && value >= least && value <= most[figure]) return '';
  return figure === 'ratio'
    ? `Write the parts of oil to one of acid, from ${leastRatio} to ${most.ratio}.`
    : `Write per cent from 0 to ${most[figure]}.`;
}

/** A school as this kitchen teaches it. A window that is written the wrong way round is turned. */
export function schoolTarget(school: School, own: OwnSchools = {}): SchoolTarget {
  const usual = schoolTargets[school];
  const of = (figure: SchoolFigure, given: number) => own[schoolFigureKey(school, figure)] ?? given;
  const window = (from: number, to: number): readonly [number, number] => [
    Math.min(from, to),
    Math.max(from, to),
  ];
  const ratio = usual.ratio === null ? null : of('ratio', usual.ratio);
  return {
    ...usual,
    ratio,
    salt: window(of('salt from', usual.salt[0]), of('salt to', usual.salt[1])),
    sugar: [usual.sugar[0], of('sugar to', usual.sugar[1])],
    acidity: window(of('acid from', usual.acidity[0]), of('acid to', usual.acidity[1])),
  };
}

/** A figure of a school as it stands: the kitchen's own, else the usual; null where the school has none. */
export function schoolFigure(school: School, figure: SchoolFigure, own: OwnSchools = {}): number | null {
  const { ratio, salt, sugar, acidity } = schoolTarget(school, own);
  return {
    ratio,
    'salt from': salt[0],
    'salt to': salt[1],
    'sugar to': sugar[1],
    'acid from': acidity[0],
    'acid to': acidity[1],
  }[figure];
}
