import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { type ClassPlan, keptSeats, type LocalDateTime, type PlanWarning } from '@fornax/core';
import { call } from '../api/client.js';
import { techniquesQuery } from '../api/queries.js';
import { HandsAtWork } from '../classes/HandsAtWork.js';
import { Spare } from '../classes/Spare.js';
import { useOpenClass } from '../classes/class-context.js';
import type { ClassEdits } from '../api/rows.js';
import { Noted, NoteIt } from '../classes/NoteIt.js';
import { Warnings } from '../parts/Warnings.js';
import { Button } from '../parts/Button.js';
import { addMinutes, daysAhead, minutesBetween } from '../parts/dates.js';
import { DateField, TimeField } from '../parts/DateTimeFields.js';
import { Field } from '../parts/Field.js';
import { lazyPart } from '../parts/lazy-part.js';
import { NumberField } from '../parts/NumberField.js';
import { Quietly, Row } from '../parts/states.js';
import { useSay } from '../parts/toasts.js';
import { Figure } from '../parts/workings.js';
import { VisuallyHidden } from '../theme/visually-hidden.js';
import { KitchenOnTheDay } from './KitchenOnTheDay.js';
import { MenuEditor } from './MenuEditor.js';
import { Room } from './room/Room.js';
import { PersonWaysOut } from './room/WaysOut.js';
import { StopHeading } from '../classes/StopHeading.js';

/** The name of a food out of the whole larder, for findings that another food mends. */
const TakeInstead = lazyPart(() => import('./TakeInstead.js').then((module) => module.TakeInstead));

const Grid = styled.div`
  display: grid;
  /* As many as have room, four at most: a date is never cut off by what stands beside it. */
  grid-template-columns: repeat(auto-fill, minmax(max(7.75rem, calc(25% - 0.75rem)), 1fr));
  gap: 0.75rem 1rem;
  max-width: 53.75rem;
  margin-bottom: 1.5rem;
  > .two {
    grid-column: span 2;
  }
`;
const Section = styled.section`
  margin-top: 1.5rem;
  h2 {
    margin-bottom: 0.5rem;
  }
`;
const Rest = styled.details`
  margin-bottom: 1rem;
  summary {
    margin-bottom: 0.375rem;
    cursor: pointer;
  }
`;
const Actions = styled.span`
  display: inline-flex;
  flex-wrap: wrap;
  vertical-align: middle;
`;
const Marked = styled.p`
  margin-bottom: 0.75rem;
  color: ${({ theme }) => theme.colour.lemonText};
  font-weight: 600;
`;

/** Does this class fit these people, this room and this time? */
export default function SetUpPage() {
  const { view, plan, editor } = useOpenClass();
  useQuery(techniquesQuery);
  const stations = plan.portions.stations;
  return (
    <>
      <StopHeading stop="Set up" sheet="set up">
        Set up
      </StopHeading>
      <Quietly>
        <Figure
          id="stations"
          workings={stations.workings}
          text={`${stations.sizes.length} stations of ${[...new Set(stations.sizes)].join(' and ')}`}
        />
        {' · '}
        <Figure
          id="used"
          workings={plan.timeline.usedWorkings}
          text={`${plan.timeline.usedMinutes} of ${plan.timeline.classMinutes} class minutes used`}
        />
        <Spare />
        <HandsAtWork timeline={plan.timeline} />
        <FoodAHead plan={plan} />
      </Quietly>
      <Section>
        <Findings plan={plan} />
        <Noted />
      </Section>
      {daysAhead(view.startsAt) < 0 ? <Marked>This date is in the past.</Marked> : null}
      <ClassFields view={view} editor={editor} />
      <Section>
        <Room />
      </Section>
      <Section>
        <MenuEditor />
      </Section>
      <Section>
        <DeleteClass />
      </Section>
    </>
  );
}

/** More findings than these are folded away. */
const mostShown = 4;
const order = ['harm', 'clash', 'look'];

/** What the checks found about the people and the dishes, the worst first. */
function Findings({ plan }: { plan: ClassPlan }) {
  const found = plan.warnings
    .filter((warning) => warning.place === 'people' || ['overrun', 'prepared'].includes(warning.id))
    .sort((a, b) => order.indexOf(a.level) - order.indexOf(b.level));
  const action = (warning: PlanWarning) => (
    <Actions>
      <PersonWaysOut warning={warning} />
      {warning.swap ? <TakeInstead warning={warning} /> : null}
      <NoteIt warning={warning} />
    </Actions>
  );
  const rest = found.slice(mostShown);
  return (
    <>
      <VisuallyHidden role="status">
        {found.length === 0
          ? 'Nothing to decide about people and dishes.'
          : `${found.length} to decide: ${found[0]!.sentence}.`}
      </VisuallyHidden>
      <Warnings warnings={found.slice(0, mostShown)} action={action} />
      {rest.length > 0 ? (
        <Rest>
          <summary>{rest.length} more to look at</summary>
          <Warnings warnings={rest} action={action} />
        </Rest>
      ) : null}
    </>
  );
}

