import { lookUp } from '../identity/index.js';
import type { English } from '../words/index.js';

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

type Row = readonly [
  id: string,
  us: string,
  shared: boolean,
  grams: number,
  washMinutes: number,
  ...instead: (readonly [string, number, string])[],
];

const rows: readonly Row[] = [
  ['board and knife', 'cutting board and knife', false, 1400, 1],
  ['peeler', '', false, 60, 1, ['board and knife', 1.5, 'thicker peelings']],
  ['fine grater', '', false, 150, 2, ['board and knife', 2, 'coarser: mince it as fine as you can']],
  [
    'box grater',
    '',
    false,
    350,
    2,
    ['board and knife', 1.5, 'matchsticks instead of shreds'],
    ['food processor', 0.5, 'wetter, less even'],
  ],
  [
    'whisk',
    '',
    false,
    120,
    1,
    ['jar with lid', 0.7, 'shaken: holds about 10 minutes'],
    ['tongs', 2, 'looser: whisk it again just before pouring'],
  ],
  ['small bowl', '', false, 250, 1],
  ['large bowl', '', false, 900, 2, ['large pot', 1, 'the same, in a pot']],
  ['jar with lid', '', false, 350, 1, ['whisk', 1.3, 'whisked: add the oil in a stream']],
  ['strainer', '', false, 250, 2, ['salad spinner', 1, 'drained in the spinner’s basket']],
  ['saucepan', '', false, 1300, 3, ['large pot', 1.2, 'takes longer to heat']],
  [
    'frying pan',
    'skillet',
    false,
    1500,
    3,
    ['griddle pan', 1, 'marked rather than browned'],
    ['oven tray', 1.5, 'toasted in the oven: turn once'],
  ],
  ['citrus press', 'citrus juicer', false, 200, 1, ['strainer', 1.3, 'squeezed by hand through a strainer']],
  ['serving dish', '', false, 900, 1, ['large bowl', 1, 'served from the bowl']],
  ['tongs', '', false, 150, 1, ['spatula', 1, 'tossed with two spatulas or spoons']],
  ['spatula', '', false, 80, 1, ['tongs', 1, 'less scraped out']],
  [
    'pestle and mortar',
    'mortar and pestle',
    false,
    2500,
    2,
    ['board and knife', 1.5, 'crushed under the flat of the knife: coarser'],
  ],
  ['potato masher', '', false, 300, 2, ['tongs', 1.5, 'mashed with a fork: coarser']],
  ['salad spinner', '', true, 900, 2, ['strainer', 2, 'shaken and dried in a towel: wetter']],
  ['oven tray', 'sheet pan', true, 1100, 3],
  [
    'jug blender',
    'blender',
    true,
    3500,
    3,
    ['stick blender', 1.3, 'a little coarser'],
    ['food processor', 1.2, 'coarser'],
  ],
  [
    'stick blender',
    'immersion blender',
    true,
    900,
    2,
    ['jug blender', 1, 'smoother; covers its blades only from 200 ml'],
    ['whisk', 3, 'holds 45 minutes instead of hours'],
  ],
  [
    'food processor',
    '',
    true,
    5000,
    4,
    ['board and knife', 3, 'chopped by hand: coarser'],
    ['jug blender', 1, 'smoother'],
  ],
  ['mandoline', '', true, 700, 2, ['board and knife', 2, 'less thin and even']],
  ['large pot', 'stockpot', true, 2500, 4, ['saucepan', 1.5, 'in rounds']],
  ['storage box', 'storage container', true, 250, 2, ['large bowl', 1, 'covered with a plate']],
  ['griddle pan', 'grill pan', true, 2500, 3, ['frying pan', 1, 'browned, without marks']],
];

/** Tools by the name that steps use. What is not listed here is taken as each station's own. */
export const toolFacts: readonly ToolFact[] = rows.map(
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
