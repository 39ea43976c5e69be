import Papa from 'papaparse';
import { type Age, ageOfYears, ages, heats, nobody, type Person } from '../class/index.js';
import { readNeeds } from '../people/index.js';
import { writeCsv } from './csv.js';
import type { CsvRowReport } from './larder-csv.js';

const columns = [
  'name',
  'station',
  'needs',
  'dislikes',
  'heat',
  'age',
  'pregnant',
  'left-handed',
  'reach',
  'experienced',
  'friends',
  'notes',
] as const;
type Column = (typeof columns)[number];

/** What booking lists call a column. */
const called: Readonly<Record<string, Column | 'first name' | 'last name'>> = {
  'full name': 'name',
  participant: 'name',
  student: 'name',
  guest: 'name',
  attendee: 'name',
  forename: 'first name',
  surname: 'last name',
  'family name': 'last name',
  allergies: 'needs',
  allergens: 'needs',
  diet: 'needs',
  diets: 'needs',
  dietary: 'needs',
  'dietary requirements': 'needs',
  'dietary needs': 'needs',
  'allergies and dietary requirements': 'needs',
  'age group': 'age',
  'left handed': 'left-handed',
  access: 'reach',
  comments: 'notes',
  comment: 'notes',
  table: 'station',
  bench: 'station',
};

export interface RosterReading {
  readonly people: readonly Person[];
  readonly report: readonly CsvRowReport[];
  /** Why the whole file was refused; empty where it was read. */
  readonly refused: string;
}

const mostRows = 200;
type Row = Readonly<Record<string, string | undefined>>;

/**
 * Reads who comes from a list as a booking form or a spreadsheet gives it: a name a row, needs in words. Rows
 * are counted from 2, as a spreadsheet shows them. `idOf` makes the id of a person.
 */
export function readRosterCsv(text: string, idOf: () => string): RosterReading {
  const { data, meta } = Papa.parse<Row>(text.replace(/^\ufeff/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: headerOf,
  });
  const fields = meta.fields ?? [];
  const refuse = (refused: string): RosterReading => ({ people: [], report: [], refused });
  if (!fields.includes('name') && !fields.includes('first name'))
    return refuse('The first row must name the columns, and one of them is “name”.');
  if (data.length > mostRows)
    return refuse(`This file has ${data.length} rows; a class has at most ${mostRows} people.`);
  const report: CsvRowReport[] = [];
  const people: Person[] = [];
  const friendNames = new Map<string, string[]>();
  data.forEach((row, index) => {
    const name = nameOf(row);
    const problem = problemOf(row, name, people);
    report.push({ row: index + 2, what: name || '(no name)', refused: problem });
    if (problem !== '') return;
    const person = personOf(row, name, idOf());
    people.push(person);
    friendNames.set(person.id, wordsOf(row.friends));
  });
  const idOfName = new Map(people.map(({ id, name }) => [name.toLowerCase(), id]));
  return {
    people: people.map((person) => ({
      ...person,
      friends: friendNames.get(person.id)!.flatMap((name) => idOfName.get(name.toLowerCase()) ?? []),
    })),
    report,
    refused: '',
  };
}

function headerOf(header: string): string {
  const plain = header.trim().toLowerCase().replace(/[?:*]/g, '').replace(/_/g, ' ').trim();
  return Object.hasOwn(called, plain) ? called[plain]! : plain;
}

function nameOf(row: Row): string {
  const joined = [row['first name'], row['last name']].map((part) => part?.trim()).filter(Boolean);
  return (row.name?.trim() || joined.join(' ')).replace(/\s+/g, ' ');
}

function problemOf(row: Row, name: string, before: readonly Person[]): string {
  if (name === '') return 'A row needs a name.';
  if (name.length > 80) return 'A name has at most 80 characters.';
  if (before.some((each) => each.name.toLowerCase() === name.toLowerCase()))
    return 'Somebody of this name stands above: add an initial.';
  const station = row.station?.trim() ?? '';
  if (station !== '' && !/^(?:station\s*)?\d{1,3}$/i.test(station))
    return `“${station}” is no station number.`;
  const age = row.age?.trim() ?? '';
  return age !== '' && ageOf(age) === null ? `“${age}” is no age: write years, or adult or child.` : '';
}

function personOf(row: Row, name: string, id: string): Person {
  const needs = readNeeds(row.needs ?? '');
  const number = Number(/\d+/.exec(row.station ?? '')?.[0] ?? 0);
  const heat = heats.find((each) => each === row.heat?.trim().toLowerCase()) ?? needs.heat ?? null;
  return {
    ...nobody,
    ...needs,
    id,
    name,
    station: number > 0 ? number : null,
    dislikes: [...needs.dislikes, ...wordsOf(row.dislikes)].slice(0, 20),
    heat,
    age: (row.age?.trim() ? ageOf(row.age.trim()) : needs.age) ?? 'adult',
    pregnant: needs.pregnant || isYes(row.pregnant),
    leftHanded: isYes(row['left-handed']),
    reach: (row.reach ?? '').trim().slice(0, 120),
    experienced: isYes(row.experienced),
    notes: (row.notes ?? '').trim().slice(0, 400),
  };
}

const yes: ReadonlySet<string> = new Set(['y', 'yes', 'true', 'x', '1', 'left']);
const isYes = (cell: string | undefined) => yes.has(cell?.trim().toLowerCase().split(/\W/, 1)[0] ?? '');

function wordsOf(cell: string | undefined): string[] {
  return (cell ?? '')
    .split(/[,;]/)
    .map((word) => word.trim().slice(0, 60))
    .filter(Boolean);
}

const alsoCalled: Readonly<Record<string, Age>> = { kid: 'child', children: 'child', teen: 'teenager' };

/** Years, or the name of a group. */
function ageOf(cell: string): Age | null {
  const plain = cell.toLowerCase();
  const group = ages.find((each) => each === plain);
  if (group || plain === '') return group ?? 'adult';
  if (Object.hasOwn(alsoCalled, plain)) return alsoCalled[plain]!;
  if (!/^\d{1,3}$/.test(plain)) return null;
  return ageOfYears(Number(plain));
}

/** Who comes, a row each, for those who ask for it: names and needs leave the kitchen with it. */
export function writeRosterCsv(people: readonly Person[]): string {
  const nameOfId = new Map(people.map(({ id, name }) => [id, name]));
  const inWords = (is: boolean) => (is ? 'yes' : '');
  const rows = people.map((person) => [
    person.name,
    person.station ?? '',
    [
      ...person.allergens.map(({ what, traces }) => `${what}${traces ? ' (traces)' : ''}`),
      ...person.diets,
      ...person.sensitivities,
    ].join('; '),
    person.dislikes.join('; '),
    person.heat ?? '',
    person.age,
    inWords(person.pregnant),
    inWords(person.leftHanded),
    person.reach,
    inWords(person.experienced),
    person.friends.flatMap((id) => nameOfId.get(id) ?? []).join('; '),
    person.notes,
  ]);
  return writeCsv(columns, rows);
}
