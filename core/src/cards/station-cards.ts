import { benchCautionsFor } from '../cautions/index.js';
import {
  type ClassDish,
  type ClassFacts,
  decidedDishes,
  decisionsOf,
  type KitchenFacts,
  kitchenOfClass,
  tastingOf,
} from '../class/index.js';
import { type DishId, type LineId, stepKey } from '../identity/index.js';
import { type AllergenList, allergensByList, type Larder, larderOf } from '../larder/index.js';
import { needsAt, needsOfStations } from '../people/index.js';
import type { ClassPlan } from '../plan/index.js';
import { type Batch, type DishPortions, linesEatenOf, makesStep, nameStations } from '../portions/index.js';
import { allergenSentence, contentsOf, cutsOfStep, type RecipeStep } from '../recipes/index.js';
import type { TechniqueNote } from '../techniques/index.js';
import { withAddedSteps } from '../timeline/index.js';
import { showRange } from '../words/index.js';
import { harmsOf, needsSaid } from './said.js';
import { cautionsOf, checksOf, type Made } from './take-care.js';
import type { CardDish, CardLine, CardStep, StationCard } from './types.js';

export interface CardInput {
  readonly facts: ClassFacts;
  readonly kitchen: KitchenFacts;
  readonly plan: ClassPlan;
  readonly techniques: readonly TechniqueNote[];
  /** The date and time of the class as the kitchen writes it. */
  readonly when: string;
}

/** A card for each set of stations that do the same, and one for what is done at the demonstration bench. */
export function stationCards(input: CardInput): StationCard[] {
  const context = contextOf(input);
  const places = placesOf(input);
  return places
    .map(({ id, place, stations, needs, batchOf }) => {
      const said = new Set<string>();
      const made = input.plan.portions.dishes.flatMap((dish, index) =>
        batchOf(dish).map((batch) => ({ dish: context.dishes[index]!, portions: dish, batch })),
      );
      return {
        id,
        place,
        stations,
        classTitle: input.facts.title,
        classLine: `${input.when} · ${input.facts.people} people`,
        needs,
        dishes: made.map((each) => cardDish(each, context, said)),
        containers: containersOf(input.plan, place),
        checks: checksOf(made),
        cautions: cautionsOf(made, context.larder),
      };
    })
    .filter((card) => card.dishes.length > 0);
}

interface CardContext {
  readonly dishes: readonly ClassDish[];
  readonly techniques: ReadonlyMap<string, TechniqueNote>;
  readonly larder: Larder;
  readonly allergenList: AllergenList;
  readonly plan: ClassPlan;
  /** By step, what is done so that nobody comes to harm by it. */
  readonly harms: ReadonlyMap<string, readonly string[]>;
}
function contextOf({ facts, kitchen, plan, techniques }: CardInput): CardContext {
  const larder = larderOf(kitchen.larder);
  const { leftOut } = decisionsOf(facts);
  return {
    // What the plan adds is work at the bench, too.
    dishes: decidedDishes(facts, larder, kitchenOfClass(kitchen, facts)).map((dish) =>
      withAddedSteps(dish, larder, leftOut),
    ),
    techniques: new Map(techniques.map((note) => [note.id, note])),
    larder,
    allergenList: kitchen.allergenList,
    plan,
    harms: harmsOf(plan, facts),
  };
}

interface CardPlace {
  readonly id: string;
  readonly place: string;
  readonly stations: number;
  readonly needs: readonly string[];
  readonly batchOf: (dish: DishPortions) => Batch[];
}

/**
 * Stations that do the same share a card, but for one where somebody has needs: its sheet stays its own,
 * whether it says them or not.
 */
