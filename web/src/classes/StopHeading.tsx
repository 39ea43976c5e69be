import type { ReactNode } from 'react';
import { capital } from '@fornax/core';
import { showDateInYear, showTimes } from '../parts/dates.js';
import { PageHeading } from '../parts/page.js';
import { useOpenClass } from './class-context.js';

interface StopHeadingProps {
  /** Name of the stop, as the path has it. */
  stop: string;
  /** What is printed of it, "shopping list". */
  sheet: string;
  children: ReactNode;
}

/** The heading of one page of a class. */
export function StopHeading({ stop, sheet, children }: StopHeadingProps) {
  const { view } = useOpenClass();
  const when = `${showDateInYear(view.startsAt)}, ${showTimes(view.startsAt, view.lengthMinutes)}`;
  return (
    <PageHeading
      level={2}
      names={[stop, view.title]}
      sheet={`${view.title}, ${sheet}`}
      head={[capital(sheet), view.title, when, `${view.people} people`].join(' · ')}
    >
      {children}
    </PageHeading>
  );
}
