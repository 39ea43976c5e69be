import type { Person } from '../class/index.js';
import { listed } from '../words/index.js';
import { isUnderstood } from './free-words.js';
import { addObjections, type Objection } from './objections.js';
import { remedyFor, sentenceFor, summaryOf } from './people-words.js';
import { Plate } from './plate.js';
import { tracesFor } from './traces.js';
import type { Meeting, MetLine, PeopleCheck, PeopleFinding, PeopleInput } from './types.js';

/**
 * Every line, as each station makes it, against everybody who eats of it or works beside it. What is found of
 * one person does not depend on who else comes, nor on their order.
 */
export function checkPeople(input: PeopleInput): PeopleCheck {
  if (input.roster.length === 0) return { findings: [], summaries: [] };
  const dishes = input.dishes.map((dish) => new Plate(dish, input));
  const found = input.roster.map((person) => {
    const findings = [
      ...dishes.flatMap((dish) => findingsAt(person, dish)),
      ...tracesFor(person, dishes, input.ownSets),
      ...notUnderstood(person, input),
    ];
    return { findings, summary: summaryOf(person, findings) };
  });
  return {
    findings: found.flatMap(({ findings }) => findings).sort(byHarm),
    summaries: found.map(({ summary }) => summary),
  };
}

const order: readonly PeopleFinding['level'][] = ['harm', 'clash', 'look'];

function byHarm(a: PeopleFinding, b: PeopleFinding): number {
  return (
    order.indexOf(a.level) - order.indexOf(b.level) ||
    (a.station ?? Infinity) - (b.station ?? Infinity) ||
    (a.id < b.id ? -1 : 1)
  );
}

/** One finding for each thing that a person does not go with in a dish, however many lines it is in. */
function findingsAt(person: Person, plate: Plate): PeopleFinding[] {
  const own = objectionsIn(person, plate.eatenAt(person.station));
  const shown = objectionsIn(person, plate.onlyShownAt(person.station));
  const meeting = plate.isServedToAll ? 'served' : 'own';
  const found: PeopleFinding[] = [];
  for (const objections of own.values()) found.push(finding(person, plate, objections, meeting));
  // What a station has of its own says nothing about the plate that is handed round.
  for (const [key, objections] of shown)
    if (!own.has(key)) found.push(finding(person, plate, objections, 'shown'));
  return found;
}

type Grouped = ReadonlyMap<string, readonly Objection[]>;
const nothing: Grouped = new Map();

/** What is against some lines, by what it is about. */
function objectionsIn(person: Person, lines: readonly MetLine[]): Grouped {
  const all: Objection[] = [];
  for (const met of lines) addObjections(all, person, met);
  if (all.length === 0) return nothing;
  const groups = new Map<string, Objection[]>();
  for (const each of all) {
    const key = `${each.kind} ${each.what} ${each.level}`;
    const known = groups.get(key);
    if (known) known.push(each);
    else groups.set(key, [each]);
  }
  return groups;
}

function finding(
  person: Person,
  { dish }: Plate,
  objections: readonly Objection[],
  meeting: Meeting,
): PeopleFinding {
  const { kind, what, level } = objections[0]!;
  const foods = [...new Set(objections.flatMap(({ food }) => food?.id || []))];
  const lines = listed([...new Set(objections.map(({ words }) => words))], 4);
  const about = {
    personId: person.id,
    person: person.name,
    station: person.station,
    dishId: dish.id,
    dish: dish.decided.recipe.title,
    kind,
    // Of the plate that is handed round they can be told not to taste.
    level: meeting === 'shown' && level !== 'look' ? ('clash' as const) : level,
    meeting,
    what,
    foods,
  };
  return {
    id: [person.id, dish.id, kind, what, meeting === 'shown' ? 'shown' : 'eaten', level].join(':'),
    ...about,
    sentence: sentenceFor(about, lines),
    remedy: remedyFor(about),
  };
}

/** Free words that no line can be looked at for are said to be that. */
function notUnderstood(person: Person, { larder }: PeopleInput): PeopleFinding[] {
  return [...person.sensitivities, ...person.dislikes]
    .filter((word) => word.trim() !== '' && !isUnderstood(word, larder))
    .map((word) => {
      const about = {
        personId: person.id,
        person: person.name,
        station: person.station,
        dishId: null,
        dish: '',
        kind: 'not known' as const,
        level: 'look' as const,
        meeting: 'own' as const,
        what: word.trim(),
        foods: [],
      };
      return {
        id: `${person.id}::not known:${word.trim()}:eaten`,
        ...about,
        sentence: sentenceFor(about, ''),
        remedy: remedyFor(about),
      };
    });
}
