import loadHighs from 'highs';

/**
 * The least span of a problem whose last end is 0, by a time-indexed integer program: a second opinion that
 * shares no code with the scheduler. A span over `longest` is not looked for. Returns null where the time ran
 * out before the optimum was proven, and Infinity where there is no such plan.
 */
export async function exactSpan(problem, longest, seconds) {
  // A solver of its own each time: its memory does not come back otherwise.
  const highs = await loadHighs();
  const result = highs.solve(programOf(problem, longest), { time_limit: seconds, output_flag: false });
  if (result.Status === 'Optimal') return Math.round(-result.Columns.first.Primal);
  return result.Status === 'Infeasible' ? Infinity : null;
}

function programOf(problem, longest) {
  const starts = problem.tasks.map((task) => startsOf(task, problem, longest));
  const rows = [
    ...eachStartsOnce(starts),
    ...spanRows(problem, starts),
    ...linkRows(problem, starts),
    ...problem.resources.flatMap((resource) => resourceRows(problem, resource, starts, longest)),
  ];
  const settings = problem.resources.flatMap((resource) =>
    settingsOf(problem, resource).flatMap((setting) =>
      minutes(longest).map((minute) => settingName(resource, setting, minute)),
    ),
  );
  const binaries = [...starts.flatMap((own, task) => own.map((start) => name(task, start))), ...settings];
  return (
    `Maximize\n first\nSubject ` +
    `To\n${rows.map((row, at) => ` r${at}: ${row}`).join('\n')}\nBounds\n ` +
    `-${longest} <= first <= 0\nBinaries\n ${binaries.join('\n ')}\nEnd\n`
  );
}

const name = (task, start) => `x_${task}_${-start}`;
const settingName = (resource, setting, minute) => `y_${resource.id}_${setting}_${-minute}`;
const minutes = (longest) => Array.from({ length: longest }, (_, at) => at - longest);
const sum = (terms) =>
  terms.map(([factor, variable]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${variable}`).join(' ');

function startsOf(task, problem, longest) {
  const isOpen = (start) =>
    task.minutes === 0 ||
    task.demands.every((demand) => {
      const { open } = problem.resources.find(({ id }) => id === demand.resource);
      return !open || open.some(([from, to]) => from <= start && start + task.minutes <= to);
    });
  return Array.from({ length: Math.max(0, longest - task.minutes + 1) }, (_, at) => at - longest).filter(
    isOpen,
  );
}

const eachStartsOnce = (starts) =>
  starts.map((own, task) => `${sum(own.map((start) => [1, name(task, start)])) || '0 first'} = 1`);
const startOf = (starts, task, factor) =>
  starts[task].filter((start) => start !== 0).map((start) => [factor * start, name(task, start)]);

function spanRows(problem, starts) {
  const endsAtZero = problem.tasks.flatMap((task, at) =>
    starts[at].includes(-task.minutes) ? [[1, name(at, -task.minutes)]] : [],
  );
  return [
    ...problem.tasks.map((_, task) => `first ${sum(startOf(starts, task, -1))} <= 0`),
    `${sum(endsAtZero) || '0 first'} >= 1`,
  ];
}

function linkRows(problem, starts) {
  const index = new Map(problem.tasks.map(({ id }, at) => [id, at]));
  return problem.links.flatMap(({ from, to, minLag, maxLag }) => {
    const [a, b] = [index.get(from), index.get(to)];
    const distance = sum([...startOf(starts, b, 1), ...startOf(starts, a, -1)]);
    const own = problem.tasks[a].minutes;
    return [
      `${distance} >= ${own + minLag}`,
      ...(maxLag === undefined ? [] : [`${distance} <= ${own + maxLag}`]),
    ];
  });
}

/** Starts of a task that make it run at a minute. */
const runningAt = (task, starts, minute) =>
  starts.filter((start) => start <= minute && minute < start + task.minutes);

function resourceRows(problem, resource, starts, longest) {
  const users = problem.tasks.flatMap((task, at) =>
    task.demands.filter((demand) => demand.resource === resource.id).map((demand) => ({ task, at, demand })),
  );
  const settings = settingsOf(problem, resource);
  return minutes(longest).flatMap((minute) => {
    const work = users.flatMap(({ task, at, demand }) =>
      runningAt(task, starts[at], minute).map((start) => [demand.units, name(at, start)]),
    );
    const capacity = work.length > 0 ? [`${sum(work)} <= ${resource.capacity}`] : [];
    const isSet = users
      .filter(({ demand }) => demand.setting)
      .flatMap(({ task, at, demand }) => {
        const running = runningAt(task, starts[at], minute).map((start) => [1, name(at, start)]);
        return running.length > 0
          ? [`${sum(running)} - ${settingName(resource, demand.setting, minute)} <= 0`]
          : [];
      });
    return [...capacity, ...isSet, ...changeovers(resource, settings, minute)];
  });
}

function settingsOf(problem, resource) {
  return [
    ...new Set(
      problem.tasks.flatMap((task) =>
        task.demands
          .filter((demand) => demand.resource === resource.id)
          .flatMap(({ setting }) => setting ?? []),
      ),
    ),
  ];
}

/** Two settings neither at the same minute nor nearer than the changeover. */
function changeovers(resource, settings, minute) {
  return settings.flatMap((one) =>
    settings
      .filter((other) => other !== one)
      .flatMap((other) =>
        Array.from({ length: (resource.changeoverMinutes ?? 0) + 1 }, (_, gap) => minute + gap)
          .filter((later) => later < 0)
          .map(
            (later) => `${settingName(resource, one, minute)} + ${settingName(resource, other, later)} <= 1`,
          ),
      ),
  );
}
