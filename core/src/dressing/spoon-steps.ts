/**
 * What spoons and a small jug give, in teaspoons: eighths to 1, quarters to 2, halves to 6, wholes to 12,
 * tablespoons beyond.
 */
const finest: readonly (readonly [upTo: number, step: number])[] = [
  [1, 0.125],
  [2, 0.25],
  [6, 0.5],
  [12, 1],
  [48, 1.5],
  [Infinity, 3],
];

function stepAt(teaspoons: number): number {
  return finest.find(([upTo]) => teaspoons < upTo - 1e-9)![1];
}

/** The measures next to a volume, the nearest first: at most `count` each way, none below an eighth. */
export function nearMeasures(millilitres: number, teaspoon: number, count: number): number[] {
  const wanted = millilitres / teaspoon;
  const step = stepAt(wanted);
  const middle = Math.round(wanted / step) * step;
  const found = new Set<number>();
  for (let away = -count; away <= count; away++) {
    const measure = middle + away * stepAt(middle + (away < 0 ? away * step : 0));
    if (measure >= 0.125 - 1e-9) found.add(Math.round(measure * 8) / 8);
  }
  if (found.size === 0) found.add(0.125);
  return [...found]
    .sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))
    .map((measure) => measure * teaspoon);
}
