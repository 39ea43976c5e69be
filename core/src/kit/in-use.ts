import { type KitDecision, toolFact } from '../class/index.js';
import type { ToolUse, Washing } from './types.js';

/** Touched by raw meat, fish or shellfish, and then kept apart from everything else. */
const touchedRaw: ReadonlySet<string> = new Set([
  'board and knife',
  'small bowl',
  'large bowl',
  'tongs',
  'peeler',
]);

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

/**
 * Every use of every tool, one by one. Tools that were decided to go round count as often as they are there.
 */
export function singleUses(
  uses: readonly ToolUse[],
  places: (use: ToolUse) => number,
  decisions: readonly KitDecision[],
): OneToolUse[] {
  return uses.flatMap((use) =>
    use.tools.map((tool) => ({
      tool,
      raw: touchedRaw.has(tool) ? (use.raw ?? []).join(' and ') : '',
      start: use.start,
      end: use.end,
      count: atOnce(tool, places(use), decisions),
      title: use.title,
      dishId: use.dishId ?? '',
    })),
  );
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

/** So many of a tool that are free from the same minute, after the same dish. */
interface Lot {
  readonly count: number;
  readonly freeAt: number;
  readonly dishId: string;
  readonly title: string;
}

/**
 * How many of each tool there must be, dealt out use by use: one goes on within its dish, is washed before it
 * serves another, and where there is no time to wash it a further one is wanted. Tools for raw food are dealt
 * out apart. Stations alike are dealt out in lots, so that more of them cost no more work.
 */
export function dealOut(uses: readonly OneToolUse[], place: string): { peaks: Peak[]; washing: Washing[] } {
  const groups = new Map<string, OneToolUse[]>();
  for (const use of uses) {
    const key = `${use.tool}|${use.raw}`;
    const group = groups.get(key);
    if (group) group.push(use);
    else groups.set(key, [use]);
  }
  const dealt = [...groups.values()].map((group) => dealOne(group, place));
  return {
    peaks: dealt.map(({ peak }) => peak),
    washing: dealt.flatMap((each) => each.washing).sort((a, b) => a.atMinute - b.atMinute),
  };
}

function dealOne(group: readonly OneToolUse[], place: string): { peak: Peak; washing: Washing[] } {
  const { tool, raw } = group[0]!;
  const { washMinutes } = toolFact(tool);
  const washing: Washing[] = [];
  let lots: readonly Lot[] = [];
  let peakUse = group[0]!;
  let total = 0;
  for (const use of [...group].sort((a, b) => a.start - b.start || a.end - b.end)) {
    const going = takeFrom(lots, use.count, (lot) => lot.freeAt <= use.start && lot.dishId === use.dishId);
    const washed = takeFrom(
      going.left,
      use.count - going.taken,
      (lot) => lot.freeAt + washMinutes <= use.start,
    );
    const more = use.count - going.taken - washed.taken;
    if (more > 0) peakUse = use;
    total += more;
    if (washed.last)
      washing.push({
        tool,
        place,
        atMinute: washed.last.freeAt,
        minutes: washMinutes * washed.taken,
        between: `${washed.last.title} → ${use.title}`,
      });
    lots = [...washed.left, { count: use.count, freeAt: use.end, dishId: use.dishId, title: use.title }];
  }
  const running = group.filter((use) => use.start <= peakUse.start && use.end > peakUse.start);
  return {
    peak: {
      tool,
      raw,
      count: total,
      minute: peakUse.start,
      titles: [...new Set(running.map((use) => use.title))],
      minutes: peakUse.end - peakUse.start,
    },
    washing,
  };
}

/** Takes up to `count` from the lots that will do, splitting the last one. */
function takeFrom(
  lots: readonly Lot[],
  count: number,
  willDo: (lot: Lot) => boolean,
): { left: Lot[]; taken: number; last: Lot | null } {
  let taken = 0;
  let last: Lot | null = null;
  const left = lots.flatMap((lot): Lot[] => {
    const some = taken < count && willDo(lot) ? Math.min(lot.count, count - taken) : 0;
    if (some === 0) return [lot];
    taken += some;
    last = lot;
    return some < lot.count ? [{ ...lot, count: lot.count - some }] : [];
  });
  return { left, taken, last };
}

/** How much is dirty at once at the most: every tool is, from the end of its use until its next one. */
export function mostDirty(uses: readonly OneToolUse[]): { count: number; minute: number } {
  const groups = new Map<string, OneToolUse[]>();
  for (const use of uses)
    groups.set(`${use.tool}|${use.raw}`, [...(groups.get(`${use.tool}|${use.raw}`) ?? []), use]);
  const changes: { minute: number; by: number }[] = [];
  for (const group of groups.values()) {
    const inOrder = [...group].sort((a, b) => a.start - b.start);
    inOrder.forEach((use, at) => {
      const next = inOrder.slice(at + 1).find((other) => other.start >= use.end);
      const overlapped = inOrder.some(
        (other, index) => index > at && other.start < use.end && other.end > use.end,
      );
      if (overlapped) return;
      changes.push({ minute: use.end, by: use.count });
      if (next) changes.push({ minute: next.start, by: -use.count });
    });
  }
  let most = { count: 0, minute: 0 };
  let count = 0;
  for (const { minute, by } of changes.sort((a, b) => a.minute - b.minute || a.by - b.by)) {
    count += by;
    if (count > most.count) most = { count, minute };
  }
  return most;
}
