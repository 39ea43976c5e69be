import { showRational, writeAmount } from '../../../amounts/index.js';
import type { Larder } from '../../../larder/index.js';
import { techniquesSuggested } from '../../../techniques/index.js';
import { showRange, showSpan } from '../../../words/index.js';
import {
  type Appliance,
  type RecipeComponent,
  type RecipeLine,
  type StepByProduct,
  stepLimits,
  type StepUse,
} from '../../types.js';
import { sayings } from '../sayings.js';
import { toolsNamed } from './tools.js';
import { applianceNamed } from './appliances.js';
import { byProductsIn } from './by-products-of-steps.js';
import { type OvenHeat, readOvenHeat } from './heat.js';
import { linkLines } from './links.js';
import { type UnsaidTime, unsaidTime } from './cooking-times.js';
import { readTimes } from './times.js';
import { applianceOfWait } from './waiting-place.js';

const mostTechniques = 4;

/**
 * One thing recognised in a step's words, offered to the instructor, who accepts or declines it. `key` tells
 * it again after an edit.
 */
export type StepFinding = { readonly key: string; readonly label: string } & (
  | {
      readonly kind: 'wait';
      readonly low: number;
      readonly high: number;
      /** Nobody wrote all of it: what cooks was looked up, with the sign that ends it. */
      readonly estimated?: { readonly until: string };
    }
  | { readonly kind: 'work'; readonly minutes: number }
  | { readonly kind: 'keep'; readonly minutes: number }
  | { readonly kind: 'appliance'; readonly appliance: Appliance; readonly setting: string }
  | { readonly kind: 'tool'; readonly tool: string }
  | { readonly kind: 'technique'; readonly technique: string }
  | { readonly kind: 'line'; readonly use: StepUse }
  | { readonly kind: 'gift'; readonly gift: StepByProduct }
);

/**
 * What the words of each step name: waits and work in minutes, the appliance and its setting, tools,
 * techniques, and the lines used with their shares. Guesses to be accepted or declined; the text itself is
 * never changed.
 */
export function findInSteps(
  texts: readonly string[],
  lines: readonly RecipeLine[],
  larder?: Larder,
  components?: readonly RecipeComponent[],
  toldFrom?: ReadonlyMap<string, number>,
): StepFinding[][] {
  const uses = linkLines(texts, lines, { larder, components, toldFrom });
  const names = new Map(lines.map((line) => [line.id, line.name]));
  const heats = carriedHeats(texts);
  const unsaid = texts.map((text, index) => unsaidTime(text, usedLines(uses[index]!, lines), larder));
  return texts.map((text, index) => [
    ...timesIn(text, unsaid[index]!),
    ...applianceIn(text, heats[index]!, unsaid[index]!),
    ...toolsNamed(text).map((tool): StepFinding => ({
      kind: 'tool',
      key: `tool:${tool}`,
      label: tool,
      tool,
    })),
    ...techniquesIn(text),
    ...uses[index]!.map((use): StepFinding => ({
      kind: 'line',
      key: `line:${use.line}`,
      label: `${use.share === '1' ? '' : `${showRational(use.share)} of `}${names.get(use.line) ?? ''}`,
      use,
    })),
    ...byProductsIn(text, usedLines(uses[index]!, lines), larder, lines).map(byProductFinding),
  ]);
}

function usedLines(uses: readonly StepUse[], lines: readonly RecipeLine[]): RecipeLine[] {
  return lines.filter(({ id }) => uses.some((use) => use.line === id));
}

/** A by-product as a chip: "leaves ~ 100 ml cooking liquid". */
export function byProductFinding(gift: StepByProduct): StepFinding {
  return {
    kind: 'gift',
    key: `gift:${gift.ingredient}`,
    label: `leaves ~ ${writeAmount(gift.amount)} ${gift.text}`,
    gift,
  };
}

function timesIn(text: string, unsaid: UnsaidTime | null): StepFinding[] {
  const spans = readTimes(text);
  const waits = spans.filter((span) => span.waits);
  const works = spans.filter(({ kind }) => kind === 'work');
  const keeps = spans.filter(({ kind }) => kind === 'keep').map(({ low }) => low);
  const kept = Math.min(stepLimits.hold, Math.max(0, ...keeps));
  const sum = (of: typeof spans, end: 'low' | 'high') => of.reduce((total, span) => total + span[end], 0);
  // Longer than can be saved is a slip of the pen.
  const waited = (minutes: number) => Math.min(stepLimits.wait, minutes);
  const found: StepFinding[] = [];
  if (waits.length > 0 || unsaid) {
    const low = waited(sum(waits, 'low') + (unsaid?.low ?? 0));
    const high = waited(sum(waits, 'high') + (unsaid?.high ?? 0));
    found.push({
      kind: 'wait',
      key: `wait:${low}-${high}`,
      label: `wait ${unsaid ? '~ ' : ''}${showRange(low, high)} min`,
      low,
      high,
      ...(unsaid && { estimated: { until: unsaid.until } }),
    });
  }
  const worked = Math.min(stepLimits.hands, sum(works, 'high'));
  if (works.length > 0)
    found.push({
      kind: 'work',
      key: `work:${worked}`,
      label: `${worked} min hands-on`,
      minutes: worked,
    });
  if (kept > 0)
    found.push({ kind: 'keep', key: `keep:${kept}`, label: `keeps ${showSpan(kept)}`, minutes: kept });
  return found;
}

/** The oven heat of each step: its own, or the one that an earlier step heated the oven to. */
function carriedHeats(texts: readonly string[]): (OvenHeat | null)[] {
  let last: OvenHeat | null = null;
  return texts.map((text) => {
    last = readOvenHeat(text) ?? last;
    return last;
  });
}

const isInOven = sayings.has('in the oven');

function applianceIn(text: string, carried: OvenHeat | null, unsaid: UnsaidTime | null): StepFinding[] {
  const own = readOvenHeat(text);
  const heat = own ?? (isInOven(text) ? carried : null);
  const waits = readTimes(text).some((span) => span.waits);
  const named = applianceNamed(text);
  // An oven that is only heated, and then left alone, is not waited on.
  const appliance =
    (waits ? applianceOfWait(text) : heat && !named ? 'oven' : named) ?? unsaid?.appliance ?? null;
  if (!appliance || unsaid?.isOffHeat) return [];
  const setting = appliance === 'oven' && heat ? `${heat.celsius} °C` : '';
  const written = heat && setting && heat.written !== setting ? `${heat.written} (${setting})` : setting;
  return [
    {
      kind: 'appliance',
      key: `appliance:${appliance}:${setting}`,
      label: [appliance, written].filter(Boolean).join(', '),
      appliance,
      setting,
    },
  ];
}

function techniquesIn(text: string): StepFinding[] {
  const found = techniquesSuggested(text).slice(0, mostTechniques);
  return found.map((technique) => ({
    kind: 'technique',
    key: `technique:${technique}`,
    label: technique.replaceAll('-', ' '),
    technique,
  }));
}
