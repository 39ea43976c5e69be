import { useEffect, useState } from 'react';
import type { Answers, RowRole, SaidRoles } from '@fornax/core';

const keptText = 'fornax:pasted-recipe';
const keptAnswers = 'fornax:answers-to-text';

interface Said {
  readonly answers: Answers;
  readonly roles: SaidRoles;
}

/** The text that is being read, and what was answered about it: both are still there after a reload. */
export function usePasted() {
  const [text, setText] = useState(() => localStorage.getItem(keptText) ?? '');
  const [said, setSaid] = useState<Said>(readSaid);
  useEffect(() => localStorage.setItem(keptText, text.slice(0, 300_000)), [text]);
  useEffect(() => localStorage.setItem(keptAnswers, JSON.stringify(said)), [said]);
  return {
    text,
    setText,
    ...said,
    answer: (id: string, value: string) =>
      setSaid(({ answers, roles }) => ({ roles, answers: { ...without(answers, id), [id]: value } })),
    takeBack: () =>
      setSaid(({ answers, roles }) => ({
        roles,
        answers: without(answers, Object.keys(answers).at(-1) ?? ''),
      })),
    setRole: (row: string, role: RowRole | null) =>
      setSaid(({ answers, roles }) => ({
        answers,
        roles: role ? { ...without(roles, row), [row]: role } : without(roles, row),
      })),
    forget: () => {
      localStorage.removeItem(keptText);
      localStorage.removeItem(keptAnswers);
    },
  };
}

function without<T>(all: Readonly<Record<string, T>>, name: string): Readonly<Record<string, T>> {
  return Object.fromEntries(Object.entries(all).filter(([each]) => each !== name));
}

/** What does not fit any more is as if nothing had been said. */
function readSaid(): Said {
  try {
    const kept = JSON.parse(localStorage.getItem(keptAnswers) ?? '{}') as Partial<Said>;
    return { answers: kept.answers ?? {}, roles: kept.roles ?? {} };
  } catch {
    return { answers: {}, roles: {} };
  }
}