function placesOf({ plan, facts }: CardInput): CardPlace[] {
  const { roster = [] } = facts;
  const isSaid = needsSaid(facts);
  const needsOf = (station: number) => (isSaid(station) ? needsOfStations(roster, [station]) : []);
  const sets = new Map<string, number[]>();
  plan.portions.stations.sizes.forEach((_, index) => {
    const key = [
      ...plan.portions.dishes.map(
        (dish) => dish.batches.find((batch) => batch.stations.includes(index + 1))?.id ?? '',
      ),
      ...needsOfStations(roster, [index + 1]),
    ].join('|');
    sets.set(key, [...(sets.get(key) ?? []), index + 1]);
  });
  const stations = [...sets.values()].map((numbers): CardPlace => ({
    id: `stations:${numbers[0]}`,
    place: nameStations(numbers),
    stations: numbers.length,
    // A place of one says already which station it is.
    needs:
      numbers.length > 1
        ? numbers.flatMap(needsOf)
        : numbers.filter(isSaid).map((each) => needsAt(roster, each)),
    batchOf: (dish) => dish.batches.filter((batch) => batch.stations.includes(numbers[0]!)),
  }));
  const bench: CardPlace = {
    id: 'bench',
    place: 'Demonstration bench',
    stations: 1,
    needs: plan.portions.stations.sizes.flatMap((_, index) => needsOf(index + 1)),
    batchOf: (dish) => dish.batches.filter((batch) => batch.stations.length === 0),
  };
  return [...stations, bench];
}

/** `said` are the kitchen cautions that the card has given. */
function cardDish({ dish, portions, batch }: Made, context: CardContext, said: Set<string>): CardDish {
  const column = portions.batches.indexOf(batch);
  const made = dish.recipe.steps.filter((step) => makesStep(batch, step));
  // What need not be taught is done before class by staff: the bench card has it, a station's card says that
  // it is done.
  const isStation = batch.stations.length > 0;
  const steps = made.filter((step) => !isStation || step.place === 'in class');
  const usedUp = usedUpBefore(made, steps);
  const { allergens, notKnown } = contentsOf(
    { lines: linesEatenOf(dish, portions.batches, batch) },
    context.larder,
  );
  return {
    title: titleOnCard(dish, portions),
    batch: batch.stations.length > 0 ? batch.subheading : `${batch.heading} · ${batch.subheading}`,
    components: portions.components
      .map((component) => ({
        name: nameOnCard(component, dish),
        lines: component.lines
          .filter((line) => !line.cells[column]!.absent && !usedUp.has(line.lineId))
          .map((line) => cardLine(line, column)),
      }))
      .filter((component) => component.lines.length > 0),
    fromOnce: portions.components
      .filter((component) => component.lines.some((line) => /\d/.test(absentWords(line, column))))
      .map((component) => `${component.name}: ${absentWords(component.lines[0]!, column)}`),
    doneBefore: made
      .filter((step) => !steps.includes(step))
      .map((step) => doneWords(step, usedUp, { portions, column })),
    steps: steps.map((step, index) =>
      cardStep(step, index + 1, { portions, batch, context, said, dishId: dish.id }),
    ),
    contents: allergenSentence(allergensByList(allergens, context.allergenList), notKnown),
    credit: dish.recipe.credit,
  };
}

/** A blind flight is not told by its title. */
function titleOnCard(dish: ClassDish, { title }: DishPortions): string {
  return tastingOf(dish)?.isBlind ? 'Blind tasting' : title;
}

/** On a card a bowl of a tasting flight goes by its letter; blind, by nothing else. */
function nameOnCard({ name, lines }: DishPortions['components'][number], dish: ClassDish): string {
  const tasting = tastingOf(dish);
  const line = dish.recipe.lines.find(({ id }) => id === lines[0]?.lineId);
  const bowl = tasting?.bowls.find(({ componentId }) => componentId === line?.componentId);
  if (!tasting || !bowl) return name;
  return tasting.isBlind ? `Bowl ${bowl.letter}` : `Bowl ${bowl.letter}: ${name}`;
}

/** Lines that staff use up before class: no step of this card has any of them left to use. */
function usedUpBefore(made: readonly RecipeStep[], steps: readonly RecipeStep[]): ReadonlySet<LineId> {
  const linesOf = (all: readonly RecipeStep[]) => all.flatMap(({ uses }) => uses.map(({ line }) => line));
  const left = new Set(linesOf(steps));
  return new Set(linesOf(made.filter((step) => !steps.includes(step))).filter((line) => !left.has(line)));
}

