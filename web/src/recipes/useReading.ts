import { useEffect, useState } from 'react';
import type { MeasureSystem, Recipe } from '@fornax/core';
import { useKitchen } from '../api/useLarder.js';
import { readAway } from '../workers/read-worker.js';

/** What a text was read as, and whether that is the text as it stands. */
export interface Reading {
  readonly recipe: Recipe | null;
  readonly isCurrent: boolean;
  /** Why it could not be read, in a sentence; empty where it was. */
  readonly problem: string;
}

interface Answer {
  readonly text: string;
  readonly question: string;
  readonly recipe: Recipe | null;
  readonly problem: string;
}

/** Reads a text as it is typed, off the main thread; what was read last stands until the next is. */
export function useReading(text: string, system: MeasureSystem): Reading {
  const entries = useKitchen()?.larder;
  const [answer, setAnswer] = useState<Answer | null>(null);
  const question = `${system} ${entries === undefined ? '' : JSON.stringify(entries)}`;
  useEffect(() => {
    let isWanted = true;
    const take = (recipe: Recipe | null, problem: string) =>
      isWanted &&
      setAnswer((before) => ({ text, question, recipe: recipe ?? before?.recipe ?? null, problem }));
    readAway((reader) => reader.recipe(text, system, entries ?? [])).then(
      (recipe) => take(recipe, ''),
      (error: Error) => take(null, error.message),
    );
    return () => {
      isWanted = false;
    };
  }, [text, system, question, entries]);
  return {
    recipe: answer?.recipe ?? null,
    isCurrent: answer?.text === text && answer.question === question && answer.problem === '',
    problem: answer?.text === text ? answer.problem : '',
  };
}
