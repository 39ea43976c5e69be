import { showRational } from '../../../amounts/index.js';
import type { Larder } from '../../../larder/index.js';
import { techniqueWords } from '../../../techniques/index.js';
import { showRange } from '../../../words/index.js';
import type { Appliance, RecipeLine, RecipeStep, StepPlace, StepUse } from '../../types.js';
import { type OvenHeat, readOvenHeat } from './heat.js';
import { linkLines } from './links.js';
import { readTimes } from './times.js';

/** Minutes of work assumed where a text names none: a plain instruction of one sentence. An estimate. */
const usualHandsOnMinutes = 4;
/** Minutes of work to set something going that then waits. An estimate. */
const settingGoingMinutes = 2;
/** A wait of more than this cannot be bridged in a class. */
const longestWaitInClass = 90;
const mostTechniques = 4;

/**
 * One thing recognised in a step's words, offered to the instructor, who accepts or declines it. `key` tells
 * it again after an edit.
 */
export type StepFinding = { readonly key: string; readonly label: string } & (
  | { readonly kind: 'wait'; readonly low: number; readonly high: number }
  | { readonly kind: 'work'; readonly minutes: number }
  | { readonly kind: 'appliance'; readonly appliance: Appliance; readonly setting: string }
  | { readonly kind: 'tool'; readonly tool: string }
  | { readonly kind: 'technique'; readonly technique: string }
  | { readonly kind: 'line'; readonly use: StepUse }
);

const appliances: readonly (readonly [RegExp, Appliance])[] = [
  [/\b(oven|roast|bake)\b/i, 'oven'],
  [/\b(microwave)\b/i, 'microwave'],
  [/\b(griddle|char-?grill)\b/i, 'griddle'],
  [/\b(blender|blend|processor|blitz)\b/i, 'blender'],
  [/\b(simmer|boil|pan|fry|saucepan|hob|stove|poach|toast)\b/i, 'hob'],
  [/\b(fridge|chill|refrigerat\w*|overnight)\b/i, 'fridge'],
];

const toolWords: readonly (readonly [RegExp, string])[] = [
  [
    /\b(chop|dice|slice|mince|shred|cut|halve|quarter(?! of)|wedges?|core|peel|fillet|de-?rib)\b/i,
    'board and knife',
  ],
  [/\bpeel\b/i, 'peeler'],
  [/\bgrate|zest\b/i, 'fine grater'],
  [/\bshave\b/i, 'peeler'],
  [/\bwhisk\b/i, 'whisk'],
  [/\b(toss|fold|mix|combine)\b/i, 'large bowl'],
  [/\bjar\b|\bshake\b/i, 'jar with lid'],
  [/\b(blend|blitz)\b/i, 'jug blender'],
  [/\b(drain|strain|rinse|sieve)\b/i, 'strainer'],
  [/\b(roast|bake|tray)\b/i, 'oven tray'],
  [/\b(simmer|boil)\b/i, 'saucepan'],
  [/\b(fry|toast|pan)\b/i, 'frying pan'],
  [/\bjuice\b/i, 'citrus press'],
  [/\b(serve|plate|platter)\b/i, 'serving dish'],
];

/**
 * What the words of each step name: waits and work in minutes, the appliance and its setting, tools,
 * techniques, and the lines used with their shares. Guesses to be accepted or declined; the text itself is
 * never changed.
 */
export function findInSteps(
  texts: readonly string[],
  lines: readonly RecipeLine[],
  larder?: Larder,
): StepFinding[][] {
  const uses = linkLines(texts, lines, larder);
  const names = new Map(lines.map((line) => [line.id, line.name]));
  const heats = carriedHeats(texts);
  return texts.map((text, index) => [
    ...timesIn(text),
    ...applianceIn(text, heats[index]!),
    ...[...new Set(toolWords.filter(([pattern]) => pattern.test(text)).map(([, tool]) => tool))].map(
      (tool): StepFinding => ({ kind: 'tool', key: `tool:${tool}`, label: tool, tool }),
    ),
    ...techniquesIn(text),
    ...uses[index]!.map((use): StepFinding => ({
      kind: 'line',
      key: `line:${use.line}`,
      label: `${use.share === '1' ? '' : `${showRational(use.share)} of `}${names.get(use.line) ?? ''}`,
      use,
    })),
  ]);
}

