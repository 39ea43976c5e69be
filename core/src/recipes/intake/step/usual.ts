/** Minutes of work assumed where a text names none: a plain instruction of one sentence. An estimate. */
export const usualHandsOnMinutes = 4;
