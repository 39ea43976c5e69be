import { toNumber } from '../../amounts/index.js';
import type {
  ClassDish,
  ClassFacts,
  KitchenFacts,
  Maker,
  StationPlan,
  TimelineDecisions,
} from '../../class/index.js';
import { type DishPortions, stationsAtOnce } from '../../portions/index.js';
import type { Appliance, RecipeStep } from '../../recipes/index.js';
import type { ScheduleLink, ScheduleResource, ScheduleTask } from '../../scheduler/index.js';
import { showRange } from '../../words/index.js';
import type { EntryKind, Lane } from '../types.js';
import {
  handsOn,
  heatingFor,
  largest,
  minutesALitre,
  nameOfWait,
  roundsFor,
  shortTitle,
  waitTitle,
} from './minutes.js';
import { withWashing } from './washing.js';

/** Minutes of a class that are not cooking. Starting estimates. */
export const welcomeMinutes = 5;
export const eatMinutes = 20;
export const clearMinutes = 15;
const setOutMinutesPerStation = 4;
const packMinutesPerCrate = 2;
/** Soaks as long as this want fresh water, about every 8 hours; nights are longer. Starting estimates. */
const longSoakMinutes = 16 * 60;
const minutesOfOneWater = 8 * 60;
const leastMinutesInWater = 5 * 60;
const mostMinutesInWater = 12 * 60;
const changeWaterMinutes = 3;

/** People in a class take longer than the recipe's practised hands. */
const beginnerPace = 1.5;

/** A task of the plan with what the clock shows of it. */
export interface PlanTask extends ScheduleTask {
  readonly lane: Lane;
  readonly kind: EntryKind;
  readonly title: string;
  readonly detail: string;
  readonly dishTitle: string;
  readonly step: RecipeStep | null;
  readonly how: readonly { readonly label: string; readonly value: string; readonly note?: string }[];
}

/** The tasks and links of a class before anything is placed. */
export interface ClassTasks {
  readonly tasks: readonly PlanTask[];
  readonly links: readonly ScheduleLink[];
  /** Tools that go round between dishes. */
  readonly resources: readonly ScheduleResource[];
}

export interface TaskInput {
  readonly facts: ClassFacts;
  readonly kitchen: KitchenFacts;
  readonly stations: StationPlan;
  readonly portions: readonly DishPortions[];
  readonly decisions: TimelineDecisions;
  /**
   * Minutes by which eating is put off because the class does not fit; below 0 it comes forward by the
   * minutes to spare.
   */
  readonly overrun: number;
}

/**
 * Steps of every batch as tasks, backwards from eating: hands, waits, appliances, demonstrations, preheating,
 * setting out.
 */
export function buildTasks(input: TaskInput): ClassTasks {
  const building = new Building(input);
  input.facts.dishes.forEach((dish, index) => building.addDish(dish, input.portions[index]!));
  building.addClassFrame();
  return withWashing(building.result(), {
    kitchen: input.kitchen,
    stations: input.stations.sizes.length,
    eatAt: eatMinuteOf(input.facts.lengthMinutes) + input.overrun,
    setOut: setOutMinutesPerStation * input.stations.sizes.length,
  });
}

/** Dishes that students make in class. */
const madeByStudents: readonly Maker[] = ['every station', 'some stations', 'in rotation', 'one big batch'];

type Hands = 'you' | 'assistant' | 'stations';

/**
 * Where and how a step is done: whose hands, how much each has, at how many places at once, in how many
 * rounds of its vessel.
 */
interface StepPlace {
  readonly where: Hands;
  readonly factor: number;
  readonly inClass: boolean;
  readonly rounds: number;
  readonly heating: number;
  readonly places: number;
}

/**
 * The tasks of a step: it is shown, then done, then waits. What it waits for ties to the first, what waits
 * for it to the last.
 */
interface StepTasks {
  shown: string | null;
  hands: string;
  last: string;
  where: Hands;
  waitsInClass: boolean;
}

class Building {
  readonly #tasks: PlanTask[] = [];
  readonly #links: ScheduleLink[] = [];
  readonly #steps = new Map<string, StepTasks>();
  readonly #heated = new Map<string, string>();
  #load = { you: 0, assistant: 0 };
  readonly #eatAt: number;
  readonly #setOut: number;

  constructor(private readonly input: TaskInput) {
    this.#eatAt = eatMinuteOf(input.facts.lengthMinutes) + input.overrun;
    this.#setOut = setOutMinutesPerStation * input.stations.sizes.length;
    // Packing and setting out are the assistant's, so they count before any prep is shared out.
    if (input.facts.assistants > 0)
      this.#load.assistant = this.#setOut + packMinutesPerCrate * (input.stations.sizes.length + 1);
  }

