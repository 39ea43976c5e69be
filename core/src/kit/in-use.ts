import { toolFact } from './tools.js';
import type { KitDecision, ToolUse, Washing } from './types.js';

/** Touched by raw meat, fish or shellfish, and then kept apart from everything else. */
const touchedRaw: ReadonlySet<string> = new Set(['board and knife', 'small bowl', 'large bowl', 'tongs', 'peeler']);

/** A use of one tool at so many places at once: equal stations work in step, so one stands for all. */
export interface OneToolUse {
  readonly tool: string;
  /** Non-empty where it is for raw food: such a tool is never shared with another. */
  readonly raw: string;
  readonly start: number;
  readonly end: number;
  readonly count: number;
  readonly title: string;
  readonly dishId: string;
}

/** Every use of every tool, one by one. Tools that were decided to go round count as often as they are there. */
export function singleUses(uses: readonly ToolUse[], places: (use: ToolUse) => number, decisions: readonly KitDecision[]): OneToolUse[] {
  return uses.flatMap((use) => use.tools.map((tool) => ({
    tool, raw: touchedRaw.has(tool) ? (use.raw ?? []).join(' and ') : '', start: use.start, end: use.end, count: atOnce(tool, places(use), decisions), title: use.title, dishId: use.dishId ?? '',
  })));
}

function atOnce(tool: string, places: number, decisions: readonly KitDecision[]): number {
  const decision = decisions.find((each) => each.tool === tool);
  if (places < 2 || !decision) return places;
  if (decision.kind === 'share') return Math.ceil(places / 2);
  return decision.kind === 'stagger' ? Math.min(places, decision.atOnce ?? places) : places;
}

/** The most of one tool in use at once, when, and for what. */
export interface Peak {
  readonly tool: string;
  readonly raw: string;
  readonly count: number;
  readonly minute: number;
  readonly titles: readonly string[];
  readonly minutes: number;
}

interface Item { freeAt: number; dishId: string; title: string }

/**
 * How many of each tool there must be, dealt out use by use: one goes on within its dish, is washed before it serves another, and
 * where there is no time to wash it a further one is wanted. Tools for raw food are dealt out apart.
 */
export function dealOut(uses: readonly OneToolUse[], place: string): { peaks: Peak[]; washing: Washing[]; items: readonly { freeAt: number }[] } {
  const groups = new Map<string, OneToolUse[]>();
  for (const use of uses) groups.set(`${use.tool}|${use.raw}`, [...groups.get(`${use.tool}|${use.raw}`) ?? [], use]);
  const dealt = [...groups.values()].map((group) => dealOne(group, place));
  return { peaks: dealt.map(({ peak }) => peak), washing: dealt.flatMap((each) => each.washing).sort((a, b) => a.atMinute - b.atMinute), items: dealt.flatMap((each) => each.items) };
}

function dealOne(group: readonly OneToolUse[], place: string): { peak: Peak; washing: Washing[]; items: Item[] } {
  const { tool, raw } = group[0]!;
  const { washMinutes } = toolFact(tool);
  const items: Item[] = [];
  const washing: Washing[] = [];
  let peakUse = group[0]!;
  for (const use of [...group].sort((a, b) => a.start - b.start || a.end - b.end)) {
    let washed: Item | null = null;
    const before = items.length;
    const taken: Item[] = [];
    for (let n = 0; n < use.count; n++) {
      const going = items.find((item) => !taken.includes(item) && item.freeAt <= use.start && item.dishId === use.dishId);
      const clean = going ?? items.find((item) => !taken.includes(item) && item.freeAt + washMinutes <= use.start);
      if (clean && !going) washed = { ...clean };
      const item = clean ?? { freeAt: 0, dishId: '', title: '' };
      if (!clean) items.push(item);
      taken.push(item);
    }
    for (const item of taken) Object.assign(item, { freeAt: use.end, dishId: use.dishId, title: use.title });
    if (items.length > before) peakUse = use;
    if (washed) washing.push({ tool, place, atMinute: washed.freeAt, minutes: washMinutes * Math.min(use.count, taken.length), between: `${washed.title} → ${use.title}` });
  }
  const running = group.filter((use) => use.start <= peakUse.start && use.end > peakUse.start);
  return { peak: { tool, raw, count: items.length, minute: peakUse.start, titles: [...new Set(running.map((use) => use.title))], minutes: peakUse.end - peakUse.start }, washing, items };
}

/** How much is dirty at once at the most: every tool is, from the end of its use until it is washed for the next. */
export function mostDirty(uses: readonly OneToolUse[]): { count: number; minute: number } {
  const times = [...new Set(uses.map((use) => use.end))].sort((a, b) => a - b);
  let most = { count: 0, minute: 0 };
  for (const minute of times) {
    const last = new Map<string, OneToolUse>();
    for (const use of uses) {
      const known = last.get(`${use.tool}|${use.raw}`);
      if (use.start <= minute && (!known || use.end > known.end)) last.set(`${use.tool}|${use.raw}`, use);
    }
    const count = [...last.values()].filter((use) => use.end <= minute).reduce((sum, use) => sum + use.count, 0);
    if (count > most.count) most = { count, minute };
  }
  return most;
}
