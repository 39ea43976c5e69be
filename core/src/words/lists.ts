/** "a, b and c". Of more than `most`, the last are counted: "a, b and 3 more". */
export function listed(names: readonly string[], most = Infinity): string {
  if (names.length > most)
    return `${names.slice(0, most - 1).join(', ')} and ${names.length - most + 1} more`;
  if (names.length < 2) return names[0] ?? '';
  return `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
}

/** Titles as they are named in a sentence: "“Slaw”, “Dip” and “Bread”". */
export function quotedList(titles: readonly string[], most = Infinity): string {
  return listed(
    titles.map((title) => `“${title}”`),
    most,
  );
}
