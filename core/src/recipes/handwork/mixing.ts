import { verbsSaid } from '../../language/index.js';
import { type Rates, standardRates } from '../../techniques/index.js';
import { sayings } from '../intake/sayings.js';
import { readTimes } from '../intake/step/times.js';
import type { RecipeStep } from '../types.js';
import { type Act, actOnBatch, type WorkPart } from './acts.js';

const goesOnTop = sayings.has('on top');
const finishing: Act = { technique: 'garnish', done: 'to finish' };

/** Mixing, tossing, frying: by the batch, or as long as the words say. */
export function mixingOf(
  { text, waitMinutes }: Pick<RecipeStep, 'text' | 'waitMinutes'>,
  ownRates: Rates | undefined,
  parts: readonly WorkPart[],
): WorkPart[] {
  const said = readTimes(text)
    .filter(({ kind }) => kind === 'work')
    .reduce((sum, { high }) => sum + high, 0);
  if (said > 0) return [{ what: 'as written', amount: null, unit: '', minutes: said, grows: false }];
  const rates = { ...standardRates, ...ownRates };
  const acts = new Map<string, Act>();
  for (const { verb, form, at } of verbsSaid(text)) {
    // What is left "to soften" does it by itself.
    const isOfItself = text.slice(0, at).endsWith('to ');
    const act = form === 'done' || isOfItself ? null : actOnBatch(verb);
    if (act) acts.set(act.technique, act);
  }
  // "Dill on top" is finished by hand without a verb.
  if (goesOnTop(text) && !acts.has(finishing.technique)) acts.set(finishing.technique, finishing);
  const found = [...acts.values()].map(({ technique, done }): WorkPart => ({
    what: done,
    amount: null,
    unit: '',
    minutes: rates[technique]?.find(({ per }) => per === 'batch')?.minutes ?? 0,
    grows: false,
  }));
  if (found.length > 0 || parts.length > 0 || waitMinutes) return found;
  return [
    {
      what: 'usual for a step of which no more is said',
      amount: null,
      unit: '',
      // With the minute between two jobs, four. An estimate.
      minutes: 3,
      grows: true,
    },
  ];
}
