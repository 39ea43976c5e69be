import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';

/** A seeded generator: the same numbers from 0 up to 1 on every machine. */
export function seeded(seed: number): () => number {
  const generator = mersenne(seed);
  return () => uniformFloat64(generator);
}
