import { createContext, useContext } from 'react';
import type { ClassView } from '@fornax/contract';
import type { ClassBundle, ClassPlan } from '@fornax/core';
import type { ClassEdits } from '../api/rows.js';
import type { RowEditor } from '../api/useRowEditor.js';

export interface OpenClass {
  readonly view: ClassView;
  readonly plan: ClassPlan;
  /** A better plan is still being looked for. */
  readonly isBettering: boolean;
  /** What the plan was made of. */
  readonly bundle: ClassBundle;
  readonly editor: RowEditor<ClassView, ClassEdits>;
}

export const ClassContext = createContext<OpenClass | null>(null);

/** The class whose pages are open, with the plan of what is on the screen. */
export function useOpenClass(): OpenClass {
  const open = useContext(ClassContext);
  if (!open) throw new Error('A page of a class was opened outside of one.');
  return open;
}
