/** How deep parts may lie in parts, and how many values there may be in all. */
const deepest = 16;
const mostValues = 60_000;

/** Names that mean something to the language itself: as keys they would be lost or do harm. */
const reservedNames: ReadonlySet<string> = new Set(['__proto__', 'constructor', 'prototype']);

/**
 * Why a body is not looked into at all, in a sentence; null where it may be. Asked before anything else walks
 * it, without calls into calls, so that no depth can exhaust it.
 */
export function bodyProblem(body: unknown): string | null {
  let level: unknown[] = [body];
  let values = 0;
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > deepest) return `This is nested more than ${deepest} levels deep.`;
    const next: unknown[] = [];
    for (const value of level) {
      if (typeof value !== 'object' || value === null) continue;
      if (!Array.isArray(value)) {
        const reserved = Object.keys(value).find((key) => reservedNames.has(key));
        if (reserved !== undefined) return `“${reserved}” cannot be a name here: choose another.`;
      }
      for (const part of Object.values(value)) next.push(part);
    }
    values += next.length;
    if (values > mostValues) return 'This has too many parts: send it in smaller ones.';
    level = next;
  }
  return null;
}
