import { useState, type ReactNode } from 'react';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import type { ClassSummary, CourseView } from '@fornax/contract';
import { Link } from 'react-router';
import styled from 'styled-components';
import { showDate } from '@fornax/core';
import { classPagesQuery, coursesQuery } from '../api/queries.js';
import { Button } from '../parts/Button.js';
import { lazyPart } from '../parts/lazy-part.js';
import { countdown, isOver, showDateInYear, showTimes } from '../parts/dates.js';
import { Empty, Failed, Loading, Quietly, Row, Sheet } from '../parts/states.js';
import { JobsOfDays } from './JobsOfDays.js';
import { linksAreOneStop } from '../parts/one-stop.js';
import { PageHeading } from '../parts/page.js';
import { Due, RuledList } from '../parts/kit.js';

/** The form with its calendar comes when it is first asked for. */
const NewClass = lazyPart(() => import('./NewClass.js').then((module) => module.NewClass));

const Head = styled(Row)`
  justify-content: space-between;
  margin-bottom: 1rem;
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 21.25rem;
  gap: 1.5rem 3rem;
  align-items: start;
  @media (max-width: 62.5em) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Item = styled.li`
  display: grid;
  grid-template-columns: 9.375rem minmax(0, 1fr) 10.625rem;
  gap: 0.25rem 1.5rem;
  padding: 0.875rem 0;
  border-bottom: 1px solid ${({ theme }) => theme.colour.hairline};
  h2 {
    font-size: ${({ theme }) => theme.size.lead};
    line-height: 1.375rem;
  }
  h2 a {
    color: inherit;
    text-decoration: none;
    &:hover {
      text-decoration: underline;
    }
  }
  @media (max-width: 43.75em) {
    grid-template-columns: 1fr;
  }
`;
const When = styled.div`
  font-variant-numeric: tabular-nums;
`;
const Job = styled.p`
  margin-top: 0.25rem;
  strong {
    color: ${({ theme }) => theme.colour.emberText};
  }
`;
const Decide = styled.div`
  text-align: right;
  color: ${({ theme }) => theme.colour.lemonText};
  font-weight: 600;
  @media (max-width: 43.75em) {
    text-align: left;
  }
`;
const Ready = styled(Decide)`
  color: ${({ theme }) => theme.colour.basil};
`;
const Planning = styled(Decide)`
  color: ${({ theme }) => theme.colour.quiet};
  font-weight: 400;
`;
const Past = styled.section`
  margin-top: 2rem;
  > h2 {
    margin-bottom: 0.5rem;
  }
`;

const Earlier = styled.div`
  margin-top: 1rem;
`;

/** What must be done today, and for which class. */
export function ClassesPage() {
  const { data, error, refetch, hasNextPage, isFetchingNextPage, fetchNextPage } =
    useInfiniteQuery(classPagesQuery);
  const classes = data && [...data.pages].reverse().flatMap(({ rows }) => rows);
  const { data: courses = [] } = useQuery(coursesQuery);
  const [isMaking, setMaking] = useState(false);
  const [wasAsked, setAsked] = useState(false);
  const coming = (classes ?? []).filter((each) => !isOver(each.startsAt, each.lengthMinutes, each.zone));
  const past = (classes ?? []).filter((each) => !coming.includes(each)).reverse();
  return (
    <Sheet>
      <Head>
        <PageHeading names={['Classes']}>Classes</PageHeading>
        <Button
          look="act"
          onPress={() => {
            setAsked(true);
            setMaking(true);
          }}
        >
          New class
        </Button>
      </Head>
      {error && !classes ? <Failed error={error} onRetry={() => void refetch()} /> : null}
      {!classes && !error ? <Loading what="the classes" /> : null}
      {classes && coming.length === 0 ? (
        <Empty title="No classes ahead">
          Make one with a title, a day and the people you expect. Then choose dishes, and everything else is
          worked out.
        </Empty>
      ) : null}
      {coming.length > 0 ? <ComingClasses coming={coming} courses={courses} /> : null}
      {past.length > 0 ? (
        <PastClasses
          past={past}
          courses={courses}
          earlier={
            hasNextPage ? (
              <Button isDisabled={isFetchingNextPage} onPress={() => void fetchNextPage()}>
                {isFetchingNextPage ? 'Loading earlier classes …' : 'Show earlier classes'}
              </Button>
            ) : null
          }
        />
      ) : null}
      {wasAsked ? <NewClass isOpen={isMaking} onClose={() => setMaking(false)} /> : null}
    </Sheet>
  );
}

interface ComingProps {
  coming: readonly ClassSummary[];
  courses: readonly CourseView[];
}

function ComingClasses({ coming, courses }: ComingProps) {
  return (
    <Columns>
      <RuledList aria-label="Coming classes" ref={linksAreOneStop}>
        {coming.map((each) => (
          <ClassItem key={each.id} item={each} courses={courses} />
        ))}
      </RuledList>
      <JobsOfDays classes={coming} />
    </Columns>
  );
}

function PastClasses({
  past,
  courses,
  earlier,
}: {
  past: readonly ClassSummary[];
  courses: readonly CourseView[];
  earlier: ReactNode;
}) {
  return (
    <Past>
      <h2>Past</h2>
      <RuledList aria-label="Past classes" ref={linksAreOneStop}>
        {past.map((each) => (
          <ClassItem key={each.id} item={each} courses={courses} />
        ))}
      </RuledList>
      <Earlier>{earlier}</Earlier>
    </Past>
  );
}

function ClassItem({ item, courses }: { item: ClassSummary; courses: readonly CourseView[] }) {
  const course = courses.find(({ id }) => id === item.courseId);
  const over = isOver(item.startsAt, item.lengthMinutes, item.zone);
  return (
    <Item>
      <When>
        <div>{showDateInYear(item.startsAt)}</div>
        <Quietly>{showTimes(item.startsAt, item.lengthMinutes)}</Quietly>
        <div>
          {over ? <Quietly>{countdown(item.startsAt)}</Quietly> : <Due>{countdown(item.startsAt)}</Due>}
        </div>
      </When>
      <div>
        <h2>
          <Link to={`/classes/${item.id}`}>{item.title}</Link>
        </h2>
        <Quietly>
          {item.people} people, {item.stations} stations{course ? ` · ${course.title}` : ''}
        </Quietly>
        <p>{item.dishes.join(' · ')}</p>
        {item.nextJob && item.nextJob.kind !== 'class' ? (
          <Job>
            Next: {item.nextJob.title}{' '}
            <strong>
              {showDate(item.nextJob.localDate)}, {item.nextJob.localTime}
            </strong>
          </Job>
        ) : null}
      </div>
      {over ? <span /> : <Readiness item={item} />}
    </Item>
  );
}

function Readiness({ item }: { item: ClassSummary }) {
  if (item.dishes.length === 0) return <Decide>choose dishes</Decide>;
  if (item.toDecide === null) return <Planning>{item.isBeingPlanned ? 'being planned' : ''}</Planning>;
  return item.toDecide > 0 ? <Decide>{item.toDecide} to decide</Decide> : <Ready>planned</Ready>;
}
