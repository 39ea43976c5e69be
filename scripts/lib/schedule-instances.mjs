/** Problems for the scheduler's tests and benchmark, the same for the same seed everywhere. */

/** A small seeded generator of whole numbers: `pick(n)` is in 0 … n − 1. */
function picker(seed) {
  let state = (seed * 2654435761 + 12345) >>> 0;
  return (below) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return Math.floor((state / 4294967296) * below);
  };
}

/**
 * Up to 30 tasks of 1–9 minutes on three resources: an oven with settings and a changeover, hands with
 * opening hours, and a shared pool. Links run forwards, some with a largest lag, some with a negative least
 * one. Some of the problems have no plan.
 */
export function randomInstance(seed, { tasks: count = 8 + (seed % 23), withClass = false } = {}) {
  const pick = picker(seed);
  const resources = [
    { id: 'oven', name: 'the oven', capacity: 2 + pick(2), changeoverMinutes: pick(4) },
    { id: 'you', name: 'you', capacity: 1 + pick(2), ...(pick(3) > 0 ? { open: openHours(pick) } : {}) },
    { id: 'pool', name: 'the pool', capacity: 3 + pick(3) },
  ];
  const tasks = Array.from({ length: count }, (_, at) => ({
    id: `t${at}`,
    minutes: 1 + pick(9),
    demands: demandsOf(pick, resources),
    ...(withClass && pick(2) === 0 ? { inClass: true } : {}),
  }));
  const links = [];
  for (let to = 1; to < count; to++) {
    const makers = new Set(Array.from({ length: 1 + pick(2) }, () => Math.max(0, to - 1 - pick(6))));
    for (const from of makers) {
      const minLag = pick(5) === 0 ? -pick(4) : pick(4);
      links.push({
        from: `t${from}`,
        to: `t${to}`,
        minLag,
        ...(pick(5) < 2 ? { maxLag: minLag + 4 + pick(24) } : {}),
      });
    }
  }
  return { tasks, links, resources };
}

/** Open stretches of 25–60 minutes with breaks of 3–10, back from 0 far enough for any plan. */
function openHours(pick) {
  const open = [];
  for (let end = 0; end > -600;) {
    const from = end - 25 - pick(36);
    open.unshift([from, end]);
    end = from - 3 - pick(8);
  }
  return open;
}

function demandsOf(pick, [oven, you, pool]) {
  const demands = [];
  if (pick(3) === 0)
    demands.push({
      resource: oven.id,
      units: 1 + pick(oven.capacity),
      ...(pick(4) > 0 ? { setting: ['170', '200', '220'][pick(3)] } : {}),
    });
  if (pick(2) === 0) demands.push({ resource: you.id, units: 1 });
  if (demands.length === 0 || pick(3) === 0) demands.push({ resource: pool.id, units: 1 + pick(3) });
  return demands;
}

/**
 * A problem built around a plan without a gap: every resource is cut into tasks that fill it from the first
 * minute to the last, and links are laid only where that plan keeps them. Its optimum is known: `length`.
 */
export function packedInstance(seed, count) {
  const pick = picker(seed);
  const lanes = [
    { id: 'you', capacity: 2 },
    { id: 'oven', capacity: 3 },
    { id: 'pool', capacity: 4 },
  ];
  const perRow = Math.ceil(count / 9);
  const length = perRow * 12;
  const placed = lanes.flatMap((lane) =>
    Array.from({ length: lane.capacity }, () => cuts(pick, length, perRow)).flatMap((row) =>
      row.map(([start, minutes]) => ({ lane: lane.id, start, minutes })),
    ),
  );
  const shuffled = placed
    .map((each) => ({ each, key: pick(1e9) }))
    .sort((a, b) => a.key - b.key)
    .map(({ each }) => each);
  const tasks = shuffled.map(({ lane, minutes }, at) => ({
    id: `t${at}`,
    minutes,
    demands: [{ resource: lane, units: 1 }],
  }));
  const links = shuffled.flatMap((from, at) => {
    const to = pick(shuffled.length);
    const lag = shuffled[to].start - from.start - from.minutes;
    if (to === at || lag < 0 || lag > 240) return [];
    return [
      {
        from: `t${at}`,
        to: `t${to}`,
        minLag: Math.max(0, lag - pick(60)),
        ...(pick(3) === 0 ? { maxLag: lag + pick(60) } : {}),
      },
    ];
  });
  return { problem: { tasks, links, resources: lanes }, length };
}

/** A row from 0 to `length` cut into `pieces` tasks without a gap. */
function cuts(pick, length, pieces) {
  const at = new Set();
  while (at.size < pieces - 1) at.add(1 + pick(length - 1));
  const ends = [...at].sort((a, b) => a - b).concat(length);
  return ends.map((end, index) => [
    index === 0 ? 0 : ends[index - 1],
    end - (index === 0 ? 0 : ends[index - 1]),
  ]);
}