/** A step that is done already, with what went into it and stands on no other line of the card. */
function doneWords(
  step: RecipeStep,
  usedUp: ReadonlySet<LineId>,
  { portions, column }: { portions: DishPortions; column: number },
): string {
  const gone = portions.components
    .flatMap((component) => component.lines)
    .filter(({ lineId, cells }) => usedUp.has(lineId) && !cells[column]!.absent)
    .filter(({ lineId }) => step.uses.some(({ line }) => line === lineId))
    .map((line) => `${cardLine(line, column).amount} ${line.name}`);
  return gone.length > 0 ? `${step.text} (${gone.join(', ')})` : step.text;
}

/** The share of a batch made once that a place gets of a line; empty where it makes the line itself. */
function absentWords(line: DishPortions['components'][number]['lines'][number], column: number): string {
  const cell = line.cells[column]!;
  return cell.absent ? cell.spoons.lead : '';
}

function cardLine(line: DishPortions['components'][number]['lines'][number], column: number): CardLine {
  const cell = line.cells[column]!;
  const [lead, other] = line.measure === 'grams' ? [cell.grams, cell.spoons] : [cell.spoons, cell.grams];
  const beside = lead.beside ?? (other.lead === lead.lead ? '' : other.lead);
  return {
    name: line.name,
    amount: lead.lead,
    beside,
    note: line.note,
    advice: line.advice,
    kept: cell.kept
      ? `keep ${cell.kept} ${cell.isKeptWithin ? 'of it ' : ''}back for the top`
      : line.keptBack,
  };
}

function cardStep(
  step: RecipeStep,
  number: number,
  {
    portions,
    batch,
    context,
    said,
    dishId,
  }: { portions: DishPortions; batch: Batch; context: CardContext; said: Set<string>; dishId: DishId },
): CardStep {
  const fits = portions.fits.filter(
    (each) => each.stepId === step.id && each.batchId === batch.id && each.vessel !== '',
  );
  const cuts = cutsOfStep(step.text);
  const notes = step.techniques.flatMap((id) => context.techniques.get(id) ?? []);
  const ofNotes = notes
    .filter(({ caution }) => caution !== '' && !said.has(caution))
    .map(({ caution }) => caution)
    .join(' ');
  for (const { caution } of notes) said.add(caution);
  const harms = context.harms.get(stepKey(dishId, step.id)) ?? [];
  const { waitMinutes } = step;
  const minutes = waitMinutes && `${showRange(waitMinutes.low, waitMinutes.high)} min`;
  const hands = step.handsOnMinutes > 0 ? `about ${step.handsOnMinutes} min` : '';
  const wait = minutes ? (step.waitsAtHome ? `${minutes} at home` : `wait ${minutes}`) : '';
  return {
    number,
    text: step.text,
    minutes: [hands, wait].filter(Boolean).join(', then '),
    until: step.until,
    vessel: fits
      .map((fit) => `${fit.vessel}${fit.rounds > 1 ? `, ${fit.rounds} rounds` : ''}`)
      .join(', then '),
    notes: [
      ...(cuts.length > 0 ? [`Cut: ${cuts.join('; ')}`] : []),
      ...notes.filter((note) => note.lookFor).map((note) => `${note.title}: ${note.lookFor}`),
      ...(step.techniqueNote ? [step.techniqueNote] : []),
    ],
    caution: [...harms, ofNotes, ...benchCautionsFor(step, [...harms, ofNotes].join(' '), said)]
      .filter(Boolean)
      .join(' '),
  };
}

function containersOf(plan: ClassPlan, place: string): string[] {
  const wanted =
    place === 'Demonstration bench'
      ? plan.kit.containers.filter((row) => !row.place.startsWith('Station'))
      : plan.kit.containers.filter((row) => row.place === place);
  return wanted.map(
    (row) => `${row.count} ${row.container}${row.count > 1 ? 's' : ''}: ${row.holds.join(', ')}`,
  );
}