function timesIn(text: string): StepFinding[] {
  const spans = readTimes(text);
  const waits = spans.filter((span) => span.waits);
  const works = spans.filter((span) => !span.waits);
  const sum = (of: typeof spans, end: 'low' | 'high') => of.reduce((total, span) => total + span[end], 0);
  const found: StepFinding[] = [];
  if (waits.length > 0) {
    const [low, high] = [sum(waits, 'low'), sum(waits, 'high')];
    found.push({
      kind: 'wait',
      key: `wait:${low}-${high}`,
      label: `wait ${showRange(low, high)} min`,
      low,
      high,
    });
  }
  if (works.length > 0)
    found.push({
      kind: 'work',
      key: `work:${sum(works, 'high')}`,
      label: `${sum(works, 'high')} min hands-on`,
      minutes: sum(works, 'high'),
    });
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

function applianceIn(text: string, carried: OvenHeat | null): StepFinding[] {
  const own = readOvenHeat(text);
  const heat = own ?? (/\b(?:oven|roast|bake)\b/i.test(text) ? carried : null);
  const named = appliances.find(([pattern]) => pattern.test(text))?.[1];
  const appliance = heat && !named ? 'oven' : named;
  if (!appliance) return [];
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
  const found = [
    ...new Set(techniqueWords.filter(([pattern]) => pattern.test(text)).map(([, technique]) => technique)),
  ].slice(0, mostTechniques);
  return found.map((technique) => ({
    kind: 'technique',
    key: `technique:${technique}`,
    label: technique.replaceAll('-', ' '),
    technique,
  }));
}

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
  return [...found, ...occupied, ...tools, ...techniques, ...uses];
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
      return step.handsOnMinutes === finding.minutes;
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
  }
}

/** The step with what was found in it. */
export function acceptFinding(step: RecipeStep, finding: StepFinding): RecipeStep {
  const accepted = { ...step, declined: (step.declined ?? []).filter((key) => key !== finding.key) };
  switch (finding.kind) {
    case 'wait':
      return { ...accepted, waitMinutes: { low: finding.low, high: finding.high } };
    case 'work':
      return { ...accepted, handsOnMinutes: finding.minutes };
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
  }
}

/** The step without what was found, and a note not to offer it again. */
export function declineFinding(step: RecipeStep, finding: StepFinding): RecipeStep {
  const declined = { ...step, declined: [...new Set([...(step.declined ?? []), finding.key])] };
  if (!hasFinding(step, finding)) return declined;
  switch (finding.kind) {
    case 'wait':
      return { ...declined, waitMinutes: null };
    case 'work':
      return { ...declined, handsOnMinutes: usualHandsOnMinutes };
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
  }
}

/**
 * Steps of pasted text, in order, each after the one above, with everything that was found accepted. An
 * appliance is taken only where something waits on it or it does the work.
 */
export function readSteps(
  texts: readonly string[],
  componentIds: readonly string[],
  lines: readonly RecipeLine[],
  larder?: Larder,
): RecipeStep[] {
  const before = afterIds(texts);
  return findInSteps(texts, lines, larder).map((findings, index) => {
    const text = texts[index]!;
    const waits = findings.some((finding) => finding.kind === 'wait');
    const plain = emptyStep(`s${index + 1}`, componentIds[index]!, text, before[index]!);
    const wanted = findings.filter(
      (finding) => finding.kind !== 'appliance' || waits || finding.appliance === 'blender',
    );
    const read = wanted.reduce(
      acceptFinding,
      waits ? { ...plain, handsOnMinutes: settingGoingMinutes } : plain,
    );
    return { ...read, place: placeOf(text, read.waitMinutes) };
  });
}

/** Each step comes after the one above; "meanwhile" runs beside it, and what follows waits for both. */
function afterIds(texts: readonly string[]): string[][] {
  let group: string[] = [];
  let before: string[] = [];
  return texts.map((text, index) => {
    const beside = index > 0 && /^(?:meanwhile|in the meantime|while (?:that|it|they))\b/i.test(text);
    if (!beside) {
      before = group;
      group = [];
    }
    group.push(`s${index + 1}`);
    return before;
  });
}

/** A step of which nothing is known but its words. */
export function emptyStep(
  id: string,
  componentId: string,
  text: string,
  after: readonly string[],
): RecipeStep {
  return {
    id,
    componentId,
    text,
    after,
    until: /\b(until [^.;,]+)/i.exec(text)?.[1] ?? '',
    handsOnMinutes: usualHandsOnMinutes,
    waitMinutes: null,
    place: 'in class',
    occupies: null,
    tools: [],
    uses: [],
    holdMinutes: null,
    techniques: [],
    techniqueNote: '',
    demonstrateMinutes: 0,
  };
}

function placeOf(text: string, wait: RecipeStep['waitMinutes']): StepPlace {
  if (
    /\b(overnight|the day before|a day ahead|the night before)\b/i.test(text) ||
    (wait !== null && wait.low > longestWaitInClass)
  )
    return 'before';
  return 'in class';
}

/** "½ of parsley", "olive oil". */
function usedLabel(use: StepUse, lines: readonly Pick<RecipeLine, 'id' | 'name'>[]): string {
  const name = lines.find((line) => line.id === use.line)?.name ?? '';
  return use.share === '1' ? name : `${showRational(use.share)} of ${name}`;
}
