const sentences = new Intl.Segmenter('en', { granularity: 'sentence' });

/** The sentences of a text, each without what stands around it. */
export function sentencesOf(text: string): string[] {
  return [...sentences.segment(text)].map(({ segment }) => segment.trim()).filter(Boolean);
}