  result(): ClassTasks {
    return { tasks: this.#tasks, links: this.#links, resources: [] };
  }

  addDish(dish: ClassDish, portions: DishPortions): void {
    const used = new Set(dish.recipe.steps.flatMap((step) => step.after));
    for (const step of dish.recipe.steps)
      this.#steps.set(keyOf(dish, step.id), this.#addStep(dish, step, portions));
    if (dish.making?.swap) this.#addSwap(dish, portions);
    for (const step of dish.recipe.steps) {
      const tasks = this.#steps.get(keyOf(dish, step.id))!;
      for (const before of step.after) this.#linkSteps(dish, before, tasks);
      const ready =
        isEatenReadyMade(dish) && tasks.waitsInClass
          ? this.#steps.get(`${dish.id}/swap/${step.id}`)!.last
          : tasks.last;
      if (!used.has(step.id))
        this.#links.push({ from: ready, to: 'eat', minLag: 0, maxLag: step.holdMinutes ?? undefined });
    }
  }

  /** A ready-made swap is a batch of its own, finished before class: every step by staff, with its waits. */
  #addSwap(dish: ClassDish, portions: DishPortions): void {
    const batch = portions.batches.find((each) => each.kind === 'swap')!;
    const swap: ClassDish = { ...dish, id: `${dish.id}/swap`, maker: 'made ahead' };
    for (const step of dish.recipe.steps) {
      const where = this.#staffFor(swap, step, false);
      const at: StepPlace = {
        where,
        factor: toNumber(batch.factor),
        inClass: false,
        rounds: roundsFor(step, portions, batch),
        heating: heatingFor(step, portions, batch),
        places: 1,
      };
      const hands = this.#addHands(swap, step, at);
      const wait = step.waitMinutes ? this.#addWait(swap, step, at, hands) : null;
      this.#steps.set(keyOf(swap, step.id), {
        shown: null,
        hands,
        last: wait ?? hands,
        where,
        waitsInClass: false,
      });
    }
    for (const step of dish.recipe.steps)
      for (const before of step.after) this.#linkSteps(swap, before, this.#steps.get(keyOf(swap, step.id))!);
  }

  /**
   * A step comes after another. What is shown after a wait in class is shown with the ready-made swap, where
   * there is one: that is what it is for.
   */
  #linkSteps(dish: ClassDish, before: string, step: StepTasks): void {
    const given = this.#steps.get(keyOf(dish, before));
    if (!given) return;
    const hold = dish.recipe.steps.find(({ id }) => id === before)?.holdMinutes ?? undefined;
    const readyMade = given.waitsInClass ? this.#steps.get(`${dish.id}/swap/${before}`) : undefined;
    const first = step.shown ?? step.hands;
    if (readyMade && (isEatenReadyMade(dish) || step.shown))
      this.#links.push({
        from: readyMade.last,
        to: first,
        minLag: 0,
        maxLag: isEatenReadyMade(dish) ? hold : undefined,
      });
    if (!readyMade || !isEatenReadyMade(dish))
      this.#links.push({ from: given.last, to: readyMade ? step.hands : first, minLag: 0, maxLag: hold });
  }

  #addStep(dish: ClassDish, step: RecipeStep, portions: DishPortions): StepTasks {
    const inClass = this.#isInClass(dish, step);
    const once =
      portions.batches.find(
        (each) => each.kind === 'made once' && each.components!.includes(step.componentId),
      ) ?? null;
    const atStations = madeByStudents.includes(dish.maker) && inClass && !once;
    const batch =
      once ??
      (atStations
        ? largest(portions.batches.filter((each) => each.kind === 'stations' || each.kind === 'big batch'))
        : null);
    const where: Hands = atStations ? 'stations' : this.#staffFor(dish, step, inClass);
    // All stations work on one big batch together, two on one that they share: each has its share of the
    // work.
    const sharedBy =
      batch?.kind === 'big batch'
        ? this.input.stations.sizes.length
        : batch?.kind === 'stations'
          ? batch.stations.length / batch.count
          : 1;
    const factor = (batch ? toNumber(batch.factor) : toNumber(portions.batchesInAll)) / sharedBy;
    const shown = this.#addDemonstration(dish, step, atStations);
    const at: StepPlace = {
      where,
      factor,
      inClass,
      rounds: roundsFor(step, portions, batch),
      heating: heatingFor(step, portions, batch),
      places:
        atStations && batch?.kind !== 'big batch'
          ? stationsAtOnce(dish, this.input.facts.dishes, this.input.stations)
          : 1,
    };
    const hands = this.#addHands(dish, step, at);
    if (shown) this.#links.push({ from: shown, to: hands, minLag: 0 });
    const wait = step.waitMinutes ? this.#addWait(dish, step, at, hands) : null;
    return { shown, hands, last: wait ?? hands, where, waitsInClass: wait !== null && inClass };
  }

  /** A step that may be either is done before, unless the instructor wants it in class. */
  #isInClass(dish: ClassDish, step: RecipeStep): boolean {
    const wanted = this.input.decisions.when[keyOf(dish, step.id)];
    return wanted ? wanted === 'in class' : step.place === 'in class';
  }

  /**
   * As decided; else prep is shared out by load, and in class the assistant does what students do not.
   * Demonstrations are the instructor's.
   */
  #staffFor(dish: ClassDish, step: RecipeStep, inClass: boolean): 'you' | 'assistant' {
    if (this.input.facts.assistants === 0) return 'you';
    const wanted = this.input.decisions.hands[keyOf(dish, step.id)];
    if (wanted) return wanted;
    if (inClass) return dish.maker === 'demonstration' ? 'you' : 'assistant';
    return this.#load.assistant <= this.#load.you ? 'assistant' : 'you';
  }

  #addDemonstration(dish: ClassDish, step: RecipeStep, atStations: boolean): string | null {
    if (!atStations || step.demonstrateMinutes === 0 || this.input.facts.demonstrationPlates === 0)
      return null;
    const id = `${keyOf(dish, step.id)}:shown`;
    this.#tasks.push({
      id,
      name: `Show: ${shortTitle(step.text)}`,
      minutes: step.demonstrateMinutes,
      demands: [
        { resource: 'you', units: 1 },
        { resource: 'stations', units: this.#stationHands() },
      ],
      earliest: welcomeMinutes,
      latest: this.#eatAt,
      inClass: true,
      lane: 'you',
      kind: 'demonstration',
      title: `Show: ${shortTitle(step.text)}`,
      detail: 'Every station stops and watches.',
      dishTitle: dish.recipe.title,
      step,
      how: [{ label: 'Demonstration as planned in the recipe', value: `${step.demonstrateMinutes} min` }],
    });
    return id;
  }

  #addHands(dish: ClassDish, step: RecipeStep, at: StepPlace): string {
    const shown = dish.maker === 'demonstration' && at.inClass;
    const work = shown
      ? {
          minutes: Math.max(1, step.demonstrateMinutes || step.handsOnMinutes),
          pairs: 1,
          how: [
            { label: 'Demonstrated to all', value: `${step.demonstrateMinutes || step.handsOnMinutes} min` },
          ],
        }
      : handsOn(
          step,
          at.factor,
          at.where === 'stations'
            ? { hands: this.#stationHands(), pace: beginnerPace, rounds: at.rounds }
            : { hands: 1, pace: 1, rounds: at.rounds },
        );
    const id = keyOf(dish, step.id);
    const appliance = step.waitMinutes ? [] : this.#applianceDemand(step, at);
    const watched = shown ? [{ resource: 'stations', units: this.#stationHands() }] : [];
    if (at.where !== 'stations' && !at.inClass) this.#load[at.where] += work.minutes;
    this.#tasks.push({
      id,
      name: titleOf(dish, step),
      minutes: work.minutes,
      demands: [{ resource: at.where, units: work.pairs }, ...appliance, ...watched],
      earliest: at.inClass ? welcomeMinutes : undefined,
      latest: at.inClass ? this.#eatAt : -this.#setOut,
      inClass: at.inClass,
      lane: at.where,
      kind: shown ? 'demonstration' : at.where === 'stations' ? 'students' : 'prep',
      title: titleOf(dish, step),
      detail: step.text,
      dishTitle: dish.recipe.title,
      step,
      how: step.addedFor
        ? [{ label: 'Added by the plan', value: '', note: step.addedFor }, ...work.how]
        : work.how,
    });
    return id;
  }

  /**
   * A swap is ready before the stations are set out. What it stands in for may be ready when the class is
   * over, all else when it is eaten.
   */
  #latestWait(dish: ClassDish, inClass: boolean): number {
    if (isSwap(dish)) return -this.#setOut;
    return isEatenReadyMade(dish) && inClass
      ? this.input.facts.lengthMinutes + this.input.overrun
      : this.#eatAt;
  }

  #addWait(dish: ClassDish, step: RecipeStep, at: StepPlace, hands: string): string {
    const demand = this.#applianceDemand(step, at);
    const rounds = this.#rounds(step, at, demand.length > 0);
    const wait = step.waitMinutes!;
    const id = `${hands}:wait`;
    this.#tasks.push({
      id,
      name: nameOfWait(step.text),
      minutes: wait.high * rounds + at.heating,
      demands: demand,
      latest: this.#latestWait(dish, at.inClass),
      lane: step.occupies?.appliance ?? 'resting',
      kind: 'wait',
      title: waitTitle(step),
      detail: step.until || step.text,
      dishTitle: dish.recipe.title,
      step,
      how: [
        {
          label: 'Waiting, as written',
          value: `${showRange(wait.low, wait.high)} min`,
          note: step.until ? `Look first at ${wait.low} min: ${step.until}.` : undefined,
        },
        ...(rounds > 1
          ? [{ label: 'Rounds', value: String(rounds), note: 'It does not all fit at once.' }]
          : []),
        ...(at.heating > 0
          ? [
              {
                label: 'More water than as written takes longer to boil',
                value: `+ ${at.heating} min`,
                note: `${minutesALitre} min for a litre.`,
              },
            ]
          : []),
      ],
    });
    this.#links.push({ from: hands, to: id, minLag: 0, maxLag: 0 });
    this.#preheat(step, id);
    this.#changeWater(dish, step, { hands, wait: id });
    return id;
  }

  /** A long soak has its water changed about every 8 hours, when somebody is in the kitchen. */
  #changeWater(dish: ClassDish, step: RecipeStep, { hands, wait }: { hands: string; wait: string }): void {
    const changes = /\b(?:soak|water|salt)/i.test(step.text)
      ? Math.ceil(step.waitMinutes!.high / minutesOfOneWater) - 1
      : 0;
    if (step.waitMinutes!.high < longSoakMinutes) return;
    for (let change = 1, before = hands; change <= changes; change++) {
      const id = `${hands}:water${change}`;
      const who = this.#staffFor(dish, step, false);
      this.#tasks.push({
        id,
        name: `Change the water: ${shortTitle(step.text)}`,
        minutes: changeWaterMinutes,
        demands: [{ resource: who, units: 1 }],
        latest: -this.#setOut,
        inClass: false,
        lane: who,
        kind: 'prep',
        title: `Change the water: ${shortTitle(step.text)}`,
        detail: `Pour the water off and cover with fresh, change ${change} of ${changes}.`,
        dishTitle: dish.recipe.title,
        step: null,
        how: [
          {
            label:
              `Soaked ${step.waitMinutes!.high / 60} h, fresh water ` +
              `about every ${minutesOfOneWater / 60} h`,
            value: `${changes} changes`,
          },
        ],
      });
      this.#links.push(
        { from: before, to: id, minLag: leastMinutesInWater, maxLag: mostMinutesInWater },
        { from: id, to: wait, minLag: -step.waitMinutes!.high },
      );
      before = id;
    }
  }

  #capacity(appliance: Appliance): number {
    return this.input.kitchen.appliances.find((each) => each.appliance === appliance)?.capacity ?? 0;
  }

  /**
   * Places wanted on an appliance: one a station, or one for a batch made by staff; a tray more for every
   * tray that it fills.
   */
  #wanted(step: RecipeStep, at: StepPlace): number {
    return at.places * (step.occupies?.appliance === 'oven' ? at.rounds : 1);
  }

  #applianceDemand(step: RecipeStep, at: StepPlace): { resource: string; units: number; setting?: string }[] {
    if (!step.occupies) return [];
    const capacity = this.#capacity(step.occupies.appliance);
    if (capacity === 0) return [];
    return [
      {
        resource: step.occupies.appliance,
        units: Math.min(capacity, this.#wanted(step, at)),
        setting: step.occupies.setting || undefined,
      },
    ];
  }

  /**
   * How often a wait comes round: what the appliance does not take at once, and what a pot or pan does not
   * hold.
   */
  #rounds(step: RecipeStep, at: StepPlace, isLimited: boolean): number {
    const turns = isLimited
      ? Math.ceil(this.#wanted(step, at) / this.#capacity(step.occupies!.appliance))
      : 1;
    return step.occupies && step.occupies.appliance !== 'oven' && step.occupies.appliance !== 'fridge'
      ? turns * at.rounds
      : turns;
  }

  /** An oven or griddle is heated once for each setting, before its first use. */
  #preheat(step: RecipeStep, before: string): void {
    const appliance = step.occupies?.appliance;
    const heatMinutes =
      this.input.kitchen.appliances.find((each) => each.appliance === appliance)?.heatMinutes ?? 0;
    if (!appliance || heatMinutes === 0 || !step.occupies) return;
    const setting = step.occupies.setting;
    const key = `heat:${appliance}:${setting}`;
    if (!this.#heated.has(key)) {
      this.#heated.set(key, key);
      const title = `Heat the ${appliance}${setting ? ` to ${setting}` : ''}`;
      this.#tasks.push({
        id: key,
        name: title,
        minutes: heatMinutes,
        demands: [{ resource: appliance, units: 1, setting: setting || undefined }],
        latest: this.#eatAt,
        lane: appliance,
        kind: 'wait',
        title,
        detail: title,
        dishTitle: '',
        step: null,
        how: [{ label: `The ${appliance} takes time to heat`, value: `${heatMinutes} min` }],
      });
    }
    this.#links.push({ from: key, to: before, minLag: 0 });
  }

  #stationHands(): number {
    return Math.min(...this.input.stations.sizes);
  }

  addClassFrame(): void {
    const all = [
      { resource: 'you', units: 1 },
      { resource: 'stations', units: this.#stationHands() },
    ];
    const length = this.input.facts.lengthMinutes + this.input.overrun;
    this.#fixed(
      'welcome',
      'Welcome, hands, knives and safety',
      0,
      welcomeMinutes,
      all,
      'Say who avoids what, where the first aid is, and how to hold a knife.',
    );
    this.#fixed(
      'eat',
      'Plate, taste and eat',
      this.#eatAt,
      eatMinutes,
      all,
      'Taste before and after the last seasoning.',
    );
    this.#fixed(
      'clear',
      'Clear and carry home',
      length - clearMinutes,
      clearMinutes,
      all,
      'Label what is kept: name, date, use by.',
    );
    const hands = this.input.facts.assistants > 0 ? 'assistant' : 'you';
    this.#addPacking(hands);
    this.#tasks.push({
      id: 'set-out',
      name: 'Set out the stations',
      minutes: this.#setOut,
      demands: [{ resource: hands, units: 1 }],
      latest: -1,
      inClass: false,
      lane: hands,
      kind: 'prep',
      title: 'Set out the stations',
      detail: 'Crates, sorted ingredients, boards on damp cloths.',
      dishTitle: '',
      step: null,
      how: [
        {
          label: `${this.input.stations.sizes.length} stations × ${setOutMinutesPerStation} min`,
          value: `${this.#setOut} min`,
        },
      ],
    });
  }

  /** Crates are packed before anything is set out. */
  #addPacking(hands: 'you' | 'assistant'): void {
    const crates = this.input.stations.sizes.length + 1;
    const minutes = packMinutesPerCrate * crates;
    this.#tasks.push({
      id: 'pack',
      name: 'Pack the crates',
      minutes,
      demands: [{ resource: hands, units: 1 }],
      latest: -this.#setOut,
      inClass: false,
      lane: hands,
      kind: 'prep',
      title: 'Pack the crates',
      detail: 'One for each station and one for the demonstration bench: see Pack.',
      dishTitle: '',
      step: null,
      how: [{ label: `${crates} crates × ${packMinutesPerCrate} min`, value: `${minutes} min` }],
    });
    this.#links.push({ from: 'pack', to: 'set-out', minLag: 0 });
  }

  #fixed(
    id: string,
    title: string,
    start: number,
    minutes: number,
    demands: ScheduleTask['demands'],
    detail: string,
  ): void {
    this.#tasks.push({
      id,
      name: title,
      minutes,
      demands,
      earliest: start,
      latest: start + minutes,
      inClass: true,
      lane: 'you',
      kind: 'class',
      title,
      detail,
      dishTitle: '',
      step: null,
      how: [{ label: 'Set aside in every class', value: `${minutes} min`, note: 'A starting estimate.' }],
    });
  }
}

/** When eating starts: what is left before clearing. */
export function eatMinuteOf(lengthMinutes: number): number {
  return lengthMinutes - clearMinutes - eatMinutes;
}

/** Of a dish that is only shown, the ready-made swap is eaten. */
function isEatenReadyMade(dish: ClassDish): boolean {
  return dish.maker === 'demonstration' && dish.making?.swap === true;
}

function isSwap(dish: ClassDish): boolean {
  return dish.id.endsWith('/swap');
}

function titleOf(dish: ClassDish, step: RecipeStep): string {
  return isSwap(dish) ? `Swap: ${shortTitle(step.text)}` : shortTitle(step.text);
}

function keyOf(dish: ClassDish, stepId: string): string {
  return `${dish.id}/${stepId}`;
}
