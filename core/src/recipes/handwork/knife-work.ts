import type { Form } from '../../larder/index.js';
import type { RecipeLine } from '../types.js';

/** What a knife does for a form that a line asks for, in the order in which it is done. */
const verbOf: Readonly<Partial<Record<Form, string>>> = {
  peeled: 'peel',
  cored: 'core',
  seeded: 'seed',
  halved: 'halve',
  quartered: 'quarter',
  sliced: 'slice',
  chopped: 'chop',
  diced: 'dice',
  cubed: 'cube',
  minced: 'mince',
  shredded: 'shred',
  shaved: 'shave',
  grated: 'grate',
  segmented: 'segment',
};

const shapeOf: Readonly<Partial<Record<Form, string>>> = {
  matchsticks: 'in matchsticks',
  wedges: 'in wedges',
  florets: 'into florets',
};

const manners: ReadonlySet<string> = new Set(['finely', 'thinly', 'coarsely', 'roughly', 'thickly']);

/** What is done with one food of a list, and how. */
interface KnifeWork {
  /** "peel and grate"; "cut". */
  readonly verbs: string;
  /** "in matchsticks"; "finely"; empty where nothing is said. */
  readonly how: string;
}

/**
 * The knife work that lines ask for of their foods, as a cook would tell it, the same of several foods
 * together: "Peel and grate the carrots coarsely. Chop the parsley and the mint."
 */
export function knifeWorkOf(lines: readonly RecipeLine[]): string {
  const foods = new Map<string, string[]>();
  const works = new Map<string, KnifeWork>();
  for (const line of lines) {
    const work = workOfLine(line);
    if (!work) continue;
    const key = `${work.verbs}|${work.how}`;
    works.set(key, work);
    foods.set(key, [...(foods.get(key) ?? []), `the ${line.name}`]);
  }
  return [...works]
    .map(([key, { verbs, how }]) => {
      const words = [verbs, listed(foods.get(key)!), how].filter(Boolean).join(' ');
      return `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;
    })
    .join(' ');
}

/** Null where a line asks for none, or for something else, too, that has to come before. */
function workOfLine({ preparation, note }: RecipeLine): KnifeWork | null {
  const isOther = preparation.some((form) => !verbOf[form] && !shapeOf[form]);
  if (isOther || preparation.length === 0) return null;
  const done = Object.keys(verbOf).flatMap((form) =>
    preparation.includes(form as Form) ? [verbOf[form as Form]!] : [],
  );
  const shape = preparation.map((form) => shapeOf[form]).find((each) => each !== undefined);
  const manner = note
    .toLowerCase()
    .split(/[^a-z]+/)
    .find((word) => manners.has(word));
  return {
    verbs: (shape ? [...done, 'cut'] : done).join(' and '),
    how: [shape, manner].filter(Boolean).join(' '),
  };
}

function listed(names: readonly string[]): string {
  const last = names.at(-1)!;
  return names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${last}` : last;
}
