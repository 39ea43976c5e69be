import { showRational } from '../../../amounts/index.js';
import type { RecipeLine, RecipeStep, StepByProduct, StepUse } from '../../types.js';
import { byProductFinding, type StepFinding } from './findings.js';
import { usualHandsOnMinutes } from './usual.js';

/** What is found in a step's words, and what it holds besides: everything that can be taken off it again. */
export function offeredFindings(
  step: RecipeStep,
  findings: readonly StepFinding[],
  lines: readonly Pick<RecipeLine, 'id' | 'name'>[],
): StepFinding[] {
  const declined = new Set(step.declined);
  const found = findings.filter((finding) => hasFinding(step, finding) || !declined.has(finding.key));
  const has = (kind: StepFinding['kind'], test: (finding: StepFinding) => boolean) =>
    found.some((finding) => finding.kind === kind && test(finding));
  const tools = step.tools
    .filter((tool) => !has('tool', (finding) => finding.key === `tool:${tool}`))
    .map((tool): StepFinding => ({ kind: 'tool', key: `tool:${tool}`, label: tool, tool }));
  const uses = step.uses
    .filter((use) => !has('line', (finding) => finding.key === `line:${use.line}`))
    .map((use): StepFinding => ({
      kind: 'line',
      key: `line:${use.line}`,
      label: usedLabel(use, lines),
      use,
    }));
  const occupied =
    step.occupies && !has('appliance', (finding) => hasFinding(step, finding))
      ? [heldAppliance(step.occupies)]
      : [];
  const techniques = step.techniques
    .filter((technique) => !has('technique', (finding) => finding.key === `technique:${technique}`))
    .map((technique): StepFinding => ({
      kind: 'technique',
      key: `technique:${technique}`,
      label: technique.replaceAll('-', ' '),
      technique,
    }));
  const offeredByProducts = (step.gives ?? [])
    .filter((gift) => !has('gift', (finding) => finding.key === `gift:${gift.ingredient}`))
    .map(byProductFinding);
  return [...found, ...occupied, ...tools, ...techniques, ...uses, ...offeredByProducts];
}

function heldAppliance({ appliance, setting }: NonNullable<RecipeStep['occupies']>): StepFinding {
  return {
    kind: 'appliance',
    key: `appliance:${appliance}:${setting}`,
    label: [appliance, setting].filter(Boolean).join(', '),
    appliance,
    setting,
  };
}

/** Whether a step holds what was found. */
export function hasFinding(step: RecipeStep, finding: StepFinding): boolean {
  switch (finding.kind) {
    case 'wait':
      return step.waitMinutes?.low === finding.low && step.waitMinutes.high === finding.high;
    case 'work':
      return step.isWorkedOut === true || step.handsOnMinutes === finding.minutes;
    case 'keep':
      return step.holdMinutes === finding.minutes;
    case 'appliance':
      return (
        step.occupies?.appliance === finding.appliance &&
        (finding.setting === '' || step.occupies.setting === finding.setting)
      );
    case 'tool':
      return step.tools.includes(finding.tool);
    case 'technique':
      return step.techniques.includes(finding.technique);
    case 'line':
      return step.uses.some((use) => use.line === finding.use.line);
    case 'gift':
      return (step.gives ?? []).some(({ ingredient }) => ingredient === finding.gift.ingredient);
  }
}

/** "until a knife slides in"; "as wanted". */
function untilIn(sign: string): string {
  return sign === '' || sign.startsWith('as ') ? sign : `until ${sign}`;
}

/** The step with what was found in it. */
export function acceptFinding(step: RecipeStep, finding: StepFinding): RecipeStep {
  const accepted = { ...step, declined: (step.declined ?? []).filter((key) => key !== finding.key) };
  switch (finding.kind) {
    case 'wait':
      return {
        ...accepted,
        waitMinutes: { low: finding.low, high: finding.high },
        ...(finding.estimated && {
          isWaitEstimated: true,
          until: step.until || untilIn(finding.estimated.until),
        }),
      };
    case 'work':
      return { ...accepted, handsOnMinutes: finding.minutes };
    case 'keep':
      return { ...accepted, holdMinutes: finding.minutes };
    case 'appliance':
      return { ...accepted, occupies: { appliance: finding.appliance, setting: finding.setting } };
    case 'tool':
      return { ...accepted, tools: [...new Set([...step.tools, finding.tool])] };
    case 'technique':
      return { ...accepted, techniques: [...new Set([...step.techniques, finding.technique])] };
    case 'line':
      return {
        ...accepted,
        uses: [...step.uses.filter((use) => use.line !== finding.use.line), finding.use],
      };
    case 'gift':
      return { ...accepted, gives: [...byProductsBut(step, finding.gift), finding.gift] };
  }
}

/** The step without what was found, and a note not to offer it again. */
export function declineFinding(step: RecipeStep, finding: StepFinding): RecipeStep {
  const declined = { ...step, declined: [...new Set([...(step.declined ?? []), finding.key])] };
  if (!hasFinding(step, finding)) return declined;
  switch (finding.kind) {
    case 'wait':
      return { ...declined, waitMinutes: null, isWaitEstimated: false };
    case 'work':
      return { ...declined, handsOnMinutes: usualHandsOnMinutes };
    case 'keep':
      return { ...declined, holdMinutes: null };
    case 'appliance':
      return { ...declined, occupies: null };
    case 'tool':
      return { ...declined, tools: step.tools.filter((tool) => tool !== finding.tool) };
    case 'technique':
      return {
        ...declined,
        techniques: step.techniques.filter((technique) => technique !== finding.technique),
      };
    case 'line':
      return { ...declined, uses: step.uses.filter((use) => use.line !== finding.use.line) };
    case 'gift':
      return { ...declined, gives: byProductsBut(step, finding.gift) };
  }
}

function byProductsBut(step: RecipeStep, { ingredient }: StepByProduct): StepByProduct[] {
  return (step.gives ?? []).filter((gift) => gift.ingredient !== ingredient);
}

/** "½ of parsley", "olive oil". */
function usedLabel(use: StepUse, lines: readonly Pick<RecipeLine, 'id' | 'name'>[]): string {
  const name = lines.find((line) => line.id === use.line)?.name ?? '';
  return use.share === '1' ? name : `${showRational(use.share)} of ${name}`;
}
