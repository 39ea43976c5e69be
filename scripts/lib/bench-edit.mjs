/**
 * Edits of a class, each made of the bundle before, the number of the edit and the bundle that was first.
 * The first two are another one every time, so that nothing is known from the last time; the third goes to
 * and fro, as an edit and its undoing do.
 */
export const edits = {
  'an amount of one line': (bundle, number) => ({
    ...bundle,
    class: {
      ...bundle.class,
      dishes: bundle.class.dishes.map((dish, at) =>
        at === number % bundle.class.dishes.length ? withAmount(dish, number) : dish,
      ),
    },
  }),
  'the number of people': (bundle, number, first) => ({
    ...bundle,
    class: { ...bundle.class, people: first.class.people + 1 - ((number * 3) % 10) },
  }),
  'the number of people down and up by one': (bundle, number, first) => ({
    ...bundle,
    class: { ...bundle.class, people: first.class.people - (number % 2) },
  }),
};

/** One more sixtieth of the first line that has an amount. */
function withAmount(dish, number) {
  const { lines } = dish.recipe;
  const edited = lines.findIndex((line) => line.amount !== null);
  const amount = { low: `${60 + number}/60`, high: `${60 + number}/60` };
  return {
    ...dish,
    recipe: {
      ...dish.recipe,
      lines: lines.map((line, at) => (at === edited ? { ...line, amount } : line)),
    },
  };
}

/** Plans a class after one edit after the other; each call makes one and returns the milliseconds. */
export function planEdited(core, first, kind) {
  let bundle = first;
  let number = 0;
  return () => {
    bundle = edits[kind](bundle, ++number, first);
    const start = performance.now();
    core.planClass(bundle);
    return performance.now() - start;
  };
}
