import type { WhatIf } from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { useSay } from '../parts/toasts.js';
import { nameWhatIf } from './what-if-words.js';

/** Makes a change for good, where it is this class's to make, and says so with a way back. */
export function useTakeWhatIf(titleOf: (id: string) => string): (whatIf: WhatIf) => void {
  const { view, editor } = useOpenClass();
  const { decisions, decide } = useDecisions();
  const say = useSay();
  return (whatIf) => {
    const name = nameWhatIf(whatIf, titleOf);
    const edit = (change: Parameters<typeof editor.edit>[0], back: Parameters<typeof editor.edit>[0]) => {
      editor.edit(change);
      say(`${name}: done.`, { label: 'Undo', run: () => editor.edit(back) });
    };
    switch (whatIf.kind) {
      case 'unpin':
        return decide(
          { pins: Object.fromEntries(Object.entries(decisions.pins).filter(([id]) => id !== whatIf.task)) },
          `${name}: done.`,
        );
      case 'before':
      case 'in class':
        return decide({ when: { ...decisions.when, [whatIf.step]: whatIf.kind } }, `${name}: done.`);
      case 'leave out':
        return decide({ leftOut: [...decisions.leftOut, whatIf.step] }, `${name}: done.`);
      case 'swap':
        return edit(
          {
            dishes: view.dishes.map((dish) =>
              dish.id === whatIf.dish ? { ...dish, making: { ...dish.making, swap: true } } : dish,
            ),
          },
          { dishes: view.dishes },
        );
      case 'assistant':
        return edit({ assistants: view.assistants + 1 }, { assistants: view.assistants });
      case 'longer':
        return edit(
          { lengthMinutes: view.lengthMinutes + whatIf.minutes },
          { lengthMinutes: view.lengthMinutes },
        );
      case 'appliance':
        return say('Write what the kitchen has under Kitchen; the plan follows.');
    }
  };
}
