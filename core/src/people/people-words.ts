import { isAtRisk, type Person } from '../class/index.js';
import { counted, listed } from '../words/index.js';
import type { PeopleFinding, PersonSummary } from './types.js';

type About = Omit<PeopleFinding, 'id' | 'sentence' | 'remedy'>;

export const placeOf = (station: number | null) => (station === null ? '' : `, station ${station}`);

const follow = 'Follow your local food code and a qualified person’s advice.';

/** "Mira, station 2: “Chopped salad” has walnuts (walnut)". */
export function sentenceFor({ person, station, dish, kind, what, meeting }: About, lines: string): string {
  const who = `${person}${placeOf(station)}`;
  const where = meeting === 'shown' ? `the demonstration plate of “${dish}”` : `“${dish}”`;
  switch (kind) {
    case 'not known':
      return dish === ''
        ? `${who}: lines are not looked at for “${what}”`
        : `${who}: what ${where} holds is not known for ${lines} (asked for: ${what})`;
    case 'choking':
      return `${who}: ${lines} in ${where} can choke a small child`;
    case 'risk':
      return `${who}: ${where} has ${what} (${lines})`;
    case 'allergen':
    case 'traces':
      return `${who}: ${where} has ${lines}`;
    case 'heat':
      return `${who} eats ${what === 'mild' ? 'mild' : 'without heat'}: ${where} has ${lines}`;
    default:
      return `${who}, ${kind === 'dislike' ? `does not like ${what}` : what}: ${where} has ${lines}`;
  }
}

/** What helps, where nothing has been worked out yet. */
export function remedyFor({ kind, dish, meeting, station, what }: About): string {
  if (meeting === 'shown') return 'Keep the demonstration plate from them, or leave it out for all.';
  switch (kind) {
    case 'traces':
      if (dish !== '') return 'Take a pack without that warning, or leave it out for them.';
      return (
        `Give ${station === null ? 'their station' : `station ${station}`} a set of its own, ` +
        `washed apart, and make what is free of ${what} first.`
      );
    case 'not known':
      return dish === ''
        ? 'Ask them what it means for them, and read the recipes with it.'
        : 'Read the label, and say in the Larder what it holds.';
    case 'choking':
      return `Cut it small: quarter what is round, grind nuts, grate what is hard. ${follow}`;
    case 'risk':
      return `Take what is cooked, pasteurised or left out for them. ${follow}`;
    case 'heat':
      return 'Leave it out at their station and set it on the table beside.';
    default:
      return 'Take one of the ways out, or another dish for them.';
  }
}

/** "No listed sesame in what is planned; 1 line not known; check the labels." Never a promise. */
export function summaryOf(person: Person, findings: readonly PeopleFinding[]): PersonSummary {
  const asked = [
    ...person.allergens.map(({ what }) => what as string),
    ...person.diets,
    ...person.sensitivities.map((word) => word.trim()).filter(Boolean),
  ];
  const found = new Set(
    findings.filter(({ kind }) => kind !== 'not known' && kind !== 'traces').map(({ what }) => what),
  );
  const free = person.allergens.map(({ what }) => what as string).filter((what) => !found.has(what));
  const open = findings.filter(({ kind }) => kind === 'not known').length;
  const isRiskFree = !findings.some(({ kind }) => kind === 'risk' || kind === 'choking');
  const risk = person.pregnant ? 'when pregnant' : isAtRisk(person) ? 'at this age' : '';
  const parts = [
    free.length > 0 ? `No listed ${listed(free)} in what is planned` : '',
    risk && isRiskFree ? `No listed food to avoid ${risk} in what is planned` : '',
    found.size > 0 ? `${counted(found.size, 'thing')} to look at: ${listed([...found], 4)}` : '',
    open > 0 ? `${counted(open, 'thing')} not known` : '',
    asked.length > 0 || risk || found.size > 0 ? 'check the labels' : '',
  ].filter(Boolean);
  const sentence = parts.join('; ');
  return {
    personId: person.id,
    sentence:
      sentence === '' ? 'No needs written down.' : `${sentence.charAt(0).toUpperCase()}${sentence.slice(1)}.`,
  };
}
