import { type Rational, showRational, toFraction, toRational } from '../amounts/index.js';
import {
  type ClassDish,
  type DishMaking,
  flightOf,
  isByStation,
  isEatenReadyMade,
  type StationPlan,
  variantOfStation,
} from '../class/index.js';
import { batchNeed, describeBatch, largeSurplus, nameStations, workableBatch } from './batches.js';
import { isOfVariant } from '../recipes/index.js';
import type { Batch, BatchKind, PortionOffer, RotationTurn } from './types.js';

/**
 * The batches of one dish: the demonstration; one for each set of stations with the same amount; one big
 * batch, or one made ahead; what is made once for all; and a swap or a spare where they are wanted. A swap
 * that is eaten feeds all; what is only shown, as many as it has plates.
 */
export function planBatches(
  dish: ClassDish,
  stations: StationPlan,
  people: number,
  plates: number,
  isShown = plates > 0,
): Batch[] {
  const making = dish.making ?? {};
  const aPlateAtLeast = Math.max(1, plates);
  const isEaten = isEatenReadyMade(dish);
  const extra = [
    ...(making.swap ? [single(dish, 'swap', isEaten ? people : aPlateAtLeast, 'Ready-made swap')] : []),
    ...(making.spare ? [single(dish, 'spare', Math.min(...stations.sizes), 'Spare')] : []),
  ];
  if (dish.maker === 'demonstration')
    return [single(dish, 'demonstration', isEaten ? aPlateAtLeast : people, 'Demonstration'), ...extra];
  if (dish.maker === 'made ahead') return [single(dish, 'made ahead', people, 'Made ahead'), ...extra];
  if (dish.maker === 'one big batch') return [single(dish, 'big batch', people, 'One big batch'), ...extra];
  const shown = isShown && plates > 0 ? [single(dish, 'demonstration', plates, 'Demonstration')] : [];
  return withMadeOnce(dish, [...shown, ...stationBatches(dish, stations, people), ...extra]);
}

function single(dish: ClassDish, kind: BatchKind, people: number, heading: string): Batch {
  return describeBatch(dish, {
    id: `${dish.id}:${kind}`,
    kind,
    stations: [],
    count: 1,
    people: { low: people, high: people },
    heading,
    option: kind === 'demonstration' || kind === 'swap' || isByStation(dish) ? firstWay(dish) : null,
  });
}

/** Stations that work on one batch together, with the people they feed. */
interface Group {
  readonly stations: readonly number[];
  readonly people: number;
  readonly option: string | null;
}

function stationBatches(dish: ClassDish, stations: StationPlan, people: number): Batch[] {
  // Groups differ in people by a few at most, so a batch is worked out for two or three sizes, not for every
  // station.
  const factors = new Map<number, Rational>();
  const factorOf = (size: number) => {
    const factor =
      factors.get(size) ?? workableBatch(batchNeed(dish.recipe, size, dish.portion), dish.recipe.leastBatch);
    factors.set(size, factor);
    return factor;
  };
  const sets = new Map<string, Group[]>();
  for (const group of groupsOf(dish, stations, people)) {
    const key = `${factorOf(group.people)}|${group.option ?? ''}|${group.stations.length}`;
    sets.set(key, [...(sets.get(key) ?? []), group]);
  }
  return [...sets.values()].map((groups) => setBatch(dish, groups));
}

function setBatch(dish: ClassDish, groups: readonly Group[]): Batch {
  const numbers = groups.flatMap((group) => group.stations);
  const sizes = groups.map((group) => group.people);
  const { option } = groups[0]!;
  const shared = groups[0]!.stations.length > 1;
  const place = shared
    ? `Stations ${groups.map((group) => group.stations.join('+')).join(', ')}`
    : nameStations(numbers);
  return describeBatch(dish, {
    id: `${dish.id}:stations:${numbers[0]}`,
    kind: 'stations',
    stations: numbers,
    count: groups.length,
    people: { low: Math.min(...sizes), high: Math.max(...sizes) },
    heading: [place, option ? wayName(dish, option) : ''].filter(Boolean).join(': '),
    option,
  });
}

/** Who works together: each station alone, two and two, or the few that make it for all. */
function groupsOf(dish: ClassDish, { sizes }: StationPlan, people: number): Group[] {
  const making = dish.making ?? {};
  const numbers = sizes.map((_, index) => index + 1);
  const working = dish.maker === 'some stations' ? chosenStations(making, numbers) : numbers;
  // What a few stations make is eaten by all: each makes its share of everybody's.
  const feeds =
    dish.maker === 'some stations'
      ? spread(people, working.length)
      : working.map((number) => sizes[number - 1]!);
  const ways = flightOf(dish)?.options.map(({ id }) => id) ?? [];
  const wayOf = (number: number, index: number) =>
    ways.length === 0
      ? null
      : isByStation(dish)
        ? (ways.find((way) => way === variantOfStation(making, number)) ?? ways[0]!)
        : ways[index % ways.length]!;
  const alone = working.map((number, index): Group => ({
    stations: [number],
    people: feeds[index]!,
    option: wayOf(number, index),
  }));
  if (!making.shareBatch || (ways.length > 0 && !isByStation(dish))) return alone;
  // Who makes it in a way of its own makes it alone.
  const usual = firstWay(dish);
  return [
    ...inPairs(alone.filter(({ option }) => option === usual)),
    ...alone.filter(({ option }) => option !== usual),
  ];
}

