import {
  type AllergenNeed,
  type AllergenNeedOf,
  allergenNeeds,
  type Person,
  type PersonDiet,
} from '../class/index.js';

/** What was understood of needs as people write them. */
export type ReadNeeds = Pick<Person, 'allergens' | 'diets' | 'sensitivities' | 'dislikes' | 'pregnant'>;

const nothing = /^(?:none|no|nil|n\/?a|nothing|no (?:needs|allerg\w*|diet\w*|requirements?)|-+|—|)$/i;
const traces = /\b(?:traces?|severe(?:ly)?|serious|strict|anaphyla\w*|epi-?pen|airborne|c(?:o)?eliac)\b/i;
const dislikes = /^(?:dislikes?|hates?|does(?:n[’']t| not) like|not a fan of|not keen on)\s+/i;
const around =
  /\b(?:allerg(?:y|ies|ic)|intoleran(?:t|ce)|sensitiv(?:e|ity)|free|no|not?|without|avoids?|avoiding|can(?:no|[’'])t (?:eat|have)|to|traces?|of|severe(?:ly)?|serious|strict(?:ly)?|very|matters?|any|all|products?|food|diet|eats?|is|i am|i[’']m|only)\b|anaphyla\w*|epi-?pen|airborne/gi;

const allergenWords: readonly (readonly [RegExp, AllergenNeedOf])[] = [
  [/^(?:tree[- ])?nuts?$/, 'nuts'],
  [/^(?:peanuts?|groundnuts?)$/, 'peanut'],
  [/^(?:gluten|gf|c(?:o)?eliac(?: disease)?|cereals?)$/, 'gluten'],
  [/^(?:milk|dairy|cow[’']?s milk|df)$/, 'milk'],
  [/^eggs?$/, 'egg'],
  [/^(?:soya?|soy ?beans?)$/, 'soya'],
  [/^(?:shell ?fish|seafood)$/, 'shellfish'],
  [/^(?:crustaceans?|prawns?|shrimps?|crabs?|lobsters?)$/, 'crustaceans'],
  [/^(?:molluscs?|mollusks?|mussels?|clams?|oysters?|squid)$/, 'molluscs'],
  [/^(?:sulphites?|sulfites?|sulphur(?: dioxide)?)$/, 'sulphites'],
  [/^(?:sesame(?: seeds?)?|tahini)$/, 'sesame'],
  [/^lupins?$/, 'lupin'],
];
const dietWords: readonly (readonly [RegExp, PersonDiet])[] = [
  [/^(?:vegans?|plant[- ]based|vg)$/, 'vegan'],
  [/^(?:vegetarians?|veggies?|veg|v)$/, 'vegetarian'],
  [/^halal$/, 'halal'],
  [/^kosher(?:[- ]style)?$/, 'kosher-style'],
  [/^pork$/, 'no pork'],
  [/^alcohol$/, 'no alcohol'],
  [/^low[- ](?:salt|sodium)$/, 'low salt'],
  [/^(?:low[- ]sugar|diabet(?:ic|es))$/, 'low sugar'],
  [/^low[- ]fat$/, 'low fat'],
];

/**
 * Needs as a booking form has them: "Nut allergy (severe), veggie; no coriander". What is not understood is
 * kept as it is written, so that somebody asks.
 */
export function readNeeds(text: string): ReadNeeds {
  const pieces = (nothing.test(text.trim()) ? '' : text)
    .split(/[,;/\n+&]|\s+and\s+|\.\s+/i)
    .map((piece) => piece.replace(/[().]/g, ' ').replace(/\s+/g, ' ').trim())
    .filter((piece) => piece !== '' && !nothing.test(piece));
  return pieces.reduce(withPiece, {
    allergens: [],
    diets: [],
    sensitivities: [],
    dislikes: [],
    pregnant: false,
  });
}

function withPiece(read: ReadNeeds, piece: string): ReadNeeds {
  if (/\bpregnan/i.test(piece)) return { ...read, pregnant: true };
  if (dislikes.test(piece)) {
    const what = piece.replace(dislikes, '').slice(0, 60);
    return { ...read, dislikes: [...read.dislikes, what] };
  }
  const bare = piece
    .toLowerCase()
    .replace(around, ' ')
    .replace(/[-–]\s|\s[-–]|-$/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  // Lactose is borne in traces, and by most in hard cheese: it is no allergy to milk.
  if (bare === 'lactose') return { ...read, sensitivities: [...read.sensitivities, 'lactose'] };
  if (/^pescatarian$/.test(bare)) return { ...read, sensitivities: [...read.sensitivities, 'meat'] };
  const diet = dietWords.find(([words]) => words.test(bare))?.[1];
  if (diet) return { ...read, diets: [...new Set([...read.diets, diet])] };
  const what = allergenOf(bare);
  if (what) return { ...read, allergens: withNeed(read.allergens, { what, traces: traces.test(piece) }) };
  // A word about what was named just before it: "sesame (severe)".
  if (bare === '') return traces.test(piece) ? withTraces(read) : read;
  return { ...read, sensitivities: [...read.sensitivities, piece.replace(/^no\s+/i, '').slice(0, 60)] };
}

function allergenOf(bare: string): AllergenNeedOf | null {
  const known = allergenWords.find(([words]) => words.test(bare))?.[1];
  const names = [bare, bare.replace(/s$/, ''), bare.replace(/ (?:nut|kernel|seed)s?$/, '')];
  return known ?? allergenNeeds.find((each) => names.includes(each)) ?? null;
}

function withNeed(all: readonly AllergenNeed[], need: AllergenNeed): AllergenNeed[] {
  const before = all.find(({ what }) => what === need.what);
  const merged = { ...need, traces: need.traces || (before?.traces ?? false) };
  return [...all.filter(({ what }) => what !== need.what), merged];
}

function withTraces(read: ReadNeeds): ReadNeeds {
  const last = read.allergens[read.allergens.length - 1];
  return last ? { ...read, allergens: withNeed(read.allergens, { ...last, traces: true }) } : read;
}