function ClassFields({ view, editor }: Pick<ReturnType<typeof useOpenClass>, 'view' | 'editor'>) {
  const [title, setTitle] = useState<string | null>(null);
  const { problems, edit } = editor;
  const date = view.startsAt.slice(0, 10);
  const start = view.startsAt.slice(11);
  const end = addMinutes(view.startsAt, view.lengthMinutes).slice(11, 16);
  const number = (field: 'assistants' | 'demonstrationPlates') => ({
    value: view[field],
    problem: problems[field],
    onChange: (value: number) => edit({ [field]: value } as Partial<ClassEdits>),
  });
  const size = useSizes({ view, editor });
  return (
    <Grid>
      <div className="two">
        <Field
          label="Title"
          value={title ?? view.title}
          onChange={(value) => {
            setTitle(value);
            edit({ title: value });
          }}
          onBlur={() => problems.title || setTitle(null)}
          problem={problems.title}
        />
      </div>
      <div className="two">
        <Field
          label="Place"
          value={view.place}
          onChange={(place) => edit({ place })}
          problem={problems.place}
        />
      </div>
      <DateField
        label="Date"
        value={date}
        onChange={(value) => edit({ startsAt: startAt(value, start) })}
        problem={problems.startsAt}
      />
      <TimeField
        label="Starts"
        value={start}
        onChange={(value) => edit({ startsAt: startAt(date, value) })}
      />
      <EndField
        end={end}
        onEnd={(value) => edit({ lengthMinutes: minutesBetween(start, value) })}
        problem={problems.lengthMinutes}
      />
      <NumberField label="People" {...size('people')} />
      <NumberField label="Max. per station" {...size('peoplePerStation')} />
      <NumberField label="Assistants" {...number('assistants')} />
      <NumberField label="Demo portions" {...number('demonstrationPlates')} />
      <KitchenOnTheDay />
    </Grid>
  );
}

/** People, and how many stand together: never fewer than are named. */
function useSizes({
  view,
  editor: { problems, edit },
}: Pick<ReturnType<typeof useOpenClass>, 'view' | 'editor'>) {
  const [tooFew, setTooFew] = useState<string>();
  // Whoever stood at a station that is gone is placed again; all others stay.
  return (field: 'people' | 'peoplePerStation') => ({
    value: view[field],
    problem: problems[field] ?? (field === 'people' ? tooFew : undefined),
    onChange: (value: number) => {
      const isTooFew = field === 'people' && value < view.roster.length;
      setTooFew(isTooFew ? `${view.roster.length} people are named: remove some first.` : undefined);
      if (isTooFew) return;
      const room = { ...view, [field]: value };
      edit({ [field]: value, ...(view.roster.length > 0 ? { roster: keptSeats(room) } : {}) });
    },
  });
}

/** Keeps an end that is refused in its field, with the sentence below it. */
function EndField({
  end,
  onEnd,
  problem,
}: {
  end: string;
  onEnd: (value: string) => void;
  problem: string | undefined;
}) {
  const [typed, setTyped] = useState(end);
  return (
    <TimeField
      label="Ends"
      value={problem ? typed : end}
      onChange={(value) => {
        setTyped(value);
        onEnd(value);
      }}
      problem={problem}
    />
  );
}

function DeleteClass() {
  const { view } = useOpenClass();
  const navigate = useNavigate();
  const client = useQueryClient();
  const say = useSay();
  const refresh = () => client.invalidateQueries({ queryKey: ['classes'] });
  const restore = async () => {
    await call(`/classes/${view.id}/restore`, { method: 'POST' });
    await refresh();
    void navigate(`/classes/${view.id}/set-up`);
  };
  const remove = async () => {
    await call(`/classes/${view.id}`, { method: 'DELETE' });
    await refresh();
    void navigate('/classes');
    say(`“${view.title}” was deleted.`, { label: 'Undo', run: () => void restore() });
  };
  return (
    <Row>
      <Button look="harm" onPress={() => void remove().catch((error: Error) => say(error.message))}>
        Delete this class
      </Button>
    </Row>
  );
}

/** A date and a time as they are typed; the contract says whether they are one. */
const startAt = (date: string, time: string) => `${date}T${time}` as LocalDateTime;

/** How much there is to eat for each. */
function FoodAHead({ plan: { foodAHead: food } }: { plan: ClassPlan }) {
  if (food.grams === 0) return null;
  return (
    <>
      <br />
      <Figure id="food" workings={food.workings} text={`About ${food.grams} g of food a head`} />
      {`, ${food.enough[0]}–${food.enough[1]} g are usual for a ${food.meal}`}
    </>
  );
}
