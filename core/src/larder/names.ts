/** A name without case, accents and signs: "Crème-fraîche" → "creme fraiche". */
export function plainName(name: string): string {
  const before = plainBefore.get(name);
  if (before !== undefined) return before;
  const plain = made(name);
  if (plainBefore.size >= rememberedNames) plainBefore.clear();
  plainBefore.set(name, plain);
  return plain;
}

/** The same few thousand names are asked for again and again while a text is read. */
const rememberedNames = 10_000;
const plainBefore = new Map<string, string>();

function made(name: string): string {
  return name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .normalize('NFC')
    .replace(/œ/g, 'oe')
    .replace(/['’‘]s?(?=\s|$)/g, (end) => (end.length > 1 ? 's' : ''))
    .replace(/['’‘]/g, '')
    .replace(/&/g, ' and ')
    .replace(/[^\p{L}\p{M}\p{N}%]+/gu, ' ')
    .trim();
}

const irregular: Readonly<Record<string, string>> = {
  leaves: 'leaf',
  halves: 'half',
  loaves: 'loaf',
  calves: 'calf',
  knives: 'knife',
  chillies: 'chilli',
  chilies: 'chili',
  kiwis: 'kiwi',
};

/** The singular of the last word of a plain name; a name that is none stays as it is. */
export function singularName(plain: string): string {
  const at = plain.lastIndexOf(' ') + 1;
  const word = plain.slice(at);
  const one =
    irregular[word] ??
    (/[^aeiou]ies$/.test(word) && word.length > 4
      ? `${word.slice(0, -3)}y`
      : /(?:sh|ch|x|ss|o)es$/.test(word)
        ? word.slice(0, -2)
        : /[^su]s$/.test(word) && !/is$/.test(word)
          ? word.slice(0, -1)
          : word);
  return plain.slice(0, at) + one;
}

/** The spellings under which a name is kept: as it stands, and its singular. */
export function nameKeys(name: string): string[] {
  const plain = plainName(name);
  return [...new Set([plain, singularName(plain)])];
}

/** What a table of names holds under a written one, in either number; undefined where it has no such name. */
export function atName<T>(table: ReadonlyMap<string, T>, written: string): T | undefined {
  const plain = plainName(written);
  const found = table.get(plain);
  if (found !== undefined || !plain.endsWith('s')) return found;
  return table.get(singularName(plain)) ?? table.get(plain.slice(0, -1));
}
