import fc from 'fast-check';

/** Texts at the edges of what a text can be. */
const oddTexts = [
  '',
  ' ',
  '❤️',
  'a\u0000b',
  '<b>x</b>',
  "'; DROP",
  '𝄞',
  'é',
  '\u202Eabc',
  '1/2',
  '0',
  'constructor',
];
/** What fits where a text has a form that the description does not tell. */
const fitting = {
  startsAt: ['2031-03-05T18:30', '1999-01-01T00:00', '2099-12-31T23:59'],
  zone: ['Europe/London', 'UTC', 'Pacific/Kiritimati'],
  email: ['someone@example.org'],
  low: ['1', '1/3', '1000000', '1/1000'],
  high: ['1000000'],
  useBy: ['2031-02-28', null],
  batches: ['1', '1/100', '100'],
  leastBatch: ['1', '1/100', '100'],
  amount: [null],
  opens: ['00:00', '08:00'],
  closes: ['24:00', '20:00'],
  figures: [{}],
  teaspoons: [['1/4'], []],
  cups: [['1/2'], []],
};
const mostItems = 3;
const deepest = 7;

/** Numbers from 0 to under 1, the same for the same seed (a linear congruence of Knuth's). */
export function chances(seed) {
  let state = BigInt(seed);
  return () => {
    state = (state * 6364136223846793005n + 1442695040888963407n) & 0xffffffffffffffffn;
    return Number(state >> 11n) / 2 ** 53;
  };
}

/**
 * A value of a JSON schema, mostly at an edge: the least and most of a number or a text, each of a choice,
 * few items or none.
 */
export function valueOf(schema, description, context, depth = 0) {
  const { chance } = context;
  const { $ref, oneOf, anyOf, allOf } = schema;
  const inside = (each) => valueOf(each, description, context, depth + 1);
  if ($ref) return inside(description.components.schemas[$ref.split('/').pop()] ?? {});
  if (allOf) return inside(allOf[0]);
  if (oneOf ?? anyOf) return inside(pickOf(oneOf ?? anyOf, chance));
  if (schema.enum) return pickOf(schema.enum, chance);
  if (schema.not) return null;
  switch (schema.type) {
    case 'object':
      return depth > deepest ? {} : objectOf(schema, inside, chance);
    case 'array':
      return depth > deepest ? [] : arrayOf(schema, inside, chance);
    case 'integer':
    case 'number':
      return numberOf(schema, chance);
    case 'boolean':
      return chance() < 0.5;
    case 'string':
      return textOf(schema, context);
    default:
      return schema.properties ? objectOf(schema, inside, chance) : textOf(schema, context);
  }
}

function objectOf({ properties = {}, required = [] }, inside, chance) {
  return Object.fromEntries(
    Object.entries(properties)
      .filter(([name]) => required.includes(name) || chance() < 0.7)
      .map(([name, schema]) => [name, fits(name, schema) ? pickOf(fitting[name], chance) : inside(schema)]),
  );
}

/** A form of its own is only for what is no part with a shape. */
function fits(name, schema) {
  return Object.hasOwn(fitting, name) && !schema.$ref;
}

function arrayOf({ items = {}, minItems = 0, maxItems = mostItems }, inside, chance) {
  const most = Math.min(maxItems, Math.max(minItems, mostItems));
  const length = minItems + Math.floor(chance() * (most - minItems + 1));
  return Array.from({ length }, () => inside(items));
}

function numberOf({ minimum = 0, maximum = 1000, type }, chance) {
  const among = [minimum, maximum, minimum + 1, minimum + chance() * (maximum - minimum)];
  const value = pickOf(among, chance);
  return type === 'integer' ? Math.floor(value) : value;
}

function textOf({ format, pattern, minLength = 0, maxLength = 40 }, { chance, known }) {
  if (format === 'uuid') return known();
  if (pattern) return matching(pattern, chance);
  const odd = pickOf(oddTexts, chance);
  if (chance() < 0.6) return odd.padEnd(minLength, 'x').slice(0, maxLength);
  return 'x'.repeat(chance() < 0.5 ? Math.max(1, minLength) : Math.min(maxLength, 300));
}

const matches = new Map();

/** Texts of a pattern are made once: that takes longer than a request does. */
function matching(pattern, chance) {
  if (!matches.has(pattern)) matches.set(pattern, textsOf(pattern));
  return pickOf(matches.get(pattern), chance);
}

function textsOf(pattern) {
  try {
    return fc.sample(fc.stringMatching(new RegExp(pattern)), { numRuns: 40, seed: 1 });
  } catch {
    // A pattern that the generator cannot follow.
    return ['x', 'feta', 'ab-c'];
  }
}

function pickOf(list, chance) {
  return list[Math.floor(chance() * list.length)];
}
