import { randomUUID } from 'node:crypto';

/** What a menu is read with beside what it is written with: the recipe, and how its versions stand. */
const onlyRead = ['version', 'recipe', 'newestVersion', 'draftDiffers', 'newest'];

/** The menus of the demo's coming classes, each dish with its recipe beside what can be written. */
export async function demoMenus(cook) {
  const listed = (await cook.get('/classes')).body;
  const wholes = await Promise.all(listed.map(async ({ id }) => (await cook.get(`/classes/${id}`)).body));
  return wholes
    .map(({ dishes }) => dishes.map((dish) => ({ recipe: dish.recipe, written: writtenOf(dish) })))
    .filter((menu) => menu.length > 0);
}

function writtenOf(dish) {
  return Object.fromEntries(Object.entries(dish).filter(([fact]) => !onlyRead.includes(fact)));
}

/** A class of one's own with such a menu; what its next change needs. */
export async function classWithMenu(cook, title, { dishes, ...facts }) {
  const made = await cook.makeClass(title);
  const changed = await cook.patch(`/classes/${made.body.id}`, made.body.revision, {
    dishes: dishes.map((dish) => ({ ...dish, id: randomUUID() })),
    ...facts,
  });
  if (changed.status !== 200) throw new Error(`A menu was answered with ${JSON.stringify(changed.body)}.`);
  return { id: made.body.id, revision: changed.body.revision, people: changed.body.people };
}
