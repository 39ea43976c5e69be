import slugify from '@sindresorhus/slugify';

/**
 * A short name of words in any script for where only plain letters may stand. Two that are not the same get
 * different ones, even where nothing of them is a plain letter.
 */
export function slugOf(words: readonly string[]): string {
  const readable = slugify(words.join(' ')).slice(0, 40);
  return [readable, hashOf(JSON.stringify(words))].filter(Boolean).join('-');
}

/** 53 bits of a text, mixed twice (a hash for names, not for secrets). */
function hashOf(text: string): string {
  let [one, two] = [0xdeadbeef, 0x41c6ce57];
  for (let at = 0; at < text.length; at++) {
    one = Math.imul(one ^ text.charCodeAt(at), 2654435761);
    two = Math.imul(two ^ text.charCodeAt(at), 1597334677);
  }
  return (4294967296 * (2097151 & two) + (one >>> 0)).toString(36);
}
