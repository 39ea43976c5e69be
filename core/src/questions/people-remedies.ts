import {
  type ClassDish,
  type ClassFacts,
  decisionsOf,
  isMadeByStudents,
  type OwnSet,
  type Person,
  stationsOf,
  type StationSubstitute,
} from '../class/index.js';
import type { DishId, IngredientId } from '../identity/index.js';
import { findIngredient, ingredientName, type Larder, larderOf } from '../larder/index.js';
import { metLine, objectionsTo, type PeopleFinding, seatAt } from '../people/index.js';
import { type ClassBundle, peopleOfClass } from '../plan/index.js';
import type { PlannedDish } from '../plan/planned-dish.js';
import { capital, listed } from '../words/index.js';

/** What a way out changes of a class: whichever of it is there. */
export interface PeopleChange {
  /** Substitutes at single stations, added to those of a dish. */
  readonly forStations?: { readonly dishId: DishId; readonly added: readonly StationSubstitute[] };
  /** What takes the place of something in the whole class. */
  readonly substitutes?: Readonly<Record<IngredientId, IngredientId>>;
  readonly ownSets?: readonly OwnSet[];
  readonly roster?: readonly Person[];
}

/** A way out of a finding that was tried: with it the finding is gone, and nobody else has a new one. */
export interface PeopleRemedy {
  readonly id: string;
  readonly kind: 'substitute' | 'leave out' | 'own set' | 'substitute for all' | 'move';
  readonly title: string;
  /** What it changes and brings. */
  readonly effect: string;
  readonly change: PeopleChange;
}

/** The class with a way out taken. */
export function withPeopleChange<T extends ClassFacts>(facts: T, change: PeopleChange): T {
  const { forStations, substitutes, ownSets, roster } = change;
  const decisions = {
    ...facts.decisions,
    ...(substitutes ? { substitutes: { ...decisionsOf(facts).substitutes, ...substitutes } } : {}),
    ...(ownSets ? { ownSets: [...decisionsOf(facts).ownSets, ...ownSets] } : {}),
  };
  return {
    ...facts,
    decisions,
    ...(roster ? { roster } : {}),
    dishes: facts.dishes.map((dish) =>
      dish.id === forStations?.dishId ? withAdded(dish, forStations.added) : dish,
    ),
  };
}

function withAdded(dish: ClassDish, added: readonly StationSubstitute[]): ClassDish {
  const kept = (dish.making?.forStations ?? []).filter(
    (old) => !added.some(({ station, missing }) => station === old.station && missing === old.missing),
  );
  return { ...dish, making: { ...dish.making, forStations: [...kept, ...added] } };
}

/** Ways out of a finding about somebody, the smallest change first, each tried. */
export function peopleRemedies(bundle: ClassBundle, finding: PeopleFinding): PeopleRemedy[] {
  const trial = new Trial(bundle, finding);
  return [
    ...substitutesAtStation(trial),
    ...ownSetRemedies(trial),
    ...substitutesForAll(trial),
    ...moves(trial),
  ].filter(({ change }) => trial.works(change));
}

/**
 * Of dishes that could stand in place of one on the menu, those that nobody who comes has anything grave
 * against.
 */
export function dishesInstead(
  { class: facts, kitchen }: ClassBundle,
  dishId: DishId,
  offered: readonly ClassDish[],
): ClassDish[] {
  return offered.filter((dish) => {
    const dishes = facts.dishes.map((each) => (each.id === dishId ? dish : each));
    const { findings } = peopleOfClass({ ...facts, dishes }, kitchen).check;
    return !findings.some((each) => each.dishId === dish.id && each.level !== 'look');
  });
}

/** A class in which ways out are tried. */
class Trial {
  readonly larder: Larder;
  readonly facts: ClassFacts;
  readonly #before: ReadonlySet<string>;
  /** What was eaten before, by whom it was found and of what. */
  readonly #eaten: ReadonlySet<string>;

  constructor(
    readonly bundle: ClassBundle,
    readonly finding: PeopleFinding,
  ) {
    this.larder = larderOf(bundle.kitchen.larder);
    this.facts = bundle.class;
    const grave = this.#grave(this.facts);
    this.#before = new Set(grave.map(({ id }) => id));
    this.#eaten = new Set(grave.map(aboutOf));
  }

