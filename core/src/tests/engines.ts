import { Engine, type Propagator } from '../scheduler/engine.js';

/** An engine of variables with their lowest and highest values and one propagator over all of them. */
export function engineWith(
  ranges: readonly (readonly [number, number])[],
  build: (engine: Engine) => Propagator,
): Engine {
  const engine = new Engine(ranges);
  engine.addPropagator(
    build(engine),
    ranges.map((_, at) => at),
  );
  return engine;
}

/** What is left of a variable's values, lowest and highest. */
export function range(engine: Engine, variable: number): [number, number] {
  return [engine.from(variable), engine.to(variable)];
}
