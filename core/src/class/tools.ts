import { lookUp } from '../identity/index.js';
import type { English } from '../words/index.js';
import { toolTable } from './data/tool-table.js';

/** Another tool that does the work, with what becomes of the minutes and the result. */
interface ToolAlternative {
  readonly tool: string;
  readonly minutesFactor: number;
  readonly result: string;
}

/**
 * Where a tool is used, what it weighs, how long it takes to wash, and what can take its place. Weights and
 * minutes are starting estimates.
 */
export interface ToolFact {
  readonly id: string;
  readonly us?: string;
  /** One pool for the whole room; each station its own otherwise. */
  readonly shared: boolean;
  readonly grams: number;
  readonly washMinutes: number;
  readonly instead: readonly ToolAlternative[];
}

/** Tools by the name that steps use. What is not listed here is taken as each station's own. */
export const toolFacts: readonly ToolFact[] = toolTable.map(
  ([id, us, shared, grams, washMinutes, ...instead]) => ({
    id,
    shared,
    grams,
    washMinutes,
    ...(us ? { us } : {}),
    instead: instead.map(([tool, minutesFactor, result]) => ({ tool, minutesFactor, result })),
  }),
);

const byId = new Map(toolFacts.map((fact) => [fact.id, fact]));
const unknownTool = { grams: 0, washMinutes: 2, instead: [] as readonly ToolAlternative[] };

export function isSharedTool(tool: string): boolean {
  return byId.get(tool)?.shared ?? false;
}

/** Grams, minutes to wash, and what can take a tool's place. */
export function toolFact(tool: string): Pick<ToolFact, 'grams' | 'washMinutes' | 'instead'> {
  return byId.get(tool) ?? unknownTool;
}

const irregular: Readonly<Record<string, string>> = {
  'board and knife': 'boards and knives',
  'cutting board and knife': 'cutting boards and knives',
  'jar with lid': 'jars with lids',
  'pestle and mortar': 'pestles and mortars',
  'mortar and pestle': 'mortars and pestles',
};

/** "fine graters", "serving dishes". */
export function toolPlural(name: string): string {
  return lookUp(irregular, name) ?? (/(?:s|x|sh|ch)$/.test(name) ? `${name}es` : `${name}s`);
}

export function toolName(tool: string, english: English): string {
  return english === 'us' ? (byId.get(tool)?.us ?? tool) : tool;
}
