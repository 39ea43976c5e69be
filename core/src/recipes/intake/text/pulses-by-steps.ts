import { verbsSaid } from '../../../language/index.js';
import { findIngredient, type Larder, standardLarder } from '../../../larder/index.js';
import type { RecipeLine } from '../../types.js';
import { readName } from '../line/names.js';

/**
 * Which of tinned and dried a line means where its own words leave it open and the method tells: what is
 * soaked, boiled or simmered by its name is dry.
 */
export function withPulsesOfSteps(
  lines: readonly RecipeLine[],
  steps: readonly string[],
  larder: Larder = standardLarder,
): RecipeLine[] {
  return lines.map((line) => {
    if (line.ingredient !== null) return line;
    const dry = readName(line.name, larder).shared.find(
      (id) => findIngredient(larder, id)?.dryToCooked !== undefined,
    );
    if (dry === undefined || !isCookedFromDry(line.name, steps)) return line;
    const unread = line.unread.replace(
      /^[^;]*can be several things(?:; )?|(?:; )?[^;]*can be several things/,
      '',
    );
    return { ...line, ingredient: dry, unread, confidence: line.amount ? 1 : 0.8 };
  });
}

/** Kinds of work that a tin has no need of. */
const cooks: ReadonlySet<string> = new Set(['soak', 'wet heat', 'heat']);

function isCookedFromDry(name: string, steps: readonly string[]): boolean {
  const head = name.trim().split(/\s+/).pop()!.toLowerCase().replace(/e?s$/, '');
  const named = new RegExp(`\\b${head.replace(/[^\p{L}]/gu, '')}`, 'iu');
  return steps
    .flatMap((step) => step.split(/(?<=[.;])\s/))
    .some((sentence) => named.test(sentence) && verbsSaid(sentence).some(({ verb }) => cooks.has(verb.act)));
}
