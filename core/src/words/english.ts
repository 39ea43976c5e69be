/** Whose words are used: coriander and hob, or cilantro and stove. */
export const englishes = ['uk', 'us'] as const;
export type English = (typeof englishes)[number];
