import { useState } from 'react';
import { parseDate, parseTime, type CalendarDate } from '@internationalized/date';
import {
  Button,
  Calendar,
  CalendarCell,
  CalendarGrid,
  CalendarGridBody,
  CalendarGridHeader,
  CalendarHeaderCell,
  DateInput,
  DatePicker,
  DateSegment,
  Dialog,
  Group,
  Heading,
  Popover,
  TimeField as AriaTimeField,
} from 'react-aria-components';
import { CalendarDays, ChevronLeft, ChevronRight, X } from 'lucide-react';
import styled, { css } from 'styled-components';
import { box, Hint, Sentence, StyledLabel } from './Field.js';

const Segments = styled(DateInput)`
  flex: 1;
  display: flex;
  align-items: center;
  min-height: 1.375rem;
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
`;
const Segment = styled(DateSegment)`
  padding: 0 2px;
  border-radius: 2px;
  outline: none;
  caret-color: transparent;
  &[data-type='literal'] {
    padding: 0;
  }
  &[data-placeholder] {
    color: ${({ theme }) => theme.colour.quiet};
  }
  &[data-focused] {
    background: ${({ theme }) => theme.colour.basil};
    color: #fff;
  }
`;
const framed = css`
  ${box} display: flex;
  align-items: center;
  gap: 0.25rem;
  &[data-focus-within] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
  }
`;
const DateBox = styled(Group)`
  ${framed}
`;
const TimeBox = styled(Segments)`
  ${framed} gap: 0;
`;
const Opener = styled(Button)`
  display: flex;
  align-items: center;
  justify-content: center;
  width: 1.625rem;
  height: 1.375rem;
  margin-right: -0.3125rem;
  border: 0;
  border-radius: ${({ theme }) => theme.radius};
  background: transparent;
  color: ${({ theme }) => theme.colour.quiet};
  cursor: pointer;
  &[data-hovered] {
    color: ${({ theme }) => theme.colour.ink};
  }
  &[data-focus-visible] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
  }
  &[data-disabled] {
    opacity: 0.4;
  }
  @media (pointer: coarse) {
    width: 2.75rem;
    height: 2.75rem;
  }
`;
const Floating = styled(Popover)`
  padding: 0.75rem;
  background: ${({ theme }) => theme.colour.sheet};
  border: 1px solid ${({ theme }) => theme.colour.hairline};
  border-radius: ${({ theme }) => theme.radius};
  box-shadow: 0 6px 20px rgb(24 35 30 / 16%);
`;
const Month = styled(Calendar)`
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    margin-bottom: 0.5rem;
  }
  h2 {
    font-size: ${({ theme }) => theme.size.lead};
  }
  th {
    padding: 0.25rem;
    font-weight: 400;
    font-size: ${({ theme }) => theme.size.small};
    color: ${({ theme }) => theme.colour.quiet};
  }
  td {
    padding: 1px;
  }
`;
const Day = styled(CalendarCell)`
  display: flex;
  align-items: center;
  justify-content: center;
  width: 2.125rem;
  height: 2rem;
  border-radius: ${({ theme }) => theme.radius};
  cursor: pointer;
  outline: none;
  font-variant-numeric: tabular-nums;
  &[data-hovered] {
    background: ${({ theme }) => theme.colour.basilPale};
  }
  &[data-selected] {
    background: ${({ theme }) => theme.colour.basil};
    color: #fff;
  }
  &[data-outside-month] {
    visibility: hidden;
  }
  &[data-focus-visible] {
    box-shadow:
      0 0 0 2px ${({ theme }) => theme.colour.sheet},
      0 0 0 4px ${({ theme }) => theme.colour.basil};
  }
`;

interface TextValueProps {
  label: string;
  /** "2026-11-27" or "18:30". */
  value: string;
  onChange: (value: string) => void;
  problem?: string;
}

/** A year that is still being typed reaches through the first centuries; no class is held in them. */
const earliestYear = 1900;

/**
 * A date in the reader's order of day and month, typed or chosen from a calendar. With `whenEmpty` it may be
 * left out, and that sentence stands below it then.
 */
export function DateField({
  label,
  value,
  onChange,
  problem,
  whenEmpty,
}: TextValueProps & { whenEmpty?: string }) {
  const [isPartial, setPartial] = useState(false);
  const change = (date: CalendarDate | null) => {
    setPartial(date === null && whenEmpty === undefined);
    if (date === null && whenEmpty !== undefined) onChange('');
    if (date && date.year >= earliestYear) onChange(date.toString());
  };
  const sentence = isPartial ? 'Write a day, a month and a year.' : problem;
  return (
    <DatePicker
      value={dateOf(value)}
      onChange={change}
      isInvalid={Boolean(sentence)}
      shouldForceLeadingZeros
      granularity="day"
      validationBehavior="aria"
    >
      <StyledLabel>{label}</StyledLabel>
      <DateBox>
        <Segments>{(segment) => <Segment segment={segment} />}</Segments>
        {whenEmpty !== undefined && value !== '' ? (
          <Opener slot={null} aria-label={`Clear: ${label}`} onPress={() => onChange('')}>
            <X size={15} aria-hidden />
          </Opener>
        ) : null}
        <Opener>
          <CalendarDays size={15} aria-hidden />
        </Opener>
      </DateBox>
      {whenEmpty !== undefined && value === '' ? <Hint slot="description">{whenEmpty}</Hint> : null}
      <Sentence>{sentence}</Sentence>
      <MonthToChoose />
    </DatePicker>
  );
}

function MonthToChoose() {
  return (
    <Floating>
      <Dialog>
        <Month firstDayOfWeek="mon">
          <header>
            <Opener slot="previous">
              <ChevronLeft size={16} aria-hidden />
            </Opener>
            <Heading level={2} />
            <Opener slot="next">
              <ChevronRight size={16} aria-hidden />
            </Opener>
          </header>
          <CalendarGrid weekdayStyle="short">
            <CalendarGridHeader>{(day) => <CalendarHeaderCell>{day}</CalendarHeaderCell>}</CalendarGridHeader>
            <CalendarGridBody>{(date) => <Day date={date} />}</CalendarGridBody>
          </CalendarGrid>
        </Month>
      </Dialog>
    </Floating>
  );
}

function dateOf(value: string): CalendarDate | null {
  return /^\d{4}-\d{2}-\d{2}$/.test(value) ? parseDate(value) : null;
}

/** A time of day in hours and minutes. */
export function TimeField({ label, value, onChange, problem }: TextValueProps) {
  const [isPartial, setPartial] = useState(false);
  const sentence = isPartial ? 'Write hours and minutes.' : problem;
  return (
    <AriaTimeField
      value={/^\d{2}:\d{2}$/.test(value) ? parseTime(value) : null}
      isInvalid={Boolean(sentence)}
      hourCycle={24}
      shouldForceLeadingZeros
      validationBehavior="aria"
      onChange={(time) => {
        setPartial(time === null);
        if (time) onChange(time.toString().slice(0, 5));
      }}
    >
      <StyledLabel>{label}</StyledLabel>
      <TimeBox>{(segment) => <Segment segment={segment} />}</TimeBox>
      <Sentence>{sentence}</Sentence>
    </AriaTimeField>
  );
}
