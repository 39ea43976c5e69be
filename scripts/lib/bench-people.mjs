import { median, row } from './measure.mjs';

const people = 40;
const dishes = 10;
const rounds = 60;

/** Somebody with needs of every kind, another for each number. */
function somebody(core, number) {
  const needs = core.allergenNeeds;
  return {
    ...core.nobody,
    id: `p${number}`,
    name: `Person ${number}`,
    station: 1 + (number % 10),
    allergens: [{ what: needs[number % needs.length], traces: number % 3 === 0 }],
    diets: [core.personDiets[number % core.personDiets.length]],
    dislikes: ['coriander'],
    sensitivities: ['raw onion'],
    age: core.ages[number % core.ages.length],
    pregnant: number % 7 === 0,
  };
}

/** Forty people, each with needs, against ten dishes of the demo. */
export function benchPeople(core, demo) {
  const kitchen = { ...core.usualKitchen, ...demo.demoKitchen };
  const roster = Array.from({ length: people }, (_, number) => somebody(core, number));
  const facts = {
    ...demo.demoClasses('2026-11-24')[0],
    id: 'c',
    zone: kitchen.zone,
    people,
    peoplePerStation: 4,
    roster,
    dishes: demo.demoRecipes.slice(0, dishes).map(({ recipe }, index) => ({
      id: `d${index}`,
      recipeId: `r${index}`,
      version: 1,
      portion: 'taste',
      maker: 'every station',
      choices: {},
      recipe,
    })),
  };
  const planned = core.peopleOfClass(facts, kitchen).dishes;
  const input = {
    roster,
    dishes: planned.map(({ id, decided, portions }) => ({ id, decided, batches: portions.batches })),
    ownSets: [],
    larder: core.standardLarder,
    english: 'uk',
  };
  const times = Array.from({ length: rounds }, () => {
    const begun = performance.now();
    core.checkPeople(input);
    return performance.now() - begun;
  }).slice(rounds / 3);
  const { findings } = core.checkPeople(input);
  row(
    `${people} people against ${dishes} dishes`,
    `${median(times).toFixed(1)} ms, ${findings.length} findings`,
  );
  const [first] = findings.filter(({ kind, meeting }) => kind === 'allergen' && meeting === 'own');
  const begun = performance.now();
  const ways = core.peopleRemedies({ class: facts, kitchen }, first);
  row(
    'ways out of one finding, each tried',
    `${(performance.now() - begun).toFixed(0)} ms, ${ways.length} ways`,
  );
}