  get roster(): readonly Person[] {
    return this.facts.roster ?? [];
  }

  get dish(): ClassDish | undefined {
    return this.facts.dishes.find(({ id }) => id === this.finding.dishId);
  }

  nameOf(id: IngredientId): string {
    const food = findIngredient(this.larder, id);
    return food ? ingredientName(food, this.bundle.kitchen.english) : id;
  }

  planned(facts: ClassFacts): readonly PlannedDish[] {
    return peopleOfClass(facts, this.bundle.kitchen).dishes;
  }

  works(change: PeopleChange): boolean {
    const found = this.#found(withPeopleChange(this.facts, change));
    const isGone = !found.some(({ id }) => id === this.finding.id);
    return isGone && found.every((each) => this.#isNoNews(each));
  }

  /** Of what was eaten the plate that is shown is left, which they are told not to taste. */
  #isNoNews(found: PeopleFinding): boolean {
    const isLeft = found.meeting === 'shown' && this.#eaten.has(aboutOf(found));
    return found.level === 'look' || isLeft || this.#before.has(found.id);
  }

  #found(facts: ClassFacts): readonly PeopleFinding[] {
    return peopleOfClass(facts, this.bundle.kitchen).check.findings;
  }

  #grave(facts: ClassFacts): readonly PeopleFinding[] {
    return this.#found(facts).filter(({ level }) => level !== 'look');
  }
}

const aboutOf = ({ personId, dishId, kind, what }: PeopleFinding) => [personId, dishId, kind, what].join(' ');

/** Foods that may stand in place of one, that nobody of these has anything grave against. */
function candidates(
  { larder, facts }: Trial,
  missing: IngredientId,
  people: readonly Person[],
): IngredientId[] {
  const line = facts.dishes
    .flatMap(({ recipe }) => recipe.lines)
    .find(({ ingredient }) => ingredient === missing);
  if (!line) return [];
  return (findIngredient(larder, missing)?.substitutes ?? [])
    .map(({ ingredient }) => ingredient)
    .filter((id) => {
      const food = findIngredient(larder, id);
      if (!food) return false;
      const done = { isHeated: false, said: '', size: 'whole' } as const;
      const as = metLine({ ...line, name: food.names.uk, ingredient: id }, larder, done);
      return people.every((person) => objectionsTo(person, as).every(({ level }) => level === 'look'));
    });
}

/** How many foods in place of one are offered. */
const mostOffered = 3;

function substitutesAtStation(trial: Trial): PeopleRemedy[] {
  const { finding, dish } = trial;
  const { station, foods } = finding;
  const isOwn = finding.meeting === 'own' && station !== null && foods.length > 0;
  if (!isOwn || !dish || !isMadeByStudents(dish.maker) || dish.making?.flight) return [];
  const there = trial.roster.filter((person) => person.station === station);
  const options = foods.map((missing) => candidates(trial, missing, there));
  const added = Array.from({ length: mostOffered }, (_, turn) =>
    foods.map((missing, at): StationSubstitute => {
      return { station, missing, taken: options[at]![turn] ?? options[at]![0] ?? null };
    }),
  ).filter((_, turn) => turn === 0 || options.some((of) => of.length > turn));
  const left = foods.map((missing): StationSubstitute => ({ station, missing, taken: null }));
  // What nothing can take the place of is left out beside.
  const replaced = options.some((of) => of.length > 0) ? added : [];
  return [...replaced, left].map((each) => atStation(trial, dish, each));
}

function atStation(trial: Trial, dish: ClassDish, added: readonly StationSubstitute[]): PeopleRemedy {
  const isLeftOut = added.every(({ taken }) => taken === null);
  const { station } = added[0]!;
  const words = listed(
    added.map(({ missing, taken }) =>
      taken === null
        ? `no ${trial.nameOf(missing)}`
        : `${trial.nameOf(taken)} instead of ${trial.nameOf(missing)}`,
    ),
  );
  const change: PeopleChange = { forStations: { dishId: dish.id, added } };
  return {
    id: `${isLeftOut ? 'out' : 'substitute'}:${added.map(({ taken }) => taken ?? '').join('+')}`,
    kind: isLeftOut ? 'leave out' : 'substitute',
    title: `${capital(words)} at station ${station}`,
    effect: stationEffect(trial, dish, added, change),
    change,
  };
}

