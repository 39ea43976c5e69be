import { decisionsOf, type WhatIf, withWhatIfs } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { useSay } from '../parts/toasts.js';
import { nameWhatIf } from './what-if-words.js';

/** Makes changes for good, all in one, and says so with a way back. */
export function useTakeWhatIf(titleOf: (id: string) => string): (...whatIfs: readonly WhatIf[]) => void {
  const { bundle, view, editor } = useOpenClass();
  const say = useSay();
  return (...whatIfs) => {
    const now = bundle.class;
    const then = withWhatIfs(bundle, whatIfs).class;
    const makingOf = new Map(then.dishes.map(({ id, making }) => [id, making]));
    const change = {
      ...(then.assistants === now.assistants ? {} : { assistants: then.assistants }),
      ...(then.lengthMinutes === now.lengthMinutes ? {} : { lengthMinutes: then.lengthMinutes }),
      ...(then.decisions === now.decisions ? {} : { decisions: decisionsOf(then) }),
      ...(then.dishes === now.dishes
        ? {}
        : { dishes: view.dishes.map((dish) => ({ ...dish, making: makingOf.get(dish.id) ?? {} })) }),
    };
    const { assistants, lengthMinutes, decisions, dishes } = view;
    const before = { assistants, lengthMinutes, decisions, dishes };
    const back = Object.fromEntries(Object.entries(before).filter(([field]) => field in change));
    editor.edit(change);
    const names = whatIfs.map((whatIf) => nameWhatIf(whatIf, titleOf)).join('; ');
    say(`${names}: done.`, { label: 'Undo', run: () => editor.edit(back) });
  };
}
