/**
 * Texts that are made to hang whoever reads them: each a piece that is said over and over, between what it
 * needs before and after it. `textOf` gives one of about so many characters.
 */
interface HostileKind {
  readonly name: string;
  readonly before?: string;
  readonly piece: string;
  readonly after?: string;
}

const page = '<!doctype html><html><body>';
const data = '<script type="application/ld+json">';

export const hostileKinds: readonly HostileKind[] = [
  { name: 'quotes in quotes', piece: '>' },
  { name: 'quotes in quotes with blanks', piece: '> ' },
  { name: 'lists in lists', piece: '- ' },
  { name: 'numbered lists in lists', piece: '1. ' },
  { name: 'brackets that open', piece: '(' },
  { name: 'brackets that open and close', piece: '()' },
  { name: 'square brackets that open', piece: '[' },
  { name: 'links in links', piece: '[a](' },
  { name: 'braces that open', piece: '{' },
  { name: 'JSON lists that open', before: '{"@type":"Recipe","recipeIngredient":', piece: '[' },
  { name: 'JSON lists in lists', piece: '[[],' },
  { name: 'JSON objects in objects', piece: '{"a":' },
  { name: 'graphs in graphs', piece: '{"@graph":[' },
  { name: 'stars', piece: '*' },
  { name: 'stars and letters', piece: '*a ' },
  { name: 'underlines and letters', piece: '_a ' },
  { name: 'backticks', piece: '`a' },
  { name: 'spaces', piece: ' ' },
  { name: 'spaces before a letter', piece: ' ', after: 'x' },
  { name: 'the end of a comment and spaces', before: `${page}${data}{"a":1}-->`, piece: ' ', after: 'x' },
  { name: 'tabs and spaces', piece: '\t ' },
  { name: 'empty lines', piece: '\n' },
  { name: 'lines of one letter', piece: 'a\n' },
  { name: 'one word without end', piece: 'a' },
  { name: 'digits without end', piece: '9' },
  { name: 'fractions without end', piece: '1/' },
  { name: 'ranges without end', piece: '1-' },
  { name: 'amounts without a food', piece: '1 cup ' },
  { name: 'commas', piece: 'a, ' },
  { name: 'and without end', piece: 'salt and ' },
  { name: 'or without end', piece: 'salt or ' },
  { name: 'then without end', piece: 'boil then ' },
  { name: 'commas and “to”', piece: '2 to ' },
  { name: 'hyphens', piece: 'a-' },
  { name: 'colons', piece: 'a: ' },
  { name: 'full stops', piece: '. ' },
  { name: 'tags that open', before: page, piece: '<div>' },
  {
    name: 'tags in recipe data',
    before: `${data}{"@type":"Recipe","name":"`,
    piece: '<b>',
    after: '"}</script>',
  },
  { name: 'tags with rests', before: page, piece: '<a b=' },
  { name: 'comments that open', before: page, piece: '<!--' },
  { name: 'entities', before: page, piece: '&amp;' },
  { name: 'scripts with data', before: page, piece: `${data}{"@type":"Recipe"}</script>` },
  {
    name: 'marked-up steps in steps',
    before: `${page}<div itemscope itemtype="https://schema.org/Recipe">`,
    piece: '<p itemprop="recipeInstructions">',
  },
  { name: 'accents on one letter', piece: '\u0301' },
  { name: 'surrogates', piece: '\ud83c' },
  { name: 'letters written from right to left', piece: '\u202Eא' },
  { name: 'quotation marks', piece: '"a' },
  { name: 'quoted cells', piece: '"",' },
  { name: 'table columns', piece: '| a ' },
  { name: 'degrees', piece: '180°C ' },
  { name: 'minutes', piece: 'boil 5 minutes ' },
];

export function hostileText({ before = '', piece, after = '' }: HostileKind, characters: number): string {
  return `${before}${piece.repeat(Math.ceil(characters / piece.length))}${after}`.slice(
    0,
    before.length + characters + after.length,
  );
}
