import { useCallback } from 'react';
import type { ClassDecisions } from '@fornax/core';
import { useSay } from '../parts/toasts.js';
import { useOpenClass } from './class-context.js';

export interface Decide {
  readonly decisions: ClassDecisions;
  /** Takes a decision and says so, with a way back. */
  decide: (change: Partial<ClassDecisions>, sentence: string) => void;
  /** Takes one that shows by itself. */
  decideQuietly: (change: Partial<ClassDecisions>) => void;
}

/** The decisions about the lists of the open class. */
export function useDecisions(): Decide {
  const { view, editor } = useOpenClass();
  const say = useSay();
  const { decisions } = view;
  const decide = useCallback(
    (change: Partial<ClassDecisions>, sentence: string) => {
      editor.edit({ decisions: { ...decisions, ...change } });
      say(sentence, { label: 'Undo', run: () => editor.edit({ decisions }) });
    },
    [decisions, editor, say],
  );
  const decideQuietly = useCallback(
    (change: Partial<ClassDecisions>) => editor.edit({ decisions: { ...decisions, ...change } }),
    [decisions, editor],
  );
  return { decisions, decide, decideQuietly };
}
