import { useEffect, useMemo, useState } from 'react';
import type { Answers, MeasureSystem, SaidRoles, TextRead } from '@fornax/core';
import { useKitchen } from '../api/useLarder.js';
import { readInWorker } from '../workers/read-worker.js';

/** What a text was read as, and whether that is the text as it stands. */
export interface Reading {
  readonly read: TextRead | null;
  readonly isCurrent: boolean;
  /** Why it could not be read, in a sentence; empty where it was. */
  readonly problem: string;
}

interface Answer {
  readonly text: string;
  readonly question: string;
  readonly read: TextRead | null;
  readonly problem: string;
}

/** How a text is read, and what was said of it. */
interface Said {
  readonly system: MeasureSystem;
  readonly answers: Answers;
  readonly roles: SaidRoles;
}

/** Reads a text as it is typed, off the main thread; what was read last stands until the next is. */
export function useReading(text: string, { system, answers, roles }: Said): Reading {
  const entries = useKitchen()?.larder;
  const [answer, setAnswer] = useState<Answer | null>(null);
  const said = useMemo(() => ({ system, answers, roles }), [system, answers, roles]);
  const question = JSON.stringify([said, entries]);
  useEffect(() => {
    let isWanted = true;
    const take = (read: TextRead | null, problem: string) =>
      isWanted && setAnswer((before) => ({ text, question, read: read ?? before?.read ?? null, problem }));
    readInWorker((reader) => reader.recipe(text, said, entries ?? [])).then(
      (read) => take(read, ''),
      (error: Error) => take(null, error.message),
    );
    return () => {
      isWanted = false;
    };
  }, [text, said, question, entries]);
  return {
    read: answer?.read ?? null,
    isCurrent: answer?.text === text && answer.question === question && answer.problem === '',
    problem: answer?.text === text ? answer.problem : '',
  };
}
