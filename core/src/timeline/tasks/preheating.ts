import { classTaskRef, idOf } from '../../identity/index.js';
import type { RecipeStep } from '../../recipes/index.js';
import type { TaskDraft } from './draft.js';

/** An oven or griddle is heated once for each setting, before its first use. */
export function addPreheating(draft: TaskDraft, step: RecipeStep, before: string): void {
  if (!step.occupies) return;
  const { appliance, setting } = step.occupies;
  const { appliances } = draft.input.kitchen;
  const heatMinutes = appliances.find((each) => each.appliance === appliance)?.heatMinutes ?? 0;
  if (heatMinutes === 0) return;
  const ref = classTaskRef('heating', `${appliance}:${setting}`);
  if (!draft.has(idOf(ref))) {
    const title = `Heat the ${appliance}${setting ? ` to ${setting}` : ''}`;
    draft.add({
      ref,
      minutes: heatMinutes,
      demands: [{ resource: appliance, units: 1, setting: setting || undefined }],
      latest: draft.eatAt,
      lane: appliance,
      kind: 'wait',
      title,
      detail: title,
      dishTitle: '',
      step: null,
      how: [{ label: `The ${appliance} takes time to heat`, value: `${heatMinutes} min` }],
    });
  }
  draft.link(idOf(ref), before);
}