function inPairs(groups: readonly Group[]): Group[] {
  const pairs: Group[] = [];
  for (let at = 0; at < groups.length; at += 2) {
    const both = groups.slice(at, at + 2);
    pairs.push({
      stations: both.flatMap((group) => group.stations),
      people: both.reduce((sum, group) => sum + group.people, 0),
      option: both[0]!.option,
    });
  }
  return pairs;
}

function spread(people: number, over: number): number[] {
  const each = Math.floor(people / over);
  return Array.from({ length: over }, (_, index) =>
    Math.max(1, index < people - each * over ? each + 1 : each),
  );
}

/** Stations that are named and there; the first one where none is. */
export function chosenStations(making: DishMaking, numbers: readonly number[]): number[] {
  const chosen = numbers.filter((number) => making.stations?.includes(number));
  return chosen.length > 0 ? chosen : numbers.slice(0, 1);
}

function firstWay(dish: ClassDish): string | null {
  return flightOf(dish)?.usual ?? null;
}

function wayName(dish: ClassDish, option: string): string {
  return flightOf(dish)?.options.find(({ id }) => id === option)?.name ?? '';
}

/**
 * Components made once for all: a batch of their own, as large as all the others need, and taken out of
 * those.
 */
function withMadeOnce(dish: ClassDish, batches: readonly Batch[]): Batch[] {
  const once = dish.recipe.components.map(({ id }) => id).filter((id) => dish.making?.once?.includes(id));
  const rest = dish.recipe.components.map(({ id }) => id).filter((id) => !once.includes(id));
  if (once.length === 0 || rest.length === 0) return [...batches];
  const sharing = batches.filter((batch) => !makesItself(dish, batch, once));
  const need = toRational(
    sharing.reduce((sum, batch) => sum.add(toFraction(batch.factor).mul(batch.count)), toFraction('0')),
  );
  const people = sharing.reduce((sum, batch) => sum + batch.people.high * batch.count, 0);
  const names = dish.recipe.components
    .filter(({ id }) => once.includes(id))
    .map(({ name }) => name.toLowerCase())
    .join(' and ');
  const made = describeBatch(dish, {
    id: `${dish.id}:once`,
    kind: 'made once',
    stations: [],
    count: 1,
    people: { low: people, high: people },
    heading: `Made once: ${names}`,
    components: once,
    need,
    option: isByStation(dish) ? firstWay(dish) : null,
  });
  return [
    ...batches.map((batch) => (sharing.includes(batch) ? { ...batch, components: rest } : batch)),
    made,
  ];
}

/** A station that takes something else in what is made once for all makes that itself. */
function makesItself(dish: ClassDish, { option }: Batch, once: readonly string[]): boolean {
  if (!isByStation(dish) || option === null) return false;
  const usual = firstWay(dish);
  return dish.recipe.lines
    .filter(({ componentId }) => once.includes(componentId))
    .some((line) => isOfVariant(line, option) !== isOfVariant(line, usual));
}

/** What would be better: a batch far over its need is offered to two stations together. */
export function batchOffers(
  dish: ClassDish,
  batches: readonly Batch[],
  stations: StationPlan,
  people: number,
): PortionOffer[] {
  const wide = batches.find(
    (batch) => batch.kind === 'stations' && batch.over > largeSurplus && batch.count > 1,
  );
  const making = dish.making ?? {};
  if (!wide || making.shareBatch || making.flight) return [];
  const shared = stationBatches({ ...dish, making: { ...making, shareBatch: true } }, stations, people);
  const total = (of: readonly Batch[]) =>
    of
      .filter(({ kind }) => kind === 'stations')
      .reduce((sum, batch) => sum.add(toFraction(batch.factor).mul(batch.count)), toFraction('0'));
  if (total(shared).compare(total(batches)) >= 0) return [];
  return [
    {
      id: `${dish.id}:share`,
      action: 'Share a batch between two stations',
      making: { ...making, shareBatch: true },
      sentence:
        `Each station makes ${Math.round(wide.over * 100)} % more than it needs. Two stations to a ` +
        `batch make ${showRational(toRational(total(shared)))} batches ` +
        `instead of ${showRational(toRational(total(batches)))}`,
    },
  ];
}

/** Which dish each station is at in each turn: dishes in rotation are shared out, and all move on by one. */
export function rotationTurns(dishes: readonly ClassDish[], stations: StationPlan): RotationTurn[] {
  const rotating = dishes.filter((dish) => dish.maker === 'in rotation');
  if (rotating.length < 2) return [];
  return rotating.map((_, turn) => ({
    turn: turn + 1,
    places: rotating.map((dish, place) => ({
      dishId: dish.id,
      title: dish.recipe.title,
      stations: stations.sizes
        .map((_size, index) => index + 1)
        .filter((number) => (number - 1 + turn) % rotating.length === place),
    })),
  }));
}

/** How many stations are at a dish at once: all, the few that make it, or a turn's share. */
export function stationsAtOnce(dish: ClassDish, dishes: readonly ClassDish[], stations: StationPlan): number {
  const all = stations.sizes.length;
  if (dish.maker === 'some stations')
    return chosenStations(
      dish.making ?? {},
      stations.sizes.map((_, index) => index + 1),
    ).length;
  const rotating = dishes.filter((each) => each.maker === 'in rotation').length;
  const working = dish.maker === 'in rotation' && rotating > 1 ? Math.ceil(all / rotating) : all;
  const isShared = dish.making?.shareBatch && (!dish.making.flight || isByStation(dish));
  return isShared ? Math.ceil(working / 2) : working;
}