/** "Station 2: 40 g pumpkin seeds. No nut; greener and crisper." */
function stationEffect(
  trial: Trial,
  dish: ClassDish,
  added: readonly StationSubstitute[],
  change: PeopleChange,
): string {
  const planned = trial.planned(withPeopleChange(trial.facts, change)).find(({ id }) => id === dish.id)!;
  const { station } = added[0]!;
  const column = planned.portions.batches.findIndex((batch) => batch.stations.includes(station));
  const lines = planned.portions.components.flatMap((component) => component.lines);
  const brought = lines
    .filter(({ lineId, cells }) => lineId.includes('@') && cells[column]?.absent !== true)
    .map(({ name, measure, cells }) => {
      const cell = cells[column]!;
      return `${(measure === 'grams' ? cell.grams : cell.spoons).lead} ${name}`;
    });
  const tastes = added.flatMap(({ missing, taken }) => {
    const rule = findIngredient(trial.larder, missing)?.substitutes.find((each) => each.ingredient === taken);
    return rule ? [rule.effect] : [];
  });
  const what = brought.length > 0 ? `Station ${station}: ${listed(brought)}.` : '';
  const out = added.some(({ taken }) => taken === null)
    ? 'The rest of the dish stays as it is; taste it, and add salt or crunch of another kind.'
    : '';
  const isShown = planned.portions.batches.some(({ kind }) => kind === 'demonstration');
  const plate = isShown ? 'The demonstration plate keeps it: pass it by them.' : '';
  return [what, ...tastes, out, plate, 'Amounts, list, kit and card follow.'].filter(Boolean).join(' ');
}

function ownSetRemedies({ finding }: Trial): PeopleRemedy[] {
  const { kind, station, what } = finding;
  if (kind !== 'traces' || station === null) return [];
  return [
    {
      id: `set:${station}:${what}`,
      kind: 'own set',
      title: `A set of its own for station ${station}, free of ${what}`,
      effect:
        'One more of each shared tool is packed, washed apart. ' +
        `What is free of ${what} is made first, before anything with it is opened.`,
      change: { ownSets: [{ station, without: what }] },
    },
  ];
}

function substitutesForAll(trial: Trial): PeopleRemedy[] {
  const { foods } = trial.finding;
  if (foods.length === 0) return [];
  const options = foods.map((missing) => candidates(trial, missing, trial.roster)[0]);
  if (options.some((taken) => taken === undefined)) return [];
  const substitutes = Object.fromEntries(foods.map((missing, index) => [missing, options[index]!]));
  const words = listed(
    foods.map((missing, index) => `${trial.nameOf(options[index]!)} instead of ${trial.nameOf(missing)}`),
  );
  return [
    {
      id: `all:${options.join('+')}`,
      kind: 'substitute for all',
      title: `${capital(words)} for everybody`,
      effect: 'Every station and the demonstration take it, in every dish of this class.',
      change: { substitutes },
    },
  ];
}

/** Another station, where that is enough: they change places with somebody there, or take a free seat. */
function moves(trial: Trial): PeopleRemedy[] {
  const { finding, facts, roster } = trial;
  const { station, personId, dishId } = finding;
  if (station === null || dishId === null) return [];
  return stationsOf(facts).sizes.flatMap((_, index): PeopleRemedy[] => {
    const to = index + 1;
    if (to === station) return [];
    const moved = seatAt(facts, personId, to);
    if (!moved) return [];
    const other = roster.find(
      (each, at) => each.id !== personId && each.station === to && moved[at]!.station === station,
    );
    return [
      {
        id: `move:${to}`,
        kind: 'move',
        title: `${finding.person} to station ${to}${other ? `, ${other.name} to station ${station}` : ''}`,
        effect: 'Everybody else stays where they are.',
        change: { roster: moved },
      },
    ];
  });
}
