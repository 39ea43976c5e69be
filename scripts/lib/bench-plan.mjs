import { edits, planEdited } from './bench-edit.mjs';
import { median, row, timed } from './measure.mjs';

const makers = [
  'every station',
  'every station',
  'every station',
  'demonstration',
  'made ahead',
  'every station',
  'demonstration',
  'made ahead',
  'every station',
  'every station',
];

/** What it costs to plan a class, to plan it again after an edit, to buy for many and to choose packs. */
export function benchPlanning(core, demo) {
  benchPlan(core, demo);
  benchEdit(core, demo);
  benchPool(core, demo);
  benchPacks(core);
}

/** A class of `dishes` dishes of `lines` lines each, made from the demo's recipes, at `stations` stations. */
function benchBundle(demo, { dishes, lines, stations, people }) {
  const recipes = demo.demoRecipes.map(({ recipe }) => ({
    ...recipe,
    lines: Array.from({ length: lines }, (_, index) => ({
      ...recipe.lines[index % recipe.lines.length],
      id: `l${index + 1}`,
    })),
  }));
  const facts = {
    id: 'bench',
    title: 'Bench',
    startsAt: '2026-11-27T14:00',
    zone: 'Europe/London',
    lengthMinutes: 300,
    place: '',
    people,
    peoplePerStation: 4,
    assistants: 1,
    demonstrationPlates: 2,
    dishes: makers.slice(0, dishes).map((maker, index) => ({
      id: `d${index}`,
      recipeId: `r${index}`,
      version: 1,
      portion: 'taste',
      maker,
      choices: {},
      recipe: recipes[index % recipes.length],
    })),
  };
  const appliances = demo.demoKitchen.appliances.map((each) => ({ ...each, capacity: stations }));
  return { class: facts, kitchen: { ...demo.demoKitchen, appliances } };
}

export const editBundle = (demo, stations) =>
  benchBundle(demo, { dishes: 10, lines: 15, stations, people: stations * 4 - 1 });

/** A class that was never planned: every time as new, and another length, so that nothing is remembered. */
function benchPlan(core, demo) {
  for (const stations of [12, 24, 48]) {
    const bundle = benchBundle(demo, { dishes: 8, lines: 12, stations, people: stations * 4 });
    let minutes = 300;
    const fresh = () => {
      const copy = structuredClone(bundle);
      copy.class.lengthMinutes = ++minutes;
      return copy;
    };
    for (let warm = 0; warm < 60; warm++) core.planClass(fresh());
    const times = Array.from({ length: 31 }, () => {
      const one = fresh();
      return timed(() => core.planClass(one), 1);
    });
    row(`planClass, 8 dishes × 12 lines × ${stations} stations`, `${median(times).toFixed(1)} ms median`);
  }
}

/** Everything again after one edit. Sets of equal stations stay two, whatever the stations. */
function benchEdit(core, demo) {
  for (const stations of [10, 20, 40]) {
    for (const kind of Object.keys(edits)) {
      const plan = planEdited(core, editBundle(demo, stations), kind);
      for (let warm = 0; warm < 60; warm++) plan();
      row(
        `one edit, ${kind}: ${stations} stations × 10 dishes × 15 lines`,
        `${median(Array.from({ length: 41 }, plan)).toFixed(1)} ms median`,
      );
    }
  }
}

/** Many classes bought for on one list. */
function benchPool(core, demo) {
  for (const classes of [25, 50, 100]) {
    const bundle = editBundle(demo, 4);
    const many = Array.from({ length: classes }, (_, index) => ({
      ...bundle.class,
      id: `c${index}`,
      title: `Class ${index}`,
      dishes: bundle.class.dishes.slice(index % 5, (index % 5) + 4),
    }));
    const pooled = () =>
      core.buildShoppingList(
        many.flatMap((facts) => core.usesOfClass(facts, bundle.kitchen)),
        { english: 'uk', classDate: '2026-11-27', suppliers: bundle.kitchen.suppliers },
      );
    pooled();
    row(
      `${classes} classes of 4 dishes pooled on one list (${pooled().rows.length} rows)`,
      `${timed(pooled, 7).toFixed(0)} ms median`,
    );
  }
}

/** Six sizes without a common measure, and needs up to 10 000 of them. */
function benchPacks(core) {
  const packs = [7, 11, 13, 17, 19, 23].map((size, index) => ({
    size,
    name: 'bag',
    price: { value: 1 + index * 0.31, source: 'measured' },
  }));
  for (const need of [100, 1000, 10_000]) {
    const choose = () =>
      core.choosePacks(String(need), packs, { priceOf: (pack) => pack.price.value, leftOverIsUsed: false });
    for (let warm = 0; warm < 20; warm++) choose();
    row(
      `packs of six sizes for ${need} units, with the next two`,
      `${timed(choose, 21).toFixed(2)} ms median`,
    );
  }
}
