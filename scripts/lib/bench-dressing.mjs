import { median, row } from './measure.mjs';

const lines = [
  '60 ml olive oil',
  '30 ml walnut oil',
  '20 ml cider vinegar',
  '10 ml lemon juice',
  '1 tsp Dijon mustard',
  '1 tsp fine salt',
  '2 tsp honey',
  '1 tbsp water',
  '1 clove garlic',
  '2 tbsp yoghurt',
];
const rounds = 200;

function timed(work) {
  const times = [];
  for (let round = 0; round < rounds; round++) {
    const begun = performance.now();
    work();
    times.push(performance.now() - begun);
  }
  return median(times.slice(rounds / 4));
}

/** The balance of a bowl, and a solve of ten free lines. */
export function benchDressing(core) {
  const larder = core.standardLarder;
  const read = lines.map((text, index) =>
    core.lineOf(core.parseIngredientLine(text, { system: 'metric' }), index, 'bowl'),
  );
  const balance = timed(() => core.balanceDressing(read, larder, { method: 'whisk' }));
  const target = { ratio: 2, salt: 1.8, sugar: 4, millilitres: 300 };
  const solve = timed(() => core.fitDressing(read, target, { larder }));
  row('balance of a dressing of 10 lines', `${balance.toFixed(3)} ms`);
  row('the same solved for ratio, salt, sugar and volume, all lines free', `${solve.toFixed(1)} ms`);
}
