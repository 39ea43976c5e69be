import styled from 'styled-components';
import {
  type DishId,
  isMadeByStudents,
  isOfStep,
  levelKeys,
  levelOf,
  type RecipeStep,
  stepKey,
  type StepKey,
  stepKeyOf,
  type TechniqueLevel,
  techniqueLevels,
  type TimelineEntry,
} from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { useDecisions } from '../classes/useDecisions.js';
import { Choice } from '../parts/Choice.js';

const Rows = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 0.75rem;
  > div {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    white-space: nowrap;
  }
`;

/** Whether a step is shown before students do it, for how long, with what else, and how well they know it. */
export function Demonstration({ entry }: { entry: TimelineEntry }) {
  const { bundle } = useOpenClass();
  const { ref } = entry;
  if (!isOfStep(ref) || ref.ofSwap || entry.start < 0) return null;
  const dish = bundle.class.dishes.find(({ id }) => id === ref.dishId);
  const step = dish?.recipe.steps.find(({ id }) => id === ref.stepId);
  if (!dish || !step || !isMadeByStudents(dish.maker)) return null;
  if (entry.kind !== 'students' && entry.kind !== 'demonstration') return null;
  return (
    <Rows>
      <ShownFor step={stepKey(dish.id, step.id)} />
      <ShownWith step={stepKey(dish.id, step.id)} />
      <Levels dishId={dish.id} step={step} />
    </Rows>
  );
}

const asPlanned = 'as planned';
const alone = 'alone';
const minutesOffered = [0, 2, 3, 4, 5, 6, 8, 10, 15] as const;

function without<T>(record: Readonly<Record<StepKey, T>>, step: StepKey): Record<StepKey, T> {
  return Object.fromEntries(Object.entries(record).filter(([key]) => key !== step));
}

/** Demonstrations on the clock. */
function useShown(): readonly { readonly key: StepKey; readonly title: string; readonly minutes: number }[] {
  const { plan } = useOpenClass();
  return (plan?.timeline.clock ?? []).flatMap(({ ref, title, start, end }) => {
    const key = ref.role === 'shown' ? stepKeyOf(ref) : null;
    return key === null ? [] : [{ key, title, minutes: end - start }];
  });
}

function ShownFor({ step }: { step: StepKey }) {
  const { decisions, decide } = useDecisions();
  const own = useShown().find(({ key }) => key === step);
  const decided = decisions.shown[step];
  const now = decided === undefined ? (own ? ` (${own.minutes} min)` : ' (not shown)') : '';
  const show = (minutes: string) =>
    minutes === asPlanned
      ? decide({ shown: without(decisions.shown, step) }, 'It is shown as the plan sees fit.')
      : decide(
          {
            shown: { ...decisions.shown, [step]: Number(minutes) },
            ...(minutes === '0' ? { shownWith: without(decisions.shownWith, step) } : {}),
          },
          minutes === '0' ? 'It is not shown.' : `It is shown for ${minutes} min.`,
        );
  return (
    <Choice
      label="Shown"
      value={decided === undefined ? asPlanned : String(decided)}
      onChange={show}
      options={[
        { id: asPlanned, name: `as planned${now}` },
        ...[...new Set([...minutesOffered, ...(decided === undefined ? [] : [decided])])].map((minutes) => ({
          id: String(minutes),
          name: minutes === 0 ? 'not shown' : `for ${minutes} min`,
        })),
      ]}
    />
  );
}

/** Two steps can be shown in one demonstration. */
function ShownWith({ step }: { step: StepKey }) {
  const { decisions, decide } = useDecisions();
  const host = decisions.shownWith[step];
  const others = useShown().filter(({ key }) => key !== step);
  if (others.length === 0 && host === undefined) return null;
  const hostTitle = others.find(({ key }) => key === host)?.title ?? 'another step';
  return (
    <Choice
      label="Together with"
      value={host ?? alone}
      onChange={(key) =>
        key === alone
          ? decide({ shownWith: without(decisions.shownWith, step) }, 'It is shown by itself.')
          : decide(
              { shownWith: { ...without(decisions.shownWith, key as StepKey), [step]: key as StepKey } },
              'They are shown together.',
            )
      }
      options={[
        { id: alone, name: 'nothing else' },
        ...(host && !others.some(({ key }) => key === host) ? [{ id: host, name: hostTitle }] : []),
        ...others.map(({ key, title }) => ({ id: key, name: title.replace('Show: ', '') })),
      ]}
    />
  );
}

const words: Readonly<Record<TechniqueLevel, string>> = {
  new: 'new to the class',
  practised: 'practised before',
  known: 'known to all',
};

function Levels({ dishId, step }: { dishId: DishId; step: RecipeStep }) {
  const { bundle } = useOpenClass();
  const { decisions, decide } = useDecisions();
  return (
    <Choice
      label="For the class"
      value={levelOf(dishId, step, bundle.class)}
      onChange={(level) =>
        decide(
          {
            levels: {
              ...decisions.levels,
              ...Object.fromEntries(levelKeys(dishId, step).map((key) => [key, level])),
            },
          },
          `It is ${words[level]}.`,
        )
      }
      options={techniqueLevels.map((level) => ({ id: level, name: words[level] }))}
    />
  );
}
