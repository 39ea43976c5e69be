/** Where a tool is used: each station its own, or one pool for the whole room. */
export interface ToolFact {
  readonly id: string;
  readonly us?: string;
  readonly shared: boolean;
}

/** Tools by the name that steps use. What is not listed here is taken as each station's own. */
export const toolFacts: readonly ToolFact[] = [
  { id: 'board and knife', us: 'cutting board and knife', shared: false }, { id: 'peeler', shared: false }, { id: 'fine grater', shared: false },
  { id: 'box grater', shared: false }, { id: 'whisk', shared: false }, { id: 'small bowl', shared: false }, { id: 'large bowl', shared: false },
  { id: 'jar with lid', shared: false }, { id: 'strainer', shared: false }, { id: 'saucepan', shared: false }, { id: 'frying pan', us: 'skillet', shared: false },
  { id: 'citrus press', us: 'citrus juicer', shared: false }, { id: 'serving dish', shared: false }, { id: 'tongs', shared: false }, { id: 'spatula', shared: false },
  { id: 'pestle and mortar', us: 'mortar and pestle', shared: false }, { id: 'potato masher', shared: false }, { id: 'salad spinner', shared: true },
  { id: 'oven tray', us: 'sheet pan', shared: true }, { id: 'jug blender', us: 'blender', shared: true }, { id: 'stick blender', us: 'immersion blender', shared: true },
  { id: 'food processor', shared: true }, { id: 'mandoline', us: 'mandoline', shared: true }, { id: 'large pot', us: 'stockpot', shared: true },
  { id: 'storage box', us: 'storage container', shared: true }, { id: 'griddle pan', us: 'grill pan', shared: true },
];

const byId = new Map(toolFacts.map((fact) => [fact.id, fact]));

export function isSharedTool(tool: string): boolean {
  return byId.get(tool)?.shared ?? false;
}

const irregular: Readonly<Record<string, string>> = {
  'board and knife': 'boards and knives', 'cutting board and knife': 'cutting boards and knives', 'jar with lid': 'jars with lids', 'pestle and mortar': 'pestles and mortars', 'mortar and pestle': 'mortars and pestles',
};

/** "fine graters", "serving dishes". */
export function toolPlural(name: string): string {
  return irregular[name] ?? (/(?:s|x|sh|ch)$/.test(name) ? `${name}es` : `${name}s`);
}

export function toolName(tool: string, english: 'uk' | 'us'): string {
  return english === 'us' ? byId.get(tool)?.us ?? tool : tool;
}
